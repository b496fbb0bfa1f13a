import type { TreatInput } from '../shared/input';
import {
  addRates,
  datesOf,
  PURE,
  readPast,
  SULFUR_PERCENT,
  type PastApplication,
} from '../../site/past';
import { asSulfurPercent } from '../../catalog/materials/sulfur';
import type { Materials } from '../../catalog/materials/materials';
import type { ClimateCard } from '../../catalog/climate/card';
import { afterWarmDays } from '../../schedule/climate/warmDays';
import { WARM_DAYS, WARM_MONTHS } from '../../tables/sulfur';
import { addMonths, type IsoDate } from '../../kernel/typed/date';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { percentOf } from '../../equations/shares';

/** Sulfur that went on before the plan. */
export interface PastSulfur {
  /** The days on which it went on, in order. */
  readonly days: readonly IsoDate[];
  /** Sulfur of the twelve months before the plan; nothing where there was none. */
  readonly rate: Figure<Quantity<'lb/1000ft2', 'S'>> | undefined;
}

/** The day by which sulfur has had a warm season: by the climate, else by the months that are warm in most. */
export function afterWarmSeason(date: IsoDate, climate: ClimateCard | undefined): IsoDate {
  const told = climate && afterWarmDays(climate, date, WARM_DAYS);
  return told ?? afterWarmMonths(date);
}

/** The day by which so many warm months have gone by. */
function afterWarmMonths(date: IsoDate): IsoDate {
  let day = date;
  for (let warm = 0; warm < WARM_MONTHS.wait;) {
    day = addMonths(day, 1);
    const month = Number(day.slice(5, 7));
    if (month >= WARM_MONTHS.from && month <= WARM_MONTHS.to) warm += 1;
  }
  return day;
}

function sulfurOf(
  ctx: PlanContext,
  { entry, prefix, rate }: PastApplication,
  { sulfur }: Materials,
): Figure<Quantity<'lb/1000ft2', 'S'>> {
  const percent = { id: `${prefix}/sulfur-percent`, label: msg('sulfur.labelS') };
  const at = `past/${entry.id}/percent`;
  const material = sulfur.find(({ id }) => id === entry.material);
  const untyped = material
    ? { label: msg('ledger.percent'), percent: asSulfurPercent(material) }
    : { label: msg('sulfur.pastPure'), percent: PURE };
  const purity =
    entry.percent.trim() === ''
      ? ctx.constant(
          { ...percent, label: untyped.label, source: 'practice' },
          untyped.percent,
          '%',
          'S',
        )
      : ctx.number({ ...percent, at }, entry.percent, SULFUR_PERCENT, '%', 'S');
  return ctx.sheet.equation({ id: `${prefix}/sulfur`, label: msg('sulfur.past') }, percentOf('S'), [
    rate,
    purity,
  ]);
}

/** Reads the sulfur of before: its days, and what of it falls within twelve months. */
export function pastSulfur(
  ctx: PlanContext,
  { file, area, ground, planFrom, materials }: TreatInput,
): PastSulfur {
  const past = readPast(ctx, file, area.id, 'sulfur', ground, planFrom);
  const yearAgo = planFrom && addMonths(planFrom, -12);
  const recent = past.filter(({ on }) => !on || !yearAgo || on > yearAgo);
  const entry = { id: `${area.id}/sulfur/past`, label: msg('sulfur.pastYear') };
  const rates = recent.map((dressing) => sulfurOf(ctx, dressing, materials));
  return {
    days: datesOf(ctx, file, area.id, 'sulfur'),
    rate: rates.length > 0 ? addRates(ctx, entry, rates, 'S') : undefined,
  };
}

/** Sulfur of before that cannot have worked yet, or that was all a year allows: until when to wait. */
export function waitsUntil(
  { planFrom, climate }: TreatInput,
  { days }: PastSulfur,
  left: Figure<Quantity<'lb/1000ft2', 'S'>>,
): IsoDate | undefined {
  const last = days.at(-1);
  if (!last || !planFrom) return undefined;
  const worked = afterWarmSeason(last, climate);
  if (worked > planFrom) return worked;
  return !('absent' in left) && left.value.value === 0 ? addMonths(last, 12) : undefined;
}
