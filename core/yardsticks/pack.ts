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
  readonly lawnNitrogen: {
    /** N for a year, lb/1000 ft². */
    readonly clippingsReturned: PackValue;
    readonly clippingsRemoved: PackValue;
    /** Most soluble N on one date, lb/1000 ft². */
    readonly cap: PackValue;
    readonly intervalDays: PackValue;
    /** Days to keep between lime and urea or ammonium. */
    readonly apartFromLimeDays: PackValue;
    readonly seasons: readonly SeasonWindow[];
  };
  /** More organic matter than this makes an organic soil, %. */
  readonly organicAbove: number;
  /** What a laboratory's pH may be off by. */
  readonly phUncertainty: PackValue;
  /** Years until the next test where nothing asks for an earlier one. */
  readonly retestYears: PackValue;
}
