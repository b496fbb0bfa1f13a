import { breachesOf, type Slot } from './constraints';
import { scheduleDates, type Bounds } from './dates';

const scheduleDoses = (bounds: Bounds): string[] =>
  scheduleDates(bounds).flatMap((dated) => dated?.date ?? []);
const scheduleSlots = ({
  slots,
  ...bounds
}: Pick<Bounds, 'interval' | 'apart' | 'pins' | 'closed'> & { slots: readonly Slot[] }) =>
  scheduleDates({ ...bounds, slots, count: slots.length, earliest: '2027-01-01' }).map(
    (dated) => dated?.date,
  );

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
  const apart = [{ days: 28, from: ['2027-10-04'], what: 'lime' as const }];
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
  const lime = (on: string) => [{ days: 14, from: [on], what: 'lime' as const }];
  const dated = (on: string) =>
    scheduleSlots({ slots: [SPRING], interval: { days: 28 }, apart: lime(on) });
  expect(dated('2027-04-17')).toEqual(['2027-05-01']);
  expect(dated('2027-04-18')).toEqual([undefined]);
});

test('nothing is dated after the last day that nothing may pass', () => {
  const slot = { ...SPRING, end: '2027-04-20' };
  const apart = [{ days: 14, from: ['2027-04-08'], what: 'lime' as const }];
  expect(scheduleSlots({ slots: [slot], interval: { days: 28 }, apart })).toEqual([undefined]);
});

test('an application without a day takes none from the one after it', () => {
  const shut = { from: '2027-04-01', to: '2027-04-02', end: '2027-04-02' };
  const apart = [{ days: 7, from: ['2027-04-01'], what: 'lime' as const }];
  expect(scheduleSlots({ slots: [shut, SPRING], interval: { days: 28 }, apart })).toEqual([
    undefined,
    '2027-04-10',
  ]);
});

const WINTER = { from: '11-15', to: '03-01', why: { kind: 'rule', rule: 'r1' } } as const;

test.each([
  ['2027-11-14', '2027-11-14'],
  ['2027-11-15', '2028-03-02'],
  ['2027-12-31', '2028-03-02'],
  ['2028-03-01', '2028-03-02'],
  ['2028-03-02', '2028-03-02'],
])('a stop over the new year is shut at both ends: from %s to %s', (earliest, date) => {
  const bounds = { earliest, count: 1, interval: { days: 1 }, closed: [WINTER] };
  expect(scheduleDoses(bounds)).toEqual([date]);
});

test('what a stop would push out of its own days has no day', () => {
  const late = { from: '2027-11-15', to: '2027-12-05' };
  expect(scheduleSlots({ slots: [late], interval: { days: 28 }, closed: [WINTER] })).toEqual([
    undefined,
  ]);
});

test('a day set by hand stands, the rest is dated around it, and each says why', () => {
  const [first, second] = scheduleDates({
    earliest: '2027-04-01',
    slots: [SPRING, SUMMER],
    count: 2,
    interval: { days: 28 },
    pins: ['2027-04-20', undefined],
  });
  expect([first?.date, first?.because]).toEqual(['2027-04-20', [{ kind: 'pinned' }]]);
  expect([second?.date, second?.because]).toEqual([
    '2027-05-18',
    [{ kind: 'interval', since: '2027-04-20' }],
  ]);
});

test('everything that a day would break is told, what is closed first', () => {
  const within = {
    earliest: '2027-04-01',
    slot: { ...SPRING, end: '2027-05-01' },
    seasons: undefined,
    apart: [{ days: 14, from: ['2027-11-20'], what: 'lime' as const }],
    closed: [WINTER],
  };
  expect(breachesOf(within, '2027-11-25').map(({ kind }) => kind)).toEqual([
    'closed',
    'after-stop',
    'too-near',
  ]);
  expect(breachesOf(within, '2027-04-12')).toEqual([]);
  expect(breachesOf(within, '2027-03-10').map(({ kind }) => kind)).toEqual([
    'before-plan',
    'too-early',
  ]);
});
