import type { NutrientRates } from '../../../catalog/nutrients';
import type { PlanContext } from '../../../kernel/working/context';
import type { NeedInput } from '../needInput';
import { baseSaturation } from './baseSaturation';
import { buildUp } from './buildUp';
import { laboratory } from './laboratory';
import { minimums } from './minimums';
import { pack } from './pack';
import type { FertilizerSchool, Printed, School } from './school';

/**
 * How a soil test is turned into a need, in the order in which the schools stand side by side. A school that is added
 * here is offered, reckoned and compared.
 */
const ALL: readonly FertilizerSchool[] = [pack, buildUp, minimums, baseSaturation, laboratory];

export const SCHOOLS: readonly School[] = ALL.map(({ id }) => id);

/** N, P2O5 and K2O of a year by every school. */
export function schoolRates(
  ctx: PlanContext,
  input: NeedInput,
  printed: Printed,
): Readonly<Record<School, NutrientRates>> {
  const rates = ALL.map(({ id, rates: of }) => [id, of(ctx, input, printed)]);
  return Object.fromEntries(rates) as Record<School, NutrientRates>;
}
