import type { PlanContext } from '../../../kernel/working/context';
import { cec } from './cec';
import { garden } from './garden';
import { learned } from './learned';
import { perTenth } from './perTenth';
import type { SulfurMethod, SulfurNeed, SulfurOption, SulfurSchool } from './school';
import { clayHigh, table } from './toFourFive';
import { toSixFive } from './toSixFive';

/**
 * Every school, in the order in which they are asked: the first with an answer is dosed from, so that a target of 6.5 and
 * above goes by the table that is made for it, and any below by that of the blueberry bulletins.
 */
const ALL: readonly SulfurMethod[] = [toSixFive, table, clayHigh, garden, perTenth, cec, learned];

/** The school that is dosed from: the one that the advisor decided for, else the first with an answer that needs nobody's decision. */
export function chosenSchool(
  options: readonly SulfurOption[],
  decided: string | undefined,
): SulfurOption | undefined {
  const offered = options.filter(({ id }) => !ALL.find((each) => each.id === id)?.byDecision);
  return (
    options.find(({ id }) => id === decided) ??
    offered.find(({ gross }) => !('absent' in gross)) ??
    offered[0]
  );
}

export const SULFUR_SCHOOLS: readonly SulfurSchool[] = ALL.map(({ id }) => id);

/**
 * Elemental sulfur in all by every school that fits the soil and the target, lb/1000 ft².
 * Domain: pH and target 4.5 to 7.5, or 6.5 to 8.5; by the exchange capacity 4.5 to 7.7.
 */
export function sulfurOptions(ctx: PlanContext, areaId: string, input: SulfurNeed): SulfurOption[] {
  return ALL.filter(({ fits }) => fits(input)).map(({ id, gross }) => ({
    id,
    gross: gross(ctx, areaId, input),
  }));
}
