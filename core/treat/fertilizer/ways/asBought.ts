import { totalToPerThousand } from '../../../kernel/units/convert';
import { quantity } from '../../../kernel/units/quantity';
import type { PlanContext } from '../../../kernel/working/context';
import { msg } from '../../../kernel/messages/msg';
import { balanceOf, broughtBy, inTheSameTrips, type ProductPart } from '../handOrder';
import { sharesOf } from '../products';
import { splitProducts } from '../splitApplications';
import type { FertilizerWay, WayInput } from './way';

/** The products that were chosen for this ground, as far as they may go on it still. */
function boughtParts(ctx: PlanContext, { area, file, fit, ground }: WayInput): ProductPart[] {
  return Object.entries(file.bought.amounts).flatMap(([at, { materialId, pounds }], index) => {
    const material = fit.find(({ id }) => id === materialId);
    if (!material || pounds <= 0) return [];
    const key = `buy-${index + 1}`;
    const id = `${area.id}/feed/${key}`;
    const total = ctx.sheet.leaf(
      'decided',
      { id: `${id}/bought`, label: msg('feed.bought'), at: `bought/amounts/${at}/pounds` },
      quantity(pounds, 'lb', 'product'),
    );
    const rate = ctx.sheet.derive(
      'divide',
      { id: `${id}/rate`, label: msg('feed.boughtRate') },
      [total, ground.extent],
      totalToPerThousand,
    );
    const shares = sharesOf(ctx, id, material);
    const role = material.grade.N > 0 ? 'n' : material.grade.P2O5 > 0 ? 'p' : 'k';
    return [{ role, key, material, shares, rate, delivers: broughtBy(ctx, id, rate, shares) }];
  });
}

/** The products and amounts of the best buy that was chosen for the whole job. */
export const asBought: FertilizerWay = {
  id: 'best-buy',
  isHere: ({ file, isDosed, ground }) =>
    isDosed && ground.known && Object.keys(file.bought.amounts).length > 0,
  option: (ctx, input) => {
    const { area, needs } = input;
    const at = `${area.id}/feed`;
    const parts = inTheSameTrips(ctx, at, boughtParts(ctx, input));
    if (parts.length === 0) return undefined;
    return {
      way: 'best-buy',
      parts: splitProducts(ctx, input, parts, needs),
      offers: undefined,
      balance: balanceOf(ctx, `${at}/buy`, needs.need, parts),
    };
  },
};
