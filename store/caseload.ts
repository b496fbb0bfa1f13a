import type { CaseFile } from '../core/casefile/casefile';
import type { Gone, Travelling } from '../core/casefile/states';
import { migrate } from '../core/casefile/migrations/migrate';
import { breath, type Progress } from './breath';
import { caseTables, readRows } from './caseRows';
import { leavingDocument } from './compare';
import { db } from './db';
import { goneOf } from './gone';
import { leaving } from './history';

/** So many cases are read between two breaths of the page. */
const AT_ONCE = 25;

/**
 * Every case that stands on the Desk, as documents of the present schema with their states.
 * @param only ids of those that are wanted, in place of all
 */
export async function* allCases(
  onProgress: (progress: Progress) => void,
  base = db,
  only?: readonly string[],
): AsyncGenerator<Travelling<CaseFile>> {
  const ids = only ?? (await base.cases.where('deletedAt').equals(0).primaryKeys());
  for (let at = 0; at < ids.length; at += AT_ONCE) {
    const some = ids.slice(at, at + AT_ONCE);
    const [rows, states] = await base.transaction('rw', caseTables(base), async () => [
      await readRows(base, some),
      await leaving(base, some),
    ]);
    for (const row of rows) {
      if (!row) continue;
      const migrated = migrate(row.doc);
      const file = leavingDocument(migrated.kind === 'document' ? migrated.document : row.doc);
      yield { file, states: states.get(row.id) ?? [] };
    }
    onProgress({ done: Math.min(at + AT_ONCE, ids.length), total: ids.length });
    await breath();
  }
}

/** Every case that was deleted here, those removed for good among them. */
export async function allGone(base = db): Promise<Gone[]> {
  return base.transaction('rw', [...caseTables(base), base.gone], async () => {
    const ids = await base.cases.where('deletedAt').above(0).primaryKeys();
    const removed = (await base.gone.toArray()).flatMap(({ archived, ...each }) =>
      archived ? [] : [each],
    );
    return [...removed, ...(await goneOf(base, ids))];
  });
}
