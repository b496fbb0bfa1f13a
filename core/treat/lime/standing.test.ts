/** Whether lime is due at all, and whose word counts: each a case that the page once got wrong. */
import { fieldReport, lawnCase, ORACLE, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import { daysBetween } from '../../kernel/typed/date';
import type { Figure } from '../../kernel/working/working';

function plan(input: LawnInput) {
  const whole = planCase(lawnCase(input));
  const [area] = whole.areas;
  if (!area) throw new Error('no area');
  const page = whole.slip.blocks.flatMap((block) => ('text' in block ? [block.text.id] : []));
  return { ...area, page, findings: whole.findings.map(({ name }): string => name) };
}

function value(figure: Figure | undefined): number {
  return !figure || 'absent' in figure ? NaN : figure.value.value;
}

test('a laboratory’s lime is not followed above the window; an own amount with its reason is', () => {
  const lab: LawnInput = {
    ph: '7.4',
    lab: { text: '40' },
    decisions: { 'lime-method': 'laboratory' },
  };
  expect([plan(lab).treatments.lime.verdict, plan(lab).treatments.lime.applications]).toEqual([
    'none-needed',
    [],
  ]);
  expect(plan(lab).findings).toContain('labLimeRefused');

  const decisions = { 'lime-method': 'own', 'lime-own': '40' } as const;
  const own = plan({ ph: '7.4', decisions, reason: 'Calcium for the clay.' });
  expect(own.treatments.lime.verdict).toBe('dose');
  expect(own.page).toContain('slip.ph.plain');
  // Nothing on the page contradicts what it tells to do.
  expect(own.page).not.toContain('slip.ph.high');
});

// Blueberries want 4.5 to 5.0 on muck too.
test.each([
  ['4.7', 'right'],
  ['6.5', 'high'],
  ['3.6', 'acidic'],
])('plants of acidic soil on muck go by their own range: %s is %s', (ph, standing) => {
  const muck = plan({ plant: 'blueberry', om: '45', ph });
  expect([muck.readings.organic, muck.treatments.lime.standing]).toEqual([true, standing]);
  expect(muck.page.includes('slip.ph.acidHigh')).toBe(standing === 'high');
});

test.each([
  ['40', '', '', 'square-feet', true],
  ['40', '35', '', 'square-feet', true],
  ['40', '12', '', 'square-feet', false],
  ['40', '', 'loam', 'square-feet', false],
  ['40', '', '', 'raised-beds', false],
  ['40', '', '', 'box-containers', false],
  ['12', '', '', 'square-feet', false],
] as const)('organic matter %s, CEC %s, %s, %s: muck %s', (om, cec, texture, kind, muck) => {
  const shape = { kind, number: '2', length: '8', width: '48 in', depth: '12 in' };
  expect(plan({ om, cec, texture, shape, ph: '6' }).readings.organic).toBe(muck);
});

test('a probe that says now lime and now none says nothing of the soil', () => {
  const probe = plan({ texture: 'loam', reports: [fieldReport('probe', ['4.8', '6.9'])] });
  expect(probe.page).toContain('slip.ph.unsure');
  expect(probe.page).not.toContain('slip.ph.acidic');
  expect(probe.treatments.lime.isDosed).toBe(false);
});

test('a kit is taken at its middle: 5.5 ± 0.5 is too acidic, and too rough for an amount of nothing', () => {
  const kit = plan({ texture: 'loam', reports: [fieldReport('kit', ['5.0', '6.0'])] });
  expect([kit.treatments.lime.standing, kit.page.includes('slip.ph.acidic')]).toEqual([
    'acidic',
    true,
  ]);
  expect(kit.page).not.toContain('slip.ph.right');
});

// NCR-221, SMP to 6.0: 1.7 tons at 6.7 and 1.0 at 6.8, so 1.35 at 6.75; × 3 ÷ 8 × 2000 ÷ 43.56 = 23.2 lb/1000 ft²,
// of hydrated lime × 90 ÷ 130 = 16.1. The pack's least is 20 lb; 1.0 ton is 17.2 lb of lime.
test.each([
  ['6.75', 23.24, 16.09, 'dose'],
  ['6.8', 17.22, 11.92, 'not-worth-a-trip'],
])(
  'what is worth a trip is told by lime, not by the weight of a strong product: %s',
  (buffer, lime, product, verdict) => {
    const found = plan({
      ph: '5.9',
      buffer,
      situation: 'tilled',
      decisions: { 'lime-material': 'hydrated', 'lime-target': '6.0', 'lime-depth': '3' },
    }).treatments.lime;
    expect(value(found.methods.find(({ chosen }) => chosen)?.option.advised)).toBeCloseTo(lime, 2);
    expect(value(found.rate)).toBeCloseTo(product, 2);
    expect(found.verdict).toBe(verdict);
  },
);

// The SMP table of NCR-221 has columns for 6.0, 6.5 and 7.0.
test('a target between two columns is answered by the next, which is said and which the outlook reaches', () => {
  const between = plan({ ...ORACLE, decisions: { 'lime-target': '6.2', 'lime-method': 'smp' } });
  expect(between.findings).toContain('targetColumn');
  const at = plan({ ...ORACLE, decisions: { 'lime-target': '6.5', 'lime-method': 'smp' } });
  expect(at.findings).not.toContain('targetColumn');
  expect(value(between.treatments.lime.rate)).toBeCloseTo(value(at.treatments.lime.rate), 9);
  const last = (of: typeof at): number => value(of.outlook.at(-1)?.ph);
  expect(last(between)).toBeCloseTo(last(at), 9);
});

// Adams & Evans 1962: their 1.5 stands for limestone as it is sold; a label says what this one is.
test('the factor of Adams–Evans gives way to the label', () => {
  const input: LawnInput = {
    ph: '5.4',
    more: { 'ph-adams-evans': { text: '7.6' } },
    decisions: { 'lime-method': 'adams-evans' },
  };
  const plain = value(plan(input).treatments.lime.rate);
  const label = { kind: 'ECCE', percent: '90' } as const;
  const labelled = value(plan({ ...input, label }).treatments.lime.rate);
  expect(labelled / plain).toBeCloseTo(1 / 1.5 / 0.9, 9);
});

test('hydrated lime that is passed with a reason: two firm applications, then a test', () => {
  const { applications, testOn } = plan({
    ...ORACLE,
    ph: '5.2',
    buffer: '6.4',
    decisions: { 'lime-material': 'hydrated' },
    reason: 'Nothing else is to be had.',
  }).treatments.lime;
  expect(applications.map(({ state }) => state)).toEqual(['firm', 'firm', 'conditional']);
  const [, , third] = applications;
  if (!third || !testOn) throw new Error('no third application');
  expect(daysBetween(testOn, third.date)).toBeGreaterThan(0);
});

test.each([
  ['lime-method', 'divining-rod'],
  ['lime-method', 'constructor'],
  ['lime-material', 'moon-dust'],
  ['sulfur-material', 'moon-dust'],
  ['feed-n', 'moon-dust'],
  ['feed-source', 'hearsay'],
  ['feed-way', 'by-air'],
] as const)('a choice that nobody knows is said: %s %s', (what, decided) => {
  const { findings } = plan({ ...ORACLE, om: '3', decisions: { [what]: decided } });
  expect(findings.filter((name) => name === 'choiceUnknown')).toHaveLength(1);
});

test.each([
  ['bray-1', true],
  ['mehlich-1', false],
])('years until phosphorus has fallen are told of %s: %s', (method, told) => {
  const pack = method === 'mehlich-1' ? { id: 'southeast-mehlich-1', version: 1 } : undefined;
  const { reading } = plan({
    plant: 'mixed-vegetables',
    ph: '6.5',
    om: '3',
    p: { text: '200', method },
    ...(pack ? { pack } : {}),
  });
  const excess = reading.lines.find(({ analyte }) => analyte === 'p')?.excess ?? [];
  expect(excess.some(({ id }) => /^excess\.(falls|decades)$/.test(id))).toBe(told);
});

// Berger & Truog: more than 5 ppm by hot water is poison to most; beans bear less.
test.each([
  ['6', 'mixed-vegetables', 3],
  ['6', 'snap-bean', 3],
  ['3', 'snap-bean', 2],
  ['3', 'mixed-vegetables', 0],
])('boron of %s ppm before %s limits by %s', (text, plant, limits) => {
  const { reading } = plan({ plant, ph: '6.5', more: { b: { text, method: 'hot-water' } } });
  expect(reading.lines.find(({ analyte }) => analyte === 'b')?.limits).toBe(limits);
});

test('a kit alone gives one light application at most, whatever the table says', () => {
  const { treatments } = plan({
    texture: 'silt-loam',
    reports: [fieldReport('kit', ['4.5', '5.0'])],
  });
  const { applications, rate } = treatments.lime;
  expect(applications).toHaveLength(1);
  expect('absent' in rate ? 0 : rate.value.value).toBeLessThanOrEqual(50);
});
