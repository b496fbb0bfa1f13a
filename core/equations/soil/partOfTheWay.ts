import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type Ph = Quantity<'pH', 'water'>;

/** `from + part × (to − from)`. */
export const PART_OF_THE_WAY: Equation<
  readonly [from: Ph, to: Ph, part: Quantity<'ratio', 'share'>],
  Ph
> = {
  id: 'part-of-the-way',
  compute: (from, to, part) =>
    quantity(from.value + part.value * (to.value - from.value), 'pH', 'water'),
};
