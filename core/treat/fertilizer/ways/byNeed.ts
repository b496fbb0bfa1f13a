import { nameOf } from '../../../catalog/materials/named';
import type { PlanContext } from '../../../kernel/working/context';
import type { FitFertilizer } from '../fit';
import { balanceOf, handOrder, inTheSameTrips, type Chosen, type ProductPart } from '../handOrder';
import { isNeeded } from '../isNeeded';
import { firstNitrogen, usuallySold } from '../products';
import { isSlowHere, programmeHere } from '../programme';
import { sideDressing, splitProducts } from '../splitApplications';
import type { FertilizerWayId, Offers } from '../types';
import {
  pick,
  type Candidates,
  type FertilizerWay,
  type UndatedOption,
  type WayInput,
} from './way';

function first(role: 'n' | 'p' | 'k', input: WayInput): FitFertilizer | undefined {
  const { candidates, plant, readings } = input;
  const list = candidates[role];
  if (role === 'n') {
    const programme = programmeHere(input);
    return firstNitrogen(list, plant, readings, !!programme && isSlowHere(input, programme));
  }
  const sold = usuallySold(list);
  // Phosphate comes of what is made for it, before what brings more nitrogen than that.
  return sold.find(({ grade }) => role === 'k' || grade.P2O5 >= grade.N) ?? sold[0];
}

/** The product that stands for each need: the decided one, else the first. */
function chosenProducts(input: WayInput): Chosen {
  const of = (role: 'n' | 'p' | 'k') => pick(input, role, first(role, input));
  return { n: of('n'), p: of('p'), k: of('k') };
}

/** What the selects of a way offer. */
export function offersOf({ n, p, k, one }: Candidates): Offers {
  return { n: n.map(nameOf), p: p.map(nameOf), k: k.map(nameOf), one: one.map(nameOf) };
}

/**
 * Each need by a product of its own, after what goes on already; on rows nitrogen alone.
 * @param before makes what goes on before the needs are served
 */
export function byHandOrder(
  ctx: PlanContext,
  input: WayInput,
  way: FertilizerWayId,
  before: () => readonly ProductPart[] = () => [],
): UndatedOption {
  const { area, ground, needs, isDosed } = input;
  const chosen = chosenProducts(input);
  const offers = offersOf(input.candidates);
  if (ground.rows) {
    const dressed = isDosed && chosen.n && isNeeded(needs.need.N);
    const row = dressed && sideDressing(ctx, input, ground.rows, chosen.n, needs.earliest);
    return { way, parts: row ? [row] : [], offers, balance: undefined };
  }
  const at = `${area.id}/feed`;
  const isUsual = way === 'by-need';
  const order = { chosen, before: before(), called: isUsual ? '' : `${way}-` };
  const served = isDosed ? handOrder(ctx, at, needs.need, order) : [];
  const parts = order.before.length > 0 ? inTheSameTrips(ctx, at, served) : served;
  return {
    way,
    parts: splitProducts(ctx, input, parts, needs),
    offers,
    balance: balanceOf(ctx, isUsual ? at : `${at}/${way}`, needs.need, parts),
  };
}

/** Each nutrient by a product of its own, in the order of the hand; on rows nitrogen alone. */
export const byNeed = {
  id: 'by-need',
  isHere: () => true,
  option: (ctx, input) => byHandOrder(ctx, input, 'by-need'),
} as const satisfies FertilizerWay;
