import type { CaseFile } from '../../../core/casefile/casefile';
import type { Plan } from '../../../core/plan/types';
import { calendarOf } from '../../../core/tell/calendar';
import { changesOf, type Changes } from '../../../files/calendar/changes';
import { writeCalendar, type CalendarEvent } from '../../../files/calendar/ical';
import { download, fileName } from '../../files/download';
import { text } from '../../format/text';
import { amountId, entryNote } from './entryWords';

/** The entries of a plan as they go out, of one piece of ground or of all. */
function eventsOf({ areas, workings }: Plan, areaId: string | undefined): CalendarEvent[] {
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

/**
 * Saves the calendar of a case, or of one piece of its ground, as a file. No name of the client goes into it.
 * @returns what is to be remembered of it
 */
export function saveCalendar(
  doc: CaseFile,
  plan: Plan,
  areaId?: string,
): Changes<CalendarEvent>['remembered'] {
  const changes = changesOf(
    eventsOf(plan, areaId),
    doc.exported,
    (key) => areaId === undefined || key.startsWith(`${areaId}:`),
  );
  const inCase = <E>(each: E): E & { readonly caseId: string } => ({ ...each, caseId: doc.id });
  const name = doc.title || text('calendar.title');
  const file = writeCalendar({
    name,
    events: changes.entries.map(inCase),
    withdrawn: changes.withdrawn.map(inCase),
    at: new Date(),
  });
  download(`${fileName(doc.title, 'calendar')}.ics`, [file], 'text/calendar');
  return changes.remembered;
}
