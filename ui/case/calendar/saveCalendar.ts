import type { CaseFile } from '../../../core/casefile/casefile';
import type { Plan } from '../../../core/plan/types';
import { calendarOf } from '../../../core/tell/calendar';
import { changesOf, type Changes } from '../../../files/calendar/changes';
import { writeCalendar, type CalendarEvent } from '../../../files/calendar/ical';
import { download, fileName } from '../../files/download';
import { text } from '../../format/text';
import { amountId, entryNote } from './entryWords';

/** The entries of a plan as they go out, of one piece of ground or of all. */
export function eventsOf({ areas, workings }: Plan, areaId: string | undefined): CalendarEvent[] {
  return areas
    .filter(({ area }) => areaId === undefined || area.id === areaId)
    .flatMap((plan) =>
      calendarOf(plan).map((entry): CalendarEvent => {
        const { key, date } = entry;
        const id = amountId(entry);
        const working = id ? workings.get(id) : undefined;
        const amount = working && 'value' in working ? String(working.value.value) : '';
        return { key, date, digest: `${date} ${amount}`, ...entryNote(entry, plan, workings) };
      }),
    );
}

/** A case with what of it goes out. */
interface Source {
  readonly doc: CaseFile;
  readonly events: readonly CalendarEvent[];
  /** Whether the file speaks for an entry of that key; what it says nothing of is not taken back. */
  readonly speaksFor?: (key: string) => boolean;
}

/**
 * Saves entries of one case or of many as one file.
 * @returns what is to be remembered of each
 */
export function saveEvents(
  name: string,
  sources: readonly Source[],
): Changes<CalendarEvent>['remembered'][] {
  const changes = sources.map(({ doc, events, speaksFor }) => ({
    caseId: doc.id,
    ...changesOf(events, doc.exported, speaksFor),
  }));
  const file = writeCalendar({
    name,
    events: changes.flatMap(({ caseId, entries }) => entries.map((each) => ({ ...each, caseId }))),
    withdrawn: changes.flatMap(({ caseId, withdrawn }) =>
      withdrawn.map((each) => ({ ...each, caseId })),
    ),
    at: new Date(),
  });
  download(`${fileName(name, 'calendar')}.ics`, [file], 'text/calendar');
  return changes.map(({ remembered }) => remembered);
}

/**
 * Saves the calendar of a case, or of one piece of its ground, as a file. No name of the client goes into it.
 * @returns what is to be remembered of it
 */
export function saveCalendar(
  doc: CaseFile,
  plan: Plan,
  areaId?: string,
): Changes<CalendarEvent>['remembered'] {
  const speaksFor = (key: string): boolean => areaId === undefined || key.startsWith(`${areaId}:`);
  const [remembered] = saveEvents(doc.title || text('calendar.title'), [
    { doc, events: eventsOf(plan, areaId), speaksFor },
  ]);
  return remembered ?? doc.exported;
}
