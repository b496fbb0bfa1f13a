import type { CaseIndexRow } from '../core/plan/deskLine';
import { nanoid } from 'nanoid';
import { withUsedOnly, type CaseFile } from '../core/casefile/casefile';
import { isCase } from '../core/casefile/isCase';
import { migrate } from '../core/casefile/migrations/migrate';
import type { Office } from '../core/casefile/office';
import type { OwnMaterial } from '../core/casefile/parts/material';
import type { Pack } from '../core/catalog/packs/pack';
import { caseTables, putRows, readRows, type CaseRow } from './caseRows';
import { db } from './db';
import { putLines } from './lines';
import { makeLinesHere, type MakeLines } from './makeLines';
import { changeOffice, hasOffice } from './office';
import { bringInMaterials } from './materials';
import { bringInPacks } from './packs';
import { same, type Json } from './patch';

/** How far long work has come. */
export interface Progress {
  readonly done: number;
  readonly total: number;
}

/** What became of cases that were brought in. */
export interface BroughtIn {
  /** New on the Desk. */
  readonly added: number;
  /** Stood there already, just so. */
  readonly unchanged: number;
  /** Lay among the deleted, just so, and stand on the Desk again. */
  readonly restored: number;
  /** Another version stands or lies here; the file's came beside it as a copy. */
  readonly copied: number;
  /** The case to go to, where a single one came in. */
  readonly id: string | undefined;
}

/** So many cases are worked on between two breaths of the page. */
const AT_ONCE = 25;

function breath(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve));
}

/** A document as it leaves: a case with what is named in it; one that is damaged as it is, rather than not at all. */
function leaving(document: unknown): CaseFile {
  return isCase(document) ? withUsedOnly(document) : (document as CaseFile);
}

/** Every case that stands on the Desk, as documents of the present schema. */
export async function* allCases(
  onProgress: (progress: Progress) => void,
  base = db,
): AsyncGenerator<CaseFile> {
  const ids = await base.cases.where('deletedAt').equals(0).primaryKeys();
  for (let at = 0; at < ids.length; at += AT_ONCE) {
    const rows = await readRows(base, ids.slice(at, at + AT_ONCE));
    for (const row of rows) {
      if (!row) continue;
      const migrated = migrate(row.doc);
      yield leaving(migrated.kind === 'document' ? migrated.document : row.doc);
    }
    onProgress({ done: Math.min(at + AT_ONCE, ids.length), total: ids.length });
    await breath();
  }
}

function sameDocument(stored: CaseRow, file: CaseFile): boolean {
  const migrated = migrate(stored.doc);
  if (migrated.kind !== 'document') return false;
  return same(leaving(migrated.document) as unknown as Json, leaving(file) as unknown as Json);
}

/** What a file brings: cases, and of a backup the office and its packs. */
export interface Bringing {
  readonly files: readonly CaseFile[];
  readonly packs?: readonly Pack[];
  readonly materials?: readonly OwnMaterial[];
  readonly office?: Partial<Office>;
}

/** Names for what comes beside something of the same id. */
export interface CopyNames {
  readonly title: (title: string) => string;
  readonly pack: (pack: Pack) => Pack;
}

type Counts = Record<'added' | 'unchanged' | 'restored' | 'copied', number>;

/** Where a case of a file goes: its row and line; none where it stands here just so. */
function arrivalOf(
  file: CaseFile,
  line: CaseIndexRow,
  stored: CaseRow | undefined,
  names: CopyNames,
): { readonly what: keyof Counts; readonly row?: CaseRow; readonly line: CaseIndexRow } {
  const fresh = { rev: 1, schema: file.schema, deletedAt: 0 };
  if (!stored) return { what: 'added', row: { ...fresh, id: file.id, doc: file }, line };
  if (!sameDocument(stored, file)) {
    const doc = { ...file, id: nanoid(12), title: names.title(file.title) };
    const copy = { ...line, id: doc.id, title: doc.title };
    return { what: 'copied', row: { ...fresh, id: doc.id, doc }, line: copy };
  }
  if (stored.deletedAt === 0) return { what: 'unchanged', line };
  return { what: 'restored', row: { ...fresh, id: file.id, rev: stored.rev + 1, doc: file }, line };
}

/**
 * Puts what a file brings into this browser: all of it (cases, packs, office) in one transaction or, where the
 * browser refuses any of it, nothing. Nothing that stands here is overwritten: a case of the same id but other
 * content comes in as a copy, and an office that was decided here stays.
 */
export async function bringIn(
  { files, packs = [], materials = [], office }: Bringing,
  now: number,
  names: CopyNames,
  onProgress: (progress: Progress) => void = () => undefined,
  base = db,
  makeLines: MakeLines = makeLinesHere,
): Promise<BroughtIn> {
  // Lines take a plan each, and a transaction waits for nobody: they are made before it.
  const lines: CaseIndexRow[] = [];
  for (let at = 0; at < files.length; at += AT_ONCE) {
    const documents = files
      .slice(at, at + AT_ONCE)
      .map((file) => ({ id: file.id, document: file, changedAt: now, deletedAt: 0 }));
    lines.push(...(await makeLines(documents)));
    onProgress({ done: Math.min(at + AT_ONCE, files.length), total: files.length });
    await breath();
  }
  const tables = [...caseTables(base), base.deskLines, base.packs, base.materials, base.settings];
  return base.transaction('rw', tables, async () => {
    const stored = await readRows(
      base,
      files.map(({ id }) => id),
    );
    const arrivals = files.flatMap((file, at) => {
      const line = lines[at];
      return line ? [arrivalOf(file, line, stored[at], names)] : [];
    });
    const coming = arrivals.flatMap(({ row, line }) => (row ? [{ row, line }] : []));
    await putRows(
      base,
      coming.map(({ row }) => row),
    );
    await putLines(
      base,
      coming.map(({ line }) => line),
    );
    await bringInPacks(packs, names.pack, base);
    await bringInMaterials(materials, () => nanoid(12), base);
    if (office && !(await hasOffice(base))) await changeOffice(() => office, base);
    const counts: Counts = { added: 0, unchanged: 0, restored: 0, copied: 0 };
    for (const { what } of arrivals) counts[what] += 1;
    const only = files.length === 1 ? (coming[0]?.row.id ?? files[0]?.id) : undefined;
    return { ...counts, id: only };
  });
}
