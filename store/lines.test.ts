import type { CaseIndexRow } from '../core/plan/deskLine';
import Dexie from 'dexie';
import { lawnCase, ORACLE } from '../test/cases';
import { bucketOf } from './buckets';
import { AgrologosDb } from './db';
import { indexRow } from '../core/plan/indexRow';
import { allLines, changeLines, LineReader, putLines } from './lines';

const line = indexRow(lawnCase(ORACLE), 1, 0);
const named = (id: string, title = ''): CaseIndexRow => ({ ...line, id, title });
const sorted = async (base: AgrologosDb): Promise<string[]> =>
  (await allLines(base)).map(({ id, title }) => `${id} ${title}`).sort();

test('a thousand lines lie in few records, each is found, changed and taken away', async () => {
  const base = new AgrologosDb('lines');
  const many = Array.from({ length: 1000 }, (_none, index) => named(`case-${index}`));
  await putLines(base, many);
  expect(await base.deskLines.count()).toBeLessThanOrEqual(64);
  expect(await allLines(base)).toHaveLength(1000);
  await putLines(base, [named('case-7', 'Weir'), named('new', 'Osier')]);
  await changeLines(base, ['case-8'], (old) => ({ ...old, title: 'Fen' }));
  await changeLines(base, ['case-9', 'nobody'], () => undefined);
  const after = await sorted(base);
  expect(after).toHaveLength(1000);
  expect(after).toEqual(expect.arrayContaining(['case-7 Weir', 'case-8 Fen', 'new Osier']));
  await base.delete();
});

test('who has read the lines reads again only those of records that have changed', async () => {
  const base = new AgrologosDb('reader');
  await putLines(
    base,
    Array.from({ length: 500 }, (_none, index) => named(`case-${index}`)),
  );
  const reader = new LineReader();
  const before = await reader.read(base);
  expect(before).toHaveLength(500);
  await putLines(base, [named('case-7', 'Weir')]);
  await changeLines(base, ['case-8'], () => undefined);
  const after = await reader.read(base);
  expect(after.map(({ id, title }) => `${id} ${title}`).sort()).toEqual(await sorted(base));
  const kept = new Set(before);
  const again = after.filter((each) => !kept.has(each));
  expect(again.map(({ id }) => id)).toContain('case-7');
  // Two of the records at most: the others are the very same lines.
  expect(new Set(again.map(({ id }) => bucketOf(id))).size).toBeLessThanOrEqual(2);
  await base.delete();
});

test('the ids that the program gives spread over the records', () => {
  const ids = Array.from({ length: 6400 }, (_none, index) => (index * 7_919_999_983).toString(36));
  const counts = new Map<number, number>();
  for (const id of ids) counts.set(bucketOf(id), (counts.get(bucketOf(id)) ?? 0) + 1);
  expect(counts.size).toBe(64);
  expect(Math.max(...counts.values())).toBeLessThan(300);
});

test('lines of a browser that kept each in a record of its own are taken over', async () => {
  const old = new Dexie('old');
  old.version(1).stores({
    cases: 'id, deletedAt',
    caseIndex: 'id, deletedAt, changedAt',
    settings: 'key',
  });
  await old.table('caseIndex').bulkAdd([named('a', 'Weir'), named('b', 'Osier')]);
  old.close();
  const base = new AgrologosDb('old');
  expect(await sorted(base)).toEqual(['a Weir', 'b Osier']);
  await base.delete();
});
