import { balanceOf } from '../handOrder';
import { applicationLimits } from '../ruled';
import { bestForOneTrip, oneTrip } from '../oneTrip';
import { splitProducts } from '../splitApplications';
import { pick, type FertilizerWay } from './way';

/** One product, once: what it leaves over and short is told beside it. */
export const inOneTrip: FertilizerWay = {
  id: 'one-trip',
  option: (ctx, input) => {
    const { area, ground, needs, candidates, isDosed } = input;
    if (ground.rows || !isDosed) return undefined;
    const rules = applicationLimits(input);
    const material = pick(input, 'one', bestForOneTrip(candidates.one, needs.need, rules));
    const part = material && oneTrip(ctx, `${area.id}/feed`, needs.need, material, rules);
    if (!part) return undefined;
    return {
      way: 'one-trip',
      parts: splitProducts(ctx, input, [part], needs),
      balance: balanceOf(ctx, `${area.id}/feed/one`, needs.need, [part]),
    };
  },
};
