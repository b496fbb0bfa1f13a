import type { NutrientRates } from '../../../catalog/nutrients';
import type { PlanContext } from '../../../kernel/working/context';
import type { NeedInput } from '../needInput';

export type School = 'pack' | 'build' | 'minimums' | 'balance' | 'laboratory';

/** What is known before any school speaks: the rates that the pack prints, and the laboratory's own. */
export interface Printed {
  readonly pack: NutrientRates;
  readonly laboratory: NutrientRates;
}

/** A way to turn a soil test into a year's N, P2O5 and K2O: one file, one object. N is nowhere a matter of the soil test. */
export interface FertilizerSchool {
  readonly id: School;
  readonly rates: (ctx: PlanContext, input: NeedInput, printed: Printed) => NutrientRates;
}
