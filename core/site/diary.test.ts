import { lawnCase, type LawnInput } from '../../test/cases';
import { brokenLaws } from '../../test/caseLaws';
import { parted } from '../../published/evaluator';
import type { CaseFile } from '../casefile/casefile';
import { newPastEntry, type PastEntry } from '../casefile/parts/past';
import { planCase } from '../plan/plan';
import { queueFacts } from '../plan/queue';
import type { AreaPlan } from '../area/areaPlan';
import { calendarOf } from '../tell/calendar';
import { treatmentsIn } from '../treat/treatments';
import { valueOf } from '../kernel/working/working';

/** A lawn that takes lime in three applications and nitrogen in several. */
const LAWN: LawnInput = {
  ph: '5.2',
  buffer: '6.0',
  om: '3',
  cec: '10',
  p: { text: '8' },
  k: { text: '75' },
  squareFeet: '5000',
  planFrom: '2027-09-06',
};

function planned(file: CaseFile): AreaPlan {
  const [area] = planCase(file).areas;
  if (!area) throw new Error('no area');
  return area;
}

const applicationsOf = (plan: AreaPlan) =>
  treatmentsIn(plan.treatments).flatMap(({ products }) =>
    products.flatMap(({ material, applications }) =>
      applications.map((application) => ({ ...application, material: material.id })),
    ),
  );

const KIND = { lime: 'lime', sulfur: 'sulfur' } as const;

/** The entry of the diary for an application as it was planned, or with something else in it. */
function entryOf(file: CaseFile, key: string, other: Partial<PastEntry> = {}): PastEntry {
  const application = applicationsOf(planned(file)).find((each) => each.key === key);
  if (!application) throw new Error(key);
  const kind = key.split('/')[1] as keyof typeof KIND;
  return newPastEntry({
    id: `d-${key.replaceAll('/', '-')}`,
    areaId: 'lawn',
    kind: KIND[kind] ?? 'fertilizer',
    on: application.date,
    amount: { text: String(valueOf(application.amount.printed)?.value), unit: 'lb', method: '' },
    outcome: 'done',
    planned: key,
    plannedFrom: file.planFrom,
    material: application.material,
    ...other,
  });
}

function withEntries(file: CaseFile, entries: readonly PastEntry[]): CaseFile {
  const more = Object.fromEntries(entries.map((entry) => [entry.id, entry]));
  return { ...file, past: { ...file.past, ...more } };
}

/** What lies ahead, in plain values. */
const aheadOf = (plan: AreaPlan) =>
  calendarOf(plan).map((entry) => [
    entry.key,
    entry.date,
    'application' in entry ? valueOf(entry.application.amount.printed)?.value : undefined,
  ]);

const BASE = lawnCase(LAWN);
const KEYS = applicationsOf(planned(BASE)).map(({ key }) => key);

test('the lawn has lime and nitrogen in several applications', () => {
  expect(KEYS.filter((key) => key.includes('/lime/')).length).toBeGreaterThan(1);
  expect(KEYS.filter((key) => key.includes('/feed-n/')).length).toBeGreaterThan(1);
});

test.each(KEYS)('%s done as planned: the plan of before, less that entry', (key) => {
  const after = planned(withEntries(BASE, [entryOf(BASE, key)]));
  const before = aheadOf(planned(BASE)).filter(([other]) => other !== key);
  expect(aheadOf(after)).toEqual(before);
});

/** The ids of what the page says, and what the whole job is to buy, lb by material. */
function toldOf(file: CaseFile) {
  const { slip, purchase, workings } = planCase(file);
  const ids = slip.blocks.flatMap((block) => ('text' in block ? [block.text.id] : []));
  const buys = purchase.rows.map(({ material, pounds }) => [material.id, valueOf(pounds)?.value]);
  return { ids, buys: Object.fromEntries(buys) as Record<string, number>, workings };
}

test('when all of it is on the page says so, and nothing is left to buy or to do', () => {
  const file = withEntries(
    BASE,
    KEYS.map((key) => entryOf(BASE, key)),
  );
  const { ids, buys } = toldOf(file);
  expect(ids.filter((id) => id === 'slip.isOn')).toHaveLength(2);
  expect(ids.filter((id) => /limeFirst|limeAgain|feedStage|buyLime|buyFeed/.test(id))).toEqual([]);
  expect(buys).toEqual({});
  expect(queueFacts(file, planCase(file)).doses).toEqual([]);
});

test('what is on the ground is not bought again', () => {
  const before = toldOf(BASE).buys;
  const first = applicationsOf(planned(BASE)).find(({ key }) => key === 'lawn/feed-n/1');
  const on = (first && valueOf(first.amount.printed)?.value) ?? NaN;
  const { buys } = toldOf(withEntries(BASE, [entryOf(BASE, 'lawn/feed-n/1')]));
  const material = first?.material ?? '';
  expect(buys[material]).toBeCloseTo((before[material] ?? NaN) - on, 6);
});

test('of each application it is known whether it was done, left out or is to come', () => {
  const file = withEntries(BASE, [
    entryOf(BASE, 'lawn/lime/1', { by: 'Jo Marsh' }),
    entryOf(BASE, 'lawn/feed-n/1', { outcome: 'left' }),
  ]);
  const found = applicationsOf(planned(file)).map(({ key, kept }) => [key, kept?.on, !!kept]);
  expect(found).toContainEqual(['lawn/lime/1', '2027-09-20', true]);
  expect(found).toContainEqual(['lawn/feed-n/1', undefined, true]);
  expect(found).toContainEqual(['lawn/lime/2', undefined, false]);
});

test('an entry that is deleted restores the plan', () => {
  const done = withEntries(BASE, [entryOf(BASE, 'lawn/lime/1')]);
  const { 'd-lawn-lime-1': _gone, ...past } = done.past;
  expect(aheadOf(planned({ ...done, past }))).toEqual(aheadOf(planned(BASE)));
});

test('what was left out is gone from what lies ahead, and nothing else changes', () => {
  const left = entryOf(BASE, 'lawn/feed-n/1', { outcome: 'left', on: '', note: 'drought' });
  const before = aheadOf(planned(BASE)).filter(([key]) => key !== 'lawn/feed-n/1');
  expect(aheadOf(planned(withEntries(BASE, [left])))).toEqual(before);
});

test.each([
  ['100', 'less went on: the others have more, within the most of a day'],
  ['260', 'more went on: the others have less'],
  ['5000', 'far more went on: nothing is left'],
])('%s lb of lime at first: %s', (pounds) => {
  const amount = { text: pounds, unit: 'lb', method: '' };
  const file = withEntries(BASE, [entryOf(BASE, 'lawn/lime/1', { amount })]);
  const { set } = planned(file).treatments.lime;
  const total = valueOf(set.total)?.value ?? NaN;
  const amounts = set.doses.map((dose) => valueOf(dose.amount)?.value ?? NaN);
  const sum = amounts.reduce((all, each) => all + each, 0);
  expect(amounts[0]).toBe(Number(pounds));
  expect(sum).toBeCloseTo(Math.max(total, Number(pounds)), 6);
  const limit = planCase(file).workings.get('lawn/lime/dose/limit');
  for (const { printed } of set.doses.slice(1)) {
    expect(valueOf(printed)?.value).toBeLessThanOrEqual((limit && valueOf(limit)?.value) as number);
  }
});

test('the next application keeps its distance from the day on which the first was really done', () => {
  const [first, second] = planned(BASE).treatments.lime.applications;
  const late = entryOf(BASE, 'lawn/lime/1', { on: '2028-03-20' });
  const [, after] = planned(withEntries(BASE, [late])).treatments.lime.applications;
  expect(first && second && second.date > first.date).toBe(true);
  // Six months from 20 March: the autumn, and not the spring that was planned.
  expect(after && after.date >= '2028-09-20').toBe(true);
});

test('an application in parts: their sum counts, and the last day', () => {
  const half = { text: '125', unit: 'lb', method: '' };
  const one = entryOf(BASE, 'lawn/lime/1', { amount: half, on: '2027-09-10' });
  const two = { ...one, id: 'd2', on: '2027-09-12' };
  const [first] = planned(withEntries(BASE, [two, one])).treatments.lime.applications;
  expect(first?.kept?.on).toBe('2027-09-12');
  expect(first && valueOf(first.amount.printed)?.value).toBe(250);
});

test('of another plan it is of the past: lime of last year still reacts', () => {
  const entry = entryOf(BASE, 'lawn/lime/1', { plannedFrom: '2026-09-01', on: '2027-05-01' });
  const plan = planned(withEntries(BASE, [entry]));
  expect(plan.treatments.lime.credit).toBeDefined();
  expect(plan.treatments.lime.applications[0]?.kept).toBeUndefined();
});

test('a newer sample has seen it: lime that went on before counts as lime that still reacts, and the plan is a new one', () => {
  const entry = entryOf(BASE, 'lawn/lime/1');
  const { s1 } = BASE.samples;
  if (!s1) throw new Error('no sample');
  const later = {
    ...withEntries(BASE, [entry]),
    samples: { s1: { ...s1, takenOn: '2028-08-01' } },
  };
  const { credit, applications } = planned(later).treatments.lime;
  expect(credit).toBeDefined();
  expect(applications.every(({ kept }) => !kept)).toBe(true);
});

test.each<[PastEntry['kind'], string, string, string]>([
  ['fertilizer', 'urea-46-0-0', '46-0-0', '2'],
  ['lime', 'ground-shell', '88', '10'],
  // Of the 20 lb of a year 13.5 are on: less than a dose is left.
  ['sulfur', 'sulfur-prills-90', '90', '15'],
])(
  '%s of an earlier plan counts by its material as by what is typed',
  (kind, material, percent, pounds) => {
    const bushes = lawnCase({
      ...LAWN,
      ...(kind === 'sulfur' ? { plant: 'blueberry', ph: '6.2', texture: 'loam' } : {}),
    });
    const entry = newPastEntry({
      id: 'e1',
      areaId: 'lawn',
      kind,
      on: '2027-03-01',
      amount: { text: pounds, unit: 'lb/1000ft2', method: '' },
      outcome: 'done',
      planned: 'lawn/feed-n/1',
      plannedFrom: '2026-09-01',
    });
    const said = (more: Partial<PastEntry>): unknown => {
      const { treatments } = planned(withEntries(bushes, [{ ...entry, ...more }]));
      const { lime, sulfur, fertilizer } = treatments;
      return [
        valueOf(fertilizer.needs.need.N)?.value,
        lime.credit && valueOf(lime.credit)?.value,
        sulfur && valueOf(sulfur.first)?.value,
        sulfur?.verdict,
      ];
    };
    expect(said({ material })).toEqual(said({ percent }));
    expect(said({ material })).not.toEqual(said({ outcome: 'left' }));
  },
);

test('what nobody had planned counts too, whenever it went on', () => {
  const free = newPastEntry({
    id: 'f1',
    areaId: 'lawn',
    kind: 'fertilizer',
    on: '2027-09-20',
    amount: { text: '10', unit: 'lb', method: '' },
    percent: '46-0-0',
    outcome: 'done',
  });
  const need = (file: CaseFile): number =>
    valueOf(planned(file).treatments.fertilizer.needs.need.N)?.value ?? NaN;
  // 10 lb × 0.46 ÷ 5 (1000 ft²)
  expect(need(BASE) - need(withEntries(BASE, [free]))).toBeCloseTo(0.92, 6);
});

test('every working is what its op makes of its inputs, and the laws hold', () => {
  const amount = { text: '180', unit: 'lb', method: '' };
  const entries = KEYS.slice(0, 3).map((key, at) => entryOf(BASE, key, at === 0 ? { amount } : {}));
  const file = withEntries(BASE, entries);
  expect(parted(planCase(file).workings.byId())).toEqual([]);
  expect(brokenLaws(file)).toEqual([]);
});
