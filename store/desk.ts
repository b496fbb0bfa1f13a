import { INDEX_VERSION, type CaseIndexRow } from '../core/plan/deskLine';
import { isDemo } from '../core/casefile/demo';
import { db, type AgrologosDb } from './db';
import { whoIsHere } from './who';
import { caseTables } from './caseRows';
import { changeLines, LineReader } from './lines';

async function mark(id: string, deletedAt: number, base: AgrologosDb): Promise<void> {
  await base.transaction('rw', [...caseTables(base), base.deskLines], async () => {
    await base.cases.update(id, { deletedAt, deletedBy: whoIsHere() });
    await changeLines(base, [id], (line) => ({ ...line, deletedAt }));
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

/** Whether there is anything to list. */
export async function hasCases(base = db): Promise<boolean> {
  return (await base.cases.limit(1).primaryKeys()).length > 0;
}

/** What the Desk lists. */
export interface Listed {
  readonly standing: CaseIndexRow[];
  readonly deleted: CaseIndexRow[];
  /** Some lines are an older version's or missing, and are being made anew. */
  readonly outdated: boolean;
}

/**
 * The Desk's lines: those that stand on it, the last changed first, and the deleted ones.
 * @param reader what has read them before, so that it reads only what has changed
 */
export async function listCases(base = db, reader = new LineReader()): Promise<Listed> {
  const [all, stored] = await Promise.all([reader.read(base), base.cases.count()]);
  all.sort((a, b) => b.changedAt - a.changedAt);
  const rows = all.filter(({ version }) => version === INDEX_VERSION);
  return {
    standing: rows.filter(({ deletedAt }) => deletedAt === 0),
    deleted: rows.filter(({ deletedAt }) => deletedAt > 0),
    outdated: rows.length < Math.max(all.length, stored),
  };
}

/** Takes all demo cases off the Desk together, or with a `deletedAt` of 0 puts them back. */
export async function markDemo(deletedAt: number, base = db): Promise<void> {
  await base.transaction('rw', [...caseTables(base), base.deskLines], async () => {
    const ids = (await base.cases.toCollection().primaryKeys()).filter(isDemo);
    for (const id of ids) await base.cases.update(id, { deletedAt });
    await changeLines(base, ids, (line) => ({ ...line, deletedAt }));
  });
}
