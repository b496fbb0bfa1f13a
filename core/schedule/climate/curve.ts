import type { ClimateCard } from '../../catalog/climate/card';
import { dayThrough, YEAR } from '../../equations/climate/dayThrough';

/** Days of the months of a common year; climates know no leap days. */
const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;

/** The day of the year on which each month is half over, from 1. */
const MIDDLES: readonly number[] = MONTH_DAYS.map(
  (days, month) => MONTH_DAYS.slice(0, month).reduce((sum, each) => sum + each, 0) + days / 2 + 0.5,
);

/**
 * Between which two months mean air comes to a temperature, by index, and where on the calendar they lie: monthly means
 * stand in the middle of their month, with straight lines between them.
 */
export interface Crossing {
  readonly before: number;
  readonly after: number;
  /** The middle of the earlier month, day of the year. */
  readonly from: number;
  /** Days from there to the middle of the later one. */
  readonly span: number;
}

/**
 * Where mean air comes to a temperature: rising from the coldest month to the warmest, or falling back.
 * @returns nothing where it is never on the one side of it, or never on the other
 */
export function crossingOf(
  { air }: Pick<ClimateCard, 'air'>,
  degrees: number,
  way: 'rising' | 'falling',
): Crossing | undefined {
  const sign = way === 'rising' ? 1 : -1;
  const [coldest, warmest] = [air.indexOf(Math.min(...air)), air.indexOf(Math.max(...air))];
  const [first, last] = way === 'rising' ? [coldest, warmest] : [warmest, coldest];
  const isThere = (month: number): boolean => sign * ((air[month] ?? NaN) - degrees) >= 0;
  if (isThere(first)) return undefined;
  for (let before = first; before !== last; before = (before + 1) % 12) {
    const after = (before + 1) % 12;
    if (!isThere(after)) continue;
    const [from = NaN, to = NaN] = [MIDDLES[before], MIDDLES[after]];
    return { before, after, from, span: (to - from + YEAR) % YEAR };
  }
  return undefined;
}

function through(
  card: Pick<ClimateCard, 'air'>,
  degrees: number,
  way: 'rising' | 'falling',
): number | undefined {
  const found = crossingOf(card, degrees, way);
  if (!found) return undefined;
  const { before, after, from, span } = found;
  return dayThrough(degrees, card.air[before] ?? NaN, card.air[after] ?? NaN, from, span);
}

/** The day on which mean air rises through a temperature; nothing where it is never below, or never above. */
export function risesThrough(card: Pick<ClimateCard, 'air'>, degrees: number): number | undefined {
  return through(card, degrees, 'rising');
}

/** The day on which mean air falls through a temperature; nothing where it is never above, or never below. */
export function fallsThrough(card: Pick<ClimateCard, 'air'>, degrees: number): number | undefined {
  return through(card, degrees, 'falling');
}

/** Soil at 4 in. on open or mown ground is so much warmer than the air, °F; within a week either way. */
export const SOIL_ABOVE_AIR = 2;

/**
 * A day of the year by its number.
 * @example dayNumber('02-01') // 32
 */
export function dayNumber(monthDay: string): number {
  const [month = 1, day = 1] = monthDay.split('-').map(Number);
  return MONTH_DAYS.slice(0, month - 1).reduce((sum, each) => sum + each, 0) + day;
}

/**
 * A day of the year as `MM-DD`, over the turn of the year too.
 * @example monthDay(-1) // '12-30'
 */
export function monthDay(number: number): string {
  let left = ((((Math.round(number) - 1) % YEAR) + YEAR) % YEAR) + 1;
  let month = 0;
  for (; left > (MONTH_DAYS[month] ?? 31); month += 1) left -= MONTH_DAYS[month] ?? 31;
  return `${String(month + 1).padStart(2, '0')}-${String(left).padStart(2, '0')}`;
}
