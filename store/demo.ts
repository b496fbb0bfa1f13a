import type { CaseFile } from '../core/casefile/casefile';
import { db } from './db';
import { caseTables, putRows } from './caseRows';
import { indexRow } from '../core/plan/indexRow';
import { putLines } from './lines';

/**
 * Puts the demo county onto an empty Desk, once in the life of this browser's database and in one
 * transaction; what was deleted never returns. Gives whether it was put there.
 */
export async function seedDemo(
  files: readonly CaseFile[],
  now: number,
  base = db,
): Promise<boolean> {
  const lines = files.map((file) => indexRow(file, now, 0));
  return base.transaction('rw', [...caseTables(base), base.deskLines, base.settings], async () => {
    const seeded = await base.settings.get('demoSeeded');
    if (seeded || (await base.cases.count()) > 0) return false;
    await base.settings.put({ key: 'demoSeeded', value: 'yes' });
    const rows = files.map((doc) => ({
      id: doc.id,
      rev: 1,
      schema: doc.schema,
      deletedAt: 0,
      doc,
    }));
    await putRows(base, rows);
    await putLines(base, lines);
    return true;
  });
}
