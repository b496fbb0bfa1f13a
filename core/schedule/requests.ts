import type { IsoDate } from '../kernel/typed/date';
import type { Apart, KeptFrom } from './constraints';
import { scheduleDates, type Bounds, type Dated } from './dates';

/** Days to keep from other applications: from days that are known, and from what others are dated to in the same pass. */
interface ApartFrom extends Apart {
  /** Ids of requests that come before this one. */
  readonly of: readonly string[];
}

/** What a planner asks of the scheduler: so many days for one product, by its rules. */
export interface DateRequest extends Omit<Bounds, 'earliest' | 'apart'> {
  /** One of a kind in a pass. */
  readonly id: string;
  readonly what: KeptFrom;
  /** Nothing can be dated where nobody knows from when. */
  readonly earliest: IsoDate | undefined;
  readonly apart?: readonly ApartFrom[];
}

/** The days that a request was given, one for each that it asked for: nothing where no allowed day is found. */
export type DatesOf = (id: string) => readonly (Dated | undefined)[];

/** What later requests that were set by hand ask of an earlier one: the same distance the other way round. */
function apartFromPins(request: DateRequest, later: readonly DateRequest[]): Apart[] {
  return later.flatMap(({ apart = [], pins = [], what }) =>
    apart
      .filter(({ of }) => of.includes(request.id))
      .map(({ days }) => ({ days, what, from: pins.flatMap((pin) => pin ?? []) })),
  );
}

/**
 * The one pass in which everything that goes on a piece of ground is dated, in the order in which it is asked for: what
 * comes later keeps its distance from what came before, and what was set by hand is kept from by all.
 * @throws Error where a request keeps its distance from one that has not been dated yet
 */
export function scheduleAll(requests: readonly DateRequest[]): DatesOf {
  const dated = new Map<string, readonly (Dated | undefined)[]>();
  const datesOf: DatesOf = (id) => {
    const dates = dated.get(id);
    if (!dates) throw new Error(`scheduleAll: '${id}' has not been dated`);
    return dates;
  };
  requests.forEach((request, at) => {
    const { id, earliest } = request;
    const apart = [
      ...(request.apart ?? []).map(({ days, from, of, what }): Apart => ({
        days,
        what,
        from: [...from, ...of.flatMap((other) => datesOf(other).flatMap((one) => one?.date ?? []))],
      })),
      ...apartFromPins(request, requests.slice(at + 1)),
    ];
    dated.set(id, earliest ? scheduleDates({ ...request, earliest, apart }) : []);
  });
  return datesOf;
}
