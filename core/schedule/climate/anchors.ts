/**
 * The days of a year on which what grows turns: each by one rule on a climate card. Rules and their temperatures are
 * practice fitted to printed calendars, within a week or two; they never stand for a day, only for a week.
 */
import type { AnchorId } from '../../catalog/climate/anchor';
import type { ClimateCard } from '../../catalog/climate/card';
import { dayNumber, fallsThrough, risesThrough, SOIL_ABOVE_AIR } from './curve';
import { YEAR } from '../../equations/climate/dayThrough';

/** Days of the year from one to another; the second may lie over the turn of the year. */
export interface YearWindow<D = number> {
  readonly from: D;
  readonly to: D;
}

/** What the rule of an anchor is written in: it comes to a number where only the day is wanted, to a figure with its sum where that is opened. */
export interface Reckoner<D> {
  /** The day on which mean air rises, or falls, through so many °F. */
  readonly rises: (degrees: number) => D | undefined;
  readonly falls: (degrees: number) => D | undefined;
  readonly isAlwaysOver: (degrees: number) => boolean;
  readonly frost: (which: 'last' | 'first') => D | undefined;
  /** A day of the calendar, `MM-DD`. */
  readonly printed: (monthDay: string) => D;
  readonly plus: (day: D, days: number) => D;
  readonly earlier: (a: D, b: D) => D;
  readonly later: (a: D, b: D) => D;
  readonly value: (day: D) => number;
}

const WEEK = 7;
/** Cool-season shoots grow from here up, °F air. */
const GREEN_UP = 45;
/** From here up cool-season grass is under heat; from the other it is not given quick nitrogen at all, °F air. */
const HEAT = 70;
const AUTUMN_FROM = 74;
/** Between these two, falling, the top has all but stopped and roots still take nitrogen up, °F air. */
const LATE_AUTUMN = { from: 50, to: 40 };
const FREEZE = 32;
/** Nothing soluble goes on so shortly before the ground freezes, days. */
const BEFORE_FREEZE = 14;
/** Sulfur works in soil of so many °F and more. */
const WARM_SOIL = 55;
/** Warm-season grass grows from here up, °F soil, and is green after so many days. */
const WARM_GROWTH = 65;
const GREEN_AFTER = 14;
/** Between its last nitrogen and the first frost warm-season grass needs so many days. */
const WARM_LAST = 56;
/** Nothing counts as early autumn before it, and as late autumn after it. */
const [AUTUMN_NEVER_BEFORE, AUTUMN_NEVER_AFTER] = ['08-10', '12-15'];

/** Frosts of the winters that have any, where not all do; and when what has hardly slept grows again (common practice). */
const SELDOM_FROST = { last: '01-28', first: '12-28' } as const;
const MILD_GROWTH = '02-15';

type Window<D> = YearWindow<D> | undefined;
type Rule = <D>(of: Reckoner<D>) => Window<D>;

function on<D>(day: D | undefined): Window<D> {
  return day === undefined ? undefined : { from: day, to: day };
}

/** Mean last frost of spring; where no year is sure of one, the day of those that have one. */
function lastFrost<D>(of: Reckoner<D>): Window<D> {
  return on(of.frost('last') ?? of.printed(SELDOM_FROST.last));
}

/** Mean first frost of autumn; where no year is sure of one, the day of those that have one. */
function firstFrost<D>(of: Reckoner<D>): Window<D> {
  return on(of.frost('first') ?? of.printed(SELDOM_FROST.first));
}

/** Green-up of cool-season grass; where winter is too mild for its sleep there is none. */
function greenUp<D>(of: Reckoner<D>): Window<D> {
  return on(of.rises(GREEN_UP));
}

/** What else wakes in spring does so with green-up; where winters are mild, shortly before the last frost. */
function growth<D>(of: Reckoner<D>): Window<D> {
  const up = of.rises(GREEN_UP);
  const frost = of.frost('last');
  if (up !== undefined) return on(up);
  return on(frost === undefined ? of.printed(MILD_GROWTH) : of.plus(frost, -2 * WEEK));
}

/** The weeks in which cool-season grass is under heat. */
function heat<D>(of: Reckoner<D>): Window<D> {
  const [from, to] = [of.rises(HEAT), of.falls(HEAT)];
  return from !== undefined && to !== undefined ? { from, to } : undefined;
}

/** Late spring: five to seven weeks after green-up, and three before the heat. */
function lateSpring<D>(of: Reckoner<D>): Window<D> {
  const up = of.rises(GREEN_UP);
  if (up === undefined) return undefined;
  const hot = of.rises(HEAT);
  const from = of.plus(up, 5 * WEEK);
  const to = of.plus(up, 7 * WEEK);
  if (hot === undefined) return { from, to };
  const end = of.plus(hot, -3 * WEEK);
  return of.value(from) <= of.value(end) ? { from, to: of.earlier(to, end) } : undefined;
}

/** Early autumn: when the heat gives way, for four weeks; in September where there is none. */
function earlyAutumn<D>(of: Reckoner<D>): Window<D> {
  const end = of.falls(HEAT);
  if (of.rises(HEAT) === undefined || end === undefined) {
    const from = of.printed('09-01');
    return { from, to: of.plus(from, 4 * WEEK) };
  }
  const from = of.later(of.falls(AUTUMN_FROM) ?? end, of.printed(AUTUMN_NEVER_BEFORE));
  return { from, to: of.later(of.plus(end, 4 * WEEK), from) };
}

/** Late autumn: the top has stopped, the leaves are green, the ground is not frozen. */
function lateAutumn<D>(of: Reckoner<D>): Window<D> {
  const from = of.falls(LATE_AUTUMN.from);
  if (from === undefined || of.rises(GREEN_UP) === undefined) return undefined;
  // What comes only after New Year sets no end to autumn.
  const thisYear = (day: D | undefined): readonly D[] =>
    day !== undefined && of.value(day) > of.value(from) ? [day] : [];
  const to = [
    ...thisYear(of.falls(LATE_AUTUMN.to)),
    ...thisYear(of.falls(FREEZE)).map((day) => of.plus(day, -BEFORE_FREEZE)),
  ].reduce((a, b) => of.earlier(a, b), of.printed(AUTUMN_NEVER_AFTER));
  return of.value(to) >= of.value(from) ? { from, to } : undefined;
}

/** Warm-season grass is fully green: soil at 65 °F for two weeks, and the mean last frost is over. */
function warmGreen<D>(of: Reckoner<D>): Window<D> {
  const warm = of.rises(WARM_GROWTH - SOIL_ABOVE_AIR);
  if (warm === undefined) return undefined;
  const green = of.plus(warm, GREEN_AFTER);
  const frost = of.frost('last');
  return on(frost === undefined ? green : of.later(green, frost));
}

/** The last day for nitrogen on warm-season grass: eight weeks before the mean first frost. */
function warmLast<D>(of: Reckoner<D>): Window<D> {
  const frost = of.frost('first');
  return on(frost === undefined ? of.printed('10-01') : of.plus(frost, -WARM_LAST));
}

/** The end of a window that may lie over the turn of the year. */
function overNewYear<D>(of: Reckoner<D>, from: D, to: D): YearWindow<D> {
  return { from, to: of.value(to) < of.value(from) ? of.plus(to, YEAR) : to };
}

/** The weeks in which soil is at 55 °F and more, so that sulfur works. */
function warmSoil<D>(of: Reckoner<D>): Window<D> {
  const air = WARM_SOIL - SOIL_ABOVE_AIR;
  const [from, to] = [of.rises(air), of.falls(air)];
  if (from !== undefined && to !== undefined) return overNewYear(of, from, to);
  return of.isAlwaysOver(air) ? { from: of.printed('01-01'), to: of.printed('12-31') } : undefined;
}

/** The weeks in which ground is frozen; they may lie over the turn of the year. */
function frozen<D>(of: Reckoner<D>): Window<D> {
  const [from, to] = [of.falls(FREEZE), of.rises(FREEZE)];
  return from === undefined || to === undefined ? undefined : overNewYear(of, from, to);
}

/** Every anchor with its rule. */
const RULES = {
  'last-frost': lastFrost,
  'first-frost': firstFrost,
  'green-up': greenUp,
  growth,
  'late-spring': lateSpring,
  heat,
  'early-autumn': earlyAutumn,
  'late-autumn': lateAutumn,
  'warm-green': warmGreen,
  'warm-last': warmLast,
  'warm-soil': warmSoil,
  frozen,
} as const satisfies Record<AnchorId, Rule>;

/** Days as plain numbers of the year. */
function numbersOf(card: ClimateCard): Reckoner<number> {
  return {
    rises: (degrees) => risesThrough(card, degrees),
    falls: (degrees) => fallsThrough(card, degrees),
    isAlwaysOver: (degrees) => Math.min(...card.air) >= degrees,
    frost: (which) => (card.frost ? dayNumber(card.frost[which].mean) : undefined),
    printed: dayNumber,
    plus: (day, days) => day + days,
    earlier: Math.min,
    later: Math.max,
    value: (day) => day,
  };
}

/** When an anchor lies, as a reckoner of that climate has it: by its rule, or as it is printed there. */
export function windowOf<D>(
  of: Reckoner<D>,
  { printed }: ClimateCard,
  anchor: AnchorId,
): YearWindow<D> | undefined {
  const there = printed?.[anchor];
  return there ? { from: of.printed(there.from), to: of.printed(there.to) } : RULES[anchor](of);
}

type Told = Map<AnchorId, YearWindow | undefined>;

/** Anchors that were told of a card already: a plan asks for the same few over and over, and a card never changes. */
const TOLD = new WeakMap<ClimateCard, Told>();

function toldOf(card: ClimateCard): Told {
  const known = TOLD.get(card);
  if (known) return known;
  const fresh: Told = new Map();
  TOLD.set(card, fresh);
  return fresh;
}

/** When an anchor lies in a climate, by its rule or as it is printed; nothing where it has none there. */
export function anchorIn(card: ClimateCard, anchor: AnchorId): YearWindow | undefined {
  const told = toldOf(card);
  if (told.has(anchor)) return told.get(anchor);
  const window = windowOf(numbersOf(card), card, anchor);
  told.set(anchor, window);
  return window;
}
