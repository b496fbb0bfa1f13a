import type { ClimateCard } from '../../catalog/climate/card';
import type { Moment, Programme, ProgrammeEvent } from '../../catalog/programmes/programme';
import { addDays, type IsoDate } from '../../kernel/typed/date';
import { anchorIn } from './anchors';
import type { ClimateMoment } from './dayFigures';
import { fallsThrough, monthDay } from './curve';
import { YEAR } from '../../equations/climate/dayThrough';

/** What the days of an event are counted from: a moment of the climate, a planting, or a day that is printed. */
export type Origin =
  | { readonly kind: 'climate'; readonly moment: ClimateMoment }
  | {
      readonly kind: 'planted';
      readonly days: number;
      readonly on: IsoDate;
    }
  | { readonly kind: 'printed' };

/** What of a year has its days: something put on, or work. */
export type Happening = Pick<ProgrammeEvent, 'from' | 'to' | 'stops' | 'elseFrom' | 'notInHeat'>;

/** What happens in a year, with the days of the coming one on which it may be. */
export interface DatedEvent<Event extends Happening = ProgrammeEvent> {
  readonly origin: Origin;
  readonly event: Event;
  readonly from: IsoDate;
  readonly to: IsoDate;
  /** The last day for nitrogen, if there is one. */
  readonly stop: IsoDate | undefined;
  /** The planting comes so late that its nitrogen must not go on any more. */
  readonly isStopped: boolean;
}

/** From here up summers put cool-season grass at risk, °F air. */
const SEVERE = 77;

/** Whether a climate's summers are severe for cool-season grass. */
export function isSevere(card: ClimateCard): boolean {
  return fallsThrough(card, SEVERE) !== undefined;
}

const WEEK = 7;
/** What was to be planted so many days ago is still planted today. */
const STILL_PLANTED = 60;

/** The day of a moment in a year; nothing where the climate has none, or nothing is planted. */
function dayOf(
  card: ClimateCard,
  moment: Moment,
  year: number,
  plantedOn: IsoDate | undefined,
): IsoDate | undefined {
  if ('planted' in moment) return plantedOn && addDays(plantedOn, moment.planted);
  if ('day' in moment) return `${year}-${moment.day}`;
  const window = anchorIn(card, moment.anchor);
  if (!window) return undefined;
  const number = Math.round((moment.end ? window.to : window.from) + moment.weeks * WEEK);
  const shift = Math.floor((number - 1) / YEAR);
  return `${year + shift}-${monthDay(number)}`;
}

function later(a: IsoDate, b: IsoDate): IsoDate {
  return a > b ? a : b;
}

/** When what is planted anew each time was planted, or is going to be. */
function plantingDay(
  card: ClimateCard,
  { events, planting }: Coming<Happening>,
  planFrom: IsoDate,
  typed: IsoDate | undefined,
): IsoDate | undefined {
  if (!planting || typed) return typed;
  const year = Number(planFrom.slice(0, 4));
  const day = (moment: Moment, of = year): IsoDate | undefined =>
    dayOf(card, moment, of, undefined);
  const first = day(planting.from);
  const until = planting.until ? day(planting.until) : first && addDays(first, STILL_PLANTED);
  if (first && until && planFrom <= until) return later(first, planFrom);
  const isLeft = ({ to }: Happening): boolean =>
    'planted' in to && (dayOf(card, to, year, first) ?? '') >= planFrom;
  if (planting.stands && events.some(isLeft)) return first;
  const { autumn } = planting;
  const from = autumn && day(autumn.from);
  const to = autumn && day(autumn.to);
  if (from && to && planFrom <= to) return later(from, planFrom);
  return day(planting.from, year + 1);
}

/** What waited for the end of the heat has so many days. */
const WAITED_DAYS = 14;

function originOf(moment: Moment, plantedOn: IsoDate | undefined): Origin {
  if ('anchor' in moment) return { kind: 'climate', moment };
  if ('day' in moment || !plantedOn) return { kind: 'printed' };
  return { kind: 'planted', days: moment.planted, on: plantedOn };
}

/** The day itself, or the first one after the heat where it lies in it. */
function afterHeat(card: ClimateCard, date: IsoDate): IsoDate {
  const heat = anchorIn(card, 'heat');
  if (!heat) return date;
  const year = date.slice(0, 4);
  const [from, to] = [`${year}-${monthDay(heat.from)}`, `${year}-${monthDay(heat.to)}`];
  return date >= from && date < to ? to : date;
}

/** What happens in a year, and when is planted what it goes by. */
interface Coming<Event extends Happening> {
  readonly events: readonly Event[];
  readonly planting?: Programme['planting'];
}

/** The first of the moments after which no nitrogen goes on in a season. */
function stopOf(
  card: ClimateCard,
  { stops = [] }: Happening,
  year: number,
  plantedOn: IsoDate | undefined,
): IsoDate | undefined {
  return stops
    .flatMap((stop) => dayOf(card, stop, year, plantedOn) ?? [])
    .reduce<IsoDate | undefined>((first, day) => (first && first < day ? first : day), undefined);
}

/** What a planting late in its season has left over for the next spring has so many days. */
const IN_SPRING_DAYS = 21;

/**
 * The events of the twelve months from a day on, in order: each with the days on which it may be, none of them before
 * that day. What goes by a planting is there once, and not where its days are over.
 */
export function comingEvents<Event extends Happening>(
  card: ClimateCard,
  coming: Coming<Event>,
  planFrom: IsoDate,
  typedPlanting: IsoDate | undefined,
): DatedEvent<Event>[] {
  const plantedOn = plantingDay(card, coming, planFrom, typedPlanting);
  const thisYear = Number(planFrom.slice(0, 4));
  const end = addDays(planFrom, YEAR);
  return coming.events
    .flatMap((event): DatedEvent<Event>[] => {
      const isPlanted = 'planted' in event.from;
      for (const year of [thisYear - 1, thisYear, thisYear + 1]) {
        const from = dayOf(card, event.from, year, plantedOn);
        const to = dayOf(card, event.to, year, plantedOn);
        if (!from || !to || to < from || to < planFrom || from >= end) continue;
        // The season of what goes by a planting is the one in which that was.
        const season = isPlanted && plantedOn ? Number(plantedOn.slice(0, 4)) : year;
        const stop = stopOf(card, event, season, plantedOn);
        const begin = later(from, planFrom);
        const start = event.notInHeat ? later(afterHeat(card, begin), begin) : begin;
        const isStopped = stop !== undefined && stop < start;
        if (isStopped && !isPlanted) continue;
        const spring =
          isStopped && event.elseFrom && dayOf(card, event.elseFrom, season + 1, undefined);
        if (spring && event.elseFrom) {
          const origin = originOf(event.elseFrom, undefined);
          const next = stopOf(card, event, season + 1, undefined);
          if (next && next < spring) return [];
          const last = addDays(spring, IN_SPRING_DAYS);
          return [{ event, origin, from: spring, to: last, stop: next, isStopped: false }];
        }
        const last = start > to ? addDays(start, WAITED_DAYS) : to;
        const origin = originOf(event.from, plantedOn);
        const until = stop && !isStopped && stop < last ? stop : last;
        return [{ event, origin, from: start, to: until, stop, isStopped }];
      }
      return [];
    })
    .sort((a, b) => (a.from < b.from ? -1 : a.from > b.from ? 1 : 0));
}
