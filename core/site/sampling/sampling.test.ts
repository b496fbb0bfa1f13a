import { EMPTY_SITE } from '../../casefile/parts/area';
import type { Area } from '../../casefile/parts/area';
import { EMPTY_SHAPE } from '../../casefile/parts/shape';
import { lawnCase, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import type { AreaPlan } from '../../area/areaPlan';
import { coresFor } from '../../equations/ground/cores';
import { sampleName } from './sampleNames';
import { samplingSheet } from '../../tell/samplingSheet';
import { findingKey } from '../../kernel/working/finding';

function planned(input: LawnInput, more: Partial<Area> = {}, fee = ''): AreaPlan {
  const file = lawnCase(input);
  const lawn = file.areas['lawn'];
  if (!lawn) throw new Error('no lawn');
  const areas = { lawn: { ...lawn, ...more } };
  const [area] = planCase({ ...file, areas, sampling: { fee, days: '' } }).areas;
  if (!area) throw new Error('no area');
  return area;
}

/** Samples, cores of each, cores in all and money of both schools. */
function schools(area: AreaPlan): (number | string)[][] {
  return area.sampling.schools.map(({ samples, coresEach, coresInAll, cost }) =>
    [samples, coresEach, coresInAll, cost].map((figure) =>
      'absent' in figure ? figure.absent.id : figure.value.value,
    ),
  );
}

const site = (spots: string) => ({ ...EMPTY_SITE, spots });

test.each<[string, LawnInput, Partial<Area>, (number | string)[][]]>([
  [
    'a lawn',
    {},
    {},
    [
      [1, 15, 15, 18],
      [1, 15, 15, 18],
    ],
  ],
  [
    'a lawn with two bad spots',
    {},
    { site: site('2') },
    [
      [1, 15, 15, 18],
      [3, 15, 45, 54],
    ],
  ],
  [
    'half an acre',
    { squareFeet: '21780' },
    {},
    [
      [1, 20, 20, 18],
      [1, 20, 20, 18],
    ],
  ],
  [
    'a small bed',
    { squareFeet: '80', plant: 'mixed-vegetables' },
    {},
    [
      [1, 5, 5, 18],
      [1, 5, 5, 18],
    ],
  ],
  [
    'five bushes: one bag, or one for each',
    { plant: 'trees-and-shrubs' },
    { shape: { ...EMPTY_SHAPE, kind: 'plants', number: '5', diameter: '6 ft' } },
    [
      [1, 12, 12, 18],
      [5, 5, 25, 90],
    ],
  ],
])('bags, cores and money: %s', (_name, input, more, rows) => {
  expect(schools(planned(input, more, '18'))).toEqual(rows);
});

test('without a price the money is absent, and a bad count of spots is a problem at its place', () => {
  expect(schools(planned({}))[0]?.[3]).toBe('absent.notTyped');
  const file = lawnCase({});
  const lawn = file.areas['lawn'];
  if (!lawn) throw new Error('no lawn');
  const plan = planCase({ ...file, areas: { lawn: { ...lawn, site: site('some') } } });
  expect(plan.problems).toHaveProperty(['areas/lawn/site/spots']);
  expect(plan.steps.sample).toBe('decide');
});

test('depth by use: turf 4 in., what is dug and shrubs 6', () => {
  const depth = (input: LawnInput): unknown => planned(input).sampling.depth;
  expect(depth({})).toMatchObject({ value: { value: 4 } });
  expect(depth({ situation: 'tilled' })).toMatchObject({ value: { value: 6 } });
  expect(depth({ plant: 'trees-and-shrubs' })).toMatchObject({ value: { value: 6 } });
});

test('the number of cores for a wanted precision, and none before an error is typed', () => {
  const decided = { 'cores-for': 'om', 'cores-error': '10', 'cores-confidence': '95' } as const;
  // (1.96 × 25 ÷ 10)² = 24.01
  expect(planned({ decisions: decided }).sampling.precision.cores).toMatchObject({
    value: { value: 25 },
  });
  expect(planned({}).sampling.precision.cores).toMatchObject({ absent: { id: 'absent.notTyped' } });
  for (let error = 10; error < 60; error += 5) {
    expect(coresFor(1.645, 50, error)).toBeGreaterThanOrEqual(coresFor(1.645, 50, error + 5));
  }
});

test('what must be apart: other uses on one sample, and spots that differ', () => {
  const file = lawnCase({});
  const lawn = file.areas['lawn'];
  if (!lawn) throw new Error('no lawn');
  const beds = { ...lawn, id: 'beds', order: 2, plant: 'mixed-vegetables', site: site('1') };
  const samples = {
    s1: { id: 's1', name: '', areaIds: ['lawn', 'beds'], takenOn: '', lead: '' as const },
  };
  const plan = planCase({ ...file, areas: { lawn, beds }, samples });
  expect(plan.areas.map(({ sampling }) => sampling.apart.map(({ id }) => id))).toEqual([
    ['sampling.apart.use'],
    ['sampling.apart.use', 'sampling.apart.spots'],
  ]);
  expect(planned({}).sampling.apart).toEqual([]);
});

test('what was spread has to settle for eight weeks', () => {
  const { sampling } = planned({ spreadOn: '2027-09-20' });
  expect(sampling.notBefore).toBe('2027-11-15');
  const said = (takenOn: string) =>
    planCase(lawnCase({ takenOn, spreadOn: '2027-09-20' })).findings.map(findingKey);
  expect(said('2027-10-01')).toContain('lawn/sampledTooSoon');
  expect(said('2027-11-15')).not.toContain('lawn/sampledTooSoon');
  expect(said('2027-09-01')).not.toContain('lawn/sampledTooSoon');
});

test('clues ask and explain; they never change an amount', () => {
  const report = { ph: '5.4', buffer: '6.4' };
  const plain = planned(report);
  const seen = planned(report, { site: { ...site(''), clues: 'moss clover nonsense' } });
  expect(seen.sampling.clues.map(({ id }) => id)).toEqual(['clue.moss.means', 'clue.clover.means']);
  expect([seen.treatments.lime.digest, seen.treatments.fertilizer.digest]).toEqual([
    plain.treatments.lime.digest,
    plain.treatments.fertilizer.digest,
  ]);
});

test('the sheet says what is wanted of this ground', () => {
  const file = lawnCase({ squareFeet: '5000' });
  const samples = {
    s1: { id: 's1', name: '27-001', areaIds: ['lawn'], takenOn: '', lead: 'yes' as const },
  };
  const lawn = file.areas['lawn'];
  if (!lawn) throw new Error('no lawn');
  const steep = {
    ...lawn,
    site: { ...site(''), slope: 'steep' as const, drainage: 'slow' as const },
  };
  const full = { ...file, samples, areas: { lawn: steep } };
  const said = samplingSheet(full, planCase(full).areas).map((block) =>
    block.kind === 'table' ? '' : block.text.id,
  );
  for (const id of ['sheet.name', 'sampling.how.steep', 'sampling.how.wet', 'sampling.how.lead']) {
    expect(said).toContain(id);
  }
  expect(said.at(-1)).toBe('sheet.bring.question');
});

const PARTS = { year: '2027', caseTitle: 'Weir Cottage, the long border', ground: 'Front lawn' };

test.each<[string, readonly string[], string]>([
  ['{yy}-{nnn}', [], '27-001'],
  ['{yy}-{nnn}', ['27-001', '27-002', '26-003'], '27-003'],
  ['{yyyy}/{n}', ['2027/1'], '2027/2'],
  ['{case}-{ground}', [], 'WeirCott-Fronlawn'],
  ['{case}-{ground}', ['weircott-fronlawn', 'WeirCott-Fronlawn-2'], 'WeirCott-Fronlawn-3'],
  ['', ['27-001'], '27-002'],
])('a name by %s where %j are taken: %s', (pattern, taken, name) => {
  expect(sampleName(pattern, PARTS, new Set(taken))).toBe(name);
});

test('two hundred samples by one pattern have two hundred names', () => {
  const taken = new Set<string>();
  for (let at = 0; at < 200; at += 1) taken.add(sampleName('{yy}-{n}', PARTS, taken));
  expect(taken.size).toBe(200);
});
