import { INDEX_VERSION } from '../core/plan/deskLine';
import { lawnCase, ORACLE } from '../test/cases';
import { addCase, patchCase } from './cases';
import type { Progress } from './breath';
import { AgrologosDb } from './db';
import { listCases } from './desk';
import { indexRow, lineOf } from '../core/plan/indexRow';
import { changeLines } from './lines';
import { reindexOld } from './reindex';

test('the Desk’s line carries what lists and searches need, and no figure', () => {
  const row = indexRow(lawnCase(ORACLE), 5, 0);
  expect(row).toMatchObject({
    version: INDEX_VERSION,
    id: 'case-1',
    title: 'Weir Cottage',
    plants: ['cool-season-lawn'],
    grounds: 1,
    changedAt: 5,
    goesOnAt: 'ph',
    turnsOn: { id: 'turns.limeUnsettled' },
    facts: { finished: false, since: '2027-10-04', doses: expect.arrayContaining(['2028-04-04']) },
  });
  expect(JSON.stringify(row)).not.toContain('working');
  expect(JSON.stringify(row).length).toBeLessThan(900);
});

test('a line can be stored as it is', () => {
  const row = indexRow(lawnCase({}), 0, 0);
  expect(structuredClone(row)).toEqual(row);
});

test('lines of an older version are made anew, and not listed before', async () => {
  const base = new AgrologosDb('reindex');
  await addCase(lawnCase(ORACLE), 7, base);
  await changeLines(base, ['case-1'], (line) => ({ ...line, version: 1 }));
  expect(await listCases(base)).toEqual({ standing: [], deleted: [], outdated: true });
  await reindexOld(base);
  const { standing, outdated } = await listCases(base);
  expect([standing.length, standing[0]?.changedAt, outdated]).toEqual([1, 7, false]);
  await base.delete();
});

test('what was edited or deleted while lines were made anew is left as it is', async () => {
  const base = new AgrologosDb('reindex-between');
  const [kept, gone] = [lawnCase(ORACLE), { ...lawnCase(ORACLE), id: 'gone' }];
  await addCase(kept, 7, base);
  await addCase(gone, 7, base);
  await changeLines(base, ['case-1', 'gone'], (line) => ({ ...line, version: 1 }));
  const told: Progress[] = [];
  await reindexOld(
    base,
    async (documents) => {
      await patchCase('case-1', [{ path: 'title', was: kept.title, value: 'Later' }], 9, base);
      await base.cases.delete('gone');
      return documents.map(lineOf);
    },
    (progress) => told.push(progress),
  );
  const { standing } = await listCases(base);
  expect(standing.map(({ id, title, changedAt }) => [id, title, changedAt])).toEqual([
    ['case-1', 'Later', 9],
  ]);
  expect(told).toEqual([{ done: 2, total: 2 }]);
  await base.delete();
});
