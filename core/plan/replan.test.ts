import { planCase } from './plan';
import { replan } from './replan';
import { lawnCase, ORACLE } from '../../test/cases';
import { unequalPlans } from '../../test/edits';
import type { CaseFile } from '../casefile/casefile';

/** A lawn and a bed, each with a sample and a column of its own. */
function twoAreas(): CaseFile {
  const file = lawnCase(ORACLE);
  const { lawn } = file.areas;
  const { s1 } = file.samples;
  const { r1 } = file.reports;
  if (!lawn || !s1 || !r1) throw new Error('twoAreas: no lawn');
  return {
    ...file,
    areas: { lawn, bed: { ...lawn, id: 'bed', order: 2 } },
    samples: { s1, s2: { ...s1, id: 's2', areaIds: ['bed'] } },
    reports: { r1: { ...r1, results: { ...r1.results, s2: r1.results['s1'] ?? {} } } },
  };
}

const SEEDS = 60;

test(`a plan taken over from an earlier one equals the plan from scratch: ${SEEDS} cases, ten edits each`, () => {
  expect(unequalPlans(0, SEEDS)).toEqual([]);
}, 600_000);

test('nothing changed, or nothing that a plan rests on: the very same plan', () => {
  const file = twoAreas();
  const run = replan(file);
  expect(replan(structuredClone(file), run)).toBe(run);
  const asked = { ...file, title: 'Another title', client: { ...file.client, name: 'Ada' } };
  expect(replan(asked, run)).toBe(run);
});

test('only the area that changed is worked out again', () => {
  const file = twoAreas();
  const run = replan(file);
  const bed = file.areas['bed'];
  if (!bed) throw new Error('no bed');
  const wider = {
    ...file,
    areas: { ...file.areas, bed: { ...bed, clippings: 'removed' as const } },
  };
  const next = replan(wider, run);
  expect(next.plan.areas[0]).toBe(run.plan.areas[0]);
  expect(next.plan.areas[1]).not.toBe(run.plan.areas[1]);
  expect(next.plan.workings.get('lawn/lime/rate')).toBe(run.plan.workings.get('lawn/lime/rate'));
});

test('a plan is not taken over from another case', () => {
  const other = replan(lawnCase({ ...ORACLE, ph: '7.9', plant: 'blueberry' }));
  const file = lawnCase(ORACLE);
  expect(replan(file, other).plan).toEqual(planCase(file));
});

test('a label counts everywhere: every area is worked out again', () => {
  const file = twoAreas();
  const run = replan(file);
  const label = {
    kind: 'CCE',
    percent: '80',
    scheme: '',
    sieves: {},
    moisture: '',
    bag: '',
    price: '',
  };
  const next = replan({ ...file, labels: { pelletized: label as never } }, run);
  expect(next.plan.areas.map((area, at) => area === run.plan.areas[at])).toEqual([false, false]);
  expect(next.plan).toEqual(planCase({ ...file, labels: { pelletized: label as never } }));
});

test('ground beyond what is worked out may be a part of ground that is', () => {
  const file = lawnCase(ORACLE);
  const { lawn } = file.areas;
  if (!lawn) throw new Error('no lawn');
  const ids = Array.from({ length: 60 }, (_none, at) => `a${at + 1}`);
  const part = {
    id: 'p',
    order: 1,
    sign: 'add',
    name: '',
    areaId: 'a60',
    shape: lawn.shape,
  } as const;
  const sized = (squareFeet: string): CaseFile => ({
    ...file,
    areas: Object.fromEntries(
      ids.map((id, at) => {
        const shape = { ...lawn.shape, ...(id === 'a60' ? { squareFeet } : {}) };
        const parts = id === 'a1' ? { p: part } : {};
        return [id, { ...lawn, id, order: at + 1, shape, parts }];
      }),
    ),
  });
  const run = replan(sized('1000'));
  expect(run.plan.broken.map(({ area }) => area.id)).toContain('a60');
  const next = sized('2000');
  expect(replan(next, run).plan).toEqual(planCase(next));
});
