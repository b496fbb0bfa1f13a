import { db } from '../../store/db';
import { readRow } from '../../store/caseRows';
import type { CaseIndexRow } from '../../core/plan/deskLine';
import { planCase } from '../../core/plan/plan';
import { eventsOf, saveEvents } from '../case/calendar/saveCalendar';
import { text } from '../format/text';

/** Saves the days in the field of several cases as one calendar file; their names are in it, their clients' are not. */
export async function saveDeskCalendar(rows: readonly CaseIndexRow[]): Promise<void> {
  const sources = [];
  for (const { id } of rows) {
    const stored = await readRow(db, id);
    if (!stored) continue;
    const { doc } = stored;
    const events = eventsOf(planCase(doc), undefined).map((event) => ({
      ...event,
      summary: doc.title
        ? text('calendar.ofCase', { what: event.summary, title: doc.title })
        : event.summary,
    }));
    sources.push({ doc, events });
  }
  saveEvents(text('calendar.title'), sources);
}
