import type { Equation } from '../../kernel/working/equation';
import { squareFeet, type Across, type SquareFeet } from './measures';

/** π · d² ÷ 4: by the diameter, never the radius. Elementary geometry. */
export const CIRCLE: Equation<readonly [Across], SquareFeet> = {
  id: 'circle-by-diameter',
  compute: ({ value }) => squareFeet((Math.PI * value * value) / 4),
};
