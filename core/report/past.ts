import type { CaseFile, PastEntry } from '../casefile/casefile';
import type { Ground } from '../ground/ground';
import { daysBetween, type IsoDate } from '../typed/date';
import { totalToPerThousand } from '../units/convert';
import { quantity, type Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg, type Msg } from '../working/msg';
import type { Figure } from '../working/working';

/** Something put on in the recent past: a rate of product, and when. */
export interface PastDressing {
  readonly entry: PastEntry;
  readonly prefix: string;
  readonly on: IsoDate | undefined;
  readonly rate: Figure<Quantity<'lb/1000ft2', 'product'>>;
}

const RATE = { above: 0, max: 100_000 };

function untouched({ on, amount, percent }: PastEntry): boolean {
  return [on, amount.text, percent].every((text) => text.trim() === '');
}

/**
 * The entries of one kind for an area, read into rates. Rows in which nothing is typed do not
 * count; a row without its date has an absent rate, since nobody can tell whether it still works.
 */
export function readPast(
  ctx: PlanContext,
  file: CaseFile,
  areaId: string,
  kind: PastEntry['kind'],
  ground: Ground,
): PastDressing[] {
  return Object.values(file.past)
    .filter((entry) => entry.areaId === areaId && entry.kind === kind && !untouched(entry))
    .map((entry) => {
      const prefix = `${areaId}/past/${entry.id}`;
      const on = ctx.date(`past/${entry.id}/on`, entry.on);
      return { entry, prefix, on, rate: readRate(ctx, entry, prefix, on, ground) };
    });
}

/** A year, in which sulfur and compost are still at work. */
const YEAR_DAYS = 365;

/**
 * Says of sulfur and compost of the last year that they are at work: no amount of theirs is counted yet,
 * and nobody should plan as if there were none.
 */
export function noticePast(
  ctx: PlanContext,
  file: CaseFile,
  areaId: string,
  planFrom: IsoDate | undefined,
): void {
  const recent = (kind: PastEntry['kind']): boolean =>
    Object.values(file.past).some((entry) => {
      if (entry.areaId !== areaId || entry.kind !== kind || untouched(entry)) return false;
      const on = ctx.date(`past/${entry.id}/on`, entry.on);
      return !on || !planFrom || daysBetween(on, planFrom) <= YEAR_DAYS;
    });
  if (recent('sulfur')) ctx.find(areaId, 'ph', 'note', 'sulfurAtWork');
  if (recent('compost')) ctx.find(areaId, 'feeding', 'note', 'compostGiven');
}

function readRate(
  ctx: PlanContext,
  entry: PastEntry,
  prefix: string,
  on: IsoDate | undefined,
  ground: Ground,
): PastDressing['rate'] {
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
    (lb, ft2) => totalToPerThousand(lb, ft2),
  );
}

/** Adds rates of one substance; no rate at all is a constant of nothing. */
export function addRates<S extends 'limestone' | 'N' | 'P2O5' | 'K2O' | 'S'>(
  ctx: PlanContext,
  entry: { id: string; label: Msg },
  rates: readonly Figure<Quantity<'lb/1000ft2', S>>[],
  of: S,
): Figure<Quantity<'lb/1000ft2', S>> {
  type Rate = Quantity<'lb/1000ft2', S>;
  return ctx.sheet.derive('add', entry, rates, (...all: readonly Rate[]) =>
    quantity(
      all.reduce((sum, { value }) => sum + value, 0),
      'lb/1000ft2',
      of,
    ),
  );
}
