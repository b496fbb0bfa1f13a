import { addDays, addMonths, daysBetween, type IsoDate } from '../typed/date';
import type { SeasonWindow } from '../yardsticks/pack';

/** What the one scheduler of the plan needs to date some doses. */
export interface DoseDates {
  readonly earliest: IsoDate;
  readonly count: number;
  readonly seasons: readonly SeasonWindow[];
  readonly interval: { readonly months: number } | { readonly days: number };
  /** Days to keep on either side of other dates: feed apart from lime. */
  readonly apart?: { readonly days: number; readonly from: readonly IsoDate[] };
}

/** Longest search for an allowed day; with one season a year three years always hold one. */
const HORIZON_DAYS = 3 * 366;

function inSeason(date: IsoDate, seasons: readonly SeasonWindow[]): boolean {
  const day = date.slice(5);
  return seasons.some(({ from, to }) => from <= day && day <= to);
}

function allowed(date: IsoDate, { seasons, apart }: DoseDates): boolean {
  const near = apart?.from.some((other) => Math.abs(daysBetween(other, date)) < apart.days);
  return inSeason(date, seasons) && !near;
}

function nextAllowed(date: IsoDate, rules: DoseDates): IsoDate | undefined {
  for (let days = 0; days <= HORIZON_DAYS; days += 1) {
    const day = addDays(date, days);
    if (allowed(day, rules)) return day;
  }
  return undefined;
}

/**
 * Dates doses one after another: the first allowed day, then an interval on, and later if that day
 * is not allowed. An interval in months clips at the end of a short month. Fewer dates than asked
 * for come back where no allowed day is found.
 *
 * @example scheduleDoses({ earliest: '2027-10-04', count: 2, seasons: [{ from: '01-01', to: '12-31' }], interval: { months: 6 } }) // ['2027-10-04', '2028-04-04']
 */
export function scheduleDoses(rules: DoseDates): IsoDate[] {
  const dates: IsoDate[] = [];
  let from = rules.earliest;
  for (let ordinal = 1; ordinal <= rules.count; ordinal += 1) {
    const date = nextAllowed(from, rules);
    if (!date) break;
    dates.push(date);
    from =
      'months' in rules.interval
        ? addMonths(date, rules.interval.months)
        : addDays(date, rules.interval.days);
  }
  return dates;
}
