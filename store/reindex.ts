import { INDEX_VERSION, type CaseIndexRow } from '../core/plan/deskLine';
import type { StoredDocument } from '../core/plan/indexRow';
import { bucketOf } from './buckets';
import type { Progress } from './breath';
import { db } from './db';
import { caseTables, readRows } from './caseRows';
import { allLines, putLines } from './lines';
import { makeLinesHere, type MakeLines } from './makeLines';

/** So many lines are made anew at once. What is stored together is made together: each record is then written once. */
const AT_ONCE = 1000;

/** Stores lines, but for cases that were given a line of this version meanwhile, or that are gone. */
async function store(base: typeof db, fresh: readonly CaseIndexRow[]): Promise<void> {
  await base.transaction('rw', [...caseTables(base), base.deskLines], async () => {
    const ids = fresh.map(({ id }) => id);
    const there = new Set(await base.cases.where('id').anyOf(ids).primaryKeys());
    const present = (await allLines(base)).filter(({ version }) => version === INDEX_VERSION);
    const done = new Set(present.map(({ id }) => id));
    const wanted = fresh.filter(({ id }) => there.has(id) && !done.has(id));
    if (wanted.length > 0) await putLines(base, wanted);
  });
}

/**
 * Makes the Desk's lines anew that an older version of the program wrote, and those of stored cases that have
 * none. One case that cannot be read hides no other, and an edit that comes between is not undone.
 */
export async function reindexOld(
  base = db,
  makeLines: MakeLines = makeLinesHere,
  onProgress: (progress: Progress) => void = () => undefined,
): Promise<void> {
  const lines = await allLines(base);
  const present = new Set(
    lines.filter(({ version }) => version === INDEX_VERSION).map(({ id }) => id),
  );
  const changed = new Map(lines.map(({ id, changedAt }) => [id, changedAt]));
  const ids = (await base.cases.toCollection().primaryKeys())
    .filter((id) => !present.has(id))
    .sort((a, b) => bucketOf(a) - bucketOf(b));
  for (let at = 0; at < ids.length; at += AT_ONCE) {
    const rows = await readRows(base, ids.slice(at, at + AT_ONCE));
    const documents = rows.flatMap((row): StoredDocument[] => {
      if (!row) return [];
      const { id, doc, deletedAt } = row;
      return [{ id, document: doc, deletedAt, changedAt: changed.get(id) ?? 0 }];
    });
    await store(base, await makeLines(documents));
    onProgress({ done: Math.min(at + AT_ONCE, ids.length), total: ids.length });
  }
}
