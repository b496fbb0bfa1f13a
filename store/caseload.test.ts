import { newCase } from '../core/casefile/newCase';
import { alone, backupFrom, bringAll } from '../test/desks';
import type { Progress } from './breath';
import { addCase } from './cases';
import { allCases } from './caseload';
import { readRow } from './caseRows';
import { AgrologosDb } from './db';
import { listCases } from './desk';

const NOW = Date.UTC(2027, 9, 4);
const first = newCase('c1', '2027-10-04');
const second = { ...newCase('c2', '2027-10-04'), title: 'Osier Row' };
let base: AgrologosDb;
let count = 0;

beforeEach(async () => {
  count += 1;
  base = new AgrologosDb(`caseload-${count}`);
  await addCase(first, NOW, base);
});
afterEach(() => base.delete());

test('what is taken out and brought into an empty place is as before, states and all', async () => {
  await addCase(second, NOW, base);
  const all = await backupFrom(base);
  for (const table of base.tables) await table.clear();
  expect((await bringAll(all, base, NOW)).outcomes).toMatchObject({ added: 2 });
  expect(await backupFrom(base)).toEqual(all);
  expect((await listCases(base)).standing.map(({ title }) => title).sort()).toEqual([
    '',
    'Osier Row',
  ]);
});

test('a case that stands here just so is left alone', async () => {
  const before = await readRow(base, 'c1');
  expect((await bringAll(alone(first), base, NOW + 1)).outcomes).toMatchObject({ left: 1 });
  expect(await readRow(base, 'c1')).toEqual(before);
});

test('it is told how far it is, going out', async () => {
  const many = Array.from({ length: 59 }, (_none, index) => newCase(`m${index}`, '2027-10-04'));
  await bringAll(alone(...many), base, NOW);
  const steps = [
    [25, 60],
    [50, 60],
    [60, 60],
  ];
  const out: Progress[] = [];
  const cases = allCases((progress) => out.push(progress), base);
  while (!(await cases.next()).done);
  expect(out.map(({ done, total }) => [done, total])).toEqual(steps);
});

test('all or none', async () => {
  jest.spyOn(base.deskLines, 'bulkPut').mockRejectedValueOnce(new Error('full'));
  const more = alone(newCase('n1', '2027-10-04'), newCase('n2', '2027-10-04'));
  await expect(bringAll(more, base, NOW)).rejects.toThrow('full');
  expect(await readRow(base, 'n1')).toBeUndefined();
  expect(await base.cases.count()).toBe(1);
});
