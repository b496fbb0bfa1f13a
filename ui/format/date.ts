import { dateWriter } from '../../words/dates';
import { parseDate, type IsoDate } from '../../core/kernel/typed/date';

/**
 * A day written out.
 * @example formatDate('2027-04-12') // '12 Apr 2027'
 */
export const formatDate = dateWriter('en-US');

/**
 * A typed date written out like any other; what is no date stays as it was typed.
 * @example dateAsTyped('10/4/2027') // '4 Oct 2027'
 */
export function dateAsTyped(typed: string): string {
  const parsed = parseDate(typed);
  return parsed.kind === 'value' ? formatDate(parsed.value) : typed;
}

/**
 * A day of any year written out.
 * @example formatDayOfYear('05-15') // '15 May'
 */
export function formatDayOfYear(day: string): string {
  return formatDate(`2000-${day}`).replace(/ 2000$/, '');
}

/** The day of a moment on this computer's own calendar, `YYYY-MM-DD`. */
export function localDay(moment: Date): IsoDate {
  const two = (value: number): string => String(value).padStart(2, '0');
  return [moment.getFullYear(), two(moment.getMonth() + 1), two(moment.getDate())].join('-');
}

const CLOCK = new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit' });

/** The time of day of a moment where the reader is. */
export function formatTime(moment: Date): string {
  return CLOCK.format(moment);
}
