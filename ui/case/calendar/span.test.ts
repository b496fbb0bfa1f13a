import { dateAt, lanesOf, placeOf, shadesOf, spanOf } from './span';

const span = spanOf('2027-09-20');

test('a span is fourteen months from the first of its month', () => {
  expect([span.from, span.days, span.months.length]).toEqual(['2027-09-01', 427, 14]);
  expect(span.months[13]?.first).toBe('2028-10-01');
});

test('a day and its place belong together', () => {
  for (const date of ['2027-09-01', '2027-12-31', '2028-02-29', '2028-10-31']) {
    expect(dateAt(span, placeOf(span, date))).toBe(date);
  }
  expect([dateAt(span, -1), dateAt(span, 2)]).toEqual(['2027-09-01', '2028-10-31']);
});

test('frost over the new year is shaded once, what repeats twice', () => {
  const [frost, ...more] = shadesOf(span, '10-03', '05-09');
  expect([frost?.from, frost?.to].map((place) => dateAt(span, place ?? 0))).toEqual([
    '2027-10-03',
    '2028-05-10',
  ]);
  expect(more).toHaveLength(1);
  expect(shadesOf(span, '06-30', '08-16')).toHaveLength(1);
});

test('marks that would lie upon one another have lanes of their own', () => {
  expect(lanesOf([0.1, 0.12, 0.14, 0.2])).toEqual([0, 1, 2, 0]);
});
