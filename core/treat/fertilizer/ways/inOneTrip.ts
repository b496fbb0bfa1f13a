import { balanceOf } from '../handOrder';
import { applicationLimits } from '../ruled';
import { bestForOneTrip, oneTrip } from '../oneTrip';
import { splitProducts } from '../splitApplications';
import { offersOf } from './byNeed';
import { pick, type FertilizerWay } from './way';

/** One product, once: what it leaves over and short is told beside it. */
export const inOneTrip: FertilizerWay = {
  id: 'one-trip',
  isHere: ({ ground, isDosed }) => !ground.rows && isDosed,
  option: (ctx, input) => {
    const { area, needs, candidates } = input;
    const rules = applicationLimits(input);
    const material = pick(input, 'one', bestForOneTrip(candidates.one, needs.need, rules));
    const part = material && oneTrip(ctx, `${area.id}/feed`, needs.need, material, rules);
    if (!part) return undefined;
    return {
      way: 'one-trip',
      parts: splitProducts(ctx, input, [part], needs),
      offers: offersOf(candidates),
      balance: balanceOf(ctx, `${area.id}/feed/one`, needs.need, [part]),
    };
  },
};
