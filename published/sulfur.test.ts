/**
 * Sulfur: every row of the printed tables, from fixtures of the second recollection (Western Fertilizer Handbook and
 * Knott's to 6.5; blueberry bulletins to 4.5), and what weighs as much by molar mass (IUPAC weights; USDA Handbook 60 prints
 * 3.13 for limestone, 6.94 for aluminum sulfate with 18 H2O, 8.69 for iron sulfate with 7 H2O). Recalled.
 */
import { SULFUR_MATERIALS } from '../core/catalog/materials/sulfur';
import { sulfurOptions } from '../core/treat/sulfur/schools';
import { WATER_LIME } from '../core/tables/sulfur';
import { quantity } from '../core/kernel/units/quantity';
import { PlanContext } from '../core/kernel/working/context';
import { msg } from '../core/kernel/messages/msg';
import { readFixture } from './csv';

type Soil = 'sand' | 'loam' | 'clay';

/** Sulfur in all by a school, lb/acre. */
function perAcre(school: string, soil: Soil, ph: number, target: number): number {
  const ctx = new PlanContext();
  const at = (id: string, value: number) =>
    ctx.constant({ id, label: msg('lime.target') }, value, 'pH', 'water');
  const cec = ctx.sheet.leaf(
    'constant',
    { id: 'cec', label: msg('analyte.cec') },
    quantity(12, 'meq/100g', 'CEC'),
  );
  const options = sulfurOptions(ctx, 'a', {
    soil,
    ph: at('ph', ph),
    target: at('target', target),
    cec,
    learned: undefined,
  });
  const gross = options.find(({ id }) => id === school)?.gross;
  return !gross || 'absent' in gross ? NaN : gross.value.value * 43.56;
}

const cells = (file: string): [string, number, number][] => {
  const [head = [], ...rows] = readFixture(file);
  return rows.flatMap(([ph = '', ...amounts]) =>
    amounts.map((amount, at): [string, number, number] => [
      head[at + 1] ?? '',
      Number(ph),
      Number(amount),
    ]),
  );
};

test.each(cells('sulfur-to-6.5.csv'))('to 6.5 on %s from %d: %d lb/acre', (soil, ph, pounds) => {
  expect(perAcre('to-six-five', soil as Soil, ph, 6.5)).toBeCloseTo(pounds, 6);
});

test.each(cells('sulfur-to-4.5.csv'))('to 4.5 on %s from %d: %d lb/100 ft²', (soil, ph, pounds) => {
  const [school, on] = soil === 'clay-high' ? ['clay-high', 'clay'] : ['table', soil];
  const got = perAcre(school ?? '', on as Soil, ph, 4.5);
  expect(got).toBeCloseTo(pounds * 435.6, 6);
});

test.each([
  // lb/10 ft² on silt loam, as garden sheets print them
  [8.0, 6.5, 0.3],
  [8.0, 4.5, 0.7],
  [7.5, 5.5, 0.4],
  [7.0, 6.5, 0.1],
  [6.5, 5.0, 0.3],
  [6.0, 4.5, 0.3],
])('garden sheets from %d to %d: %d lb/10 ft²', (ph, target, pounds) => {
  expect(perAcre('garden', 'loam', ph, target)).toBeCloseTo(pounds * 4356, 6);
});

test('the two families differ threefold from 7.0 to 6.5', () => {
  expect(perAcre('garden', 'loam', 7, 6.5) / perAcre('to-six-five', 'loam', 7, 6.5)).toBeCloseTo(
    2.9,
    1,
  );
});

test('the estimate from the exchange capacity stands between half and twice the table on loam of CEC 12', () => {
  // acid shares 0.2601 at 6.5 and 0.8015 at 4.8: 0.5414 × 12 × 1000 ÷ 3.122 = 2081 lb/acre
  const estimate = perAcre('cec', 'loam', 6.5, 4.8);
  expect(Math.abs(estimate - 2081)).toBeLessThan(2);
  const table = perAcre('table', 'loam', 6.5, 4.8);
  expect(estimate / table).toBeGreaterThan(0.5);
  expect(estimate / table).toBeLessThan(2);
});

const WEIGHT = { H: 1.008, O: 15.999, S: 32.06, Ca: 40.078, C: 12.011, Al: 26.982, Fe: 55.845 };
const water = 2 * WEIGHT.H + WEIGHT.O;
const sulfate = WEIGHT.S + 4 * WEIGHT.O;
const alum = (waters: number) => (2 * WEIGHT.Al + 3 * sulfate + waters * water) / 3 / WEIGHT.S;
const copperas = (WEIGHT.Fe + sulfate + 7 * water) / WEIGHT.S;

test('a pound of sulfur undoes 3.12 lb of lime, and 1 % of lime swallows 147 lb on 1000 ft²', () => {
  const lime = (WEIGHT.Ca + WEIGHT.C + 3 * WEIGHT.O) / WEIGHT.S;
  expect(lime).toBeCloseTo(WATER_LIME.undoneByPound, 2);
  expect(20_000 / lime / 43.56).toBeCloseTo(147, 0);
});

test('the garden rules of 6 and 8 are under the molar masses: the smaller amounts', () => {
  expect([alum(18), alum(14), copperas].map((each) => Number(each.toFixed(2)))).toEqual([
    6.93, 6.18, 8.67,
  ]);
  const rule = (id: string) => SULFUR_MATERIALS.find((each) => each.id === id)?.forPound ?? NaN;
  expect(rule('aluminum-sulfate')).toBeLessThan(alum(14));
  expect(rule('iron-sulfate')).toBeLessThan(copperas);
});
