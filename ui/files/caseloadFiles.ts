import type { CaseFile } from '../../core/casefile/casefile';
import type { Pack } from '../../core/catalog/packs/pack';
import { readCases, writeBackup } from '../../files/caseJson';
import type { LocatedFault } from '../../files/located';
import { allCases, bringIn, type BroughtIn, type Progress } from '../../store/caseload';
import { db } from '../../store/db';
import type { MakeLines } from '../../store/makeLines';
import { askToKeep } from '../../store/persistence';
import { hasOffice, readOffice } from '../../store/office';
import { shedMaterials } from '../../store/materials';
import { housePacks } from '../../store/packs';
import { writeSetting } from '../../store/settings';
import { localDay } from '../format/date';
import { text } from '../format/text';
import { packName } from '../packs/packName';
import { copied } from '../packs/packs';
import { withLineMaker } from '../lines/lineMaker';
import { download } from './download';

/** So many cases are planned on the page before anybody notices. */
const FEW = 10;

type OnProgress = (progress: Progress) => void;

/** Saves the whole caseload as one file; gives how many cases are in it. */
export async function backUp(onProgress: OnProgress): Promise<number> {
  const files: CaseFile[] = [];
  for await (const file of allCases(onProgress)) files.push(file);
  const now = new Date();
  const office = (await hasOffice()) ? await readOffice() : undefined;
  const packs = (await housePacks()).map(({ pack }) => pack);
  const materials = await shedMaterials();
  const kept = {
    ...(office && { office }),
    ...(packs.length > 0 && { packs }),
    ...(materials.length > 0 && { materials }),
  };
  const parts = [...writeBackup(files, now.toISOString(), kept)];
  download(`agrologos-backup-${localDay(now)}.json`, parts, 'application/json');
  await writeSetting('backedUpAt', String(now.getTime()));
  return files.length;
}

export type Imported =
  | { readonly kind: 'in'; readonly what: BroughtIn }
  | { readonly kind: 'refused'; readonly faults: readonly LocatedFault[] }
  | { readonly kind: 'failed' };

/** Brings a case or a backup in; a file with any fault is refused whole. */
export async function importFile(file: File, onProgress: OnProgress): Promise<Imported> {
  const read = readCases(await file.text());
  if (read.kind === 'refused') return read;
  const names = {
    title: (title: string): string => text('desk.copyOf', { title }),
    pack: (pack: Pack): Pack => copied(pack, text('yardsticks.fromFile', { pack: packName(pack) })),
  };
  try {
    const now = Date.now();
    const bring = (makeLines?: MakeLines): Promise<BroughtIn> =>
      bringIn(read, now, names, onProgress, db, makeLines);
    // All or nothing comes in, so that a second attempt on the page can follow where there is no worker.
    const what =
      read.files.length > FEW ? await withLineMaker(bring).catch(() => bring()) : await bring();
    void askToKeep();
    return { kind: 'in', what };
  } catch {
    return { kind: 'failed' };
  }
}
