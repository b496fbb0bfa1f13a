import type { Situation } from '../situations';
import type { NeedClass, PlantForm } from '../plants/plants';
import type { SourceId, Standing } from '../../kernel/sources';

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

/** Where a value is printed. Packs before there were places of values have none. */
export interface Cited {
  readonly source?: SourceId;
  /** The page, table or row. */
  readonly locator?: string;
  readonly year?: number;
}

/** How a pack prints a soil test: contents of soil, or what is in a saturated extract of a mix. */
type BandUnit = 'ppm' | 'lb/acre' | 'mg/L';

interface Bands extends Cited {
  /** The unit that the pack prints; ends stand in ppm, those of an extract in mg/L. */
  readonly unit?: BandUnit;
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

/** Fixed bands of each group of soils that the pack tells apart. */
interface GroupedBands extends Bands {
  readonly byGroup: Readonly<Record<string, readonly number[]>>;
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

/** How a pack rates a nutrient. */
export type NutrientBands = FixedBands | GroupedBands | CriticalBands;

/** Nitrogen of a year: by what becomes of the clippings, by organic matter, or one amount. */
export type NitrogenRates =
  | { readonly by: 'clippings'; readonly returned: PackValue; readonly removed: PackValue }
  | { readonly by: 'organic-matter'; readonly rates: readonly number[] }
  | { readonly by: 'plant'; readonly rate: number };

/** What a plant is given in a year, in lb/1000 ft² unless the pack prints lb/acre. */
interface PlantRates extends Cited {
  readonly standing: Standing;
  readonly unit?: 'lb/1000ft2' | 'lb/acre';
  readonly N: NitrogenRates;
  /** By rating, in the order of RATINGS. */
  readonly P2O5: readonly number[] | null;
  readonly K2O: readonly number[] | null;
}

/** Rates by how much a plant asks for, lb/1000 ft²; a class that is not here has no rate. */
interface ClassRates extends Cited {
  readonly standing: Standing;
  readonly N: Readonly<Partial<Record<NeedClass, NitrogenRates>>>;
  /** By rating, in the order of RATINGS. */
  readonly P2O5: Readonly<Partial<Record<NeedClass, readonly number[]>>>;
  readonly K2O: Readonly<Partial<Record<NeedClass, readonly number[]>>>;
}

/** Single amounts and dates of fertilizer. */
export interface ApplicationLimits {
  /** Most quick nitrogen, slow nitrogen and quick potash on one date, lb/1000 ft². */
  readonly quickN: PackValue;
  readonly slowN: PackValue;
  readonly quickK2O: PackValue | null;
  readonly intervalDays: PackValue;
  /** Days to keep between lime and fertilizer. */
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
    readonly p: NutrientBands | null;
    readonly k: NutrientBands | null;
  };
  /** What a house calls its own pack; shipped packs are named by the catalogue. */
  readonly name?: string;
  /** Places of values without a standing of their own that a house has changed. */
  readonly changed?: readonly string[];
  /** What a house pack was copied from. */
  readonly copiedFrom?: { readonly id: string; readonly version: number };
  /** Classes of organic matter from the lowest up: the upper end of each but the last, %. */
  readonly organicMatter: { readonly decimals: number; readonly upTo: readonly number[] } | null;
  /** Rates by plant; a plant that is not here is fed by its class. */
  readonly feeding: Readonly<Record<string, PlantRates>>;
  /** Rates by form of plant and by how much it asks for; without them other plants have no rate. */
  readonly classes?: Readonly<Record<PlantForm, ClassRates>>;
  /** How feed goes on, by form of ground. */
  readonly dressing: Readonly<Record<'lawn' | 'bed', ApplicationLimits>>;
  /** N of one side-dressing, lb/100 ft of row. */
  readonly rowSideDressN: PackValue | null;
  /** More organic matter than this makes an organic soil, %. */
  readonly organicAbove: number;
  /** What a laboratory's pH may be off by. */
  readonly phUncertainty: PackValue;
  /** Years until the next test where nothing asks for an earlier one. */
  readonly retestYears: PackValue;
}
