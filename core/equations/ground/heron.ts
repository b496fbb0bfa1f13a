import type { Equation } from '../../kernel/working/equation';
import { squareFeet, type Feet, type SquareFeet } from './measures';

/** Heron's formula in Kahan's order, which stays exact for needles. */
export const HERON: Equation<readonly Feet[], SquareFeet> = {
  id: 'heron',
  compute: (...sides) => {
    const [a = 0, b = 0, c = 0] = sides.map(({ value }) => value).sort((x, y) => y - x);
    const product = (a + (b + c)) * (c - (a - b)) * (c + (a - b)) * (a + (b - c));
    return squareFeet(Math.sqrt(Math.max(0, product)) / 4);
  },
};
