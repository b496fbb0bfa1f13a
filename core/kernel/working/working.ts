import type { Quantity } from '../units/quantity';
import type { SourceId, Standing } from '../sources';
import type { Msg } from '../messages/msg';

/** A stable path such as `lawn/lime/smp/requirement`. */
export type WorkingId = string;

/**
 * The closed vocabulary of how a number was reached. `v` are the values of the inputs, in order:
 *
 * | op | value |
 * |---|---|
 * | typed, constant, decided | a leaf |
 * | convert | v0 in another unit |
 * | add, multiply | sum, product of all |
 * | subtract, divide | v0 less, over v1 |
 * | deduct | v0 less all others, never below zero |
 * | proportion | v0 × v1 ÷ v2 |
 * | lookup | the cell of `detail.table` named by `detail.row` and `detail.column` |
 * | interpolate | on the line between two looked-up rows, at v0 |
 * | equation | the formula named by `detail.equation`, of all inputs |
 * | mean | the mean of all, with a range around them |
 * | spread | v0, with a range of ± v1 percent |
 * | lowEnd, highEnd | the lower, the upper end of the range of v0 |
 * | middle | v0 without its range |
 * | count | v0 ÷ v1, up to the next whole number |
 * | cap | the smallest of all |
 * | choose | v0, taken before the others |
 * | round | v0 to `detail.step`, to the nearest unless that passes v1 where there is one, then down |
 */
export type Op =
  | 'typed'
  | 'constant'
  | 'decided'
  | 'convert'
  | 'add'
  | 'subtract'
  | 'deduct'
  | 'multiply'
  | 'divide'
  | 'proportion'
  | 'lookup'
  | 'interpolate'
  | 'equation'
  | 'mean'
  | 'spread'
  | 'lowEnd'
  | 'highEnd'
  | 'middle'
  | 'count'
  | 'cap'
  | 'choose'
  | 'round';

/** What a look-up or a rounding needs besides its inputs, to be checked by hand. */
export type EntryDetail =
  | { readonly table: string; readonly row: number; readonly column: string }
  | { readonly step: number };

/** What an op needs besides its inputs: of an equation its name. */
export type Detail = EntryDetail | { readonly equation: string };

/** An amount that the advisor put in place of a computed one, and why. */
export interface Override {
  readonly reason: string;
  readonly replaces: WorkingId;
}

export interface Range {
  readonly low: number;
  readonly high: number;
}

interface Common {
  readonly id: WorkingId;
  readonly label: Msg;
  readonly inputs: readonly WorkingId[];
}

/** A figure that was computed, with all that is needed to compute it again. */
export interface PresentWorking extends Common {
  readonly op: Op;
  readonly value: Quantity;
  readonly range?: Range;
  readonly detail?: Detail;
  readonly standing?: Standing;
  readonly source?: SourceId;
  /** Where a typed or decided value stands in the case file. */
  readonly at?: string;
  readonly override?: Override;
}

/** A figure that could not be computed, and why. */
interface AbsentWorking extends Common {
  readonly absent: Msg;
}

export type Working = PresentWorking | AbsentWorking;

/** A typed handle on a Working: what the pipeline passes on. */
export type Figure<Q extends Quantity = Quantity> =
  | { readonly id: WorkingId; readonly value: Q; readonly range?: Range }
  | { readonly id: WorkingId; readonly absent: Msg };

/** The value of a figure, or nothing where it is absent. */
export function valueOf<Q extends Quantity>(figure: Figure<Q>): Q | undefined {
  return 'absent' in figure ? undefined : figure.value;
}
