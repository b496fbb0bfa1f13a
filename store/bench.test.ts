import { clearSums, keepSum, lastSums, MOST_ENTRIES } from './bench';
import { AgrologosDb } from './db';

let base: AgrologosDb;
beforeEach(() => {
  base = new AgrologosDb(`bench-${Math.random()}`);
});
afterEach(() => base.delete());

const entry = (id: string, answer = '') => ({ id, sum: 'bag', typed: { bag: '50' }, answer });

test('the last sums are kept, the newest first, and a go at one only once', async () => {
  expect(await lastSums(base)).toEqual([]);
  await keepSum(entry('a', '6 lb'), base);
  await keepSum(entry('b'), base);
  await keepSum(entry('a', '6.5 lb'), base);
  expect((await lastSums(base)).map(({ id, answer }) => [id, answer])).toEqual([
    ['a', '6.5 lb'],
    ['b', ''],
  ]);
  for (let n = 0; n < 30; n += 1) await keepSum(entry(`n${n}`), base);
  expect(await lastSums(base)).toHaveLength(MOST_ENTRIES);
  await clearSums(base);
  expect(await lastSums(base)).toEqual([]);
});
