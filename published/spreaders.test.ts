/**
 * Spreaders against worked sums: rates and strips by the area formula of turf texts (Turgeon, Turfgrass Management; Purdue and Ohio
 * sheets; recalled), a pan pattern worked by hand after ASABE S341. Inputs are our own, the sums are elementary.
 */
import { DIAL_IN_PROPORTION, dialBetween } from '../core/equations/spreader/dial';
import { unevenness } from '../core/equations/spreader/overlap';
import { quantity } from '../core/kernel/units/quantity';

const PATTERN = [1, 3, 6, 10, 12, 13, 13, 13, 12, 10, 6, 3, 1];

// The overlapped sums of one swath, their mean and CV with n − 1, worked out by hand.
test.each([
  [5, 6.5],
  [6, 10.7],
  [7, 7.6],
  [8, 2.7],
  [9, 13.9],
  [10, 26.7],
  [11, 39.2],
  [12, 50.3],
])('pans a foot apart, strips %i ft apart: CV %d %%', (trays, cv) => {
  for (const mirrored of [false, true]) {
    expect(unevenness(trays, PATTERN, mirrored)).toBeCloseTo(cv, 1);
  }
});

test('a pattern that leans is evened out by walking up and down', () => {
  const leaning = [0, 2, 4, 6, 8, 10, 12, 14, 12];
  expect(unevenness(6, leaning, true)).not.toBeCloseTo(unevenness(6, leaning, false), 1);
  // As many trays from strip to strip as there are pans: nothing overlaps, and both ways are the bare pattern.
  const bare = unevenness(9, leaning, false);
  expect(unevenness(9, leaning, true)).toBeCloseTo(bare, 8);
});

test('dial 4 gives 2.0 and dial 6 gives 3.4 lb/1000 ft²: 2.6 is at 4.86', () => {
  expect(dialBetween(4, 2, 6, 3.4, 2.6)).toBeCloseTo(4.857, 3);
});

test('a line is followed a fifth of the way beyond what was tried, and no further', () => {
  expect(dialBetween(4, 2, 6, 3, 9)).toBeCloseTo(6.4, 10);
  expect(dialBetween(4, 2, 6, 3, 0.1)).toBeCloseTo(3.6, 10);
  expect(dialBetween(4, 3, 6, 2, 2.5)).toBeNaN();
});

test('dial 5 gives 3.0, flow begins at 2: 2.4 is at 4.4', () => {
  const dial = (value: number) => quantity(value, 'dial', 'dial');
  const rate = (value: number) => quantity(value, 'lb/1000ft2', 'product');
  expect(DIAL_IN_PROPORTION.compute(dial(5), dial(2), rate(3), rate(2.4)).value).toBeCloseTo(4.4);
});
