import type { Equation } from '../../kernel/working/equation';
import { squareFeet, type Across, type SquareFeet } from './measures';

/** π · (d² − inner²) ÷ 4. Elementary geometry. */
export const RING: Equation<readonly [outer: Across, inner: Across], SquareFeet> = {
  id: 'ring-by-diameters',
  compute: (outer, inner) => squareFeet((Math.PI * (outer.value ** 2 - inner.value ** 2)) / 4),
};
