import { db, INDEX_VERSION, type AgrologosDb, type CaseIndexRow } from './db';

/** Deleted cases can be brought back for this long. */
const KEPT_AFTER_DELETION_MS = 30 * 86_400_000;

async function mark(id: string, deletedAt: number, base: AgrologosDb): Promise<void> {
  await base.transaction('rw', base.cases, base.caseIndex, async () => {
    await base.cases.update(id, { deletedAt });
    await base.caseIndex.update(id, { deletedAt });
  });
}

/** Takes a case off the Desk; it can be restored for 30 days. */
export function deleteCase(id: string, now: number, base = db): Promise<void> {
  return mark(id, now, base);
}

/** Puts a deleted case back on the Desk. */
export function restoreCase(id: string, base = db): Promise<void> {
  return mark(id, 0, base);
}

/** Removes for good what was deleted more than 30 days ago. */
export async function purgeDeleted(now: number, base = db): Promise<void> {
  await base.transaction('rw', base.cases, base.caseIndex, async () => {
    const old = (at: number): boolean => at > 0 && at < now - KEPT_AFTER_DELETION_MS;
    const ids = (await base.caseIndex.where('deletedAt').above(0).toArray())
      .filter(({ deletedAt }) => old(deletedAt))
      .map(({ id }) => id);
    await base.cases.bulkDelete(ids);
    await base.caseIndex.bulkDelete(ids);
  });
}

/** Whether there is anything to list. */
export async function hasLines(base = db): Promise<boolean> {
  return (await base.caseIndex.limit(1).primaryKeys()).length > 0;
}

/** What the Desk lists. */
export interface Listed {
  readonly standing: CaseIndexRow[];
  readonly deleted: CaseIndexRow[];
  /** Some lines are an older version's, and are being made anew. */
  readonly outdated: boolean;
}

/** The Desk's lines: those that stand on it, the last changed first, and the deleted ones. */
export async function listCases(base = db): Promise<Listed> {
  // Read in one go and sorted here: walking an index backwards takes several times as long.
  const all = await base.caseIndex.toArray();
  all.sort((a, b) => b.changedAt - a.changedAt);
  const rows = all.filter(({ version }) => version === INDEX_VERSION);
  return {
    standing: rows.filter(({ deletedAt }) => deletedAt === 0),
    deleted: rows.filter(({ deletedAt }) => deletedAt > 0),
    outdated: rows.length < all.length,
  };
}
