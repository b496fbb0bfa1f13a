/**
 * Worked examples and table cells as printed, through a whole plan; and, named as such, computed
 * checks of printed rules with inputs whose printing nobody here could open. All recalled.
 */
import { fitFor } from '../core/treat/fertilizer/fit';
import { LAWN_SHORT_OF_ALL } from '../test/fitFor';
import { candidatesFor } from '../core/treat/fertilizer/products';
import { SHIPPED_MATERIALS } from '../core/catalog/materials/materials';
import { planCase } from '../core/plan/plan';
import {
  nutrientToProduct,
  perAcreToPerThousand,
  percentToShare,
  productToNutrient,
} from '../core/kernel/units/convert';
import { quantity } from '../core/kernel/units/quantity';
import { lawnCase, type LawnInput } from '../test/cases';

/** What a method of the plan prints, in its own unit. */
function printed(method: string, input: LawnInput): number {
  const [lawn] = planCase(lawnCase(input)).areas;
  const row = lawn?.treatments.lime.methods.find(({ option }) => option.id === method);
  const figure = row?.option.asPrinted;
  return figure && !('absent' in figure) ? figure.value.value : NaN;
}

const to = (target: string) => ({ decisions: { 'lime-target': target } });

// Vitosh, Johnson & Mengel 1995, E-2567, lime table: LTI 64 is 5.5, 4.7 and 3.8 tons (eq. 3.86).
test.each([
  ['6.8', 5.5, 0.05],
  ['6.5', 4.7, 0.05],
  ['6.0', 3.8, 0.1],
])('E-2567, LTI 64 to %s: %d tons', (target, tons, off) => {
  const got = printed('tri-state', { ph: '5.0', buffer: '6.4', ...to(target) });
  expect(Math.abs(got - tons)).toBeLessThanOrEqual(off);
});

// E-2567, organic soils: pH 4.8 is 2.6 tons, 4.4 is 5.1 (eq. 2.61; 5.14).
test.each([
  ['4.8', 2.6],
  ['4.4', 5.1],
])('E-2567, organic soil of pH %s: %d tons', (ph, tons) => {
  expect(Math.abs(printed('tri-state-organic', { ph, om: '40' }) - tons)).toBeLessThan(0.06);
});

// NCR-221 and McLean 1982: buffer 6.2 is 7.5, 6.4 and 5.1 or 5.2 tons of ag-ground stone.
test.each([
  ['7.0', 7.5],
  ['6.5', 6.4],
  ['6.0', 5.2],
])('NCR-221, buffer 6.2 to %s: %d tons', (target, tons) => {
  expect(printed('smp', { ph: '5.0', buffer: '6.2', ...to(target) })).toBeCloseTo(tons, 10);
});

test('Knott’s: loam from 5.5 to 6.5 takes 3,400 lb/acre, 78 lb/1000 ft²', () => {
  expect(printed('texture', { ph: '5.5', texture: 'loam' })).toBeCloseTo(3400, 6);
  const rate = perAcreToPerThousand(quantity(3400, 'lb/acre', 'limestone'));
  expect(Math.round(rate.value)).toBe(78);
});

/** Product for so many pounds of nutrient. */
function product(nutrient: number, percent: number): number {
  const share = percentToShare(quantity(percent, '%', 'N'));
  return nutrientToProduct(quantity(nutrient, 'lb/1000ft2', 'N'), share).value;
}

// University of Georgia Circular 853, "How to Convert an Inorganic Fertilizer Recommendation".
test('computed: 20 lb of 5-10-15 are 1, 2 and 3 lb; meals for them 8.3, 18.2 and 13.6 lb', () => {
  const brings = [5, 10, 15].map(
    (percent) =>
      productToNutrient(
        quantity(20, 'lb/1000ft2', 'product'),
        percentToShare(quantity(percent, '%', 'N')),
      ).value,
  );
  brings.forEach((value, index) => expect(value).toBeCloseTo(index + 1, 10));
  expect(product(1, 12)).toBeCloseTo(8.3, 1);
  expect(product(2, 11)).toBeCloseTo(18.2, 1);
  expect(product(3, 22)).toBeCloseTo(13.6, 1);
});

// University of Florida ENH962: half a pound of N from 6, 10, 15, 16, 23, 27 %, to whole pounds.
test.each([
  [6, 8],
  [10, 5],
  [15, 3],
  [16, 3],
  [23, 2],
  [27, 2],
])('computed: half a pound of N from %d %% is %d lb', (percent, pounds) => {
  expect(Math.round(product(0.5, percent))).toBe(pounds);
});

// The order of every soil-fertility text, with inputs of our own: 80-60-90 lb/acre by 18-46-0,
// 46-0-0 and 0-0-60. 60 ÷ 0.46 = 130.4; × 0.18 = 23.5 N; (80 − 23.5) ÷ 0.46 = 122.9; 90 ÷ 0.6 = 150.
test('computed: 80-60-90 lb/acre take 130 lb DAP, 150 lb KCl and 123 lb urea', () => {
  const file = lawnCase({
    ph: '6.5',
    squareFeet: '43560',
    plant: 'mixed-vegetables',
    recN: { text: '80', unit: 'lb/acre' },
    recP: { text: '60', unit: 'lb/acre' },
    recK: { text: '90', unit: 'lb/acre' },
    decisions: { 'feed-source': 'laboratory', 'feed-p': 'diammonium-phosphate-18-46-0' },
  });
  const [area] = planCase(file).areas;
  const totals = area?.treatments.fertilizer.options[0].parts.map(({ material, set }) => [
    material.id,
    'absent' in set.total ? NaN : Math.round(set.total.value.value),
  ]);
  expect(totals).toEqual([
    ['diammonium-phosphate-18-46-0', 130],
    ['muriate-of-potash-0-0-60', 150],
    ['urea-46-0-0', 123],
  ]);
});

test('whatever serves a need holds that nutrient, and nothing with a pesticide serves', () => {
  const { fertilizers } = SHIPPED_MATERIALS;
  for (const [role, nutrient] of [
    ['n', 'N'],
    ['p', 'P2O5'],
    ['k', 'K2O'],
  ] as const) {
    const candidates = candidatesFor(role, fitFor(fertilizers, LAWN_SHORT_OF_ALL));
    expect(candidates.length).toBeGreaterThan(3);
    for (const { grade, pesticide } of candidates) {
      expect(grade[nutrient]).toBeGreaterThan(0);
      expect(pesticide).toBe(false);
      if (role !== 'p') expect(grade.P2O5).toBe(0);
    }
  }
});
