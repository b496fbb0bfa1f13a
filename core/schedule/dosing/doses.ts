import type { Parts } from '../../site/ground/measures';
import { perThousandToTotal } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { inHands, shareStep, type HandAmount } from './inHands';

type Product = Quantity<'lb', 'product'>;
type ProductRate = Quantity<'lb/1000ft2', 'product'>;
type Count = Figure<Quantity<'doses', 'count'>>;

/** One dressing: unrounded, as hands can do it, half of it for each direction, for each bed or row. */
interface DoseAmount {
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

export interface DoseSet<R extends DoseRate = DoseRate> {
  readonly count: Count;
  /** Product on one date, unrounded; where dates differ, the most on any. */
  readonly rate: R;
  readonly total: Figure<Product>;
  readonly doses: readonly DoseAmount[];
  /** What rounding did to the sum. */
  readonly rounding: Figure<Product>;
}

/** What a material is dealt out with: its bag, its bulk density, what the ground is counted in. */
export interface Dealing {
  readonly bag: Figure<Quantity<'lb/bag', 'product'>>;
  readonly density: Figure<Quantity<'lb/ft3', 'density'>>;
  readonly parts: Parts | undefined;
  /** What went on of a dose, by its ordinal; of the others nothing has gone on yet. */
  readonly done?: ReadonlyMap<number, Figure<Product>>;
}

/** More dressings than this are no plan but a fault of the input. */
export const MOST_DOSES = 24;

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

function oneDose(
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

/** What went on within this share of what was planned went on as planned. Common practice: less than hands are off. */
const AS_PLANNED = 0.02;

type Limited = DoseAmount & { readonly limit: Figure<Product> | undefined };

/**
 * Doses after what went on of them. As planned nothing changes; after another amount those that are still to come share what is
 * left, so that what is done and what is to come are the whole: none over its limit, none below nothing.
 */
function afterDone(
  ctx: PlanContext,
  prefix: string,
  total: Figure<Product>,
  planned: readonly Limited[],
  dealing: Dealing,
): DoseAmount[] {
  const done = dealing.done ?? new Map<number, Figure<Product>>();
  const isAsPlanned = planned.every(({ ordinal, printed }) => {
    const on = done.get(ordinal);
    if (!on || 'absent' in on || 'absent' in printed) return true;
    return Math.abs(on.value.value - printed.value.value) <= AS_PLANNED * printed.value.value;
  });
  if (isAsPlanned) return [...planned];
  const coming = planned.filter(({ ordinal }) => !done.has(ordinal));
  const onGround = planned.flatMap(({ ordinal }) => done.get(ordinal) ?? []);
  const left = ctx.sheet.deduct({ id: `${prefix}/left`, label: msg('dose.leftAfter') }, [
    total,
    ...onGround,
  ]);
  const was = addPounds(
    ctx,
    { id: `${prefix}/was-coming`, label: msg('dose.wasComing') },
    coming.map(({ amount }) => amount),
  );
  return planned.map((dose) => {
    const { ordinal, rate, limit } = dose;
    const on = done.get(ordinal);
    if (on) {
      const instead = { planned: dose.printed, most: limit };
      return { ...dose, amount: on, printed: on, instead };
    }
    const id = `${prefix}/${ordinal}/left`;
    const amount = ctx.sheet.derive(
      'proportion',
      { id: `${id}/amount`, label: msg('dose.amount') },
      [dose.amount, left, was],
      (each, rest, all) =>
        quantity(all.value === 0 ? 0 : (each.value * rest.value) / all.value, 'lb', 'product'),
    );
    return oneDose(ctx, id, { ordinal, rate }, amount, undefined, limit, dealing);
  });
}

/** What is left of the total for the last of several dressings. */
function restOf(
  ctx: PlanContext,
  prefix: string,
  total: Figure<Product>,
  before: readonly DoseAmount[],
): Figure<Product> {
  const inputs: [Figure<Product>, ...Figure<Product>[]] = [
    total,
    ...before.map(({ printed }) => printed),
  ];
  return ctx.sheet.deduct({ id: `${prefix}/rest`, label: msg('dose.rest') }, inputs);
}

/**
 * Deals a total out in equal dressings, each rounded to what hands can measure and never over the
 * limit; the last one takes up what the others' rounding left, as far as the limit lets it.
 */
export function dealOut<R extends DoseRate>(
  ctx: PlanContext,
  prefix: string,
  amounts: {
    readonly count: Count;
    readonly rate: R;
    readonly total: Figure<Product>;
    /** Nothing may be over this; no limit where it is not given. */
    readonly limit: Figure<Product> | undefined;
  },
  dealing: Dealing,
): DoseSet<R> {
  const { count, rate, total, limit } = amounts;
  const n = 'absent' in count || 'absent' in total ? 0 : count.value.value;
  const doses: DoseAmount[] = [];
  for (let ordinal = 1; ordinal <= n && n <= MOST_DOSES; ordinal += 1) {
    const id = `${prefix}/${ordinal}`;
    const amount = ctx.sheet.divide(
      { id: `${id}/amount`, label: msg('dose.amount') },
      [total, count],
      'lb',
      'product',
    );
    const rest = ordinal === n && n > 1 ? restOf(ctx, prefix, total, doses) : undefined;
    doses.push(oneDose(ctx, id, { ordinal, rate }, amount, rest, limit, dealing));
  }
  const dealt = afterDone(
    ctx,
    prefix,
    total,
    doses.map((dose) => ({ ...dose, limit })),
    dealing,
  );
  return { count, rate, total, doses: dealt, rounding: roundingOf(ctx, prefix, total, dealt) };
}

/**
 * Splits a yearly or total rate of product into equal dressings that none passes the cap.
 *
 * Every cap is in pounds of product per 1000 ft² and date; without one it is a single dressing.
 * Absent figures and more than 24 dressings give no doses.
 */
export function splitDoses(
  ctx: PlanContext,
  prefix: string,
  rate: Figure<ProductRate>,
  cap: Figure<ProductRate> | undefined,
  extent: Figure<Quantity<'1000ft2', 'ground'>>,
  dealing: Dealing,
): DoseSet<Figure<ProductRate>> {
  const { sheet } = ctx;
  const counted = { id: `${prefix}/count`, label: msg('dose.count') };
  const count = cap
    ? sheet.derive('count', counted, [rate, cap], (all, most) =>
        quantity(Math.ceil(all.value / most.value - 1e-9), 'doses', 'count'),
      )
    : ctx.constant(counted, 1, 'doses', 'count');
  const each = sheet.divide(
    { id: `${prefix}/each`, label: msg('dose.each') },
    [rate, count],
    'lb/1000ft2',
    'product',
  );
  const total = sheet.derive(
    'multiply',
    { id: `${prefix}/total`, label: msg('dose.total') },
    [rate, extent],
    perThousandToTotal,
  );
  const limit =
    cap &&
    sheet.derive(
      'multiply',
      { id: `${prefix}/limit`, label: msg('dose.limit') },
      [cap, extent],
      perThousandToTotal,
    );
  return dealOut(ctx, prefix, { count, rate: each, total, limit }, dealing);
}

/** A part of a rate that is put on at one time of the year, in one application or more. */
export interface DosePart {
  readonly share: number;
  /** What is told of the share in the working. */
  readonly label: Msg;
  /** The most of the product at once; nothing where no cap applies. */
  readonly cap: Figure<ProductRate> | undefined;
}

/** Doses of unequal parts, and which part each belongs to. */
export interface DealtParts {
  readonly set: DoseSet<Figure<ProductRate>>;
  readonly partOf: readonly number[];
}

/**
 * Splits a yearly rate of product by shares, and each share again where it would pass the cap. The amounts are rounded
 * as hands can measure them and never over the cap.
 *
 * Absent figures and more than 24 applications give none.
 */
export function splitByShares(
  ctx: PlanContext,
  prefix: string,
  rate: Figure<ProductRate>,
  parts: readonly DosePart[],
  extent: Figure<Quantity<'1000ft2', 'ground'>>,
  dealing: Dealing,
): DealtParts {
  const { sheet } = ctx;
  const onGround = (id: string, label: Msg, each: Figure<ProductRate>): Figure<Product> =>
    sheet.derive('multiply', { id, label }, [each, extent], perThousandToTotal);
  const dealt = parts.map(({ share, label, cap }, at) => {
    const id = `${prefix}/part-${at + 1}`;
    const limit = cap && onGround(`${id}/limit`, msg('dose.limit'), cap);
    const named = { id: `${id}/share`, label, source: 'practice' } as const;
    const fraction = ctx.constant(named, share, 'ratio', 'share');
    const whole = sheet.multiply({ id, label }, [rate, fraction], 'lb/1000ft2', 'product');
    const known = !('absent' in whole || 'absent' in extent || (cap && 'absent' in cap));
    const most = cap && !('absent' in cap) ? cap.value.value : Infinity;
    const times = known ? Math.max(1, Math.ceil(whole.value.value / most - 1e-9)) : 0;
    return { id, whole, times, limit };
  });
  const all = dealt.reduce((sum, { times }) => sum + times, 0);
  const doses: Limited[] = [];
  const partOf: number[] = [];
  dealt.forEach(({ id, whole, times, limit }, at) => {
    if (times === 0 || all > MOST_DOSES) return;
    const counted = { id: `${id}/times`, label: msg('dose.count') };
    const each = sheet.divide(
      { id: `${id}/each`, label: msg('dose.each') },
      [whole, ctx.constant(counted, times, 'doses', 'count')],
      'lb/1000ft2',
      'product',
    );
    for (let turn = 0; turn < times; turn += 1) {
      const ordinal = doses.length + 1;
      const name = `${prefix}/${ordinal}`;
      const amount = onGround(`${name}/amount`, msg('dose.amount'), each);
      const dose = oneDose(ctx, name, { ordinal, rate: each }, amount, undefined, limit, dealing);
      doses.push({ ...dose, limit });
      partOf.push(at);
    }
  });
  const most = doses.map((dose) => dose.rate as Figure<ProductRate>);
  const largest = most.reduce<Figure<ProductRate> | undefined>(
    (found, each) =>
      found && !('absent' in found) && !('absent' in each) && found.value.value >= each.value.value
        ? found
        : each,
    undefined,
  );
  const total = onGround(
    `${prefix}/total`,
    msg('dose.total'),
    sheet.add(
      { id: `${prefix}/coming`, label: msg('dose.coming') },
      dealt.map(({ whole }) => whole),
      'lb/1000ft2',
      'product',
    ),
  );
  const count = ctx.constant(
    { id: `${prefix}/count`, label: msg('dose.count') },
    all,
    'doses',
    'count',
  );
  const after = afterDone(ctx, prefix, total, doses, dealing);
  const set = {
    count,
    rate: largest ?? rate,
    total,
    doses: after,
    rounding: roundingOf(ctx, prefix, total, after),
  };
  return { set, partOf };
}

/** Adds printed amounts into one figure. */
export function addPounds(
  ctx: PlanContext,
  entry: { id: string; label: ReturnType<typeof msg> },
  figures: readonly Figure<Product>[],
): Figure<Product> {
  return ctx.sheet.add(entry, figures, 'lb', 'product');
}

function roundingOf(
  ctx: PlanContext,
  prefix: string,
  total: Figure<Product>,
  doses: readonly DoseAmount[],
): Figure<Product> {
  const entry = { id: `${prefix}/rounding`, label: msg('dose.rounding') };
  if (doses.length === 0) return ctx.sheet.absent(entry, msg('absent.noDoses'), [total.id]);
  const sum = addPounds(
    ctx,
    { id: `${prefix}/printed-total`, label: msg('dose.printedTotal') },
    doses.map(({ printed }) => printed),
  );
  return ctx.sheet.subtract(entry, [sum, total]);
}

/** Whole bags for some pounds; bags round up, the application does not follow the bag. */
export function bagsFor(
  ctx: PlanContext,
  id: string,
  pounds: Figure<Product>,
  bag: Figure<Quantity<'lb/bag', 'product'>>,
): Figure<Quantity<'bags', 'product'>> {
  return ctx.sheet.derive(
    'count',
    { id, label: msg('dose.bagsToBuy') },
    [pounds, bag],
    (lb, size) => quantity(Math.ceil(lb.value / size.value - 1e-9), 'bags', 'product'),
  );
}
