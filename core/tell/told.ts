import type { AreaPlan } from '../area/areaPlan';
import { toCome } from '../treat/shared/treated';
import { treatmentsIn, type Treatment } from '../treat/treatments';

/**
 * Fertilizer is told where the pH or the lime is known, or where nothing was tested: what is planted waits for no buffer pH.
 */
export function fertilizerIsTold({ treatments, readings, goal }: AreaPlan): boolean {
  const { untested, waterPh } = readings;
  // On what bears no lime by routine nobody waits for it.
  return treatments.lime.verdict !== 'absent' || untested || goal.acid || !('absent' in waterPh);
}

/** Whether fertilizer with its days stands on the page. */
export function isFedOnPage(plan: AreaPlan): boolean {
  const { isDosed, products } = plan.treatments.fertilizer;
  const dated = products.some(({ applications }) => toCome(applications).length > 0);
  return isDosed && dated && fertilizerIsTold(plan) && plan.plant.group !== 'mixes';
}

/** The treatments that the page tells of, each in its turn. */
export function toldTreatments(plan: AreaPlan): Treatment[] {
  const all = treatmentsIn(plan.treatments);
  return all.filter(({ kind }) => kind !== 'fertilizer' || fertilizerIsTold(plan));
}

/** Areas that have something to say: a report that was begun, or none at all. */
export function isTold({ readings }: AreaPlan): boolean {
  return readings.begun || readings.untested;
}
