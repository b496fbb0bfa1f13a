import type { Area, CaseFile } from '../casefile/casefile';
import { addRates, readPast, type PastDressing } from '../report/past';
import type { Readings } from '../report/readings';
import { addDays, type IsoDate } from '../typed/date';
import { percentToShare, productToNutrient } from '../units/convert';
import { quantity, type Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { Figure } from '../working/working';
import type { Pack } from '../yardsticks/pack';
import type { Ground } from '../ground/ground';

type NitrogenRate = Figure<Quantity<'lb/1000ft2', 'N'>>;

export interface NeedInput {
  readonly file: CaseFile;
  readonly area: Area;
  readonly pack: Pack;
  readonly readings: Readings;
  readonly ground: Ground;
  readonly planFrom: IsoDate | undefined;
}

/** What is needed, what was given, what is left, and from when the next dressing may go on. */
export interface NitrogenNeed {
  readonly yearly: NitrogenRate;
  readonly given: NitrogenRate | undefined;
  readonly need: NitrogenRate;
  readonly earliest: IsoDate | undefined;
}

function rateOf(ctx: PlanContext, area: Area, pack: Pack, clippings: 'returned' | 'removed') {
  const { clippingsReturned, clippingsRemoved } = pack.lawnNitrogen;
  const { value, standing } = clippings === 'returned' ? clippingsReturned : clippingsRemoved;
  const id = `${area.id}/feed/yearly-${clippings}`;
  const label = msg(`feed.yearly.${clippings}`);
  return ctx.constant({ id, label, source: pack.source, standing }, value, 'lb/1000ft2', 'N');
}

/** N of a year for an established lawn; with the clippings unknown, the smaller of the two rates. */
function yearlyNeed(ctx: PlanContext, { area, pack, readings }: NeedInput): NitrogenRate {
  const entry = { id: `${area.id}/feed/yearly`, label: msg('feed.yearly') };
  if (area.situation !== 'established') {
    return ctx.sheet.absent(entry, msg('absent.feedNotEstablished'));
  }
  if (readings.organic) {
    const label = msg('feed.organicSoil');
    return ctx.constant({ ...entry, label, source: pack.source }, 0, 'lb/1000ft2', 'N');
  }
  if (area.clippings !== 'unknown') {
    return ctx.sheet.choose(entry, rateOf(ctx, area, pack, area.clippings), []);
  }
  const returned = rateOf(ctx, area, pack, 'returned');
  const removed = rateOf(ctx, area, pack, 'removed');
  return ctx.sheet.derive(
    'cap',
    { ...entry, label: msg('feed.smaller') },
    [returned, removed],
    (a, b) => quantity(Math.min(a.value, b.value), 'lb/1000ft2', 'N'),
  );
}

function nitrogenOf(ctx: PlanContext, { entry, prefix, rate }: PastDressing): NitrogenRate {
  const percent = ctx.number(
    { id: `${prefix}/n`, label: msg('past.nitrogen'), at: `past/${entry.id}/percent` },
    entry.percent,
    { above: 0, max: 82 },
    '%',
    'N',
  );
  const share = ctx.sheet.derive(
    'convert',
    { id: `${prefix}/share`, label: msg('feed.share') },
    [percent],
    (p) => percentToShare(p),
  );
  return ctx.sheet.derive(
    'multiply',
    { id: `${prefix}/nitrogen`, label: msg('past.nitrogenGiven') },
    [rate, share],
    (product, fraction) => productToNutrient(product, fraction),
  );
}

/**
 * Nitrogen still to give. What went on in the calendar year of the plan counts against the year's
 * need (never below zero); the next dressing keeps the pack's interval from the last one.
 */
export function nitrogenNeed(ctx: PlanContext, input: NeedInput): NitrogenNeed {
  const { file, area, pack, ground, planFrom } = input;
  const yearly = yearlyNeed(ctx, input);
  const past = readPast(ctx, file, area.id, 'fertilizer', ground);
  const last = past
    .flatMap(({ on }) => (on ? [on] : []))
    .sort()
    .at(-1);
  const spaced = last ? addDays(last, pack.lawnNitrogen.intervalDays.value) : planFrom;
  const earliest = planFrom && spaced && spaced > planFrom ? spaced : planFrom;
  const thisYear = past.filter(
    ({ on }) => !on || !planFrom || on.slice(0, 4) === planFrom.slice(0, 4),
  );
  if (thisYear.length === 0) return { yearly, given: undefined, need: yearly, earliest };
  const given = addRates(
    ctx,
    { id: `${area.id}/feed/given`, label: msg('feed.given') },
    thisYear.map((dressing) => nitrogenOf(ctx, dressing)),
    'N',
  );
  const need = ctx.sheet.derive(
    'deduct',
    { id: `${area.id}/feed/need`, label: msg('feed.need') },
    [yearly, given],
    (year, done) => quantity(Math.max(0, year.value - done.value), 'lb/1000ft2', 'N'),
  );
  return { yearly, given, need, earliest };
}
