import { addDays, addMonths, daysBetween, type IsoDate } from '../kernel/typed/date';
import type { SeasonWindow } from '../catalog/packs/pack';
import {
  dayAfter,
  GRACE_DAYS,
  isWithin,
  type Apart,
  type Closed,
  type Closure,
  type Constraints,
  type KeptFrom,
  type Slot,
} from './constraints';

/** Why an application lies on its day and on no earlier one. */
export type Because =
  | { readonly kind: 'pinned' }
  | {
      readonly kind: 'kept-from';
      readonly what: KeptFrom;
      readonly other: IsoDate;
      readonly days: number;
    }
  | { readonly kind: 'closed'; readonly why: Closure }
  | { readonly kind: 'season' }
  | { readonly kind: 'interval'; readonly since: IsoDate };

/** A day with its reasons, and all that bound it. */
export interface Dated {
  readonly date: IsoDate;
  readonly because: readonly Because[];
  readonly within: Constraints;
}

/** What binds all applications of a request. */
export interface Bounds {
  readonly earliest: IsoDate;
  /** Seasons of the year; any day will do without. */
  readonly seasons?: readonly SeasonWindow[] | undefined;
  /** Days for each application, where each has days of its own; those of one in order. */
  readonly slots?: readonly Slot[] | undefined;
  readonly count: number;
  readonly interval: { readonly months: number } | { readonly days: number };
  readonly apart?: readonly Apart[];
  readonly closed?: readonly Closed[];
  /** Days that the advisor set, in the order of the applications; nothing where the day is free. */
  readonly pins?: readonly (IsoDate | undefined)[];
}

/** Jumps after which no allowed day is believed to exist: seasons and other dates shut it out. */
const MOST_JUMPS = 200;

/** The first day of the next season after a day that is in none. */
function nextSeason(date: IsoDate, seasons: readonly SeasonWindow[]): IsoDate | undefined {
  const year = Number(date.slice(0, 4));
  return seasons
    .flatMap(({ from }) => [`${year}-${from}`, `${year + 1}-${from}`])
    .filter((start) => start > date)
    .sort()[0];
}

/** The day after everything that a day is too near to, with what that is; nothing where it is too near to nothing. */
function clear(
  date: IsoDate,
  apart: readonly Apart[],
): { readonly day: IsoDate; readonly because: Because } | undefined {
  const near = apart.flatMap(({ days, from, what }) =>
    from
      .filter((other) => Math.abs(daysBetween(other, date)) < days)
      .map((other) => ({
        day: addDays(other, days),
        because: { kind: 'kept-from', what, other, days } as const,
      })),
  );
  return near.sort((a, b) => (a.day < b.day ? -1 : 1)).at(-1);
}

/** The day itself, or the first later one on which nothing is broken, with what it was moved by. */
function nextAllowed(
  first: IsoDate,
  { seasons, apart, closed }: Pick<Constraints, 'seasons' | 'apart' | 'closed'>,
): Pick<Dated, 'date' | 'because'> | undefined {
  const because: Because[] = [];
  let day: IsoDate | undefined = first;
  for (let jump = 0; day !== undefined && jump < MOST_JUMPS; jump += 1) {
    const at: IsoDate = day;
    const moved = clear(at, apart);
    const shut = closed.find((each) => isWithin(at, each));
    if (moved) {
      because.push(moved.because);
      day = moved.day;
    } else if (shut) {
      because.push({ kind: 'closed', why: shut.why });
      day = dayAfter(at, shut);
    } else if (seasons && !seasons.some((each) => isWithin(at, each))) {
      because.push({ kind: 'season' });
      day = nextSeason(at, seasons);
    } else {
      return { date: at, because };
    }
  }
  return undefined;
}

function after(date: IsoDate, interval: Bounds['interval']): IsoDate {
  return 'months' in interval ? addMonths(date, interval.months) : addDays(date, interval.days);
}

/**
 * Dates applications one after another: each on the first day of its own days or seasons on which nothing is broken, an
 * interval after the one before; one that was set by hand lies where it was set, whatever that breaks. An interval in
 * months clips at the end of a short month.
 *
 * @returns one for each; nothing where no day within its own days is allowed
 */
export function scheduleDates(bounds: Bounds): (Dated | undefined)[] {
  const { earliest, seasons, slots, interval, closed = [], pins = [] } = bounds;
  const set = pins.flatMap((pin) => pin ?? []);
  const days = 'days' in interval ? interval.days : 0;
  let free: IsoDate | undefined;
  let since: IsoDate | undefined;
  let isOver = false;
  return Array.from({ length: bounds.count }, (_none, at): Dated | undefined => {
    const slot = slots?.[at];
    const pin = pins[at];
    const others = set.filter((other) => other !== pin);
    const apart: readonly Apart[] = [
      ...(bounds.apart ?? []),
      ...(days > 0 && others.length > 0
        ? [{ days, from: others, what: 'fertilizer' as const }]
        : []),
    ];
    const within: Constraints = {
      ...{ earliest, slot, seasons, apart },
      closed: [...closed, ...(slot?.closed ?? [])],
    };
    const place = (): Pick<Dated, 'date' | 'because'> | undefined => {
      if (pin) return { date: pin, because: [{ kind: 'pinned' }] };
      const from = slot?.from ?? earliest;
      const spaced = free !== undefined && free > from;
      const found = nextAllowed(spaced && free ? free : from, within);
      if (!found) return undefined;
      if (
        slot &&
        (found.date > addDays(slot.to, GRACE_DAYS) || (slot.end && found.date > slot.end))
      )
        return undefined;
      const waited: readonly Because[] = spaced && since ? [{ kind: 'interval', since }] : [];
      return { date: found.date, because: [...waited, ...found.because] };
    };
    const placed = isOver && !pin ? undefined : place();
    // In seasons what finds no day leaves none for what comes after it.
    if (!placed) {
      isOver = !slots;
      return undefined;
    }
    free = after(placed.date, interval);
    since = placed.date;
    return { ...placed, within };
  });
}
