import type { IsoDate } from '../kernel/typed/date';
import { scheduleDoses, scheduleSlots, type DoseDates, type Slot } from './dates';

/** Days to keep from other applications: from days that are known, and from what others are dated to in the same pass. */
interface Apart {
  readonly days: number;
  readonly from: readonly IsoDate[];
  /** Ids of requests that come before this one. */
  readonly of: readonly string[];
}

/** What a planner asks of the scheduler: so many days for one product, by its rules. */
export interface DateRequest extends Omit<DoseDates, 'earliest' | 'apart'> {
  /** One of a kind in a pass. */
  readonly id: string;
  /** Nothing can be dated where nobody knows from when. */
  readonly earliest: IsoDate | undefined;
  readonly apart?: readonly Apart[];
}

/** What a planner asks of the scheduler where each day has days of its own to lie within. */
export interface SlotRequest {
  readonly id: string;
  readonly slots: readonly Slot[];
  /** Days from one application to the next. */
  readonly interval: { readonly days: number };
  readonly apart?: readonly Apart[];
}

/**
 * The days that a request was given; fewer than it asked for where no allowed day is found. Of slots one for each: none
 * where nothing within it is allowed.
 */
export type DatesOf = (id: string) => readonly (IsoDate | undefined)[];

/**
 * The one pass in which everything that goes on a piece of ground is dated, in the order in which it is asked for:
 * what comes later keeps its distance from what came before.
 * @throws Error where a request keeps its distance from one that has not been dated yet
 */
export function scheduleAll(requests: readonly (DateRequest | SlotRequest)[]): DatesOf {
  const dated = new Map<string, readonly (IsoDate | undefined)[]>();
  const datesOf: DatesOf = (id) => {
    const dates = dated.get(id);
    if (!dates) throw new Error(`scheduleAll: '${id}' has not been dated`);
    return dates;
  };
  for (const request of requests) {
    const apart = (request.apart ?? []).map(({ days, from, of }) => ({
      days,
      from: [...from, ...of.flatMap((other) => datesOf(other).flatMap((date) => date ?? []))],
    }));
    if ('slots' in request) {
      dated.set(request.id, scheduleSlots({ ...request, apart }));
    } else {
      const { earliest, id } = request;
      dated.set(id, earliest ? scheduleDoses({ ...request, earliest, apart }) : []);
    }
  }
  return datesOf;
}
