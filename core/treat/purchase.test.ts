import { lawnCase, type LawnInput } from '../../test/cases';
import { planCase } from '../plan/plan';
import type { Figure } from '../kernel/working/working';

const value = (figure: Figure | undefined): number =>
  figure && !('absent' in figure) ? figure.value.value : NaN;

const BEDS: LawnInput = {
  plant: 'mixed-vegetables',
  ph: '6.5',
  om: '3.4',
  shape: { kind: 'raised-beds', number: '4', length: '12.5', width: '4' },
};

test('whole bags, what is left over, and the whole job', () => {
  // Lime 2 × 236 = 472 lb in 12 bags of 40: 8 left; urea 13 + 13 = 26 lb in a bag of 50: 24 left.
  const lime = { ph: '5.4', buffer: '6.4', label: { kind: 'CCE', percent: '85' } } as const;
  const prices = { 'urea-46-0-0': '24.50', 'calcitic-pelletized': '' };
  const { purchase } = planCase(lawnCase({ ...lime, prices }));
  const rows = purchase.rows.map(({ material, pounds, packs, leftOver, cost }) => [
    material.id,
    value(pounds),
    packs.map(({ bags }) => value(bags)),
    value(leftOver),
    value(cost),
  ]);
  expect(rows).toEqual([
    ['calcitic-pelletized', 472, [12], 8, NaN],
    ['urea-46-0-0', 27, [1], 23, 24.5],
  ]);
  expect(purchase.cost).toHaveProperty('absent');
});

test('a job whose prices are all typed has a cost', () => {
  const file = lawnCase({ ...BEDS, prices: { 'urea-46-0-0': '24.50' } });
  expect(value(planCase(file).purchase.cost)).toBe(24.5);
});

test('the same product on two pieces of ground is bought once', () => {
  const file = lawnCase({ ph: '6.5', clippings: 'returned', squareFeet: '1000' });
  const [lawn] = Object.values(file.areas);
  if (!lawn) throw new Error('no lawn');
  const areas = { lawn, back: { ...lawn, id: 'back', order: 2 } };
  const samples = {
    s1: { id: 's1', name: '', areaIds: ['lawn', 'back'], takenOn: '', lead: '' as const },
  };
  const { rows } = planCase({ ...file, areas, samples }).purchase;
  // 2 ÷ 0.46 = 4.35 lb in two dressings of 2 lb, on each; the rest rounds down under the cap
  expect(
    rows.map(({ material, packs }) => [material.id, packs.map(({ bags }) => value(bags))]),
  ).toEqual([['urea-46-0-0', [1]]]);
  // Two pieces of ground are one pack of 10 lb.
  expect(rows.flatMap(({ packs }) => packs.map(({ bag }) => value(bag)))).toEqual([10]);
});

test('ground without an area buys nothing that anybody could count', () => {
  const { purchase } = planCase(lawnCase({ ph: '6.5', unknownArea: true }));
  expect(purchase.rows).toEqual([]);
  expect(purchase.cost).toMatchObject({ absent: { id: 'absent.nothingToBuy' } });
});

test('amounts for each bed, in ounces and cups by bulk density', () => {
  const [beds] = planCase(lawnCase(BEDS)).areas;
  const first = beds?.treatments.fertilizer.chosen.parts[0]?.applications[0]?.amount;
  // 2 lb N ÷ 0.46 × 0.2 = 0.870 lb in two; 0.435 lb = 6.96 oz, to half ounces 7
  expect(value(first?.hands.ounces)).toBe(7);
  // 0.4375 lb ÷ 47 lb/ft³ × 119.69 cups = 1.11, about a cup; a fourth is 1.75 oz
  expect(value(first?.hands.volume)).toBe(1);
  expect(value(first?.each?.ounces)).toBe(1.75);
  expect(first?.each?.volume).toMatchObject({ value: { value: 0.25, unit: 'cups' } });
});
