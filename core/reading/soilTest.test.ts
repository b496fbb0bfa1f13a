import { lawnCase, type LawnInput } from '../../test/cases';
import { planCase } from '../plan/plan';
import type { SoilTest } from './soilTest';

function read(input: LawnInput): SoilTest {
  const [lawn] = planCase(lawnCase({ ph: '6.5', ...input })).areas;
  if (!lawn) throw new Error('no lawn');
  return lawn.soilTest;
}

// Bray-1 P: 0–10 low, 11–25 medium, 26–50 high, over 50 very high; rounded to whole ppm before.
test.each([
  ['0', 'low'],
  ['10', 'low'],
  ['10.4', 'low'],
  ['10.5', 'medium'],
  ['11', 'medium'],
  ['25.4', 'medium'],
  ['35.5', 'high'],
  ['50', 'high'],
  ['50.5', 'very-high'],
  ['9999', 'very-high'],
])('Bray-1 P of %s ppm is %s', (text, rating) => {
  expect(read({ p: { text } }).p.rating).toBe(rating);
});

// CEC 10: critical 75 + 2.5 × 10 = 100; low below 50, to 100 medium, to twice as much high.
test.each([
  ['49', 'low'],
  ['50', 'medium'],
  ['100', 'medium'],
  ['101', 'high'],
  ['200', 'high'],
  ['201', 'very-high'],
])('K of %s ppm at CEC 10 is %s', (text, rating) => {
  expect(read({ k: { text }, cec: '10' }).k.rating).toBe(rating);
});

test('without CEC the critical level is 100 ppm; with CEC 25 it is 137.5', () => {
  const level = (cec: string) => {
    const { critical } = read({ k: { text: '90' }, cec }).k;
    return critical && !('absent' in critical) ? critical.value.value : NaN;
  };
  expect([level(''), level('25')]).toEqual([100, 137.5]);
});

test.each<[LawnInput, string, string]>([
  [{}, 'reading.notTested', 'nothing typed'],
  [{ p: { text: 'much' } }, 'reading.unreadable', 'not a number'],
  [{ p: { text: '8', unit: 'mg/dm3' } }, 'reading.unread', 'per volume'],
  [{ p: { text: '8', method: '' } }, 'reading.noExtractant', 'extractant not known'],
  [{ p: { text: '8', method: 'mehlich-3' } }, 'reading.noRating', 'no bands for it'],
  [
    { p: { text: '8' }, pack: { id: 'lake-states-1995', version: 1 } },
    'reading.noBands',
    'old pack',
  ],
  [{ p: { text: '<5' } }, 'reading.p.is', 'all of 0 to 5 is low'],
  [{ p: { text: '<20' } }, 'reading.p.orLess', '0 to 20 is low or medium'],
])('%j: %s, %s', (input, id) => {
  expect(read(input).p.sentence.id).toBe(id);
});

test('a value "less than" is given the smaller amount of its range', () => {
  const [lawn] = planCase(lawnCase({ ph: '6.5', p: { text: '<20' }, squareFeet: '1000' })).areas;
  const { pack } = lawn?.treatments.fertilizer.needs.rows.P2O5 ?? {};
  expect(pack).toMatchObject({ value: { value: 0.5 }, range: { low: 0.5, high: 1 } });
});
