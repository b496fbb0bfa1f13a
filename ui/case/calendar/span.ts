import { addDays, addMonths, daysBetween, type IsoDate } from '../../../core/kernel/typed/date';

/** Months that a strip shows. */
const MONTHS = 14;

/** The days that a strip shows, with where each month begins on it, from 0 to 1. */
export interface Span {
  readonly from: IsoDate;
  readonly days: number;
  readonly months: readonly { readonly first: IsoDate; readonly at: number }[];
}

/** The span of a plan: fourteen months from the first of the month in which it begins. */
export function spanOf(planFrom: IsoDate): Span {
  const from = `${planFrom.slice(0, 7)}-01`;
  const days = daysBetween(from, addMonths(from, MONTHS));
  const months = Array.from({ length: MONTHS }, (_none, at) => {
    const first = addMonths(from, at);
    return { first, at: daysBetween(from, first) / days };
  });
  return { from, days, months };
}

/**
 * Where a day lies on a span, from 0 to 1; beyond its ends below and above.
 * @example placeOf(spanOf('2027-04-10'), '2027-04-01') // 0
 */
export function placeOf({ from, days }: Span, date: IsoDate): number {
  return daysBetween(from, date) / days;
}

/** The day at a place on a span, never beyond its ends. */
export function dateAt({ from, days }: Span, place: number): IsoDate {
  const day = Math.round(Math.min(1, Math.max(0, place)) * days);
  return addDays(from, Math.min(days - 1, day));
}

/** A part of a span that is drawn behind the marks. */
export interface Shade {
  readonly from: number;
  readonly to: number;
}

/** Where days of each year lie on a span, which may hold them twice; both days as `MM-DD`, over the new year too. */
export function shadesOf(span: Span, from: string, to: string): Shade[] {
  const year = Number(span.from.slice(0, 4));
  return [year - 1, year, year + 1].flatMap((each) => {
    const last = from <= to ? each : each + 1;
    const shade = {
      from: Math.max(0, placeOf(span, `${each}-${from}`)),
      to: Math.min(1, placeOf(span, addDays(`${last}-${to}`, 1))),
    };
    return shade.from < shade.to ? [shade] : [];
  });
}

/** Marks nearer than this to one another lie in lanes of their own. */
const APART = 0.05;

/** The lane of each mark, from the top; marks in the order of their days. */
export function lanesOf(places: readonly number[]): number[] {
  const ends: number[] = [];
  return places.map((place) => {
    const free = ends.findIndex((end) => place - end >= APART);
    const lane = free < 0 ? ends.length : free;
    ends[lane] = place;
    return lane;
  });
}
