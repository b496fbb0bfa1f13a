import { addDays, addMonths, daysBetween, type IsoDate } from '../kernel/typed/date';
import type { SeasonWindow } from '../catalog/packs/pack';

/** What the one scheduler of the plan needs to date some doses. */
export interface DoseDates {
  readonly earliest: IsoDate;
  readonly count: number;
  readonly seasons: readonly SeasonWindow[];
  readonly interval: { readonly months: number } | { readonly days: number };
  /** Days to keep on either side of other dates: feed apart from lime, and from other feed. */
  readonly apart?: readonly { readonly days: number; readonly from: readonly IsoDate[] }[];
}

/** Jumps after which no allowed day is believed to exist: seasons and other dates shut it out. */
const MOST_JUMPS = 200;

function inSeason(date: IsoDate, seasons: readonly SeasonWindow[]): boolean {
  const day = date.slice(5);
  return seasons.some(({ from, to }) => from <= day && day <= to);
}

/** The first day of the next season after a day that is in none. */
function nextSeason(date: IsoDate, seasons: readonly SeasonWindow[]): IsoDate | undefined {
  const year = Number(date.slice(0, 4));
  return seasons
    .flatMap(({ from }) => [`${year}-${from}`, `${year + 1}-${from}`])
    .filter((start) => start > date)
    .sort()[0];
}

/** The day itself, or the first later one that is in season and keeps its distance. */
function nextAllowed(date: IsoDate, { seasons, apart = [] }: DoseDates): IsoDate | undefined {
  let day: IsoDate | undefined = date;
  for (let jump = 0; day !== undefined && jump < MOST_JUMPS; jump += 1) {
    const at: IsoDate = day;
    const free = apart.flatMap(({ days, from }) =>
      from
        .filter((other) => Math.abs(daysBetween(other, at)) < days)
        .map((other) => addDays(other, days)),
    );
    if (free.length > 0) day = free.sort().at(-1);
    else if (inSeason(at, seasons)) return at;
    else day = nextSeason(at, seasons);
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

/** Days for one application: the week or two that are meant, and a last day that nothing may pass. */
export interface Slot {
  readonly from: IsoDate;
  readonly to: IsoDate;
  readonly end?: IsoDate | undefined;
}

/** What the scheduler needs to date applications that each have days of their own to lie within. */
export interface SlotDates {
  readonly slots: readonly Slot[];
  readonly interval: { readonly days: number };
  readonly apart: NonNullable<DoseDates['apart']>;
}

/** What a slot's last day stands for is a week or two: an application that keeps its distance may come so much later. */
const GRACE_DAYS = 7;

const ALL_YEAR: readonly SeasonWindow[] = [{ from: '01-01', to: '12-31' }];

/**
 * Dates applications each within its slot, in order: the first day of it, or the first later one that keeps its distance
 * from other dates and from the one before. One that finds none within a week of its slot's end has no day.
 */
export function scheduleSlots({ slots, interval, apart }: SlotDates): (IsoDate | undefined)[] {
  let free: IsoDate | undefined;
  return slots.map(({ from, to, end }) => {
    const earliest = free && free > from ? free : from;
    const date = nextAllowed(earliest, { earliest, count: 1, interval, seasons: ALL_YEAR, apart });
    if (!date || date > addDays(to, GRACE_DAYS) || (end && date > end)) return undefined;
    free = addDays(date, interval.days);
    return date;
  });
}
