/** Cases that are no more, and what is kept of them. */
import type { Gone } from '../core/casefile/states';
import { caseTables, deleteRows } from './caseRows';
import { db, type AgrologosDb } from './db';
import { leaving, namesIn } from './history';
import { changeLines } from './lines';
import { valueAt } from './patch';

/** Deleted cases can be brought back for this long. */
const KEPT_AFTER_DELETION_MS = 30 * 86_400_000;

/** What is kept of deleted cases, so that another desk can be told that they are no more. */
export async function goneOf(base: AgrologosDb, ids: readonly string[]): Promise<Gone[]> {
  const rows = await base.cases.bulkGet([...ids]);
  const states = await leaving(base, ids);
  return rows.flatMap((row) => {
    if (!row) return [];
    const { id, deletedAt, deletedBy = '', doc } = row;
    const known = states.get(id) ?? [];
    const title = valueAt(doc, 'title');
    return [
      {
        id,
        title: typeof title === 'string' ? title : '',
        at: deletedAt,
        by: deletedBy,
        states: [...namesIn(known)],
      },
    ];
  });
}

/** Removes for good what was deleted more than 30 days ago. */
export async function purgeDeleted(now: number, base = db): Promise<void> {
  const tables = [...caseTables(base), base.deskLines, base.gone];
  await base.transaction('rw', tables, async () => {
    const old = base.cases.where('deletedAt').between(1, now - KEPT_AFTER_DELETION_MS);
    const ids = await old.primaryKeys();
    const gone = await goneOf(base, ids);
    await base.gone.bulkPut(gone.map((each) => ({ ...each, archived: false })));
    await deleteRows(base, ids);
    await changeLines(base, ids, () => undefined);
  });
}
