/** The way back from whatever brings cases in or takes them off the Desk: all of it or nothing. */
import type { CaseIndexRow } from '../core/plan/deskLine';
import { caseTables, deleteRows, putRows, readRows, type CaseRow } from './caseRows';
import { ChangedMeanwhile } from './changedMeanwhile';
import { db, type AgrologosDb, type GoneRow, type Revision } from './db';
import { revisionsByCase } from './history';
import { allLines, changeLines, putLines } from './lines';

/** The tables of whatever comes in or goes away with its records. */
export function tablesOf(base: AgrologosDb) {
  const { deskLines, gone, packs, materials, settings } = base;
  return [...caseTables(base), deskLines, gone, packs, materials, settings];
}

/** What lay here of a case before something was taken in. */
export interface Before {
  readonly id: string;
  readonly row: CaseRow | undefined;
  readonly line: CaseIndexRow | undefined;
  readonly revisions: readonly Revision[];
  readonly gone: GoneRow | undefined;
  /** What lies here since; nothing where it was put away. */
  readonly rev: number | undefined;
}

/** What lay here before, for `takeBackIn`. */
export interface WayBack {
  readonly before: readonly Before[];
}

/** What lies here of cases, before it is changed. Within a transaction of the caller. */
export async function lyingBefore(
  base: AgrologosDb,
  ids: readonly string[],
): Promise<Omit<Before, 'rev'>[]> {
  const rows = await readRows(base, ids);
  const lines = new Map((await allLines(base)).map((line) => [line.id, line]));
  const revisions = await revisionsByCase(base, ids);
  const gone = await base.gone.bulkGet([...ids]);
  return ids.map((id, at) => ({
    id,
    row: rows[at],
    line: lines.get(id),
    revisions: revisions.get(id) ?? [],
    gone: gone[at],
  }));
}

/**
 * Takes back what was taken in, all of it, or nothing where anything of it was changed since.
 * @param also takes back what else the file brought, in the same transaction
 * @throws ChangedMeanwhile
 */
export async function takeBackIn(
  { before }: WayBack,
  base = db,
  also: () => Promise<void> = () => Promise.resolve(),
): Promise<void> {
  await base.transaction('rw', tablesOf(base), async () => {
    const present = await readRows(
      base,
      before.map(({ id }) => id),
    );
    if (before.some(({ rev }, at) => present[at]?.rev !== rev)) throw new ChangedMeanwhile();
    const added = before.filter(({ row }) => !row).map(({ id }) => id);
    await deleteRows(base, added);
    await changeLines(base, added, () => undefined);
    // Whoever has it open follows what is newer only.
    const rows = before.flatMap(({ row, rev }) =>
      row ? { ...row, rev: (rev ?? row.rev) + 1 } : [],
    );
    await putRows(base, rows);
    await putLines(
      base,
      before.flatMap(({ line }) => line ?? []),
    );
    const ids = before.map(({ id }) => id);
    await base.revisions.where('caseId').anyOf(ids).delete();
    await base.revisions.bulkPut(before.flatMap(({ revisions }) => revisions));
    await base.gone.bulkDelete(ids);
    await base.gone.bulkPut(before.flatMap(({ gone }) => gone ?? []));
    await also();
  });
}
