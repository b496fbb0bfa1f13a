import type { Fertilizer } from '../../../catalog/materials/types';
import { balanceOf, handOrder, isNeeded, type Chosen } from '../handOrder';
import { isSlowYear } from '../../../catalog/programmes/programme';
import { firstNitrogen } from '../products';
import { programmeHere } from '../programme';
import { sideDressing, splitProducts } from '../splitApplications';
import { pick, type FertilizerWay, type WayInput } from './way';

function chosenProducts(input: WayInput): Chosen {
  const { candidates, plant, readings } = input;
  const programme = programmeHere(input);
  const of = (role: 'n' | 'p' | 'k'): Fertilizer => {
    const list = candidates[role];
    const first =
      role === 'n'
        ? firstNitrogen(list, plant, readings, !!programme && isSlowYear(programme))
        : // Phosphate comes of what is made for it, before what brings more nitrogen than that.
          (list.find(({ grade }) => role === 'k' || grade.P2O5 >= grade.N) ?? list[0]);
    const found = pick(input, role, first);
    if (!found) throw new Error(`byNeed: the materials hold nothing for '${role}'`);
    return found;
  };
  return { n: of('n'), p: of('p'), k: of('k') };
}

/** Each nutrient by a product of its own, in the order of the hand; on rows nitrogen alone. */
export const byNeed = {
  id: 'by-need',
  option: (ctx, input) => {
    const { area, ground, needs, isDosed } = input;
    const chosen = chosenProducts(input);
    if (ground.rows) {
      const dressed = isDosed && isNeeded(needs.need.N);
      const row = dressed && sideDressing(ctx, input, ground.rows, chosen.n, needs.earliest);
      return { way: 'by-need', parts: row ? [row] : [], balance: undefined };
    }
    const parts = isDosed ? handOrder(ctx, `${area.id}/feed`, needs.need, chosen) : [];
    return {
      way: 'by-need',
      parts: splitProducts(ctx, input, parts, needs),
      balance: balanceOf(ctx, `${area.id}/feed`, needs.need, parts),
    };
  },
} as const satisfies FertilizerWay;
