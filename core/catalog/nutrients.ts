import type { Quantity } from '../kernel/units/quantity';
import type { Figure } from '../kernel/working/working';

/** What feeding counts, in the order of a grade. */
export const NUTRIENTS = ['N', 'P2O5', 'K2O'] as const;
export type Nutrient = (typeof NUTRIENTS)[number];

/** A rate of each nutrient, lb/1000 ft²; absent where nobody knows it. */
export type NutrientRates = {
  readonly [S in Nutrient]: Figure<Quantity<'lb/1000ft2', S>>;
};
