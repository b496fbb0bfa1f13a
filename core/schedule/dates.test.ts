import { scheduleDoses, scheduleSlots } from './dates';

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

const SPRING = { from: '2027-04-10', to: '2027-04-24' };
const SUMMER = { from: '2027-05-01', to: '2027-05-15' };
const EVERY_FOUR_WEEKS = { interval: { days: 28 }, apart: [] };

test('an application lies on the first day of its slot, and keeps its distance from the one before', () => {
  expect(scheduleSlots({ slots: [SPRING, SUMMER], ...EVERY_FOUR_WEEKS })).toEqual([
    '2027-04-10',
    '2027-05-08',
  ]);
});

test('a slot gives a week of grace and no more', () => {
  const lime = (on: string) => [{ days: 14, from: [on] }];
  const dated = (on: string) =>
    scheduleSlots({ slots: [SPRING], interval: { days: 28 }, apart: lime(on) });
  expect(dated('2027-04-17')).toEqual(['2027-05-01']);
  expect(dated('2027-04-18')).toEqual([undefined]);
});

test('nothing is dated after the last day that nothing may pass', () => {
  const slot = { ...SPRING, end: '2027-04-20' };
  const apart = [{ days: 14, from: ['2027-04-08'] }];
  expect(scheduleSlots({ slots: [slot], interval: { days: 28 }, apart })).toEqual([undefined]);
});

test('an application without a day takes none from the one after it', () => {
  const shut = { from: '2027-04-01', to: '2027-04-02', end: '2027-04-02' };
  const apart = [{ days: 7, from: ['2027-04-01'] }];
  expect(scheduleSlots({ slots: [shut, SPRING], interval: { days: 28 }, apart })).toEqual([
    undefined,
    '2027-04-10',
  ]);
});
