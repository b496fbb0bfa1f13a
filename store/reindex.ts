import type { CaseFile } from '../core/casefile/casefile';
import { migrate } from '../core/casefile/migrate';
import { db, INDEX_VERSION, type CaseIndexRow } from './db';
import { indexRow } from './indexRow';
import { allLines, putLines } from './lines';

/** So many lines are made anew in one transaction. */
const AT_ONCE = 50;

/** Makes the Desk's lines anew that an older version of the program wrote. */
export async function reindexOld(base = db): Promise<void> {
  const old = (await allLines(base)).filter(({ version }) => version !== INDEX_VERSION);
  for (let at = 0; at < old.length; at += AT_ONCE) {
    await base.transaction('rw', base.cases, base.deskLines, async () => {
      const lines: CaseIndexRow[] = [];
      for (const { id, changedAt } of old.slice(at, at + AT_ONCE)) {
        const row = await base.cases.get(id);
        const migrated = row && migrate(row.doc);
        if (!row || migrated?.kind !== 'document') continue;
        const file = migrated.document as unknown as CaseFile;
        lines.push(indexRow(file, changedAt, row.deletedAt));
      }
      await putLines(base, lines);
    });
  }
}
