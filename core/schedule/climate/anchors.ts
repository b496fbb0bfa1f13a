/**
 * The days of a year on which what grows turns: each by one rule on a climate card. Rules and their temperatures are
 * practice fitted to printed calendars, within a week or two; they never stand for a day, only for a week.
 */
import type { AnchorId } from '../../catalog/climate/anchor';
import type { ClimateCard } from '../../catalog/climate/card';
import { dayNumber, fallsThrough, risesThrough, SOIL_ABOVE_AIR, YEAR } from './curve';

/** Days of the year from one to another; the second may lie over the turn of the year. */
export interface YearWindow {
  readonly from: number;
  readonly to: number;
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
/** Warm-season grass grows from here up, °F soil, and is green after so many days. */
const WARM_GROWTH = 65;
const GREEN_AFTER = 14;
/** Between its last nitrogen and the first frost warm-season grass needs so many days. */
const WARM_LAST = 56;
/** Nothing counts as early autumn before it, and as late autumn after it. */
const [AUTUMN_NEVER_BEFORE, AUTUMN_NEVER_AFTER] = ['08-10', '12-15'];

const on = (day: number | undefined): YearWindow | undefined =>
  day === undefined ? undefined : { from: day, to: day };

function frostDay(card: ClimateCard, which: 'last' | 'first'): number | undefined {
  return card.frost ? dayNumber(card.frost[which].mean) : undefined;
}

/** Mean last frost of spring. */
function lastFrost(card: ClimateCard): YearWindow | undefined {
  return on(frostDay(card, 'last'));
}

/** Mean first frost of autumn. */
function firstFrost(card: ClimateCard): YearWindow | undefined {
  return on(frostDay(card, 'first'));
}

/** Green-up of cool-season grass, and of what else wakes with it. */
function greenUp(card: ClimateCard): YearWindow | undefined {
  return on(risesThrough(card, GREEN_UP));
}

/** The weeks in which cool-season grass is under heat. */
function heat(card: ClimateCard): YearWindow | undefined {
  const [from, to] = [risesThrough(card, HEAT), fallsThrough(card, HEAT)];
  return from !== undefined && to !== undefined ? { from, to } : undefined;
}

/** Late spring: five to seven weeks after green-up, and three before the heat. */
function lateSpring(card: ClimateCard): YearWindow | undefined {
  const up = greenUp(card);
  if (!up) return undefined;
  const hot = heat(card);
  const end = hot ? hot.from - 3 * WEEK : Infinity;
  const from = up.from + 5 * WEEK;
  return from <= end ? { from, to: Math.min(up.from + 7 * WEEK, end) } : undefined;
}

/** Early autumn: when the heat gives way, for four weeks; in September where there is none. */
function earlyAutumn(card: ClimateCard): YearWindow | undefined {
  const hot = heat(card);
  if (!hot) {
    const from = dayNumber('09-01');
    return { from, to: from + 4 * WEEK };
  }
  const from = Math.max(fallsThrough(card, AUTUMN_FROM) ?? hot.to, dayNumber(AUTUMN_NEVER_BEFORE));
  return { from, to: Math.max(from, hot.to + 4 * WEEK) };
}

/** Late autumn: the top has stopped, the leaves are green, the ground is not frozen. */
function lateAutumn(card: ClimateCard): YearWindow | undefined {
  const from = fallsThrough(card, LATE_AUTUMN.from);
  if (from === undefined || risesThrough(card, GREEN_UP) === undefined) return undefined;
  const cold = fallsThrough(card, LATE_AUTUMN.to) ?? Infinity;
  const frozen = fallsThrough(card, FREEZE);
  // Where it freezes only after New Year that sets no end to autumn.
  const end = frozen !== undefined && frozen > from ? frozen - BEFORE_FREEZE : Infinity;
  const to = Math.min(cold > from ? cold : Infinity, end, dayNumber(AUTUMN_NEVER_AFTER));
  return to >= from ? { from, to } : undefined;
}

/** Warm-season grass is fully green: soil at 65 °F for two weeks, and the mean last frost is over. */
function warmGreen(card: ClimateCard): YearWindow | undefined {
  const warm = risesThrough(card, WARM_GROWTH - SOIL_ABOVE_AIR);
  if (warm === undefined) return undefined;
  return on(Math.max(warm + GREEN_AFTER, frostDay(card, 'last') ?? 0));
}

/** The last day for nitrogen on warm-season grass: eight weeks before the mean first frost. */
function warmLast(card: ClimateCard): YearWindow | undefined {
  const frost = frostDay(card, 'first');
  return on(frost === undefined ? dayNumber('10-01') : frost - WARM_LAST);
}

/** The weeks in which soil is at 55 °F and more, so that sulfur works. */
function warmSoil(card: ClimateCard): YearWindow | undefined {
  const air = 55 - SOIL_ABOVE_AIR;
  const [from, to] = [risesThrough(card, air), fallsThrough(card, air)];
  if (from === undefined || to === undefined) {
    return Math.min(...card.air) >= air ? { from: 1, to: YEAR } : undefined;
  }
  return { from, to: to < from ? to + YEAR : to };
}

/** The weeks in which ground is frozen; they may lie over the turn of the year. */
function frozen(card: ClimateCard): YearWindow | undefined {
  const [from, to] = [fallsThrough(card, FREEZE), risesThrough(card, FREEZE)];
  if (from === undefined || to === undefined) return undefined;
  return { from, to: to < from ? to + YEAR : to };
}

/** Every anchor with its rule. */
const RULES = {
  'last-frost': lastFrost,
  'first-frost': firstFrost,
  'green-up': greenUp,
  'late-spring': lateSpring,
  heat,
  'early-autumn': earlyAutumn,
  'late-autumn': lateAutumn,
  'warm-green': warmGreen,
  'warm-last': warmLast,
  'warm-soil': warmSoil,
  frozen,
} as const satisfies Record<AnchorId, (card: ClimateCard) => YearWindow | undefined>;

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
  const printed = card.printed?.[anchor];
  const window = printed
    ? { from: dayNumber(printed.from), to: dayNumber(printed.to) }
    : RULES[anchor](card);
  told.set(anchor, window);
  return window;
}
