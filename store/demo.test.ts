import { isDemo } from '../core/casefile/demo';
import { newCase } from '../core/casefile/newCase';
import { addCase } from './cases';
import { AgrologosDb } from './db';
import { seedDemo } from './demo';
import { markDemo } from './desk';
import { listCases } from './desk';

const NOW = Date.UTC(2027, 9, 4);
const county = [newCase('demo-a', '2027-10-04'), newCase('demo-b', '2027-10-04')];
let base: AgrologosDb;
let count = 0;

beforeEach(() => {
  count += 1;
  base = new AgrologosDb(`demo-${count}`);
});
afterEach(() => base.delete());

test('the county comes once, and never again after it was removed', async () => {
  expect(await seedDemo(county, NOW, base)).toBe(true);
  expect(await seedDemo(county, NOW, base)).toBe(false);
  expect((await listCases(base)).standing).toHaveLength(2);
  await markDemo(NOW, base);
  expect((await listCases(base)).standing).toHaveLength(0);
  await base.cases.clear();
  expect(await seedDemo(county, NOW, base)).toBe(false);
});

test('two pages at once seed it once', async () => {
  const seeded = await Promise.all([seedDemo(county, NOW, base), seedDemo(county, NOW, base)]);
  expect(seeded.filter(Boolean)).toHaveLength(1);
  expect(await base.cases.count()).toBe(2);
});

test('a Desk with a case of its own is left alone', async () => {
  await addCase(newCase('c1', '2027-10-04'), NOW, base);
  expect(await seedDemo(county, NOW, base)).toBe(false);
  expect(await base.cases.count()).toBe(1);
});

test('removing takes the demo cases alone, and can be taken back', async () => {
  await seedDemo(county, NOW, base);
  await addCase(newCase('c1', '2027-10-04'), NOW, base);
  await markDemo(NOW, base);
  expect((await listCases(base)).standing.map(({ id }) => id)).toEqual(['c1']);
  await markDemo(0, base);
  expect((await listCases(base)).standing.filter(({ id }) => isDemo(id))).toHaveLength(2);
});
