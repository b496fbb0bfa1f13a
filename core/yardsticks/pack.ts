import type { Situation } from '../casefile/casefile';
import type { SourceId, Standing } from '../tables/sources';

/** A span of the year, `MM-DD` to `MM-DD`, within one calendar year. */
export interface SeasonWindow {
  readonly from: string;
  readonly to: string;
}

/** A value of a pack with its standing. */
interface PackValue {
  readonly value: number;
  readonly standing: Standing;
}

/** Ratings from the lowest up; rates by rating stand in this order. */
export const RATINGS = ['low', 'medium', 'high', 'very-high'] as const;
export type Rating = (typeof RATINGS)[number];

interface Bands {
  /** The extractant whose values these bands are for; another's are never converted to it. */
  readonly method: string;
  /** Values are rounded to the printed decimals before they are compared, ppm. */
  readonly decimals: number;
  /** Where the pack prints in another unit, what one step of that is in ppm: 1 lb/acre is 0.5. */
  readonly step?: number;
  readonly standing: Standing;
}

/** Bands with fixed ends: the upper end of low, medium and high, included. */
export interface FixedBands extends Bands {
  readonly upTo: readonly number[];
}

/** Bands around a critical level of `base + perCec × CEC` ppm. */
export interface CriticalBands extends Bands {
  readonly critical: {
    readonly base: number;
    readonly perCec: number;
    readonly cecUnknown: number;
  };
  /** Low is below this share of the critical level; medium goes up to the level itself. */
  readonly lowBelowShare: number;
  /** High goes up to this many ppm above the critical level. */
  readonly highUpToAbove: number;
}

/** What a plant is given in a year, lb/1000 ft². */
export interface PlantRates {
  readonly standing: Standing;
  readonly N:
    | { readonly by: 'clippings'; readonly returned: PackValue; readonly removed: PackValue }
    | { readonly by: 'organic-matter'; readonly rates: readonly number[] };
  /** By rating, in the order of RATINGS. */
  readonly P2O5: readonly number[] | null;
  readonly K2O: readonly number[] | null;
}

/** Single amounts and dates of feed. */
export interface DressingRules {
  /** Most quick nitrogen, slow nitrogen and quick potash on one date, lb/1000 ft². */
  readonly quickN: PackValue;
  readonly slowN: PackValue;
  readonly quickK2O: PackValue | null;
  readonly intervalDays: PackValue;
  /** Days to keep between lime and feed. */
  readonly apartFromLimeDays: PackValue;
  readonly seasons: readonly SeasonWindow[];
}

/** A yardstick pack: thresholds, rates and caps as data. A shipped pack never changes in place. */
export interface Pack {
  readonly id: string;
  readonly version: number;
  readonly source: SourceId;
  readonly lime: {
    /** Most product on one date and the depth that it is to lime, by situation: lb/1000 ft², in. */
    readonly bySituation: Readonly<
      Record<Situation, { readonly cap: PackValue; readonly depth: PackValue }>
    >;
    /** Least need that is worth a trip, lb/1000 ft². */
    readonly least: PackValue;
    /** Above this total the doses after the second wait for a new test, lb/1000 ft². */
    readonly confirmAbove: PackValue;
    /** How many dressings are firm where the total is above `confirmAbove`. */
    readonly firmDoses: PackValue;
    /** Months before a conditional dressing at which to sample again. */
    readonly testMonthsBefore: PackValue;
    readonly intervalMonths: PackValue;
    readonly seasons: readonly SeasonWindow[];
    /** Where CEC is under `cec` (meq/100 g) no target above `target`. */
    readonly sandy: { readonly cec: number; readonly target: number };
  };
  /** How a soil test is rated; nothing where the pack has no bands for it. */
  readonly soilTest: {
    readonly p: FixedBands | null;
    readonly k: FixedBands | CriticalBands | null;
  };
  /** Classes of organic matter from the lowest up: the upper end of each but the last, %. */
  readonly organicMatter: { readonly decimals: number; readonly upTo: readonly number[] } | null;
  /** Rates by plant; a plant that is not here has no rate in this pack. */
  readonly feeding: Readonly<Record<string, PlantRates>>;
  /** How feed goes on, by form of ground. */
  readonly dressing: Readonly<Record<'lawn' | 'bed', DressingRules>>;
  /** N of one side-dressing, lb/100 ft of row. */
  readonly rowSideDressN: PackValue | null;
  /** More organic matter than this makes an organic soil, %. */
  readonly organicAbove: number;
  /** What a laboratory's pH may be off by. */
  readonly phUncertainty: PackValue;
  /** Years until the next test where nothing asks for an earlier one. */
  readonly retestYears: PackValue;
}
