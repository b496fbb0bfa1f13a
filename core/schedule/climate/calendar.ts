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
export type Happening = Pick<ProgrammeEvent, 'from' | 'to' | 'stop' | 'notInHeat'>;

/** What happens in a year, with the days of the coming one on which it may be. */
export interface DatedEvent<Event extends Happening = ProgrammeEvent> {
  readonly origin: Origin;
  readonly event: Event;
  readonly from: IsoDate;
  readonly to: IsoDate;
  /** The last day for nitrogen, if there is one. */
  readonly stop: IsoDate | undefined;
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

/** When what is planted anew each time was planted, or is going to be. */
function plantingDay(
  card: ClimateCard,
  planting: Programme['planting'],
  planFrom: IsoDate,
  typed: IsoDate | undefined,
): IsoDate | undefined {
  if (!planting || typed) return typed;
  const year = Number(planFrom.slice(0, 4));
  const spring = dayOf(card, planting.spring, year, undefined);
  const until = planting.until
    ? dayOf(card, planting.until, year, undefined)
    : spring && addDays(spring, STILL_PLANTED);
  if (spring && until && planFrom <= until) {
    return spring > planFrom ? spring : planFrom;
  }
  const autumn = planting.autumn && dayOf(card, planting.autumn, year, undefined);
  if (autumn && planFrom <= autumn) return planFrom;
  return dayOf(card, planting.spring, year + 1, undefined);
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

/**
 * The events of the twelve months from a day on, in order: each with the days on which it may be, none of them before
 * that day. What goes by a planting is there once, and not where its days are over.
 */
export function comingEvents<Event extends Happening>(
  card: ClimateCard,
  { events, planting }: Coming<Event>,
  planFrom: IsoDate,
  typedPlanting: IsoDate | undefined,
): DatedEvent<Event>[] {
  const plantedOn = plantingDay(card, planting, planFrom, typedPlanting);
  const thisYear = Number(planFrom.slice(0, 4));
  const end = addDays(planFrom, YEAR);
  return events
    .flatMap((event): DatedEvent<Event>[] => {
      for (const year of [thisYear - 1, thisYear, thisYear + 1]) {
        const from = dayOf(card, event.from, year, plantedOn);
        const to = dayOf(card, event.to, year, plantedOn);
        if (!from || !to || to < from || to < planFrom || from >= end) continue;
        const stop = event.stop && dayOf(card, event.stop, year, plantedOn);
        const begin = from > planFrom ? from : planFrom;
        const cool = event.notInHeat ? afterHeat(card, begin) : begin;
        const start = cool > begin ? cool : begin;
        if (stop && stop < start) continue;
        const last = start > to ? addDays(start, WAITED_DAYS) : to;
        const origin = originOf(event.from, plantedOn);
        return [{ event, origin, from: start, to: stop && stop < last ? stop : last, stop }];
      }
      return [];
    })
    .sort((a, b) => (a.from < b.from ? -1 : a.from > b.from ? 1 : 0));
}
