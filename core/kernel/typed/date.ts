import { msg } from '../messages/msg';
import type { Parsed } from './number';

/** A calendar day as `YYYY-MM-DD`. */
export type IsoDate = string;

const ISO = /^(\d{4})-(\d{1,2})-(\d{1,2})$/;
const MONTH_DAY_YEAR = /^(\d{1,2})\/(\d{1,2})\/(\d{4})$/;
const DAY_NAME_YEAR = /^(\d{1,2})\s+([a-z]{3})[a-z]*\.?,?\s+(\d{4})$/i;
const NAME_DAY_YEAR = /^([a-z]{3})[a-z]*\.?\s+(\d{1,2}),?\s+(\d{4})$/i;
const MONTH_DAY = /^(\d{1,2})\/(\d{1,2})$/;
const DAY_NAME = /^(\d{1,2})\s+([a-z]{3})[a-z]*\.?$/i;
const NAME_DAY = /^([a-z]{3})[a-z]*\.?\s+(\d{1,2})(?:st|nd|rd|th)?$/i;
/** A part of a month, which is no day. */
const VAGUE = /^(early|mid|middle of|late|end of)[\s-]*([a-z]{3})[a-z]*\.?(?:\s+\d{4})?$/i;
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const MS_PER_DAY = 86_400_000;

function iso(date: Date): IsoDate {
  return date.toISOString().slice(0, 10);
}

/** Milliseconds of a day in UTC, read from its fixed places. */
function time(date: IsoDate): number {
  return Date.UTC(Number(date.slice(0, 4)), Number(date.slice(5, 7)) - 1, Number(date.slice(8)));
}

function monthNumber(name: string): number {
  return MONTHS.indexOf(name.toLowerCase()) + 1;
}

function splitDate(text: string): [year: number, month: number, day: number] | undefined {
  let match = ISO.exec(text);
  if (match) return [Number(match[1]), Number(match[2]), Number(match[3])];
  match = MONTH_DAY_YEAR.exec(text);
  if (match) return [Number(match[3]), Number(match[1]), Number(match[2])];
  match = DAY_NAME_YEAR.exec(text);
  if (match) return [Number(match[3]), monthNumber(match[2] ?? ''), Number(match[1])];
  match = NAME_DAY_YEAR.exec(text);
  if (match) return [Number(match[3]), monthNumber(match[1] ?? ''), Number(match[2])];
  return undefined;
}

/**
 * Reads a date as people in the US type it: `2027-10-04`, `10/4/2027`, `4 Oct 2027`, `Oct 4, 2027`.
 * A day that the calendar does not have (`2027-02-30`) is an error, not the day after.
 *
 * @example parseDate('10/4/2027') // { kind: 'value', value: '2027-10-04' }
 */
export function parseDate(typed: string): Parsed<IsoDate> {
  const text = typed.trim();
  if (text === '') return { kind: 'empty' };
  const parts = splitDate(text);
  if (!parts) {
    const vague = VAGUE.exec(text);
    const isVague = vague !== null && monthNumber(vague[2] ?? '') > 0;
    return {
      kind: 'error',
      error: msg(isVague ? 'problem.whichDay' : 'problem.notADate', { text }),
    };
  }
  const [year, month, day] = parts;
  const date = new Date(Date.UTC(year, month - 1, day));
  const exists = date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
  if (!exists || year < 1900 || year > 2200) {
    return { kind: 'error', error: msg('problem.noSuchDay', { text }) };
  }
  return { kind: 'value', value: iso(date) };
}

/** A month and a day without a year. */
function splitDayOfYear(text: string): [month: number, day: number] | undefined {
  let match = MONTH_DAY.exec(text);
  if (match) return [Number(match[1]), Number(match[2])];
  match = DAY_NAME.exec(text);
  if (match) return [monthNumber(match[2] ?? ''), Number(match[1])];
  match = NAME_DAY.exec(text);
  return match ? [monthNumber(match[1] ?? ''), Number(match[2])] : undefined;
}

/**
 * A day that was typed without its year, in the year that puts it nearest to another day.
 * @returns nothing where it is no such day
 * @example nearestYear('4/12', '2027-10-04') // '2027-04-12'
 */
export function nearestYear(typed: string, near: IsoDate): IsoDate | undefined {
  const parts = splitDayOfYear(typed.trim());
  if (!parts) return undefined;
  const year = Number(near.slice(0, 4));
  return [year - 1, year, year + 1]
    .flatMap((each) => {
      const parsed = parseDate(`${each}-${parts[0]}-${parts[1]}`);
      return parsed.kind === 'value' ? [parsed.value] : [];
    })
    .sort((a, b) => Math.abs(daysBetween(a, near)) - Math.abs(daysBetween(b, near)))[0];
}

/**
 * The day some months later; the end of a shorter month is clipped.
 * @example addMonths('2027-08-31', 6) // '2028-02-29'
 */
export function addMonths(date: IsoDate, months: number): IsoDate {
  const from = new Date(time(date));
  const first = new Date(Date.UTC(from.getUTCFullYear(), from.getUTCMonth() + months, 1));
  const last = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate();
  first.setUTCDate(Math.min(from.getUTCDate(), last));
  return iso(first);
}

/**
 * The day some days later.
 * @example addDays('2027-10-04', 28) // '2027-11-01'
 */
export function addDays(date: IsoDate, days: number): IsoDate {
  return iso(new Date(time(date) + days * MS_PER_DAY));
}

/**
 * Whole days from one day to another; negative when the second is the earlier.
 * @example daysBetween('2027-10-04', '2027-11-01') // 28
 */
export function daysBetween(from: IsoDate, to: IsoDate): number {
  return (time(to) - time(from)) / MS_PER_DAY;
}
