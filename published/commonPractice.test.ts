/** Values of common practice, by their numbers in the list of the trade; no published source. */
import { scheduleDates } from '../core/schedule/dates';
import { bagsFor, splitDoses } from '../core/schedule/dosing/doses';
import { gradeRatio } from '../core/catalog/materials/explain';
import { SHIPPED_MATERIALS } from '../core/catalog/materials/materials';
import { planCase } from '../core/plan/plan';
import {
  feetToHundreds,
  nutrientToProduct,
  perAcreToPerThousand,
  percentToShare,
  perHundredFeetToTotal,
  perThousandToTotal,
  poundsPerAcreToPpm,
  poundsToCups,
  poundsToOunces,
  productToNutrient,
  rowNutrientToProduct,
  squareFeetToThousands,
  tonsPerAcreByShortCut,
  tonsPerAcreToPerThousand,
  totalToPerThousand,
} from '../core/kernel/units/convert';
import { quantity } from '../core/kernel/units/quantity';
import { PlanContext } from '../core/kernel/working/context';
import { msg } from '../core/kernel/messages/msg';
import { lawnCase } from '../test/cases';
import { valueOf } from '../core/kernel/working/working';
import { findingKey } from '../core/kernel/working/finding';

const ALL_YEAR = [{ from: '01-01', to: '12-31' }];

/** Dressings of a rate under a cap on one thousand square feet. */
function dressings(rate: number, cap: number): number {
  const ctx = new PlanContext();
  const figure = (id: string, value: number) =>
    ctx.constant({ id, label: msg('dose.amount') }, value, 'lb/1000ft2', 'product');
  const extent = ctx.constant({ id: 'extent', label: msg('dose.amount') }, 1, '1000ft2', 'ground');
  const set = splitDoses(ctx, 'x', figure('rate', rate), figure('cap', cap), extent, {
    bag: ctx.constant({ id: 'bag', label: msg('dose.amount') }, 40, 'lb/bag', 'product'),
    density: ctx.constant({ id: 'density', label: msg('dose.amount') }, 65, 'lb/ft3', 'density'),
    parts: undefined,
  });
  return set.doses.length;
}

test('no. 1: 50 lb/1000 ft² on 10,000 ft² is 500 lb, ten 50-lb bags', () => {
  const ctx = new PlanContext();
  const pounds = perThousandToTotal(
    quantity(50, 'lb/1000ft2', 'product'),
    quantity(10, '1000ft2', 'ground'),
  );
  expect(pounds.value).toBe(500);
  const bags = bagsFor(
    ctx,
    'bags',
    ctx.constant({ id: 'lb', label: msg('dose.amount') }, 500, 'lb', 'product'),
    ctx.constant({ id: 'bag', label: msg('dose.amount') }, 50, 'lb/bag', 'product'),
  );
  expect(valueOf(bags)?.value).toBe(10);
});

test('no. 5: 225 lb/1000 ft², 50 at most, every 6 months: 5 dressings over 24 months', () => {
  expect(dressings(225, 50)).toBe(5);
  const dates = scheduleDates({
    earliest: '2027-10-04',
    count: 5,
    seasons: ALL_YEAR,
    interval: { months: 6 },
  });
  expect(dates.map((dated) => dated?.date)).toEqual([
    '2027-10-04',
    '2028-04-04',
    '2028-10-04',
    '2029-04-04',
    '2029-10-04',
  ]);
});

test('no. 6: 1.5 tons/acre is 75 lb/1000 ft² by the short-cut, exactly 68.9', () => {
  const tons = quantity(1.5, 'ton/acre', 'limestone');
  expect(tonsPerAcreByShortCut(tons).value).toBe(75);
  expect(tonsPerAcreToPerThousand(tons).value).toBeCloseTo(68.87, 2); // 3000 ÷ 43.56
});

test('no. 8: 1 lb N from 34-0-0 is 2.94 lb', () => {
  const share = percentToShare(quantity(34, '%', 'N'));
  expect(nutrientToProduct(quantity(1, 'lb/1000ft2', 'N'), share).value).toBeCloseTo(2.94, 2);
});

test('no. 13: four 40-lb bags on 5,000 ft² are 32 lb/1000 ft²', () => {
  const rate = totalToPerThousand(quantity(160, 'lb', 'product'), quantity(5, '1000ft2', 'ground'));
  expect(rate.value).toBe(32);
});

test('no. 14: 100 lb/1000 ft² under new turf, 30 at a time: 4 dressings', () => {
  expect(dressings(100, 30)).toBe(4);
});

/** Pounds of a nutrient in a bag of so many pounds and a grade of so many percent. */
function inBag(pounds: number, percent: number): number {
  const share = percentToShare(quantity(percent, '%', 'N'));
  return productToNutrient(quantity(pounds, 'lb/1000ft2', 'product'), share).value;
}

test('no. 7: 50 lb of 13-13-13 hold 6.5 lb of each, of 34-0-0 17 lb of N', () => {
  expect(inBag(50, 13)).toBe(6.5);
  expect(inBag(50, 34)).toBe(17);
});

test('no. 9: 140 lb P2O5/acre from a meal of 6 % are 2,333 lb/acre, 26.8 lb on 500 ft²', () => {
  const need = perAcreToPerThousand(quantity(140, 'lb/acre', 'P2O5'));
  const meal = nutrientToProduct(need, percentToShare(quantity(6, '%', 'P2O5')));
  expect(meal.value * 43.56).toBeCloseTo(2333, 0);
  const bed = squareFeetToThousands(quantity(500, 'ft2', 'ground'));
  expect(perThousandToTotal(meal, bed).value).toBeCloseTo(26.8, 1);
});

test('no. 10: 3 lb at a pound a pint are 1.5 quarts', () => {
  // A pint is 2 cups and 28.875 in³: a pound of it is 59.84 lb/ft³.
  const cups = poundsToCups(quantity(3, 'lb', 'product'), quantity(59.84, 'lb/ft3', 'density'));
  expect(cups.value / 4).toBeCloseTo(1.5, 3);
});

test('no. 11: 0.5 lb N per 100 ft of row, 25 ft, 34-0-0: 0.37 lb, about 6 oz', () => {
  const rate = rowNutrientToProduct(
    quantity(0.5, 'lb/100ft', 'N'),
    percentToShare(quantity(34, '%', 'N')),
  );
  const row = feetToHundreds(quantity(25, 'ft', 'row'));
  const pounds = perHundredFeetToTotal(rate, row);
  expect(pounds.value).toBeCloseTo(0.37, 2);
  expect(Math.round(poundsToOunces(pounds).value)).toBe(6);
});

test('no. 12: a cup for 20 ft, twelve rows of 30 ft: 18 cups, a little under 10 lb of 21-0-0', () => {
  const sulfate = SHIPPED_MATERIALS.fertilizers.find(({ id }) => id === 'ammonium-sulfate-21-0-0');
  const cups = (12 * 30) / 20;
  const density = quantity(sulfate?.density ?? NaN, 'lb/ft3', 'density');
  const inOnePound = poundsToCups(quantity(1, 'lb', 'product'), density).value;
  expect(cups).toBe(18);
  expect(cups / inOnePound).toBeGreaterThan(9);
  expect(cups / inOnePound).toBeLessThan(10);
});

test('no. 15: 15-5-10 is the 3-1-2 ratio', () => {
  expect(gradeRatio({ N: 15, P2O5: 5, K2O: 10 })).toBe('3-1-2');
});

test('no. 16: 23 lb P and 161 lb K per acre to 6⅔ in. are 11.5 and 80.5 ppm', () => {
  const depth = quantity(20 / 3, 'in', 'depth');
  expect(poundsPerAcreToPpm(quantity(23, 'lb/acre', 'P'), depth).value).toBeCloseTo(11.5, 10);
  expect(poundsPerAcreToPpm(quantity(161, 'lb/acre', 'K'), depth).value).toBeCloseTo(80.5, 10);
});

/** Blueberries on loam at pH 7.0 without free lime. */
function bushes(squareFeet: string, material: string) {
  const file = lawnCase({
    plant: 'blueberry',
    situation: 'established',
    squareFeet,
    ph: '7.0',
    texture: 'loam',
    decisions: { 'sulfur-material': material },
  });
  const sulfur = planCase(file).areas[0]?.treatments.sulfur;
  if (!sulfur) throw new Error('no sulfur');
  return sulfur;
}

test('no. 2: the trade’s rule of 0.2 lb for each tenth above 5.2: 18 tenths, 3.6 lb S per 100 ft² in all', () => {
  const { options, first } = bushes('100', 'sulfur-prills-90');
  const rule = options.find(({ id }) => id === 'per-tenth')?.gross;
  expect(rule).toMatchObject({
    value: { value: expect.closeTo(36, 6) as number, unit: 'lb/1000ft2' },
  });
  // Never one dose: 1 lb S per 100 ft² at once.
  expect(first).toMatchObject({ value: { value: expect.closeTo(10, 6) as number } });
});

test('no. 4: a hand sum of 26 tenths, 5.2 lb, is flagged as 44 % more than the trade’s rule', () => {
  const file = lawnCase({
    plant: 'blueberry',
    situation: 'established',
    ph: '7.0',
    texture: 'loam',
    decisions: { 'sulfur-own': '5.2' },
    reason: 'Counted by hand.',
  });
  const { findings, workings } = planCase(file);
  expect(findings.map(findingKey)).toContain('lawn/sulfurOwnMuch');
  const more = workings.get('lawn/sulfur/per-tenth/own-more');
  expect(more).toMatchObject({ value: { value: expect.closeTo(44.4, 1) as number, unit: '%' } });
});

test('no. 3: on 50 ft² of bush the slip says the first dose of a 30 % product: 0.5 lb S, 1.67 lb', () => {
  const { set, applications: doses } = bushes('50', 'sulfur-mix-30');
  expect(set.total).toMatchObject({ value: { value: expect.closeTo(1.667, 3) as number } });
  expect(doses).toHaveLength(1);
  // 26.7 oz to what a kitchen scale can do, and never over: 26 oz.
  const printed = doses[0]?.amount.printed;
  expect(printed && !('absent' in printed) ? printed.value.value * 16 : NaN).toBeCloseTo(26, 6);
});
