import type { IsoDate } from '../core/kernel/typed/date';

/** Writes days in a language, such as `12 Apr 2027`: the day before the month, so that no one reads it the other way round. */
export function dateWriter(locale: string): (date: IsoDate) => string {
  const month = new Intl.DateTimeFormat(locale, { month: 'short', timeZone: 'UTC' });
  return (date) => {
    const [year = '', , day = ''] = date.split('-');
    return `${Number(day)} ${month.format(new Date(`${date}T00:00:00Z`))} ${year}`;
  };
}
