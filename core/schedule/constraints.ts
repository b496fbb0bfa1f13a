import type { SeasonWindow } from '../catalog/packs/pack';
import { addDays, daysBetween, type IsoDate } from '../kernel/typed/date';

/** What an application keeps its distance from. */
export type KeptFrom = 'lime' | 'fertilizer' | 'sulfur' | 'manure' | 'work';

/** Days to keep on either side of other dates. */
export interface Apart {
  readonly days: number;
  readonly from: readonly IsoDate[];
  readonly what: KeptFrom;
}

/** Why days of each year are closed to something: a local rule, heat, ground that is frozen. */
export type Closure =
  | { readonly kind: 'rule'; readonly rule: string }
  | { readonly kind: 'heat' }
  | { readonly kind: 'frozen' }
  | { readonly kind: 'manure' };

/** Days of each year on which something may not go on, both ends among them; they may cross the new year. */
export interface Closed extends SeasonWindow {
  readonly why: Closure;
}

/** Days for one application: the week or two that are meant, and a last day that nothing may pass. */
export interface Slot {
  readonly from: IsoDate;
  readonly to: IsoDate;
  readonly end?: IsoDate | undefined;
  /** Days of each year that are closed to this one besides those that are closed to all. */
  readonly closed?: readonly Closed[];
}

/** All that binds the day of one application, as plain data, so that a day can be judged before it is taken. */
export interface Constraints {
  readonly earliest: IsoDate | undefined;
  /** The days that are meant, where it has days of its own. */
  readonly slot: Slot | undefined;
  /** Seasons of each year in which it may go on; nothing where any day of the year will do. */
  readonly seasons: readonly SeasonWindow[] | undefined;
  readonly apart: readonly Apart[];
  readonly closed: readonly Closed[];
}

/** What a day would break. */
export type Breach =
  | { readonly kind: 'before-plan'; readonly date: IsoDate }
  | { readonly kind: 'too-early'; readonly date: IsoDate }
  | { readonly kind: 'too-late'; readonly date: IsoDate }
  | { readonly kind: 'after-stop'; readonly date: IsoDate }
  | { readonly kind: 'out-of-season' }
  | {
      readonly kind: 'too-near';
      readonly what: KeptFrom;
      readonly other: IsoDate;
      readonly days: number;
    }
  | { readonly kind: 'closed'; readonly why: Closure };

/** Whether a day lies in a span of each year, which may cross the new year. */
export function isWithin(date: IsoDate, { from, to }: SeasonWindow): boolean {
  const day = date.slice(5);
  return from <= to ? from <= day && day <= to : day >= from || day <= to;
}

/** The first day after a closed span that a day lies in. */
export function dayAfter(date: IsoDate, { from, to }: SeasonWindow): IsoDate {
  const year = Number(date.slice(0, 4));
  const crosses = from > to && date.slice(5) >= from;
  return addDays(`${crosses ? year + 1 : year}-${to}`, 1);
}

/**
 * Everything that a day would break, the gravest first: nothing where the application may go on then.
 *
 * @example breachesOf({ earliest: '2027-04-01', slot: undefined, seasons: undefined, apart: [], closed: [] }, '2027-03-01')
 * // [{ kind: 'before-plan', date: '2027-04-01' }]
 */
export function breachesOf(
  { earliest, slot, seasons, apart, closed }: Constraints,
  date: IsoDate,
): Breach[] {
  const breaches: Breach[] = closed
    .filter((each) => isWithin(date, each))
    .map(({ why }) => ({ kind: 'closed', why }));
  if (slot?.end && date > slot.end) breaches.push({ kind: 'after-stop', date: slot.end });
  for (const { days, from, what } of apart) {
    const other = from.find((each) => Math.abs(daysBetween(each, date)) < days);
    if (other) breaches.push({ kind: 'too-near', what, other, days });
  }
  if (earliest && date < earliest) breaches.push({ kind: 'before-plan', date: earliest });
  if (slot && date < slot.from) breaches.push({ kind: 'too-early', date: slot.from });
  if (slot && date > addDays(slot.to, GRACE_DAYS) && !(slot.end && date > slot.end)) {
    breaches.push({ kind: 'too-late', date: slot.to });
  }
  if (seasons && !seasons.some((each) => isWithin(date, each))) {
    breaches.push({ kind: 'out-of-season' });
  }
  return breaches;
}

/** What a slot's last day stands for is a week or two: an application that keeps its distance may come so much later. */
export const GRACE_DAYS = 7;
