/**
 * The expected pH agrees with the requirement it was worked out with: when all has worked, the whole requirement has
 * brought the soil to the target, and half of it half the way. Invented cases.
 */
import { lawnCase, ORACLE, type LawnInput } from '../../test/cases';
import { planCase } from '../plan/plan';
import type { OutlookPoint } from './phOutlook';

function outlook(input: LawnInput) {
  const [area] = planCase(lawnCase(input)).areas;
  if (!area) throw new Error('no area');
  return area.outlook;
}

function ph(point: OutlookPoint | undefined): number {
  return !point || 'absent' in point.ph ? NaN : point.ph.value.value;
}

function range(point: OutlookPoint | undefined): [number, number] {
  if (!point || 'absent' in point.ph || !point.ph.range) return [NaN, NaN];
  return [point.ph.range.low, point.ph.range.high];
}

test('lime: from the measured pH to the target, never back, by quarters', () => {
  const points = outlook(ORACLE);
  expect(ph(points[0])).toBeCloseTo(5.4, 6);
  expect(ph(points.at(-1))).toBeCloseTo(6.5, 6);
  points.slice(1).forEach((point, at) => {
    expect(ph(point)).toBeGreaterThanOrEqual(ph(points[at]) - 1e-9);
    const [low, high] = range(point);
    expect(low).toBeLessThanOrEqual(ph(point));
    expect(high).toBeGreaterThanOrEqual(ph(point));
  });
  expect(points.slice(0, 3).map(({ date }) => date)).toEqual([
    '2027-10-04',
    '2028-01-04',
    '2028-04-04',
  ]);
  // The first of five dressings, three months of ten: 1.1 × 0.3 ÷ count
  expect(range(points[0])).toEqual([expect.closeTo(5.3, 6), expect.closeTo(5.5, 6)]);
});

test('an own amount of half the need goes half the way', () => {
  const advised = 107.9;
  const own = outlook({
    ...ORACLE,
    label: {},
    decisions: { 'lime-method': 'own', 'lime-own': String(advised / 2) },
    reason: 'Half now.',
  });
  expect(ph(own.at(-1))).toBeCloseTo(5.95, 0);
});

test('a requirement with a range: its middle is put on, and the target is what is expected, give or take', () => {
  const points = outlook({ ph: '5.2', texture: 'loam' });
  const [low, high] = range(points.at(-1));
  expect(ph(points.at(-1))).toBeCloseTo(6.5, 6);
  expect(low).toBeLessThan(ph(points.at(-1)));
  expect(high).toBeGreaterThan(ph(points.at(-1)));
});

test('tilled ground answers sooner than the top of a lawn', () => {
  const quarter = (situation: 'tilled' | 'established') =>
    ph(outlook({ ...ORACLE, buffer: '6.7', situation })[2]);
  expect(quarter('tilled')).toBeGreaterThan(quarter('established'));
});

const BUSHES: LawnInput = {
  plant: 'blueberry',
  ph: '6.0',
  texture: 'loam',
  planFrom: '2027-10-04',
};

test('sulfur: still in winter, down in the warm months, no further than the one dose reaches', () => {
  const points = outlook(BUSHES);
  // October to January is cold: nothing yet.
  expect(ph(points[1])).toBeCloseTo(ph(points[0]), 6);
  // 10 of 26 lb: 6.0 − 1.125 × 10 ÷ 26 = 5.57
  expect(ph(points.at(-1))).toBeCloseTo(5.6, 6);
  expect(range(points.at(-1))[0]).toBeGreaterThan(4.8);
});

test.each<[string, LawnInput]>([
  ['no lime is needed', { ph: '6.5' }],
  ['no date', { ...ORACLE, planFrom: '' }],
  ['sulfur is refused', { ...BUSHES, decisions: { fizz: 'yes' } }],
  [
    'an own amount with nothing to measure it by',
    { ph: '5.4', decisions: { 'lime-method': 'own', 'lime-own': '50' }, reason: 'So.' },
  ],
])('nothing is expected where %s', (_name, input) => {
  expect(outlook(input)).toEqual([]);
});
