import { parseDate } from '../kernel/typed/date';

/** Days of any year are read in a leap year, so that 29 February is one of them. */
const LEAP_YEAR = 2028;
const BARE = /^\d{1,2}-\d{1,2}$/;

/**
 * A day of any year as typed, with a year or without; nothing where it is none.
 * @example monthDayOf('21 Apr') // '04-21'
 */
export function monthDayOf(text: string): string | undefined {
  const typed = text.trim();
  if (typed === '') return undefined;
  const told = parseDate(typed);
  const parsed = told.kind === 'value' ? told : parseDate(withYear(typed));
  return parsed.kind === 'value' ? parsed.value.slice(5) : undefined;
}

/** `4/21`, `4-21` and `21 Apr` are days of any year. */
function withYear(typed: string): string {
  if (BARE.test(typed)) return `${LEAP_YEAR}-${typed.split('-').map(twoDigits).join('-')}`;
  return typed.includes('/') ? `${typed}/${LEAP_YEAR}` : `${typed} ${LEAP_YEAR}`;
}

function twoDigits(part: string): string {
  return part.padStart(2, '0');
}
