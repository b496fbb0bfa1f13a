import type { Parts } from '../../site/ground/measures';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { inHands, shareStep, type HandAmount } from './inHands';

export type Product = Quantity<'lb', 'product'>;
export type ProductRate = Quantity<'lb/1000ft2', 'product'>;

/** One dressing: unrounded, as hands can do it, half of it for each direction, for each bed or row. */
export interface DoseAmount {
  readonly ordinal: number;
  /** Product on this date, unrounded. */
  readonly rate: DoseRate;
  readonly amount: Figure<Product>;
  readonly printed: Figure<Product>;
  readonly hands: HandAmount;
  readonly perPass: Figure<Product>;
  readonly bags: Figure<Quantity<'bags', 'product'>>;
  /** For each row, bed or plant, where the ground is counted in such. */
  readonly each: HandAmount | undefined;
  /** Another amount than this went on: `printed` is what did, and no more than `most` was allowed. */
  readonly instead?: {
    readonly planned: Figure<Product>;
    readonly most: Figure<Product> | undefined;
  };
}

/** A rate on ground with an area, or along rows. */
export type DoseRate = Figure<ProductRate> | Figure<Quantity<'lb/100ft', 'product'>>;

/** What a material is dealt out with: its bag, its bulk density, what the ground is counted in. */
export interface Dealing {
  readonly bag: Figure<Quantity<'lb/bag', 'product'>>;
  readonly density: Figure<Quantity<'lb/ft3', 'density'>>;
  readonly parts: Parts | undefined;
  /** What went on of a dose, by its ordinal; of the others nothing has gone on yet. */
  readonly done?: ReadonlyMap<number, Figure<Product>>;
}

/** The share of an amount for each row, bed or plant. */
function forEach(
  ctx: PlanContext,
  id: string,
  printed: Figure<Product>,
  limit: Figure<Product> | undefined,
  { parts, density }: Dealing,
): HandAmount | undefined {
  if (!parts || 'absent' in parts.count || parts.count.value.value === 1) return undefined;
  const { count, kind } = parts;
  const share = (name: string, pounds: Figure<Product>): Figure<Product> =>
    ctx.sheet.divide(
      { id: `${id}/each/${name}`, label: msg(`dose.each.${kind}`) },
      [pounds, count],
      'lb',
      'product',
    );
  const prefix = { id: `${id}/each`, rounded: `${id}/each/printed` };
  const most = limit && share('limit', limit);
  return inHands(ctx, prefix, share('exact', printed), most, density, shareStep);
}

/** One dressing of an amount, or of the rest that the others left, as hands can do it and never over the limit. */
export function oneDose(
  ctx: PlanContext,
  id: string,
  { ordinal, rate }: Pick<DoseAmount, 'ordinal' | 'rate'>,
  amount: Figure<Product>,
  rest: Figure<Product> | undefined,
  limit: Figure<Product> | undefined,
  dealing: Dealing,
): DoseAmount {
  const prefix = { id, rounded: `${id}/printed` };
  const hands = inHands(ctx, prefix, rest ?? amount, limit, dealing.density);
  const printed = hands.pounds;
  const two = ctx.constant({ id: `${id}/passes`, label: msg('dose.passes') }, 2, 'ratio', 'share');
  const perPass = ctx.sheet.divide(
    { id: `${id}/per-pass`, label: msg('dose.perPass') },
    [printed, two],
    'lb',
    'product',
  );
  const bags = ctx.sheet.divide(
    { id: `${id}/bags`, label: msg('dose.bags') },
    [printed, dealing.bag],
    'bags',
    'product',
  );
  const each = forEach(ctx, id, printed, limit, dealing);
  return { ordinal, rate, amount, printed, hands, perPass, bags, each };
}

/** Adds printed amounts into one figure. */
export function addPounds(
  ctx: PlanContext,
  entry: { id: string; label: ReturnType<typeof msg> },
  figures: readonly Figure<Product>[],
): Figure<Product> {
  return ctx.sheet.add(entry, figures, 'lb', 'product');
}
