import { warmMonths } from '../reading/atWork';
import type { SulfurTreatment } from '../treat/sulfur/types';
import type { LimeTreatment, MethodRow } from '../treat/lime/types';
import type { Readings } from '../site/report/types';
import { DAYS_PER_MONTH } from '../tables/lime/residual';
import { SULFATE_WORKS, SULFUR_SPREAD, SULFUR_WORKS } from '../tables/sulfur';
import { addMonths, daysBetween, type IsoDate } from '../kernel/typed/date';
import { quantity, type Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import { PH_AFTER_LIME, PH_AFTER_SULFUR } from '../equations/soil/outlook';

type Ph = Figure<Quantity<'pH', 'water'>>;
type Months = Figure<Quantity<'months', 'time'>>;
type Share = Figure<Quantity<'ratio', 'share'>>;

/** What the pH comes to by a day, with the range that what is not known leaves. */
export interface OutlookPoint {
  readonly date: IsoDate;
  readonly ph: Ph;
  readonly low: Ph;
  readonly high: Ph;
}

/** The pH over the coming months, if what is advised goes on. */
export type PhOutlook = readonly OutlookPoint[];

interface OutlookInput {
  readonly areaId: string;
  readonly readings: Readings;
  readonly planFrom: IsoDate | undefined;
  readonly lime: LimeTreatment;
  readonly sulfur: SulfurTreatment | undefined;
}

/** Months from one point to the next, and the fewest and most that are looked ahead. */
const STEP = 3;
const TENTH = 0.1;
const AHEAD = { least: 12, most: 36 } as const;

/** The measured pH with what the test may be off by. */
function startOf(ctx: PlanContext, at: string, { waterPh, phUncertainty }: Readings): Ph {
  if ('absent' in phUncertainty || ('value' in waterPh && waterPh.range)) return waterPh;
  const off = phUncertainty.value.value;
  const entry = { id: `${at}/off`, label: msg('outlook.off') };
  const noise = ctx.sheet.leaf('constant', entry, quantity(0, 'pH', 'water'), {
    low: -off,
    high: off,
  });
  return ctx.sheet.add(
    { id: `${at}/start`, label: msg('outlook.start') },
    [waterPh, noise],
    'pH',
    'water',
  );
}

/** Months until most has worked, from the soonest to the latest. */
function worksIn(
  ctx: PlanContext,
  at: string,
  { middle, from, to }: { readonly middle: number; readonly from: number; readonly to: number },
  words: 'outlook.limeWorks' | 'outlook.sulfurWorks' | 'outlook.sulfateWorks',
): Months {
  const entry = { id: `${at}/works`, label: msg(words), source: 'practice' } as const;
  return ctx.sheet.leaf('constant', entry, quantity(middle, 'months', 'time'), {
    low: from,
    high: to,
  });
}

function monthsConstant(
  ctx: PlanContext,
  id: string,
  words: 'outlook.dressedAt' | 'outlook.month' | 'outlook.warm',
  months: number,
): Months {
  return ctx.constant({ id, label: msg(words) }, months, 'months', 'time');
}

/** The days at which the pH is looked at: every quarter, from the start of the plan on. */
function daysAhead(planFrom: IsoDate, last: IsoDate, full: number): IsoDate[] {
  const needed = daysBetween(planFrom, last) / DAYS_PER_MONTH + full;
  const months = Math.min(AHEAD.most, Math.max(AHEAD.least, needed));
  const count = Math.ceil(months / STEP - 1e-9);
  return Array.from({ length: count + 1 }, (_, index) => addMonths(planFrom, index * STEP));
}

/** The method whose requirement brings the soil to the target: the chosen one, else the first with an answer. */
function referenceOf({ methods }: LimeTreatment): MethodRow | undefined {
  const chosen = methods.find((row) => row.chosen);
  if (chosen && chosen.option.id !== 'own' && chosen.option.id !== 'laboratory') return chosen;
  const computed = methods.find(
    ({ option, rate }) =>
      option.id !== 'own' &&
      option.id !== 'laboratory' &&
      !('absent' in rate) &&
      rate.value.value > 0,
  );
  return computed ?? (chosen?.option.id === 'laboratory' ? chosen : undefined);
}

/** How much of the way to the target the lime of the plan reaches, all of it worked; 1 is the whole way. */
function limeReach(ctx: PlanContext, at: string, { rate }: LimeTreatment, of: MethodRow): Share {
  const { requirement, advised } = of.option;
  const full = ctx.sheet.derive(
    'proportion',
    { id: `${at}/full`, label: msg('outlook.full') },
    [of.rate, requirement, advised],
    (product, all, taken) =>
      quantity((product.value * all.value) / taken.value, 'lb/1000ft2', 'product'),
  );
  return ctx.sheet.divide(
    { id: `${at}/reach`, label: msg('outlook.reach') },
    [rate, full],
    'ratio',
    'share',
  );
}

/** The same of the lime of before that is still to react. */
function creditReach(
  ctx: PlanContext,
  at: string,
  { credit }: LimeTreatment,
  of: MethodRow,
): Share {
  const entry = { id: `${at}/credit`, label: msg('outlook.creditReach') };
  if (!credit) return ctx.constant(entry, 0, 'ratio', 'share');
  return ctx.sheet.divide(entry, [credit, of.option.requirement], 'ratio', 'share');
}

/** What the line comes to on a day, with no more decimals than a test has. */
function pointOf(ctx: PlanContext, id: string, date: IsoDate, line: Ph): OutlookPoint {
  const entry = { id, label: msg('outlook.ph'), detail: { step: TENTH } };
  const ph = ctx.sheet.derive('round', entry, [line], ({ value }) =>
    quantity(Math.round(value / TENTH) * TENTH, 'pH', 'water'),
  );
  const low = ctx.sheet.lowEnd({ id: `${id}/low`, label: msg('outlook.low') }, ph);
  const high = ctx.sheet.highEnd({ id: `${id}/high`, label: msg('outlook.high') }, ph);
  return { date, ph, low, high };
}

/** The pH after lime: each dressing works in a line over its months, all of them to the target. */
function afterLime(ctx: PlanContext, input: OutlookInput, planFrom: IsoDate): OutlookPoint[] {
  const { areaId, lime, readings } = input;
  const at = `${areaId}/outlook`;
  const reference = referenceOf(lime);
  const last = lime.applications.at(-1)?.date;
  if (!reference || !last) return [];
  const start = startOf(ctx, at, readings);
  const { from, to } = lime.worksIn;
  const works = worksIn(ctx, at, { middle: (from + to) / 2, from, to }, 'outlook.limeWorks');
  const reach = limeReach(ctx, at, lime, reference);
  const credit = creditReach(ctx, at, lime, reference);
  const dressed = lime.applications.map(({ date }, index) =>
    monthsConstant(
      ctx,
      `${at}/dressed/${index + 1}`,
      'outlook.dressedAt',
      daysBetween(planFrom, date) / DAYS_PER_MONTH,
    ),
  );
  return daysAhead(planFrom, last, to).map((date, index): OutlookPoint => {
    const id = `${at}/ph/${index * STEP}`;
    const now = monthsConstant(ctx, `${id}/month`, 'outlook.month', index * STEP);
    const entry = { id: `${id}/line`, label: msg('outlook.line') };
    const { limesTo } = reference.option;
    const line = ctx.sheet.equation(entry, PH_AFTER_LIME, [
      start,
      lime.from,
      limesTo,
      reach,
      credit,
      works,
      now,
      ...dressed,
    ]);
    return pointOf(ctx, id, date, line);
  });
}

/** The pH after one dose of sulfur: it works in a line over warm months, and no further than the dose reaches. */
function afterSulfur(
  ctx: PlanContext,
  { areaId, readings }: OutlookInput,
  sulfur: SulfurTreatment,
  planFrom: IsoDate,
): OutlookPoint[] {
  const at = `${areaId}/outlook`;
  const [dose] = sulfur.applications;
  if (!dose) return [];
  const { chosenMaterial, first, bySchool, from, target } = sulfur;
  const { sulfate, bag, rate } = chosenMaterial;
  const start = startOf(ctx, at, readings);
  const works = sulfate
    ? worksIn(ctx, at, SULFATE_WORKS, 'outlook.sulfateWorks')
    : worksIn(ctx, at, SULFUR_WORKS, 'outlook.sulfurWorks');
  const asSulfur = sulfate
    ? ctx.sheet.multiply(
        { id: `${at}/as-sulfur`, label: msg('outlook.asSulfur') },
        [rate, bag.share],
        'lb/1000ft2',
        'S',
      )
    : first;
  const plain = ctx.sheet.divide(
    { id: `${at}/reach/table`, label: msg('outlook.reach') },
    [asSulfur, bySchool],
    'ratio',
    'share',
  );
  const apart = ctx.constant(
    { id: `${at}/reach/apart`, label: msg('outlook.schoolsApart'), source: 'practice' },
    SULFUR_SPREAD,
    '%',
    'share',
  );
  const reach = ctx.sheet.spread(
    { id: `${at}/reach`, label: msg('outlook.reachRange') },
    plain,
    apart,
  );
  return daysAhead(planFrom, dose.date, AHEAD.least).map((date, index): OutlookPoint => {
    const id = `${at}/ph/${index * STEP}`;
    const warm = monthsConstant(ctx, `${id}/warm`, 'outlook.warm', warmMonths(dose.date, date));
    const entry = { id: `${id}/line`, label: msg('outlook.line') };
    const line = ctx.sheet.equation(entry, PH_AFTER_SULFUR, [
      start,
      from,
      target,
      reach,
      works,
      warm,
    ]);
    return pointOf(ctx, id, date, line);
  });
}

/**
 * The expected pH of an area over the coming months if what the plan advises goes on: a line of the buffer that is
 * consistent with the requirement used, so that the whole requirement brings the soil to the target.
 * Nothing where there is no dose, no date, or no requirement to measure an own amount by.
 */
export function phOutlook(ctx: PlanContext, input: OutlookInput): PhOutlook {
  const { lime, sulfur, planFrom, readings } = input;
  if (!planFrom || 'absent' in readings.waterPh) return [];
  if (sulfur) return sulfur.verdict === 'dose' ? afterSulfur(ctx, input, sulfur, planFrom) : [];
  return lime.verdict === 'dose' ? afterLime(ctx, input, planFrom) : [];
}
