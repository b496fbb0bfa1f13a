import type { CaseFile } from '../core/casefile/casefile';
import { migrate } from '../core/casefile/migrate';
import { db, INDEX_VERSION } from './db';
import { indexRow } from './indexRow';

/** So many lines are made anew in one transaction. */
const AT_ONCE = 50;

/** Makes the Desk's lines anew that an older version of the program wrote. */
export async function reindexOld(base = db): Promise<void> {
  const old = await base.caseIndex.filter(({ version }) => version !== INDEX_VERSION).primaryKeys();
  for (let at = 0; at < old.length; at += AT_ONCE) {
    await base.transaction('rw', base.cases, base.caseIndex, async () => {
      for (const id of old.slice(at, at + AT_ONCE)) {
        const [row, line] = await Promise.all([base.cases.get(id), base.caseIndex.get(id)]);
        const migrated = row && migrate(row.doc);
        if (!row || !line || migrated?.kind !== 'document') continue;
        const file = migrated.document as unknown as CaseFile;
        await base.caseIndex.put(indexRow(file, line.changedAt, row.deletedAt));
      }
    });
  }
}
