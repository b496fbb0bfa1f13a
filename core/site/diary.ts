import type { PastEntry } from '../casefile/parts/past';
import type { AreaSlice } from '../casefile/slice';
import { reportFor } from './report/reports';
import { parseDate, type IsoDate } from '../kernel/typed/date';

/** What the diary has of one application of the plan. */
export interface Kept {
  /** In the order of their days: an application may go on in parts. */
  readonly entries: readonly PastEntry[];
  /** The last day on which some of it was done; nothing where it was left out. */
  readonly on: IsoDate | undefined;
}

/** What the diary of a piece of ground is: its entries, and from when its plan runs. */
export type Diary = Pick<AreaSlice, 'past' | 'planFrom' | 'samples' | 'reports'>;

function dayIn(text: string | undefined): IsoDate | undefined {
  const parsed = parseDate(text ?? '');
  return parsed.kind === 'value' ? parsed.value : undefined;
}

/** The day of an entry; nothing where it cannot be read. */
export function dayOf({ on }: Pick<PastEntry, 'on'>): IsoDate | undefined {
  return dayIn(on);
}

/** The day of the soil that a piece of ground is planned by: when its sample was taken, else when it was reported. */
function testedOn(diary: Diary, areaId: string): IsoDate | undefined {
  const found = reportFor(diary, areaId);
  return dayIn(found?.sample.takenOn) ?? dayIn(found?.report?.date);
}

/**
 * Whether an entry speaks of the plan as it stands. What an earlier plan had, with another start or before the present sample was
 * taken, is of the past: its lime still reacts, its nitrogen counts, and the sample has seen what it did.
 */
export function isOfPlan(diary: Diary, entry: PastEntry): boolean {
  if (entry.outcome === '' || entry.planned === '' || entry.plannedFrom !== diary.planFrom) {
    return false;
  }
  const [on, tested] = [dayOf(entry), testedOn(diary, entry.areaId)];
  return !on || !tested || on >= tested;
}

/**
 * What the diary holds of an application, by its key; nothing while it is still to come. An entry without a day that can be read
 * says nothing yet.
 */
export function keptOf(diary: Diary, key: string): Kept | undefined {
  const all = Object.values(diary.past).filter(
    (entry) => entry.planned === key && isOfPlan(diary, entry),
  );
  const done = all
    .flatMap((entry) => {
      const on = entry.outcome === 'done' ? dayOf(entry) : undefined;
      return on ? [{ entry, on }] : [];
    })
    .sort((a, b) => (a.on < b.on ? -1 : 1));
  const last = done.at(-1);
  if (last) return { entries: done.map(({ entry }) => entry), on: last.on };
  const left = all.find(({ outcome }) => outcome === 'left');
  return left && { entries: [left], on: undefined };
}
