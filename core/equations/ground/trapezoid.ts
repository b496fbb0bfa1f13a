import type { Equation } from '../../kernel/working/equation';
import { squareFeet, type Feet, type SquareFeet } from './measures';

/** Half the sum of the parallel sides × the distance between them. Elementary geometry. */
export const TRAPEZOID: Equation<readonly [Feet, Feet, height: Feet], SquareFeet> = {
  id: 'trapezoid',
  compute: (a, b, height) => squareFeet(((a.value + b.value) / 2) * height.value),
};
