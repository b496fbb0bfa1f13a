import type { SourceId, Standing } from '../../kernel/sources';
import type { NamesIn } from '../../kernel/messages/msg';
import type { AnchorId } from '../climate/anchor';

/** A stage of the plant that an event waits for; the catalogue has its words. */
export type StageId = NamesIn<'stage'>;

/** A day of a year that is not on the calendar: of the climate, after planting, or one that is printed. */
export type Moment =
  | { readonly anchor: AnchorId; readonly weeks: number; readonly end?: true }
  | { readonly planted: number }
  | { readonly day: string };

/** One feeding of a year: when, how much of the year's nutrients, and what the plant is at then. */
export interface ProgrammeEvent {
  readonly stage: StageId;
  readonly from: Moment;
  /** The last day on which it does what it is for. */
  readonly to: Moment;
  /** No nitrogen goes on after it, whatever else there is to keep away from. */
  readonly stop?: Moment;
  /** Shares of the year's amounts; what is not told is none. */
  readonly N?: number;
  readonly P2O5?: number;
  readonly K2O?: number;
  /** It is there only where the year's nitrogen is more, lb/1000 ft²; the others then share its part. */
  readonly onlyAbove?: number;
}

/** How a year's fertilizer is given to a plant that stands or is planted: in what parts, at which of its stages. */
export interface Programme {
  readonly id: string;
  readonly source: SourceId;
  readonly standing: Standing;
  readonly events: readonly [ProgrammeEvent, ...ProgrammeEvent[]];
  /** When it is usually planted, where its events go by that. */
  readonly planting?: {
    readonly spring: Moment;
    /** The last day for it, where it is not two months. */
    readonly until?: Moment;
    readonly autumn?: Moment;
  };
}

/** Weeks before or after an anchor. */
export function at(anchor: AnchorId, weeks = 0): Moment {
  return { anchor, weeks };
}

/** Weeks before or after the end of an anchor's window. */
export function endOf(anchor: AnchorId, weeks = 0): Moment {
  return { anchor, weeks, end: true };
}

/** Days after planting or sowing. */
export function planted(days: number): Moment {
  return { planted: days };
}

/** A day of the calendar, `MM-DD`. */
export function onDay(day: string): Moment {
  return { day };
}

const ONCE = { P2O5: 1, K2O: 1 } as const;

/** All of the phosphate and potash with a share of the nitrogen. */
export function withAll(N: number): Pick<ProgrammeEvent, 'N' | 'P2O5' | 'K2O'> {
  return { N, ...ONCE };
}

/** A programme in which no nitrogen goes on after a moment of each season. */
export function stoppedAt(stop: Moment, programme: Programme): Programme {
  const [first, ...later] = programme.events;
  const stopped = (event: ProgrammeEvent): ProgrammeEvent =>
    event.N === undefined ? event : { stop, ...event };
  return { ...programme, events: [stopped(first), ...later.map(stopped)] };
}
