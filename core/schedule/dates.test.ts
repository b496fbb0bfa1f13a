import { scheduleDoses } from './dates';

const LIME = [
  { from: '03-01', to: '05-31' },
  { from: '09-01', to: '11-30' },
];

test.each([
  ['in season', '2027-10-04', ['2027-10-04', '2028-04-04', '2028-10-04']],
  ['in winter, moved to spring', '2027-12-20', ['2028-03-01', '2028-09-01', '2029-03-01']],
  ['the last of August', '2027-08-31', ['2027-09-01', '2028-03-01', '2028-09-01']],
])('six months apart, %s', (_name, earliest, dates) => {
  expect(scheduleDoses({ earliest, count: 3, seasons: LIME, interval: { months: 6 } })).toEqual(
    dates,
  );
});

test('keeps its distance on both sides of other dates', () => {
  const apart = [{ days: 28, from: ['2027-10-04'] }];
  const on = (earliest: string) =>
    scheduleDoses({ earliest, count: 1, seasons: LIME, interval: { days: 1 }, apart })[0];
  expect(on('2027-09-10')).toBe('2027-11-01');
  expect(on('2027-09-06')).toBe('2027-09-06');
});

test('gives fewer dates where no day is allowed', () => {
  expect(
    scheduleDoses({ earliest: '2027-10-04', count: 2, seasons: [], interval: { days: 1 } }),
  ).toEqual([]);
});
