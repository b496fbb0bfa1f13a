import type { CaseFile } from '../casefile/casefile';
import { STOCK_RULES } from '../treat/shared/packs';
import type { PlanContext } from '../kernel/working/context';

/** What may be typed of the best buy. */
export const BUY_RULES = {
  percent: { min: 0, max: 100 },
  count: { min: 1, max: 20 },
  ...STOCK_RULES,
} as const;

/** Marks what is typed of stock, packs and limits and cannot be read, each at its place. */
export function checkBuying(ctx: PlanContext, { stock, buying }: CaseFile): void {
  ctx.check('buying/short', buying.short, BUY_RULES.percent);
  ctx.check('buying/over', buying.over, BUY_RULES.percent);
  ctx.check('buying/products', buying.products, BUY_RULES.count);
  ctx.check('buying/trips', buying.trips, BUY_RULES.count);
  for (const [id, { onHand, packs }] of Object.entries(stock)) {
    ctx.check(`stock/${id}/onHand`, onHand, BUY_RULES.onHand);
    for (const pack of Object.values(packs)) {
      const at = `stock/${id}/packs/${pack.id}`;
      ctx.check(`${at}/pounds`, pack.pounds, BUY_RULES.pack);
      ctx.check(`${at}/price`, pack.price, BUY_RULES.price);
    }
  }
}
