import { perThousandToTotal } from '../units/convert';
import { quantity, type Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { Figure } from '../working/working';

type Product = Quantity<'lb', 'product'>;
type ProductRate = Quantity<'lb/1000ft2', 'product'>;

/** One dressing: unrounded, as hands can do it, and half of it for each of two directions. */
interface DoseAmount {
  readonly ordinal: number;
  readonly amount: Figure<Product>;
  readonly printed: Figure<Product>;
  readonly perPass: Figure<Product>;
  readonly bags: Figure<Quantity<'bags', 'product'>>;
}

export interface DoseSet {
  readonly count: Figure<Quantity<'doses', 'count'>>;
  /** Product on one date, unrounded. */
  readonly rate: Figure<ProductRate>;
  readonly total: Figure<Product>;
  readonly doses: readonly DoseAmount[];
  /** What rounding did to the sum. */
  readonly rounding: Figure<Product>;
}

/** More dressings than this are no plan but a fault of the input. */
export const MOST_DOSES = 24;

/**
 * The step that hands can measure an amount of product to, lb.
 * @example measurableStep(236) // 1
 */
export function measurableStep(pounds: number): number {
  if (pounds >= 20) return 1;
  return pounds >= 2 ? 0.5 : 0.1;
}

/**
 * Rounds to the step: to the nearest, or down where the nearest would pass the limit.
 * @example roundUnder(166.5, 166.5, 1) // 166
 */
export function roundUnder(value: number, limit: number, step: number): number {
  const steps = Math.round(1 / step) || 1;
  const exact = (count: number): number => (step < 1 ? count / steps : count * step);
  const nearest = exact(Math.round(value / step));
  // A hair of floating point must not push an amount that equals its limit one step down.
  return nearest <= limit * (1 + 1e-12) ? nearest : exact(Math.floor((limit * (1 + 1e-12)) / step));
}

function oneDose(
  ctx: PlanContext,
  prefix: string,
  ordinal: number,
  share: { rate: Figure<ProductRate>; extent: Figure<Quantity<'1000ft2', 'ground'>> },
  finish: {
    limit: Figure<Product>;
    bag: Figure<Quantity<'lb/bag', 'product'>>;
    rest: Figure<Product> | undefined;
  },
): DoseAmount {
  const id = `${prefix}/${ordinal}`;
  const amount = ctx.sheet.derive(
    'multiply',
    { id: `${id}/amount`, label: msg('dose.amount') },
    [share.rate, share.extent],
    (rate, extent) => perThousandToTotal(rate, extent),
  );
  const step = 'absent' in amount ? 1 : measurableStep(amount.value.value);
  const printed = ctx.sheet.derive(
    'round',
    { id: `${id}/printed`, label: msg('dose.printed'), detail: { step } },
    [finish.rest ?? amount, finish.limit],
    (value, limit) => quantity(roundUnder(value.value, limit.value, step), 'lb', 'product'),
  );
  const two = ctx.constant({ id: `${id}/passes`, label: msg('dose.passes') }, 2, 'ratio', 'share');
  const perPass = ctx.sheet.derive(
    'divide',
    { id: `${id}/per-pass`, label: msg('dose.perPass') },
    [printed, two],
    (pounds, passes) => quantity(pounds.value / passes.value, 'lb', 'product'),
  );
  const bags = ctx.sheet.derive(
    'divide',
    { id: `${id}/bags`, label: msg('dose.bags') },
    [printed, finish.bag],
    (pounds, bag) => quantity(pounds.value / bag.value, 'bags', 'product'),
  );
  return { ordinal, amount, printed, perPass, bags };
}

/**
 * Splits a yearly or total rate of product into equal dressings that none passes the cap.
 *
 * Every cap is in pounds of product per 1000 ft² and date. Amounts are rounded to what hands can
 * measure, never over the cap; the last one takes up what the others' rounding left, as far as the
 * cap lets it. Absent figures and more than 24 dressings give no doses.
 */
export function splitDoses(
  ctx: PlanContext,
  prefix: string,
  rate: Figure<ProductRate>,
  cap: Figure<ProductRate>,
  ground: {
    extent: Figure<Quantity<'1000ft2', 'ground'>>;
    bag: Figure<Quantity<'lb/bag', 'product'>>;
  },
): DoseSet {
  const { sheet } = ctx;
  const { extent, bag } = ground;
  const count = sheet.derive(
    'count',
    { id: `${prefix}/count`, label: msg('dose.count') },
    [rate, cap],
    (all, most) => quantity(Math.ceil(all.value / most.value - 1e-9), 'doses', 'count'),
  );
  const each = sheet.derive(
    'divide',
    { id: `${prefix}/each`, label: msg('dose.each') },
    [rate, count],
    (all, n) => quantity(all.value / n.value, 'lb/1000ft2', 'product'),
  );
  const total = sheet.derive(
    'multiply',
    { id: `${prefix}/total`, label: msg('dose.total') },
    [rate, extent],
    (r, e) => perThousandToTotal(r, e),
  );
  const limit = sheet.derive(
    'multiply',
    { id: `${prefix}/limit`, label: msg('dose.limit') },
    [cap, extent],
    (r, e) => perThousandToTotal(r, e),
  );
  const n = 'absent' in count || 'absent' in total ? 0 : count.value.value;
  const doses: DoseAmount[] = [];
  for (let ordinal = 1; ordinal <= n && n <= MOST_DOSES; ordinal += 1) {
    const rest =
      ordinal === n && n > 1
        ? sheet.derive(
            'deduct',
            { id: `${prefix}/rest`, label: msg('dose.rest') },
            [total, ...doses.map(({ printed }) => printed)] as [
              Figure<Product>,
              ...Figure<Product>[],
            ],
            (all, ...before) => quantity(deducted(all, before), 'lb', 'product'),
          )
        : undefined;
    doses.push(oneDose(ctx, prefix, ordinal, { rate: each, extent }, { limit, bag, rest }));
  }
  return { count, rate: each, total, doses, rounding: roundingOf(ctx, prefix, total, doses) };
}

function deducted(from: Quantity, others: readonly Quantity[]): number {
  return Math.max(
    0,
    others.reduce((left, { value }) => left - value, from.value),
  );
}

/** Adds printed amounts into one figure. */
export function addPounds(
  ctx: PlanContext,
  entry: { id: string; label: ReturnType<typeof msg> },
  figures: readonly Figure<Product>[],
): Figure<Product> {
  return ctx.sheet.derive('add', entry, figures, (...all: readonly Product[]) =>
    quantity(
      all.reduce((sum, { value }) => sum + value, 0),
      'lb',
      'product',
    ),
  );
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
  return ctx.sheet.derive('subtract', entry, [sum, total], (a, b) =>
    quantity(a.value - b.value, 'lb', 'product'),
  );
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
