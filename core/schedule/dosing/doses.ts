import { perThousandToTotal } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { afterDone, type Limited } from './afterDone';
import {
  addPounds,
  oneDose,
  type Dealing,
  type DoseAmount,
  type DoseRate,
  type Product,
  type ProductRate,
} from './oneDose';

type Count = Figure<Quantity<'doses', 'count'>>;

export interface DoseSet<R extends DoseRate = DoseRate> {
  readonly count: Count;
  /** Product on one date, unrounded; where dates differ, the most on any. */
  readonly rate: R;
  readonly total: Figure<Product>;
  readonly doses: readonly DoseAmount[];
  /** What rounding did to the sum. */
  readonly rounding: Figure<Product>;
}

/** More dressings than this are no plan but a fault of the input. */
export const MOST_DOSES = 24;

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
