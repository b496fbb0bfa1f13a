import type { PastEntry } from '../casefile/parts/past';
import type { AreaSlice } from '../casefile/slice';
import { isOfPlan } from './diary';
import type { Ground } from './ground/ground';
import { daysBetween, type IsoDate } from '../kernel/typed/date';
import { totalToPerThousand } from '../kernel/units/convert';
import type { Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg, type Msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';

/** Something put on in the recent past: a rate of product, and when. */
export interface PastApplication {
  readonly entry: PastEntry;
  readonly prefix: string;
  readonly on: IsoDate | undefined;
  readonly rate: Figure<Quantity<'lb/1000ft2', 'product'>>;
}

/** What a rate or an amount may be, as it is typed. */
export const RATE = { above: 0, max: 100_000 };
/** Sulfur that is told of no percentage and no product counts as pure, so that less is left for the year, %. */
export const PURE = 100;
/** What a product of sulfur holds of it, %. */
export const SULFUR_PERCENT = { min: 5, max: 100 };

function untouched({ on, amount, percent }: PastEntry): boolean {
  return [on, amount.text, percent].every((text) => text.trim() === '');
}

/** What is told of the time before the plan and dated after its start has not been put on yet. */
function isToCome(
  { outcome }: PastEntry,
  on: IsoDate | undefined,
  planFrom: IsoDate | undefined,
): boolean {
  return outcome === '' && !!on && !!planFrom && on > planFrom;
}

/** What counts as put on before, or besides the plan: what the plan itself had is told with its applications. */
function besides(file: AreaSlice, areaId: string): PastEntry[] {
  return Object.values(file.past).filter(
    (entry) => entry.areaId === areaId && entry.outcome !== 'left' && !isOfPlan(file, entry),
  );
}

/** The days that entries of one kind are dated, in order, also those that are to come: to keep the distance from. */
export function datesOf(
  ctx: PlanContext,
  file: AreaSlice,
  areaId: string,
  kind: PastEntry['kind'],
): IsoDate[] {
  return besides(file, areaId)
    .filter((entry) => entry.kind === kind)
    .flatMap(({ id, on }) => ctx.date(`past/${id}/on`, on) ?? [])
    .sort();
}

/**
 * The entries of one kind for an area, read into rates. Rows in which nothing is typed do not count, nor does what
 * is dated after the start of the plan (which is asked about); a row without its date has an absent rate, since
 * nobody can tell whether it still works.
 */
export function readPast(
  ctx: PlanContext,
  file: AreaSlice,
  areaId: string,
  kind: PastEntry['kind'],
  ground: Ground,
  planFrom: IsoDate | undefined,
): PastApplication[] {
  return besides(file, areaId)
    .filter((entry) => entry.kind === kind && !untouched(entry))
    .flatMap((entry) => {
      const prefix = `${areaId}/past/${entry.id}`;
      const on = ctx.date(`past/${entry.id}/on`, entry.on);
      if (isToCome(entry, on, planFrom)) return [];
      return { entry, prefix, on, rate: readRate(ctx, entry, prefix, on, ground) };
    });
}

/** A year, in which sulfur and compost are still at work. */
const YEAR_DAYS = 365;

/** What the last year has left to say: what is still at work, and what is dated after the plan. */
export interface PastSummary {
  /** Entries that are dated after the start of the plan. */
  readonly toCome: readonly { readonly id: string; readonly on: IsoDate }[];
  /** Whether some of it went on within a year. */
  readonly recentSulfur: boolean;
  readonly recentCompost: boolean;
  /** The days that sulfur is dated, in order. */
  readonly sulfurOn: readonly IsoDate[];
}

/**
 * Sums up what was put on before: sulfur and compost of the last year are at work, and no amount of compost is counted
 * yet. Marks what cannot be read of either.
 */
export function summarizePast(
  ctx: PlanContext,
  file: AreaSlice,
  areaId: string,
  planFrom: IsoDate | undefined,
): PastSummary {
  const here = besides(file, areaId)
    .filter((entry) => !untouched(entry))
    .map((entry) => ({ entry, on: ctx.date(`past/${entry.id}/on`, entry.on) }));
  for (const { entry } of here) {
    // Amounts that no figure rests on: a slip of the pen is marked all the same.
    if (entry.kind === 'compost' || entry.kind === 'sulfur') {
      ctx.check(`past/${entry.id}/amount/text`, entry.amount.text, RATE);
    }
    if (entry.kind === 'sulfur')
      ctx.check(`past/${entry.id}/percent`, entry.percent, SULFUR_PERCENT);
  }
  const recent = (kind: PastEntry['kind']): boolean =>
    here.some(
      ({ entry, on }) =>
        entry.kind === kind &&
        !isToCome(entry, on, planFrom) &&
        (!on || !planFrom || daysBetween(on, planFrom) <= YEAR_DAYS),
    );
  return {
    toCome: here.flatMap(({ entry, on }) =>
      on && isToCome(entry, on, planFrom) ? [{ id: entry.id, on }] : [],
    ),
    recentSulfur: recent('sulfur'),
    recentCompost: recent('compost'),
    sulfurOn: datesOf(ctx, file, areaId, 'sulfur'),
  };
}

/** The rate of an entry on its ground: as typed, or its pounds over the whole of it. */
export function readRate(
  ctx: PlanContext,
  entry: PastEntry,
  prefix: string,
  on: IsoDate | undefined,
  ground: Ground,
): PastApplication['rate'] {
  const label: Msg = msg(`past.${entry.kind}`);
  const at = `past/${entry.id}/amount/text`;
  const rateId = `${prefix}/rate`;
  if (!on) return ctx.sheet.absent({ id: rateId, label }, msg('absent.pastWithoutDate'));
  if (entry.amount.unit !== 'lb') {
    const typed = { id: rateId, label, at };
    return ctx.number(typed, entry.amount.text, RATE, 'lb/1000ft2', 'product');
  }
  if (!ground.known) {
    return ctx.sheet.absent({ id: rateId, label }, msg('absent.pastNeedsArea'));
  }
  const typed = { id: `${prefix}/amount`, label, at };
  const pounds = ctx.number(typed, entry.amount.text, RATE, 'lb', 'product');
  return ctx.sheet.derive(
    'divide',
    { id: rateId, label: msg('past.rate') },
    [pounds, ground.extent],
    totalToPerThousand,
  );
}

/** Adds rates of one substance; no rate at all is a constant of nothing. */
export function addRates<S extends 'limestone' | 'N' | 'P2O5' | 'K2O' | 'S'>(
  ctx: PlanContext,
  entry: { id: string; label: Msg },
  rates: readonly Figure<Quantity<'lb/1000ft2', S>>[],
  of: S,
): Figure<Quantity<'lb/1000ft2', S>> {
  return ctx.sheet.add(entry, rates, 'lb/1000ft2', of);
}
