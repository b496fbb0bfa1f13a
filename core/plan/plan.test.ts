import { newPastEntry } from '../casefile/parts/past';
import type { AreaPlan } from '../area/areaPlan';
import { lawnCase, ORACLE, type LawnInput } from '../../test/cases';
import { planCase } from './plan';
import type { Plan } from './types';
import { valueOf, type Figure } from '../kernel/working/working';
import { findingKey } from '../kernel/working/finding';
import { msg } from '../kernel/messages/msg';

function plan(input: LawnInput): Plan & { lawn: AreaPlan } {
  const made = planCase(lawnCase(input));
  const [lawn] = made.areas;
  if (!lawn) throw new Error('no lawn');
  return { ...made, lawn };
}

function value(figure: Figure): number | string {
  return 'absent' in figure ? figure.absent.id : (valueOf(figure)?.value ?? NaN);
}

/** The product per 1000 ft² by one method. */
function by(method: string, input: LawnInput): number | string {
  const row = plan(input).lawn.treatments.lime.methods.find(({ option }) => option.id === method);
  return row ? value(row.option.advised) : 'not listed';
}

test('the oracle: 708 lb in three equal dressings, 12 bags of 40 lb for the two firm ones', () => {
  const { lawn, slip } = plan(ORACLE);
  const {
    treatments: { lime },
  } = lawn;
  const smp = lime.methods.find(({ option }) => option.id === 'smp');
  // 4.7 t/acre at 8 in. × 4 ÷ 8 × 2000 ÷ 43.56 = 107.897; × 90 ÷ 85 × 6.2 = 708.313
  expect(value(smp?.option.requirement ?? lime.rate)).toBeCloseTo(107.897, 3);
  expect(value(lime.set.total)).toBeCloseTo(708.313, 3);
  expect(lime.applications.map(({ amount }) => value(amount.printed))).toEqual([236, 236, 236]);
  expect(lime.applications.map(({ key, date, state }) => [key, date, state])).toEqual([
    ['lawn/lime/1', '2027-10-04', 'firm'],
    ['lawn/lime/2', '2028-04-04', 'firm'],
    ['lawn/lime/3', '2028-10-04', 'conditional'],
  ]);
  expect(value(lime.bagsToBuy)).toBe(12);
  expect(lime.testOn).toBe('2028-08-04');
  expect(slip.blocks.length).toBeGreaterThan(8);
});

test.each<[string, string, LawnInput, number | string]>([
  ['a row of the table', 'smp', { ph: '5.4', buffer: '6.4' }, 107.897],
  // (4.7 + 3.8) ÷ 2 = 4.25 t; × ½ × 45.914
  ['between two rows', 'smp', { ph: '5.4', buffer: '6.45' }, 97.567],
  // target 6.2 takes the 6.5 column
  [
    'between two columns',
    'smp',
    { ph: '5.4', buffer: '6.4', decisions: { 'lime-target': '6.2' } },
    107.897,
  ],
  ['at 8 in.', 'smp', { ph: '5.4', buffer: '6.4', decisions: { 'lime-depth': '8' } }, 215.794],
  ['outside the table', 'smp', { ph: '4.5', buffer: '4.7' }, 'absent.bufferOutside'],
  ['no buffer', 'smp', { ph: '5.4' }, 'absent.noBuffer'],
  // 60.4 − 0.87 × 64 = 4.72 t
  ['the line', 'tri-state', { ph: '5.4', buffer: '6.4' }, 108.356],
  [
    'the line stops at 6.8',
    'tri-state',
    { ph: '5.4', buffer: '6.4', decisions: { 'lime-target': '7' } },
    'absent.targetOutside',
  ],
  // 4000 lb/acre ÷ 43.56 × 4 ÷ 7 = 52.47, the middle of its range
  ['texture, the middle', 'texture', { ph: '5.5', texture: 'silt-loam' }, 52.473],
  // silt loam would be 52.5; the first SMP row is 1.2 t × ½ × 45.914 = 27.55
  ['a silent buffer', 'texture', { ph: '5.5', buffer: '6.9', texture: 'silt-loam' }, 27.548],
  ['a silent buffer', 'smp', { ph: '5.5', buffer: '6.9' }, 'absent.bufferUnresolvable'],
  // 32.9 − 6.31 × 4.8 = 2.612 t × ½ × 45.914
  ['an organic soil', 'tri-state-organic', { ph: '4.8', om: '35' }, 59.963],
  ['an organic soil', 'smp', { ph: '4.8', buffer: '6', om: '35' }, 'not listed'],
  ['as printed', 'laboratory', { ph: '5.4', lab: { text: '115' } }, 115],
  ['2.5 tons', 'laboratory', { ph: '5.4', lab: { text: '2.5', unit: 'ton/acre' } }, 114.784],
  [
    '2.5 tons by the short-cut',
    'laboratory',
    { ph: '5.4', lab: { text: '2.5', unit: 'ton/acre-short-cut' } },
    125,
  ],
  ['5 lb/100 ft²', 'laboratory', { ph: '5.4', lab: { text: '5', unit: 'lb/100ft2' } }, 50],
  ['4356 lb/acre', 'laboratory', { ph: '5.4', lab: { text: '4356', unit: 'lb/acre' } }, 100],
  [
    'rescaled 8 to 4 in.',
    'laboratory',
    { ph: '5.4', depth: '8', lab: { text: '115' }, decisions: { 'lab-rescale': 'yes' } },
    57.5,
  ],
  [
    'no target above 6.5 on sand',
    'smp',
    { ph: '5.4', buffer: '6.4', cec: '4', decisions: { 'lime-target': '6.8' } },
    'absent.targetSandy',
  ],
])('%s: %s', (_name, method, input, expected) => {
  const got = by(method, input);
  if (typeof expected === 'number') expect(got).toBeCloseTo(expected, 2);
  else expect(got).toBe(expected);
});

test.each<[string, LawnInput, string]>([
  ['pH above the window', { ph: '7.9', buffer: '7.2' }, 'none-needed'],
  ['pH at the window', { ph: '6.0', buffer: '6.6' }, 'none-needed'],
  ['pH unknown', { buffer: '6.4' }, 'absent'],
  ['nothing typed', {}, 'absent'],
  ['a need under 20 lb/1000 ft²', { ph: '5.9', texture: 'sand' }, 'not-worth-a-trip'],
  // 1,320 lb/acre ÷ 43.56 × 4 ÷ 7 = 17.3 lb, yet a lawn at 5.4 is never told to do nothing
  ['as little on a lawn that is plainly too acidic', { ph: '5.4', texture: 'sand' }, 'dose'],
  ['a laboratory beside a buffer, pH unknown', { buffer: '6.4', lab: { text: '60' } }, 'absent'],
  ['the laboratory followed without a pH', { lab: { text: '60' } }, 'dose'],
  [
    'the laboratory says none',
    { ph: '5.4', lab: { text: '0' }, decisions: { 'lime-method': 'laboratory' } },
    'none-needed',
  ],
])('verdict: %s', (_name, input, verdict) => {
  expect(plan(input).lawn.treatments.lime.verdict).toBe(verdict);
});

test.each<[string, LawnInput['label'], number]>([
  ['CCE 85', { kind: 'CCE', percent: '85' }, 114.244], // 107.897 × 90 ÷ 85
  ['CCE 100', { kind: 'CCE', percent: '100' }, 97.107],
  ['ECCE 60.3 is the table’s own', { kind: 'ECCE', percent: '60.3' }, 107.897],
  ['ECCE 95', { kind: 'ECCE', percent: '95' }, 68.486], // 107.897 × 60.3 ÷ 95
])('quality counts once: %s', (_name, label, rate) => {
  expect(
    value(
      plan({ ph: '5.4', buffer: '6.4', ...(label ? { label } : {}) }).lawn.treatments.lime.rate,
    ),
  ).toBeCloseTo(rate, 2);
});

test.each<[NonNullable<LawnInput['situation']>, number]>([
  ['established', 3], // 107.9 ÷ 50
  ['stressed', 5], // ÷ 25
  ['tilled', 1], // 6 in.: 161.8 of 200
])('the cap of a lawn that is %s', (situation, dressings) => {
  const { lawn } = plan({
    ph: '5.4',
    buffer: '6.4',
    situation,
    label: { kind: 'CCE', percent: '90' },
  });
  expect(lawn.treatments.lime.applications).toHaveLength(dressings);
});

test('without an area the plan speaks for 1000 ft², with a table and the reach of a bag', () => {
  const { lawn, slip, workings } = plan({ ...ORACLE, unknownArea: true });
  expect(lawn.ground.known).toBe(false);
  expect(lawn.treatments.lime.applications.map(({ amount }) => value(amount.printed))).toEqual([
    38, 38, 38,
  ]);
  expect(slip.blocks.some(({ kind }) => kind === 'table')).toBe(true);
  const reach = workings.get('lawn/slip/lime/extent/bag');
  // 40 lb ÷ 38.081 lb/1000 ft²
  expect(reach && 'value' in reach ? reach.value.value : NaN).toBeCloseTo(1050.4, 0);
});

test('lime still at work is counted off and keeps its distance', () => {
  const file = lawnCase({ ph: '5.4', buffer: '6.4', label: { kind: 'CCE', percent: '90' } });
  const past = {
    p1: newPastEntry({
      id: 'p1',
      areaId: 'lawn',
      kind: 'lime' as const,
      on: '2027-09-01',
      amount: { text: '50', unit: 'lb/1000ft2', method: '' },
      percent: '90',
    }),
  };
  const samples = {
    s1: { id: 's1', name: '', areaIds: ['lawn'], takenOn: '2027-08-20', lead: '' as const },
  };
  const [lawn] = planCase({ ...file, past, samples }).areas;
  // Spread after the sample: all of it is still to be seen. 107.897 − 50.
  expect(
    value(lawn?.treatments.lime.rate ?? { id: '', absent: msg('absent.noDoses') }),
  ).toBeCloseTo(57.897, 2);
  // The ground is frozen until 8 March.
  expect(lawn?.treatments.lime.applications[0]?.date).toBe('2028-03-09');
});

test('where what was spread covers the need, nothing is spread and the page says why', () => {
  const file = lawnCase({ ph: '5.7', buffer: '6.8', label: { kind: 'CCE', percent: '90' } });
  const amount = { text: '40', unit: 'lb/1000ft2', method: '' };
  const spread = newPastEntry({
    id: 'p1',
    areaId: 'lawn',
    kind: 'lime' as const,
    on: '2027-09-20',
    percent: '',
    amount,
  });
  const made = planCase({ ...file, past: { p1: spread } });
  // 1.2 t × ½ × 45.914 = 27.5 lb/1000 ft², less 40
  expect(made.areas[0]?.treatments.lime.verdict).toBe('at-work');
  expect(made.findings.map(findingKey)).toContain('lawn/limeStillWorking');
  expect(made.slip.blocks.map((block) => ('text' in block ? block.text.id : ''))).toEqual(
    expect.arrayContaining(['slip.ph.acidic', 'slip.limeAtWork']),
  );
});

test('an own amount needs a reason, then overrides and says what it replaces', () => {
  const bare = plan({
    ph: '5.4',
    buffer: '6.4',
    decisions: { 'lime-method': 'own', 'lime-own': '30' },
  });
  expect(bare.lawn.treatments.lime.verdict).toBe('absent');
  const file = lawnCase({ ph: '5.4', buffer: '6.4', decisions: { 'lime-method': 'own' } });
  const own = {
    what: 'lime-own' as const,
    value: '30',
    reason: 'sown next week',
    at: '2027-10-04',
  };
  const made = planCase({ ...file, decisions: { ...file.decisions, 'lawn:lime-own': own } });
  expect(value(made.areas[0]?.treatments.lime.rate ?? bare.lawn.treatments.lime.rate)).toBe(30);
  expect(made.workings.get('lawn/lime/own/amount')).toMatchObject({
    override: { reason: 'sown next week', replaces: 'lawn/lime/smp/requirement' },
  });
});

// The pack's region: air falls through 50 °F on 18 Oct, the heat begins on 30 Jun and ends on 16 Aug. Of three pounds
// 1.33 are due in August: in two applications.
test.each<[LawnInput, number | string, readonly string[]]>([
  [
    { ...ORACLE, clippings: 'removed' },
    3,
    ['2027-10-19', '2028-05-16', '2028-08-16', '2028-09-13'],
  ],
  [{ ...ORACLE, clippings: 'returned' }, 2, ['2027-10-19', '2028-05-16', '2028-08-16']],
  [{ ...ORACLE, clippings: 'unknown' }, 2, ['2027-10-19', '2028-05-16', '2028-08-16']],
  [{ ...ORACLE, om: '35', ph: '6.2' }, 0, []],
  // Too late to sow: next August, as the heat gives way, and forty days after it.
  [{ ...ORACLE, situation: 'tilled' }, 1.5, ['2028-08-16', '2028-09-25']],
])('nitrogen for the year and its dates, apart from lime: %#', (input, need, dates) => {
  const {
    treatments: { fertilizer: feed },
  } = plan(input).lawn;
  expect(value(feed.needs.need.N)).toBe(need);
  const doses = feed.chosen.parts.flatMap((part) => part.applications);
  expect(doses.map(({ date }) => date)).toEqual(dates);
});

test('nitrogen given this year counts against the year', () => {
  const file = lawnCase({ ...ORACLE, clippings: 'removed' });
  const past = {
    f1: newPastEntry({
      id: 'f1',
      areaId: 'lawn',
      kind: 'fertilizer' as const,
      on: '2027-05-20',
      amount: { text: '18', unit: 'lb', method: '' },
      percent: '34',
    }),
  };
  // 18 lb × 0.34 ÷ 6.2 = 0.987; 3 − 0.987
  const [lawn] = planCase({ ...file, past }).areas;
  expect(
    value(lawn?.treatments.fertilizer.needs.need.N ?? { id: '', absent: msg('absent.noDoses') }),
  ).toBeCloseTo(2.013, 3);
});

test.each<[string, LawnInput, string, string]>([
  ['pH 61', { ph: '61' }, 'ph-water/text', 'problem.between'],
  ['6,1', { ph: '6,1' }, 'ph-water/text', 'problem.decimalComma'],
  ['words', { ph: 'acidic' }, 'ph-water/text', 'problem.notANumber'],
  ['buffer 8.2', { ph: '5.4', buffer: '8.2' }, 'ph-smp/text', 'problem.between'],
  ['area 0', { squareFeet: '0' }, 'shape/squareFeet', 'problem.aboveAndUpTo'],
  ['area −3', { squareFeet: '-3' }, 'shape/squareFeet', 'problem.aboveAndUpTo'],
  ['CCE 0', { label: { kind: 'CCE', percent: '0' } }, 'percent', 'problem.between'],
  ['CCE 300', { label: { kind: 'CCE', percent: '300' } }, 'percent', 'problem.between'],
  ['30 February', { planFrom: '2027-02-30' }, 'planFrom', 'problem.noSuchDay'],
])(
  'bad input has its error at its place and gives no amount: %s',
  (_name, input, place, problem) => {
    const made = plan({ ph: '5.4', buffer: '6.4', ...input });
    const [path, message] = Object.entries(made.problems)[0] ?? ['', undefined];
    expect(path.endsWith(place)).toBe(true);
    expect(message?.id).toBe(problem);
    expect(made.lawn.treatments.lime.applications).toEqual([]);
  },
);

test('steps: what is settled is done, and lapses when the sum changes', () => {
  const settled = (digest: string, input: LawnInput): Plan =>
    plan({ ...input, decisions: { ...input.decisions, 'ph-settled': digest } });
  const { lawn, steps } = plan(ORACLE);
  expect(steps).toEqual({
    ground: 'done',
    sample: 'done',
    results: 'done',
    reading: 'done',
    ph: 'decide',
    feeding: 'decide',
    calendar: 'done',
    slip: 'decide',
    diary: 'not-begun',
  });
  expect(settled(lawn.treatments.lime.digest, ORACLE).steps.ph).toBe('done');
  const later = settled(lawn.treatments.lime.digest, { ...ORACLE, buffer: '6.3' });
  expect(later.findings.map(findingKey)).toContain('lawn/limeChangedSinceSettled');
  expect(plan({}).steps).toMatchObject({ results: 'not-begun', slip: 'not-begun' });
});

test('a pack that is not here is said', () => {
  const file = { ...lawnCase(ORACLE), pack: { id: 'elsewhere', version: 9 } };
  expect(planCase(file).findings[0]).toMatchObject({
    areaId: 'case',
    name: 'packMissing',
    severity: 'stop',
  });
});

test('a potting mix is not limed by tables of soils; the laboratory may be followed', () => {
  const tubs = { kind: 'round-containers', number: '12', diameter: '20 in' } as const;
  const lime = (input: LawnInput) =>
    planCase(lawnCase({ shape: tubs, ...input })).areas[0]?.treatments.lime;
  expect(lime({ ph: '5.2', buffer: '6.2', texture: 'loam' })?.verdict).toBe('absent');
  expect(lime({ ph: '6.4' })?.verdict).toBe('none-needed');
  const followed = lime({
    ph: '5.2',
    lab: { text: '50' },
    decisions: { 'lime-method': 'laboratory' },
  });
  expect(followed?.verdict).toBe('dose');
});
