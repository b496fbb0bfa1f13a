import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type Cec = Quantity<'meq/100g', 'CEC'>;
type PerCec = Quantity<'ratio', 'CEC'>;
const id = 'critical-k';

/** `a + b × CEC`: the critical level of potassium rises with the exchange capacity (E-2567). */
export const CRITICAL_K: Equation<
  readonly [base: Quantity<'ppm', 'K'>, perCec: PerCec, cec: Cec],
  Quantity<'ppm', 'K'>
> = {
  id,
  compute: (base, perCec, cec) => quantity(base.value + perCec.value * cec.value, 'ppm', 'K'),
};

/** The same line for the potash that brings the soil up by one ppm. */
export const BUILD_UP_FACTOR: Equation<
  readonly [base: Quantity<'ratio', 'share'>, perCec: PerCec, cec: Cec],
  Quantity<'ratio', 'share'>
> = {
  id,
  compute: (base, perCec, cec) => quantity(base.value + perCec.value * cec.value, 'ratio', 'share'),
};
