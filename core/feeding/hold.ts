import { forbidsFood, leadOf } from '../reading/lead';
import { saltsTooHigh } from '../reading/salts';
import type { AreaGoal } from '../plants/goal';
import type { Readings } from '../report/types';
import type { Figure } from '../working/working';

/** What keeps all fertilizer off this ground, and the figure that says so. */
export interface FeedHold {
  readonly why: 'lead' | 'salts';
  readonly figure: Figure;
}

/** Plants that people eat. */
const FOOD = ['vegetables', 'herbs', 'fruit'];

/**
 * Whether this ground is fed at all for now: nothing is grown to eat on lead over the guidance, and no salts go
 * where there are more than its plants bear.
 */
export function feedHold({ plants }: AreaGoal, readings: Readings): FeedHold | undefined {
  const lead = leadOf(readings);
  if (lead && forbidsFood(lead.level) && plants.some(({ group }) => FOOD.includes(group))) {
    return { why: 'lead', figure: lead.figure };
  }
  const salts = saltsTooHigh(plants, readings);
  return salts && { why: 'salts', figure: salts.figure };
}
