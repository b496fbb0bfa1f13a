import type { AreaPlan } from '../area/areaPlan';
import { toldTreatments } from '../tell/told';
import { toCome } from '../treat/shared/treated';
import type { Use } from '../treat/purchase';

/** What the firm applications of an area take; ground without an area takes nobody knows how much. */
export function usesOf(plan: AreaPlan): Use[] {
  return toldTreatments(plan).flatMap(({ products }) =>
    products.map(({ role, material, bag, applications }): Use => {
      const counted = plan.ground.known || role === 'row';
      const firm = toCome(applications).filter(({ state }) => counted && state === 'firm');
      const inPacks = role !== 'lime' && role !== 'sulfur';
      return { material, bag, inPacks, pounds: firm.map(({ amount }) => amount.printed) };
    }),
  );
}
