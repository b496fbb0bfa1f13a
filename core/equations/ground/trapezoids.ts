import type { Equation } from '../../kernel/working/equation';
import { squareFeet, type Feet, type SquareFeet } from './measures';

/** Area by the trapezoidal rule from widths at equal distances: the ends count half. */
export function byTrapezoids(apart: number, widths: readonly number[]): number {
  const ends = (widths[0] ?? 0) + (widths.at(-1) ?? 0);
  return apart * (widths.reduce((sum, each) => sum + each, 0) - ends / 2);
}

/** The distance between the widths, then the widths. */
export const TRAPEZOIDS: Equation<readonly Feet[], SquareFeet> = {
  id: 'offsets-trapezoids',
  compute: (apart, ...widths) =>
    squareFeet(
      byTrapezoids(
        apart?.value ?? 0,
        widths.map(({ value }) => value),
      ),
    ),
};
