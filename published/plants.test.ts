/**
 * The ranges of plants against Spurway's list of 1941, typed from the second recollection: independent. His are
 * ranges in which a plant does well at all, wider than targets of lime: ours lie within them, or leave them
 * by no more than half a pH at an end, as bulletins since have moved them.
 */
import { PLANTS } from '../core/catalog/plants/plants';
import { BASE_SATURATION_RATIO } from '../core/tables/soil/baseSaturationRatio';
import { LEAD_TOTAL } from '../core/tables/soil/lead';
import { TURF_MINIMUMS } from '../core/tables/fertilizer/turfMinimums';
import { readFixture } from './csv';

const [, ...rows] = readFixture('plant-ph-spurway.csv');

/**
 * Plants on which later bulletins differ from Spurway by more than half a pH: blackberry 5.5–7.0, lily 5.5–7.0, pecan
 * 5.8–7.0 or 6.0–7.0, petunia 5.4–6.0 in mixes, sweet potato 5.8–6.5 where soil rot is no matter.
 */
const MOVED: readonly string[] = ['blackberry', 'lily', 'pecan', 'petunia', 'sweet-potato'];

test.each(rows)('%s: %s to %s', (id = '', low = '', high = '') => {
  const plant = PLANTS[id];
  expect(plant).toBeDefined();
  if (!plant || MOVED.includes(id)) return;
  expect(plant.window.low).toBeGreaterThanOrEqual(Number(low) - 0.5);
  expect(plant.window.high).toBeLessThanOrEqual(Number(high) + 0.5);
  // At least half of our range lies in his.
  const shared =
    Math.min(plant.window.high, Number(high)) - Math.max(plant.window.low, Number(low));
  expect(shared).toBeGreaterThanOrEqual((plant.window.high - plant.window.low) / 2 - 1e-9);
});

test.each<[string, number, number]>([
  // Both recollections, graded sure: alfalfa, most lawns, centipedegrass, mixed vegetables.
  ['alfalfa', 6.5, 6.8],
  ['cool-season-lawn', 6, 6.5],
  ['centipedegrass', 5, 5.5],
  ['mixed-vegetables', 6, 6.5],
])('%s is limed below %d, to %d', (id, below, to) => {
  expect(PLANTS[id]).toMatchObject({ limeBelow: below, limeTo: to });
});

test('minimum levels of turf (Woods, Stowell & Gelernter 2014, 2016), the same in both recollections', () => {
  expect(TURF_MINIMUMS).toEqual({ k: 37, p: 21, ca: 331, mg: 47, s: 7 });
});

test('shares of the bases (Graham 1959) and lead (US EPA 2024 and before)', () => {
  expect(BASE_SATURATION_RATIO).toMatchObject({
    ca: { low: 65, high: 85 },
    mg: { low: 6, high: 12 },
    k: { low: 2, high: 5 },
  });
  expect(LEAD_TOTAL).toEqual({ before2024: 400, since2024: 200, otherSources: 100 });
});
