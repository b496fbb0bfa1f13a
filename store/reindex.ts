import type { CaseFile } from '../core/casefile/casefile';
import { migrate } from '../core/casefile/migrations/migrate';
import { db, INDEX_VERSION, type CaseIndexRow, type CaseRow } from './db';
import { indexRow, unreadableRow } from './indexRow';
import { allLines, putLines } from './lines';

/** So many lines are made anew in one transaction. */
const AT_ONCE = 50;

/** The line of a stored case, whatever it is: one that this version cannot read has a line that says so. */
function lineOf({ id, doc, deletedAt }: CaseRow, changedAt: number): CaseIndexRow {
  const unreadable = (): CaseIndexRow => unreadableRow(id, doc, { changedAt, deletedAt });
  try {
    const migrated = migrate(doc);
    return migrated.kind === 'document'
      ? indexRow(migrated.document as unknown as CaseFile, changedAt, deletedAt)
      : unreadable();
  } catch {
    return unreadable();
  }
}

/**
 * Makes the Desk's lines anew that an older version of the program wrote, and those of stored cases that have
 * none. One case that cannot be read hides no other.
 */
export async function reindexOld(base = db): Promise<void> {
  const lines = await allLines(base);
  const present = new Set(
    lines.filter(({ version }) => version === INDEX_VERSION).map(({ id }) => id),
  );
  const changed = new Map(lines.map(({ id, changedAt }) => [id, changedAt]));
  const ids = (await base.cases.toCollection().primaryKeys()).filter((id) => !present.has(id));
  for (let at = 0; at < ids.length; at += AT_ONCE) {
    await base.transaction('rw', base.cases, base.deskLines, async () => {
      const rows = await base.cases.bulkGet(ids.slice(at, at + AT_ONCE));
      const fresh = rows.flatMap((row) => (row ? [lineOf(row, changed.get(row.id) ?? 0)] : []));
      await putLines(base, fresh);
    });
  }
}
