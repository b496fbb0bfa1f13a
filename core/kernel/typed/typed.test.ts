import fc from 'fast-check';
import { addDays, addMonths, daysBetween, nearestYear, parseDate } from './date';
import { parseNumber } from './number';

test.each([
  ['6.1', 6.1],
  [' 6200 ', 6200],
  ['6,200', 6200],
  ['1,234,567.5', 1234567.5],
  ['.5', 0.5],
  ['-3', -3],
])('reads %p as %d', (text, value) => {
  expect(parseNumber(text, {})).toEqual({ kind: 'value', value });
});

test.each([
  ['6,1', 'problem.decimalComma'],
  ['6.', 'problem.unfinished'],
  ['-', 'problem.unfinished'],
  ['1e3', 'problem.notANumber'],
  ['12 lb', 'problem.notANumber'],
  ['5.4.1', 'problem.notANumber'],
  ['<0.1', 'problem.notANumber'],
  ['11', 'problem.between'],
])('refuses %p', (text, id) => {
  expect(parseNumber(text, { min: 3, max: 10 })).toMatchObject({ kind: 'error', error: { id } });
});

test('blank is nothing typed, not zero', () => {
  expect(parseNumber('  ', {})).toEqual({ kind: 'empty' });
  expect(parseDate('')).toEqual({ kind: 'empty' });
});

test.each([
  ['2027-10-04', '2027-10-04'],
  ['10/4/2027', '2027-10-04'],
  ['4 Oct 2027', '2027-10-04'],
  ['October 4, 2027', '2027-10-04'],
  ['2028-02-29', '2028-02-29'],
])('reads the date %p', (text, value) => {
  expect(parseDate(text)).toEqual({ kind: 'value', value });
});

test.each([
  ['2027-02-30', 'problem.noSuchDay'],
  ['2/29/2027', 'problem.noSuchDay'],
  ['4 Foo 2027', 'problem.noSuchDay'],
  ['soon', 'problem.notADate'],
  ['2027-10', 'problem.notADate'],
  ['4/12', 'problem.notADate'],
  ['mid-May', 'problem.whichDay'],
  ['late August', 'problem.whichDay'],
  ['mid-day', 'problem.notADate'],
])('refuses the date %p', (text, id) => {
  expect(parseDate(text)).toMatchObject({ kind: 'error', error: { id } });
});

test.each([
  ['4/12', '2027-10-04', '2027-04-12'],
  ['12 Apr', '2027-10-04', '2027-04-12'],
  ['Oct 2nd', '2027-10-04', '2027-10-02'],
  ['30 December', '2027-01-04', '2026-12-30'],
  ['2/29', '2027-10-04', '2028-02-29'],
  ['2/30', '2027-10-04', undefined],
  ['13/13', '2027-10-04', undefined],
  ['mid-May', '2027-10-04', undefined],
])('the nearest %s to %s is %s', (typed, near, day) => {
  expect(nearestYear(typed, near)).toBe(day);
});

test.each([
  ['2027-08-31', 6, '2028-02-29'],
  ['2027-10-04', 6, '2028-04-04'],
  ['2028-01-31', -2, '2027-11-30'],
])('%s and %d months are %s', (from, months, to) => {
  expect(addMonths(from, months)).toBe(to);
});

test('days added are days between', () => {
  fc.assert(
    fc.property(fc.integer({ min: -4000, max: 4000 }), (days) => {
      expect(daysBetween('2027-10-04', addDays('2027-10-04', days))).toBe(days);
    }),
  );
});
