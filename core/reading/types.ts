import type { Figure } from '../kernel/working/working';
import type { Msg } from '../kernel/messages/msg';
import type { SourceId } from '../kernel/sources';

/** What is read, in the order in which it is read. */
export const READING_ORDER = [
  'ph',
  'buffer',
  'om',
  'cec',
  'no3',
  'p',
  'k',
  'ca',
  'mg',
  's',
  'zn',
  'fe',
  'mn',
  'cu',
  'b',
  'ec',
  'na',
  'pb',
] as const;
type ReadAnalyte = (typeof READING_ORDER)[number];

/** How much it stands in the way: not at all, a little, much, before all else. */
export type Limits = 0 | 1 | 2 | 3;

/** A scale with its classes: where they end, and the span that is right. */
interface ReadTrack {
  readonly ends: readonly number[];
  readonly window: { readonly low: number; readonly high: number };
}

/** Where the thresholds of a line are printed. */
interface ReadBy {
  readonly source: SourceId;
  readonly locator?: string;
  readonly year?: number;
}

/** One value of the report in one sentence, and what follows from it. */
export interface ReadingLine {
  readonly analyte: ReadAnalyte;
  readonly value: Figure;
  readonly limits: Limits;
  readonly sentence: Msg;
  readonly then: Msg | undefined;
  readonly track: ReadTrack | undefined;
  readonly by: ReadBy | undefined;
  /** What stands in excess: its likely cause, and how many years until it has fallen. */
  readonly excess?: readonly Msg[];
}

/** All that a report says of an area, in the fixed order, with what limits most. */
export interface AreaReading {
  readonly lines: readonly ReadingLine[];
  /** Nothing where nothing was typed. */
  readonly summary: Msg | undefined;
  /** What was seen on the ground: it asks or explains, and doses nothing. */
  readonly clues: readonly Msg[];
}
