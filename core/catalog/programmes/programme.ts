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
  /** No nitrogen goes on after the first of them, whatever else there is to keep away from. */
  readonly stops?: readonly Moment[];
  /** What waits for a planting that comes too late in its season is given in the next spring from this moment. */
  readonly elseFrom?: Moment;
  /** Shares of the year's amounts; what is not told is none. */
  readonly N?: number;
  readonly P2O5?: number;
  readonly K2O?: number;
  /** So much of its nitrogen should come slowly, %; nothing where quick nitrogen is meant. */
  readonly slow?: number;
  /** It waits until the heat is over where it falls into it. */
  readonly notInHeat?: true;
}

/** How a year's fertilizer is given to a plant that stands or is planted: in what parts, at which of its stages. */
export interface Programme {
  readonly id: string;
  readonly source: SourceId;
  readonly standing: Standing;
  readonly events: readonly [ProgrammeEvent, ...ProgrammeEvent[]];
  /** The nitrogen of a year that it is printed for, lb/1000 ft²; nothing where that goes by the plant. */
  readonly yearN?: number;
  /** Its events where nitrogen goes beside the row twice, by another school and on light soil. */
  readonly twice?: Programme['events'];
  /** When it is usually planted, where its events go by that. */
  readonly planting?: {
    readonly from: Moment;
    /** The last day for it, where it is not two months. */
    readonly until?: Moment;
    /** The days for a crop of fall. */
    readonly autumn?: { readonly from: Moment; readonly to: Moment };
    /** After its days it is taken to stand since the first of them as long as anything of its year is left. */
    readonly stands?: true;
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

/** An event of a printed calendar: its nitrogen in pounds for 1000 ft², its phosphate and potash as shares. */
export interface Dose extends Omit<ProgrammeEvent, 'N'> {
  readonly lb?: number;
}

/** A programme from a printed calendar: the year's nitrogen is the sum of its doses. */
export function fromDoses(
  programme: Omit<Programme, 'events' | 'yearN'>,
  doses: readonly [Dose, ...Dose[]],
): Programme {
  const yearN = doses.reduce((sum, { lb = 0 }) => sum + lb, 0);
  const event = ({ lb, ...rest }: Dose): ProgrammeEvent =>
    lb === undefined || yearN === 0 ? rest : { ...rest, N: lb / yearN };
  const [first, ...later] = doses;
  return { ...programme, yearN, events: [event(first), ...later.map(event)] };
}

/** From here up a dose is one for slow nitrogen, %; a smaller share is the quick kind, put on lightly and watered in. */
const SLOW_FROM = 50;

/** Whether every nitrogen of a year is one for slow nitrogen, so that one product serves all of it. */
export function isSlowYear({ events }: Pick<Programme, 'events'>): boolean {
  const fed = events.filter(({ N = 0 }) => N > 0);
  return fed.length > 0 && fed.every(({ slow = 0 }) => slow >= SLOW_FROM);
}

/** Schools on the last nitrogen of a cool-season lawn: once it has stopped growing, before, or never. */
export const LATE_SCHOOLS = ['classic', 'earlier', 'none'] as const;
export type LateSchool = (typeof LATE_SCHOOLS)[number];

/** By the school that moves it: at most so much, by this day (Mangiafico & Guillard 2006; Lloyd, Soldat & Stier 2011). Recalled. */
const EARLIER = { lb: 0.5, from: onDay('10-01'), to: onDay('10-15') } as const;

/** A lawn's year by a school on its last nitrogen; what that leaves out of the year is not made up for. */
export function byLateSchool(programme: Programme, school: LateSchool): Programme {
  const { yearN, events } = programme;
  if (school === 'classic' || yearN === undefined) return programme;
  const doses = events.flatMap(({ N, ...event }): Dose[] => {
    const lb = N === undefined ? undefined : N * yearN;
    const dose = lb === undefined ? event : { ...event, lb };
    if (event.stage !== 'lateAutumn' || lb === undefined) return [dose];
    return school === 'none'
      ? []
      : [{ ...dose, ...EARLIER, stage: 'midAutumn', lb: Math.min(lb, EARLIER.lb) }];
  });
  const [first, ...later] = doses;
  return first ? fromDoses(programme, [first, ...later]) : programme;
}

/** A programme in which no nitrogen goes on after a moment of each season. */
export function stoppedAt(stop: Moment, programme: Programme): Programme {
  const [first, ...later] = programme.events;
  const stopped = (event: ProgrammeEvent): ProgrammeEvent =>
    event.N === undefined ? event : { ...event, stops: [...(event.stops ?? []), stop] };
  return { ...programme, events: [stopped(first), ...later.map(stopped)] };
}
