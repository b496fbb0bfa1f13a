import { newPastEntry, type PastEntry } from '../../casefile/parts/past';
import { planCase } from '../../plan/plan';
import { lawnCase } from '../../../test/cases';

/** The lime still at work on a lawn of 6,200 ft², and the date of the next dressing. */
function after(
  past: readonly Partial<PastEntry>[],
  takenOn = '2027-10-01',
): { credit: number | string; next: string | undefined } {
  const file = lawnCase({ ph: '5.2', buffer: '6.0', label: { kind: 'CCE', percent: '90' } });
  const entries = past.map((entry, index): [string, PastEntry] => [
    `p${index}`,
    newPastEntry({
      id: `p${index}`,
      areaId: 'lawn',
      kind: 'lime',
      percent: '90',
      amount: { text: '40', unit: 'lb/1000ft2', method: '' },
      ...entry,
    }),
  ]);
  const samples = { s1: { id: 's1', name: '', areaIds: ['lawn'], takenOn, lead: '' as const } };
  const plan = planCase({ ...file, samples, past: Object.fromEntries(entries) });
  const working = plan.workings.get('lawn/lime/credit');
  const figure = working && 'absent' in working ? working.absent.id : (working?.value.value ?? 0);
  return { credit: figure, next: plan.areas[0]?.treatments.lime.applications[0]?.date };
}

// 40 lb of CCE 90, as the table's own; 8 points less for each month of 30.4375 days.
test.each<[string, Partial<PastEntry>[], number]>([
  ['nothing spread', [], 0],
  ['after the sample: all of it', [{ on: '2027-10-03' }], 40],
  ['30 days before: 1 − 0.08 × 30 ÷ 30.4375 = 0.921', [{ on: '2027-09-01' }], 36.846],
  ['183 days before: 0.519', [{ on: '2027-04-01' }], 20.76],
  ['a year before: 0.041', [{ on: '2026-10-01' }], 1.626],
  ['13 months before: nothing left', [{ on: '2026-09-01' }], 0],
  ['CCE 45 counts half', [{ on: '2027-10-03', percent: '45' }], 20],
  ['no CCE typed: like the table’s', [{ on: '2027-10-03', percent: '' }], 40],
  ['two dressings add up', [{ on: '2027-10-02' }, { on: '2027-10-03' }], 80],
  // 248 lb ÷ 6.2 = 40 lb/1000 ft²
  ['pounds in all', [{ on: '2027-10-03', amount: { text: '248', unit: 'lb', method: '' } }], 40],
])('%s', (_name, past, credit) => {
  expect(after(past).credit).toBeCloseTo(credit, 1);
});

test('the next dressing is six months after the last one, in season', () => {
  expect(after([]).next).toBe('2027-10-04');
  expect(after([{ on: '2027-04-01' }]).next).toBe('2027-10-04');
  expect(after([{ on: '2027-09-20' }]).next).toBe('2028-03-20');
  expect(after([{ on: '2027-07-10' }]).next).toBe('2028-03-09');
});

test.each<[string, Partial<PastEntry>, string]>([
  ['no date', {}, 'absent.pastWithoutDate'],
  ['a day that does not exist', { on: '2027-02-30' }, 'absent.pastWithoutDate'],
  [
    'no amount',
    { on: '2027-09-01', amount: { text: '', unit: 'lb', method: '' } },
    'absent.notTyped',
  ],
  ['a CCE that is not lime’s', { on: '2027-09-01', percent: '300' }, 'absent.unreadable'],
])('what cannot be counted leaves the lime open: %s', (_name, entry, reason) => {
  const { credit, next } = after([entry]);
  expect(credit).toBe(reason);
  expect(next).toBeUndefined();
});

test('an area that is not known cannot take pounds in all', () => {
  const file = lawnCase({ unknownArea: true, ph: '5.2', buffer: '6.0' });
  const amount = { text: '100', unit: 'lb', method: '' };
  const entry = newPastEntry({ id: 'p', areaId: 'lawn', kind: 'lime', on: '2027-09-01', amount });
  const { workings } = planCase({ ...file, past: { p: entry } });
  expect(workings.get('lawn/lime/credit')).toMatchObject({
    absent: { id: 'absent.pastNeedsArea' },
  });
});

test('lime that is still at work brings a test before the second application; what is used up does not', () => {
  const states = (on: string) => {
    const file = lawnCase({ ph: '5.2', buffer: '6.2' });
    const amount = { text: '40', unit: 'lb/1000ft2', method: '' } as const;
    const entry = newPastEntry({ id: 'p', areaId: 'lawn', kind: 'lime', on, amount });
    const [area] = planCase({ ...file, past: { p: entry } }).areas;
    return area?.treatments.lime.applications.map(({ state }) => state);
  };
  expect(states('2027-04-01')?.slice(0, 2)).toEqual(['firm', 'conditional']);
  expect(states('2026-04-01')?.slice(0, 2)).toEqual(['firm', 'firm']);
});
