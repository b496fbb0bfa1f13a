import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type Ph = Quantity<'pH', 'water'>;

/** Half the distance between the ends of a range of pH. */
export const HALF_RANGE: Equation<readonly [high: Ph, low: Ph], Ph> = {
  id: 'half-range',
  compute: (high, low) => quantity((high.value - low.value) / 2, 'pH', 'water'),
};
