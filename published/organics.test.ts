/**
 * Manures, composts and cover crops against printed cells and worked sums: MWPS-18 and PNW 533 (what is in a ton, what a cubic yard
 * weighs), UMN M1192 (composts), Managing Cover Crops Profitably (tops of legumes, half and a quarter), and sums worked by hand
 * from them. All recalled.
 */
import { SHIPPED_OTHERS } from '../core/catalog/materials/others';
import { COVER_CROPS } from '../core/catalog/coverCrops';
import type { Figure } from '../core/kernel/working/working';
import { planCase } from '../core/plan/plan';
import { lawnCase, type LawnInput } from '../test/cases';

const value = (figure: Figure | undefined): number =>
  !figure || 'absent' in figure ? NaN : figure.value.value;

const bulk = (id: string) => SHIPPED_OTHERS.bulk.find((each) => each.id === id);

// MWPS-18: dairy with bedding 9-4-10 lb a ton at 21 % dry matter, horse with bedding 14-4-14 at 46, poultry with litter 56-45-34 at 75.
test.each([
  ['dairy-manure-bedded', 79, [9, 4, 10]],
  ['horse-manure-bedded', 54, [14, 4, 14]],
  ['poultry-litter', 25, [56, 45, 34]],
  // UMN M1192: dairy compost 12-12-26, poultry compost 17-39-23.
  ['dairy-compost', 50, [12, 12, 26]],
  ['poultry-compost', 45, [17, 39, 23]],
])('%s: %i %% water, %j lb in a ton', (id, water, [N, P2O5, K2O]) => {
  expect(bulk(id)).toMatchObject({ water, perTon: { N, P2O5, K2O } });
});

// Managing Cover Crops Profitably: pounds of nitrogen on an acre.
test.each([
  ['hairy-vetch', 90, 200],
  ['crimson-clover', 70, 130],
  ['red-clover', 70, 150],
])('%s: %i to %i lb of nitrogen on an acre', (id, from, to) => {
  expect(COVER_CROPS.find((each) => each.id === id)?.perAcre).toEqual({ from, to });
});

const BEDS: LawnInput = { plant: 'mixed-vegetables', situation: 'tilled', ph: '6.5', om: '3' };

// Worked by hand: 4 frames of 4 ft², 1.9 lb dry vetch of 3.8 % N, turned in: 5,173 lb an acre, 197 lb N, 98 lb of it for the next crop.
test('a sample of vetch: 98 lb of nitrogen an acre, 0.226 lb on 100 ft²', () => {
  const covers = [{ dry: '1.9', cut: '16', percent: '3.8' }];
  const [area] = planCase(lawnCase({ ...BEDS, squareFeet: '400', covers })).areas;
  const { inAll, leaves } = area?.covers[0] ?? {};
  expect(value(inAll) * 43.56).toBeCloseTo(196.6, 1);
  expect(value(leaves) / 10).toBeCloseTo(0.226, 3);
});

// Worked by hand: an inch on 400 ft² is 1.23 yd³; every text: an inch on 1000 ft² is 3.1 yd³.
test.each([
  ['400', 1.23],
  ['1000', 3.09],
])('an inch of compost on %s ft² is %d cubic yards', (squareFeet, yards) => {
  const loads = [{ amount: '1' }];
  const [area] = planCase(lawnCase({ ...BEDS, squareFeet, loads })).areas;
  expect(value(area?.loads[0]?.yards)).toBeCloseTo(yards, 2);
});

// PNW 533 by hand: rabbit manure of 15-10-14 lb a ton weighs 1,400 lb a cubic yard; 533 lb of it are 0.38 yd³ and hold 2.67 lb of phosphate.
test('533 lb of rabbit manure are 0.38 cubic yards', () => {
  const rabbit = bulk('rabbit-manure');
  expect(rabbit?.lbPerYd3).toBe(1400);
  expect(533 / 1400).toBeCloseTo(0.38, 2);
  expect((533 / 2000) * (rabbit?.perTon.P2O5 ?? NaN)).toBeCloseTo(2.67, 1);
});
