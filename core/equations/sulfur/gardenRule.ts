import type { Equation } from '../../kernel/working/equation';
import { GARDEN_RULE, PER_TENTH } from '../../tables/sulfur';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type Ph = Quantity<'pH', 'water'>;
type Sulfur = Quantity<'lb/100ft2', 'S'>;

/** So much for a whole pH, as garden books print it. */
export const SULFUR_PER_PH: Equation<readonly [now: Ph, target: Ph], Sulfur> = {
  id: 'sulfur-garden',
  compute: (now, target) =>
    quantity(Math.max(0, now.value - target.value) * GARDEN_RULE.poundsPerPh, 'lb/100ft2', 'S'),
};

/** So much for each tenth above the rule's foot. Common practice. */
export const SULFUR_PER_TENTH: Equation<readonly [now: Ph], Sulfur> = {
  id: 'sulfur-per-tenth',
  compute: ({ value }) =>
    quantity(Math.max(0, (value - PER_TENTH.above) / 0.1) * PER_TENTH.pounds, 'lb/100ft2', 'S'),
};
