import type { Working, WorkingId } from './working';

/** What one computation has written, by id. */
export type SheetEntries = ReadonlyMap<WorkingId, Working>;

/** Which part of a plan a working belongs to: the first part of its id. */
function placeOf(id: WorkingId): string {
  const end = id.indexOf('/');
  return end < 0 ? id : id.slice(0, end);
}

/**
 * The workings of a plan, in the sheets in which they were written: those of one area can be taken over from an earlier
 * plan as they are. An id is looked for in the sheet of its area, then in those of the whole case.
 */
export class Workings {
  constructor(
    private readonly byArea: ReadonlyMap<string, SheetEntries>,
    private readonly shared: readonly SheetEntries[],
  ) {}

  /** The working of an id; nothing where there is none. */
  get(id: WorkingId): Working | undefined {
    const found = this.byArea.get(placeOf(id))?.get(id);
    if (found) return found;
    for (const sheet of this.shared) {
      const working = sheet.get(id);
      if (working) return working;
    }
    return undefined;
  }

  /** Every working by its id. */
  byId(): Readonly<Record<WorkingId, Working>> {
    return Object.fromEntries(this.all().map((working) => [working.id, working]));
  }

  /** Every working. */
  all(): Working[] {
    return [...this.shared, ...this.byArea.values()].flatMap((sheet) => [...sheet.values()]);
  }
}

/** No workings at all, for words that need none. */
export const NO_WORKINGS = new Workings(new Map(), []);

/** The workings of a single sheet. */
export function workingsOf(sheet: SheetEntries): Workings {
  return new Workings(new Map(), [sheet]);
}
