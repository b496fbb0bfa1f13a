import type { Equation } from '../../kernel/working/equation';
import { squareFeet, type Feet, type SquareFeet } from './measures';

/** π · a · b ÷ 4, by the two axes. Elementary geometry. */
export const ELLIPSE: Equation<readonly [Feet, Feet], SquareFeet> = {
  id: 'ellipse-by-axes',
  compute: (a, b) => squareFeet((Math.PI * a.value * b.value) / 4),
};
