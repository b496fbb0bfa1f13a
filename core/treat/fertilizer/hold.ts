import type { Area } from '../../casefile/parts/area';
import { forbidsFood, leadOf } from '../../reading/lead';
import { saltsTooHigh } from '../../reading/salts';
import type { AreaGoal } from '../../site/goal';
import { isEaten, PLANTS } from '../../catalog/plants/plants';
import type { Readings } from '../../site/report/types';
import { own } from '../../kernel/typed/own';
import type { Figure } from '../../kernel/working/working';

/** What keeps all fertilizer off this ground, and the figure that says so. */
export interface FertilizerHold {
  readonly why: 'lead' | 'salts';
  readonly figure: Figure;
}

/**
 * Whether this ground is fed at all for now: nothing is grown to eat on lead over the guidance, and no salts go
 * where there are more than its plants bear.
 */
export function fertilizerHold(
  { plants }: AreaGoal,
  readings: Readings,
  { plant: named }: Pick<Area, 'plant'>,
): FertilizerHold | undefined {
  const lead = leadOf(readings);
  // What nobody here knows may be eaten as well.
  const eaten = !own(PLANTS, named) || plants.some(isEaten);
  if (lead && forbidsFood(lead.level) && eaten) {
    return { why: 'lead', figure: lead.figure };
  }
  const salts = saltsTooHigh(plants, readings);
  return salts && { why: 'salts', figure: salts.figure };
}
