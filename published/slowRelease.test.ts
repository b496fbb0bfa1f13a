/**
 * How long slow nitrogen lasts: Beard, Turfgrass: Science and Culture, 1973, and extension sheets on slow sources, weeks in warm
 * soil; coats by temperature, Q10 of 2, against nursery sheets that print a product of three to four months at 70 °F as four to
 * five at 60, two to three at 80. All recalled.
 */
import { coatedDays, LASTS_WEEKS } from '../core/tables/fertilizer/duration';

test.each([
  ['sulfur-coat', 6, 12],
  ['ibdu', 10, 16],
  ['methylene-urea', 7, 12],
  ['organic', 6, 12],
] as const)('%s: %i to %i weeks', (by, from, to) => {
  expect(LASTS_WEEKS[by]).toEqual({ from, to });
});

// A 90-day product by mean temperature, worked out by halving for each 10 °C.
test.each([
  [50, 194],
  [60, 132],
  [70, 90],
  [80, 61],
  [90, 42],
])('90 days at 70 °F are at %i °F %i days', (degrees, days) => {
  expect(Math.round(coatedDays(90, degrees))).toBe(days);
});

test.each([
  [60, 4, 6],
  [80, 2, 3],
])('three to four months at 70 °F are at %i °F about %i to %i', (degrees, from, to) => {
  const months = [3, 4].map((rated) => coatedDays(rated * 30, degrees) / 30);
  for (const each of months) {
    expect(each).toBeGreaterThan(from - 0.1);
    expect(each).toBeLessThan(to + 0.1);
  }
});
