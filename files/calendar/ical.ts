import ical, { ICalAlarmType, ICalCalendarMethod, ICalEventStatus } from 'ical-generator';
import { pinKey } from '../../core/casefile/parts/pin';
import type { IsoDate } from '../../core/kernel/typed/date';
import type { Numbered, Outgoing } from './changes';

/** An entry of a calendar file: a whole day, in plain words. */
export interface CalendarEvent extends Outgoing {
  readonly date: IsoDate;
  readonly summary: string;
  readonly description: string;
}

const DAY_S = 86_400;
/** An alarm rings so many seconds before: a week. */
const ALARM_S = 7 * DAY_S;

/** A day at noon by universal time, so that it is the same day wherever it is read. */
function noon(date: IsoDate): Date {
  return new Date(`${date}T12:00:00Z`);
}

/** What an entry is known by from one file to the next. */
function uidOf(caseId: string, key: string): string {
  return `${pinKey(key)}@${caseId}.agrologos`;
}

interface CalendarFile {
  readonly name: string;
  readonly events: readonly (Numbered<CalendarEvent> & { readonly caseId: string })[];
  readonly withdrawn: readonly (Numbered<{ readonly key: string }> & { readonly caseId: string })[];
  /** When it was written. */
  readonly at: Date;
}

/**
 * A calendar as iCalendar (RFC 5545): whole days with an alarm a week before. Each entry keeps its UID from one file to
 * the next and counts its changes, so that a second import mends the first; what is no more is taken back.
 */
export function writeCalendar({ name, events, withdrawn, at }: CalendarFile): string {
  const calendar = ical({
    name,
    prodId: { company: 'Agrologos', product: 'Calendar' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { caseId, key, sequence, date, summary, description } of events) {
    calendar
      .createEvent({
        id: uidOf(caseId, key),
        sequence,
        stamp: at,
        start: noon(date),
        allDay: true,
        summary,
        description,
      })
      .createAlarm({ type: ICalAlarmType.display, trigger: ALARM_S, description: summary });
  }
  for (const { caseId, key, sequence } of withdrawn) {
    calendar.createEvent({
      id: uidOf(caseId, key),
      sequence,
      stamp: at,
      start: at,
      allDay: true,
      summary: name,
      status: ICalEventStatus.CANCELLED,
    });
  }
  return calendar.toString();
}
