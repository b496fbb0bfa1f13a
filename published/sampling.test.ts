/**
 * Number of cores (t · CV ÷ E)², Cline 1944, Soil Science 58:275–288, with the answers that extension
 * literature prints for t = 1.96 (recalled): 27, 15, 19 and 78. They are rounded to the nearest; the
 * product rounds up, since fewer cores would be less sure than was asked for.
 */
import { coresFor } from '../core/equations/ground/cores';

test.each([
  // (1.96 × 40 ÷ 15)² = 27.3; (1.96 × 30 ÷ 15)² = 15.4; (1.96 × 45 ÷ 20)² = 19.4; (1.96 × 45 ÷ 10)² = 77.8
  [40, 15, 27, 28],
  [30, 15, 15, 16],
  [45, 20, 19, 20],
  [45, 10, 78, 78],
])('CV %d %%, error %d %%: printed %d, advised %d cores', (variation, error, printed, advised) => {
  expect(Math.round(((1.96 * variation) / error) ** 2)).toBe(printed);
  expect(coresFor(1.96, variation, error)).toBe(advised);
});
