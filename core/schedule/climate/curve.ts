import type { ClimateCard } from '../../catalog/climate/card';

/** Days of the months of a common year; climates know no leap days. */
const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;
export const YEAR = 365;

/** The day of the year on which each month is half over, from 1. */
const MIDDLES: readonly number[] = MONTH_DAYS.map(
  (days, month) => MONTH_DAYS.slice(0, month).reduce((sum, each) => sum + each, 0) + days / 2 + 0.5,
);

/**
 * Mean air temperature on a day of the year, °F: monthly means stand in the middle of their month, with straight lines
 * between them.
 */
export function airOn({ air }: Pick<ClimateCard, 'air'>, day: number): number {
  const at = ((((day - 1) % YEAR) + YEAR) % YEAR) + 1;
  const after = MIDDLES.findIndex((middle) => middle > at);
  const next = after < 0 ? 0 : after;
  const before = (next + 11) % 12;
  const [left = 0, right = 0] = [MIDDLES[before], MIDDLES[next]];
  const span = (right - left + YEAR) % YEAR;
  const way = ((at - left + YEAR) % YEAR) / span;
  const [low = NaN, high = NaN] = [air[before], air[next]];
  return low + way * (high - low);
}

/** The coldest and the warmest day of a climate. */
function ends(card: Pick<ClimateCard, 'air'>): {
  readonly coldest: number;
  readonly warmest: number;
} {
  const { air } = card;
  const of = (mean: number): number => Math.round(MIDDLES[air.indexOf(mean)] ?? 1);
  return { coldest: of(Math.min(...air)), warmest: of(Math.max(...air)) };
}

function crossing(
  card: Pick<ClimateCard, 'air'>,
  from: number,
  to: number,
  crossed: (air: number) => boolean,
): number | undefined {
  const last = to > from ? to : to + YEAR;
  if (crossed(airOn(card, from))) return undefined;
  for (let day = from + 1; day <= last; day += 1) {
    if (crossed(airOn(card, day))) return ((day - 1) % YEAR) + 1;
  }
  return undefined;
}

/** The day on which mean air rises through a temperature; nothing where it is never below, or never above. */
export function risesThrough(card: Pick<ClimateCard, 'air'>, degrees: number): number | undefined {
  const { coldest, warmest } = ends(card);
  return crossing(card, coldest, warmest, (air) => air >= degrees);
}

/** The day on which mean air falls through a temperature; nothing where it is never above, or never below. */
export function fallsThrough(card: Pick<ClimateCard, 'air'>, degrees: number): number | undefined {
  const { coldest, warmest } = ends(card);
  return crossing(card, warmest, coldest, (air) => air <= degrees);
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
