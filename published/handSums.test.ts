/**
 * Sums as bulletins print or teach them, through whole plans: area formula of spreaders (Turgeon; Purdue and Ohio sheets), grades and
 * pounds (University of Florida ENH962, Knott's row rates), household measures and caps of lawns. Answers are printed where said so,
 * else worked by hand from the printed rule. All recalled.
 */
import { newSpreader } from '../core/casefile/parts/spreader';
import { SHIPPED_MATERIALS } from '../core/catalog/materials/materials';
import { poundsToCups } from '../core/kernel/units/convert';
import { quantity } from '../core/kernel/units/quantity';
import type { Figure } from '../core/kernel/working/working';
import { planCase } from '../core/plan/plan';
import type { AreaPlan } from '../core/area/areaPlan';
import { lawnCase, type LawnInput } from '../test/cases';

const value = (figure: Figure | undefined): number =>
  !figure || 'absent' in figure ? NaN : figure.value.value;

function planned(input: LawnInput, swath = ''): AreaPlan {
  const file = lawnCase(input);
  const spreaders = swath === '' ? {} : { s: { ...newSpreader('s', 1), swath } };
  const [area] = planCase({ ...file, spreaders }).areas;
  if (!area) throw new Error('no area');
  return area;
}

/** A lawn that a laboratory gives so much nitrogen, by one product. */
const fed = (pounds: string, product: string): LawnInput => ({
  ph: '6.5',
  squareFeet: '5000',
  recN: { text: pounds },
  decisions: { 'feed-source': 'laboratory', 'feed-way': 'by-need', 'feed-n': product },
});

// Every lawn sheet: a pound of nitrogen is 2.17 lb of 46-0-0, 4.76 lb of 21-0-0, 2.94 lb of 34-0-0.
test.each([
  ['urea-46-0-0', 2.17],
  ['ammonium-sulfate-21-0-0', 4.76],
  ['ammonium-nitrate-34-0-0', 2.94],
])('a pound of nitrogen on 1000 ft² by %s is %d lb', (product, pounds) => {
  const [part] = planned(fed('1', product)).treatments.fertilizer.chosen.parts;
  expect(value(part?.rate)).toBeCloseTo(pounds, 2);
});

// Half rate in two directions, a drop spreader of 22 in.: oz = 16 × R × swath × run ÷ 1000.
test('22 in. of drop spreader over 50 ft: 1 lb N from 46-0-0 at half rate is 1.59 oz', () => {
  const [product] = planned(fed('1', 'urea-46-0-0'), '22 in').spreading?.products ?? [];
  const [rate] = product?.rates ?? [];
  const half = value(rate?.perPass);
  expect(value(rate?.onStrip)).toBeCloseTo((16 * half * (22 / 12) * 50) / 1000, 8);
});

// 48 × 80 ft by 6 ft: 8 passes of 68 ft and two headers; by 7 ft: 7 passes 6.86 ft apart.
test.each([
  ['6', 8, 6, 68],
  ['7', 7, 6.86, 66],
])(
  '48 by 80 ft in strips of %s ft: %i of them, %d ft apart, %i ft long',
  (swath, n, apart, run) => {
    const shape = { kind: 'rectangle', length: '80', width: '48' } as const;
    const { along } = planned({ ...fed('1', 'urea-46-0-0'), shape }, swath).spreading ?? {};
    expect(value(along?.count)).toBe(n);
    expect(value(along?.apart)).toBeCloseTo(apart, 2);
    expect(value(along?.run)).toBe(run);
  },
);

// 3.5 lb of lime: pellets 6.4 cups, settled powder 4.7, loose powder 6.
test('3.5 lb of lime in cups: pellets, settled and loose', () => {
  const cups = (density: number): number =>
    poundsToCups(quantity(3.5, 'lb', 'product'), quantity(density, 'lb/ft3', 'density')).value;
  const lime = (id: string) => SHIPPED_MATERIALS.lime.find((each) => each.id === id);
  expect(cups(lime('calcitic-pelletized')?.density ?? NaN)).toBeCloseTo(6.4, 1);
  const ground = lime('calcitic-ground');
  expect(cups(ground?.density ?? NaN)).toBeCloseTo(4.7, 1);
  const loose = typeof ground?.powder === 'object' ? ground.powder.loose : NaN;
  expect(cups(loose)).toBeCloseTo(6, 1);
});

// A pint is a pound: right for what weighs 60 lb a cubic foot, and for little else.
test.each([
  ['diammonium-phosphate-18-46-0', 1],
  ['urea-46-0-0', 0.79],
  ['sulfate-of-potash-0-0-50', 1.37],
])('a pint of %s is %d lb', (id, pounds) => {
  const material = SHIPPED_MATERIALS.fertilizers.find((each) => each.id === id);
  const cup = poundsToCups(
    quantity(1, 'lb', 'product'),
    quantity(material?.density ?? NaN, 'lb/ft3', 'density'),
  );
  expect(2 / cup.value).toBeCloseTo(pounds, 1);
});

// Lawn laws of some states, worked by hand: caps of 0.9 lb in all and 0.7 quick; a product that is half slow may be 0.9.
test('caps 0.9 and 0.7: a dose of quick urea is 0.7 lb at most', () => {
  const input = {
    ...fed('3', 'urea-46-0-0'),
    rules: { 'n-dose': { total: '0.9', soluble: '0.7' } },
  };
  const [part] = planned(input).treatments.fertilizer.chosen.parts;
  for (const { rate } of part?.set.doses ?? []) {
    expect(value(rate) * 0.46).toBeLessThanOrEqual(0.7 + 1e-9);
  }
});
