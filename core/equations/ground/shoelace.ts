import type { Equation } from '../../kernel/working/equation';
import { squareFeet, type Feet, type SquareFeet } from './measures';

/** Area inside corners by the surveyor's (shoelace) formula, whichever way round they run. */
export function shoelace(corners: readonly (readonly [number, number])[]): number {
  const twice = corners.reduce((sum, [x, y], index) => {
    const [nextX, nextY] = corners[(index + 1) % corners.length] ?? [0, 0];
    return sum + x * nextY - nextX * y;
  }, 0);
  return Math.abs(twice) / 2;
}

/** The corners one after the other, x before y. */
export const SHOELACE: Equation<readonly Feet[], SquareFeet> = {
  id: 'shoelace',
  compute: (...values) =>
    squareFeet(
      shoelace(
        values.flatMap(({ value }, index): (readonly [number, number])[] =>
          index % 2 === 0 ? [[value, values[index + 1]?.value ?? 0]] : [],
        ),
      ),
    ),
};
