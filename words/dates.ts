import type { IsoDate } from '../core/kernel/typed/date';

/**
 * Writes days in a language, such as `12 Apr 2027`: the day before the month, so that no one reads it the other way
 * round. Other languages have their usual form: `12 de abril de 2027`.
 */
export function dateWriter(locale: string): (date: IsoDate) => string {
  if (!locale.startsWith('en')) {
    const whole = new Intl.DateTimeFormat(locale, { dateStyle: 'long', timeZone: 'UTC' });
    return (date) => whole.format(new Date(`${date}T00:00:00Z`));
  }
  const month = new Intl.DateTimeFormat(locale, { month: 'short', timeZone: 'UTC' });
  return (date) => {
    const [year = '', , day = ''] = date.split('-');
    return `${Number(day)} ${month.format(new Date(`${date}T00:00:00Z`))} ${year}`;
  };
}

/** Any common year: a day of the year has none. */
const PLAIN_YEAR = 2027;

/** Writes days of any year by their number from 1, such as `12 Apr`; they may lie over the turn of the year. */
export function dayOfYearWriter(locale: string): (day: number) => string {
  const write = dateWriter(locale);
  return (day) => {
    const date = new Date(Date.UTC(PLAIN_YEAR, 0, Math.round(day))).toISOString().slice(0, 10);
    return write(date).replace(/ (de )?\d{4}$/, '');
  };
}
