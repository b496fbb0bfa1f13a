import { lawnCase, type LawnInput } from '../../test/cases';
import { brokenLaws } from '../../test/caseLaws';
import { parted } from '../../published/evaluator';
import { yearsUntil } from '../equations/soil/habit';
import type { Figure } from '../kernel/working/working';
import { planCase } from '../plan/plan';
import type { Habit } from './habit';

const LAWN: LawnInput = {
  ph: '6.5',
  cec: '15',
  p: { text: '30' },
  k: { text: '120' },
  squareFeet: '5000',
  clippings: 'removed',
};

const value = (figure: Figure | undefined): number =>
  !figure || 'absent' in figure ? NaN : figure.value.value;

function habit(product: string, input: LawnInput = {}, years = '10'): Habit {
  const decisions = { habit: product, 'habit-years': years, ...input.decisions };
  const [area] = planCase(lawnCase({ ...LAWN, ...input, decisions })).areas;
  if (!area?.habit) throw new Error('no habit');
  return area.habit;
}

test('nothing is worked out where nobody asked, or for what kills weeds as well', () => {
  expect(planCase(lawnCase(LAWN)).areas[0]?.habit).toBeUndefined();
  const weeds = { ...LAWN, decisions: { habit: 'weed-and-feed-28-0-3' } };
  expect(planCase(lawnCase(weeds)).areas[0]?.habit).toBeUndefined();
});

test('10-10-10 for the nitrogen of a lawn: phosphate piles up by what is not carried off', () => {
  const { p, rate, need, years } = { ...habit('fertilizer-10-10-10'), years: 10 };
  expect(value(rate)).toBeCloseTo(value(need) / 0.1, 10);
  const perAcre = (value(need) - value(p.carriedOff)) * 43.56;
  expect(value(p.change)).toBeCloseTo(perAcre / 20, 8);
  expect(p.expected).toHaveLength(years + 1);
  expect(value(p.expected[0]?.middle)).toBe(30);
  expect(value(p.expected[4]?.middle)).toBeCloseTo(30 + 4 * value(p.change), 8);
  // 25 and 16 lb an acre for each ppm.
  expect(value(p.expected[4]?.low)).toBeCloseTo(30 + (4 * perAcre) / 25, 8);
  expect(value(p.expected[4]?.high)).toBeCloseTo(30 + (4 * perAcre) / 16, 8);
  expect(p.passes?.what).toBe('too-much');
  expect(value(p.passes?.in)).toBe(yearsUntil(30, value(p.change), value(p.tooMuch)));
});

test('5 lb of phosphate on 1000 ft² a year move the test by about 11 ppm (218 lb an acre at 18 to 20 lb for each)', () => {
  const { p } = habit('fertilizer-10-10-10', { clippings: 'returned' });
  const each = value(p.change) / value(p.brought);
  expect(5 * each).toBeGreaterThan(10.8);
  expect(5 * each).toBeLessThan(12.2);
});

test('urea alone mines what is carried off, until it is short; never below nothing', () => {
  const { p, k, inTurn } = habit('urea-46-0-0');
  expect(value(p.change)).toBeLessThan(0);
  expect(value(k.change)).toBeLessThan(0);
  expect(k.passes?.what === 'short' || k.passes === undefined).toBe(true);
  const poor = habit('urea-46-0-0', { k: { text: '3' }, p: { text: '1' } });
  expect(value(poor.k.expected[10]?.middle)).toBe(0);
  for (const { grade } of inTurn) expect(grade.P2O5).toBe(0);
  expect(inTurn.some(({ grade }) => grade.K2O > 0)).toBe(true);
});

test('an organic product frees more from year to year, until an earlier year is spent', () => {
  const { nitrogen, need, rate } = habit('composted-poultry-pellets-4-3-3');
  const freed = nitrogen.map(value);
  expect(freed).toHaveLength(10);
  expect(freed[0]).toBeCloseTo(value(need), 8);
  freed.slice(1).forEach((each, at) => expect(each).toBeGreaterThanOrEqual(freed[at] ?? NaN));
  expect(freed[9]).toBeCloseTo(freed[8] ?? NaN, 8);
  // All of its nitrogen and no more.
  expect(freed[9]).toBeLessThanOrEqual(value(rate) * 0.04 + 1e-9);
});

test('an extractant whose pounds nobody told of is not followed, and what moves is', () => {
  const { p } = habit('fertilizer-10-10-10', {
    p: { text: '30', method: 'olsen' },
    pack: { id: 'plains-olsen', version: 2 },
  });
  expect(p.expected).toEqual([]);
  expect(value(p.change)).toBeGreaterThan(0);
});

test('years: one to ten, what is no number is said at its place', () => {
  const decisions = { habit: 'urea-46-0-0', 'habit-years': '30' };
  const plan = planCase(lawnCase({ ...LAWN, decisions }));
  expect(Object.keys(plan.problems)).toEqual(['decisions/lawn:habit-years/value']);
  expect(plan.areas[0]?.habit?.p.expected).toHaveLength(6);
});

test.each([
  'fertilizer-10-10-10',
  'triple-superphosphate-0-45-0',
  'kelp-meal-1-0-2',
  'urea-46-0-0',
])('every working under %s is what its op makes of its inputs, and the laws hold', (product) => {
  const file = lawnCase({ ...LAWN, decisions: { habit: product, 'habit-years': '10' } });
  expect(parted(planCase(file).workings.byId())).toEqual([]);
  expect(brokenLaws(file)).toEqual([]);
});

// One product more never moves less: by what it brings alone.
test('the more phosphate a product holds for its nitrogen, the sooner it is too much', () => {
  const moved = ['fertilizer-24-0-11', 'fertilizer-16-4-8', 'fertilizer-10-10-10'].map((product) =>
    value(habit(product).p.change),
  );
  expect([...moved].sort((a, b) => a - b)).toEqual(moved);
});
