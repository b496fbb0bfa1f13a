import { isForOrganic } from '../fit';
import { isOrganicOnly } from '../offered';
import { byHandOrder } from './byNeed';
import type { Candidates, FertilizerWay, WayInput } from './way';

function organicOf({ candidates: { n, p, k, one } }: WayInput): Candidates {
  const of = (list: Candidates['n']) => list.filter(isForOrganic);
  return { n: of(n), p: of(p), k: of(k), one: of(one) };
}

/** Each nutrient by a product that organic growers may use. Where nothing else may go on, that is the usual way. */
export const organically: FertilizerWay = {
  id: 'organic',
  isHere: (input) =>
    input.isDosed && !input.ground.rows && !isOrganicOnly(input) && organicOf(input).n.length > 0,
  option: (ctx, input) => byHandOrder(ctx, { ...input, candidates: organicOf(input) }, 'organic'),
};
