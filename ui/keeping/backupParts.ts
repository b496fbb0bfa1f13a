import { BACKUP_END, backupCase, backupStart, type KeptBeside } from '../../files/backup';
import type { Progress } from '../../store/breath';
import { allCases, allGone } from '../../store/caseload';
import { db } from '../../store/db';
import { hasOffice, readOffice } from '../../store/office';
import { shedMaterials } from '../../store/materials';
import { readMappings } from '../../store/mappings';
import { housePacks } from '../../store/packs';

async function keptBeside(base: typeof db): Promise<KeptBeside> {
  const office = (await hasOffice(base)) ? await readOffice(base) : undefined;
  const packs = (await housePacks(base)).map(({ pack }) => pack);
  const materials = await shedMaterials(base);
  const gone = await allGone(base);
  const mappings = await readMappings(base);
  return {
    ...(office && { office }),
    ...(packs.length > 0 && { packs }),
    ...(materials.length > 0 && { materials }),
    ...(gone.length > 0 && { gone }),
    ...(Object.keys(mappings).length > 0 && { mappings }),
  };
}

/**
 * The parts of a file of the caseload, with what the office has beside its cases and what was deleted.
 * @param count hears how many cases went out so far
 * @param only ids of the cases that are wanted, in place of all
 */
export async function* backupParts({
  onProgress = () => undefined,
  count = () => undefined,
  only,
  archive = false,
  base = db,
}: {
  readonly onProgress?: (progress: Progress) => void;
  readonly count?: (cases: number) => void;
  readonly only?: readonly string[];
  /** The cases alone, to be put away. */
  readonly archive?: boolean;
  readonly base?: typeof db;
} = {}): AsyncGenerator<string> {
  yield backupStart(new Date().toISOString(), archive ? { archive } : await keptBeside(base));
  let cases = 0;
  for await (const each of allCases(onProgress, base, only)) {
    yield backupCase(each, cases === 0);
    cases += 1;
    count(cases);
  }
  yield BACKUP_END;
}
