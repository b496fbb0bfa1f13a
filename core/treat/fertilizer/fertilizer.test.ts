import { newPastEntry, type PastEntry } from '../../casefile/parts/past';
import { SHIPPED_MATERIALS } from '../../catalog/materials/materials';
import { planCase } from '../../plan/plan';
import { lawnCase, ORACLE, type LawnInput } from '../../../test/cases';
import type { Figure } from '../../kernel/working/working';
import type { FertilizerTreatment } from './types';

function value(figure: Figure): number {
  return 'absent' in figure ? NaN : figure.value.value;
}

function feed(input: LawnInput, past: Partial<PastEntry>[] = []): FertilizerTreatment {
  const entries = past.map((entry, index): PastEntry => {
    const amount = { text: '', unit: 'lb/1000ft2', method: '' };
    return newPastEntry({
      id: `p${index}`,
      areaId: 'lawn',
      kind: 'fertilizer',
      amount,
      ...entry,
    });
  });
  const file = lawnCase(input);
  const [lawn] = planCase({
    ...file,
    past: Object.fromEntries(entries.map((e) => [e.id, e])),
  }).areas;
  if (!lawn) throw new Error('no lawn');
  return lawn.treatments.fertilizer;
}

const rate = (text: string) => ({ text, unit: 'lb/1000ft2', method: '' });

// 3 lb N ÷ the grade, lb/1000 ft²; × 6.2 in all; 50-lb bags of all of it
test.each([
  ['urea-46-0-0', 6.522, 40.43, 1],
  ['ammonium-nitrate-34-0-0', 8.824, 54.71, 2],
  ['ammonium-sulfate-21-0-0', 14.286, 88.57, 2],
])('a year of nitrogen from %s', (id, perThousand, here, bags) => {
  const decisions = { 'feed-n': id };
  const [part, ...more] = feed({ ...ORACLE, clippings: 'removed', decisions }).chosen.parts;
  if (!part) throw new Error('nothing is fed');
  expect(more).toEqual([]);
  expect(part.material.id).toBe(id);
  expect(value(part.rate)).toBeCloseTo(perThousand, 3);
  expect(value(part.set.total)).toBeCloseTo(here, 2);
  expect(value(part.bags)).toBe(bags);
  // Late spring, late fall, and early fall in two: a third of 4 lb is over the cap.
  expect(value(part.set.count)).toBe(4);
});

test('the grade in the data is the grade in the name', () => {
  expect(SHIPPED_MATERIALS.fertilizers.length).toBeGreaterThanOrEqual(25);
  for (const { id, grade } of SHIPPED_MATERIALS.fertilizers) {
    expect(id.endsWith(`-${grade.N}-${grade.P2O5}-${grade.K2O}`)).toBe(true);
  }
});

test.each<[string, Partial<PastEntry>[], number]>([
  ['nothing', [], 3],
  // 3 lb of 34-0-0 is 1.02 lb N
  ['one dressing this year', [{ on: '2027-05-20', amount: rate('3'), percent: '34' }], 1.98],
  ['last year’s does not count', [{ on: '2026-11-20', amount: rate('3'), percent: '34' }], 3],
  [
    'more than the year’s need leaves none',
    [{ on: '2027-05-20', amount: rate('20'), percent: '34' }],
    0,
  ],
  ['an empty row is no row', [{}], 3],
  ['a row without its date cannot be counted', [{ amount: rate('3'), percent: '34' }], NaN],
  ['a row without its grade cannot be counted', [{ on: '2027-05-20', amount: rate('3') }], NaN],
])('given before: %s', (_name, past, need) => {
  const got = value(feed({ ...ORACLE, clippings: 'removed' }, past).needs.need.N);
  if (Number.isNaN(need)) expect(got).toBeNaN();
  else expect(got).toBeCloseTo(need, 10);
});

test('what went on keeps the next application away: from early fall to late fall', () => {
  const input: LawnInput = { ph: '6.5', planFrom: '2027-09-01', clippings: 'removed' };
  const firstDate = (plan: FertilizerTreatment) => plan.chosen.parts[0]?.applications[0]?.date;
  expect(firstDate(feed(input))).toBe('2027-09-01');
  const after = feed(input, [{ on: '2027-08-20', amount: rate('2'), percent: '34' }]);
  expect(firstDate(after)).toBe('2027-10-19');
});
