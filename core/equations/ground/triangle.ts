import type { Equation } from '../../kernel/working/equation';
import { squareFeet, type Feet, type SquareFeet } from './measures';

/** Half of base × height. Elementary geometry. */
export const TRIANGLE: Equation<readonly [base: Feet, height: Feet], SquareFeet> = {
  id: 'triangle-by-height',
  compute: (base, height) => squareFeet((base.value * height.value) / 2),
};
