import type { Equation } from '../../kernel/working/equation';
import { squareFeet, type Feet, type SquareFeet } from './measures';
import { byTrapezoids } from './trapezoids';

/** Area by Simpson's one-third rule; where the strips are odd in number, the last is a trapezoid. */
export function bySimpson(apart: number, widths: readonly number[]): number {
  const even = widths.length % 2 === 1;
  const under = even ? widths : widths.slice(0, -1);
  const last = even ? 0 : byTrapezoids(apart, widths.slice(-2));
  const sum = under.reduce((all, each, index) => {
    const weight = index === 0 || index === under.length - 1 ? 1 : index % 2 === 1 ? 4 : 2;
    return all + weight * each;
  }, 0);
  return (apart / 3) * sum + last;
}

/** The distance between the widths, then the widths. */
export const SIMPSON: Equation<readonly Feet[], SquareFeet> = {
  id: 'offsets-simpson',
  compute: (apart, ...widths) =>
    squareFeet(
      bySimpson(
        apart?.value ?? 0,
        widths.map(({ value }) => value),
      ),
    ),
};
