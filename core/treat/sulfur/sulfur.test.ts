/**
 * Sulfur for acid-loving plants. Blueberries want 4.5 to 5.0, first aim 4.875. The table (lb S/100 ft² down to 4.5): loam
 * 2.4, 3.5, 4.6, 5.8 and sand 0.8, 1.2, 1.5, 1.9 from 5.5, 6.0, 6.5, 7.0; at 4.875 it is 1.2 × 0.75 = 0.9 and 0.3.
 */
import type { PastEntry } from '../../casefile/parts/past';
import fc from 'fast-check';
import { fieldReport, lawnCase, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import type { Figure } from '../../kernel/working/working';
import { PLANTS } from '../../catalog/plants/plants';

const BUSHES: LawnInput = {
  plant: 'blueberry',
  situation: 'established',
  squareFeet: '100',
  ph: '6.0',
  texture: 'loam',
};

function plan(input: LawnInput = {}) {
  const whole = planCase(lawnCase({ ...BUSHES, ...input }));
  const [area] = whole.areas;
  if (!area) throw new Error('no area');
  const findings = whole.findings.map(({ name }): string => name);
  return { sulfur: area.treatments.sulfur, area, findings, slip: whole.slip };
}

function value(figure: Figure | undefined): number {
  return !figure || 'absent' in figure ? NaN : figure.value.value;
}

function spread(text: string, on: string, percent: string): Partial<PastEntry> {
  return { kind: 'sulfur', on, percent, amount: { text, unit: 'lb/1000ft2', method: '' } };
}

test.each<[string, LawnInput, string | undefined, string | undefined]>([
  ['loam at 6.0', {}, 'dose', undefined],
  ['at 7.1 nobody has tried vinegar, and need not', { ph: '7.1' }, 'dose', undefined],
  ['from 7.2 it is asked', { ph: '7.2' }, 'ask', 'sulfur.why.askFizz'],
  ['no fizz at 7.2', { ph: '7.2', decisions: { fizz: 'no' } }, 'dose', undefined],
  ['no fizz at 7.5', { ph: '7.5', decisions: { fizz: 'no' } }, 'dose', undefined],
  ['a test at 7.6', { ph: '7.6', decisions: { fizz: 'no' } }, 'ask', 'sulfur.why.carbonateTest'],
  ['refused above 7.8', { ph: '7.9', decisions: { fizz: 'no' } }, 'refused', 'sulfur.why.tooHigh'],
  [
    'fizz at 7.1: a chalky bed',
    { ph: '7.1', decisions: { fizz: 'yes' } },
    'refused',
    'sulfur.why.fizz',
  ],
  ['fizz at any pH', { ph: '5.4', decisions: { fizz: 'yes' } }, 'refused', 'sulfur.why.fizz'],
  ['no texture, no amount', { texture: '' }, 'ask', 'sulfur.why.texture'],
  ['sulfur of last month is at work', { alsoSpread: ['sulfur'] }, 'wait', 'sulfur.why.wait'],
  ['within the range', { ph: '4.8' }, undefined, undefined],
  ['below it', { ph: '3.9' }, undefined, undefined],
  ['no plant of sour soil', { plant: 'tomato', ph: '7.4' }, undefined, undefined],
  ['an organic soil', { om: '40', texture: '' }, undefined, undefined],
  ['plants at odds', { plant: 'asparagus', sharing: ['blueberry'] }, undefined, undefined],
  [
    'a mix in tubs',
    { shape: { kind: 'round-containers', number: '3', diameter: '20 in' } },
    undefined,
    undefined,
  ],
])('worth it? %s', (_name, input, verdict, why) => {
  const { sulfur } = plan(input);
  expect([sulfur?.verdict, sulfur?.why?.id]).toEqual([verdict, why]);
  if (verdict !== 'dose') expect(sulfur?.applications ?? []).toEqual([]);
});

test.each<[string, string, number, number]>([
  // texture, pH, S in all, first dose: lb/1000 ft²; caps 5 on sand and 10 else
  ['loam', '6.0', 26, 10],
  ['silt-loam', '7.0', 49, 10],
  ['sand', '6.0', 9, 5],
  ['sandy-loam', '5.5', 5, 5],
  ['clay-loam', '5.5', 15.5, 10],
  // between rows: 3.5 + 0.4 × 1.1 − 0.9 = 3.04
  ['loam', '6.2', 30.4, 10],
  // little to go: (1.2 + 0.2 × 1.2) − 0.9 = 0.54, all of it at once
  ['loam', '5.1', 5.4, 5.4],
])('%s at pH %s: %d in all, %d now', (texture, ph, gross, first) => {
  const { sulfur } = plan({ texture, ph });
  // Clay at 4.875 is 1.4 × 0.75 = 1.05.
  expect(value(sulfur?.gross)).toBeCloseTo(gross, 5);
  expect(value(sulfur?.first)).toBeCloseTo(first, 5);
});

test('before planting more goes in at once, worked in', () => {
  const { sulfur } = plan({ situation: 'tilled' });
  expect(value(sulfur?.first)).toBeCloseTo(20, 5);
});

test.each<[string, string | undefined, number]>([
  // 100 ft², 1 lb S: ÷ 0.9, ÷ 0.99, ÷ 0.3, ÷ a label's 0.45
  ['sulfur-prills-90', undefined, 1.111],
  ['sulfur-powder-99', undefined, 1.01],
  ['sulfur-mix-30', undefined, 3.333],
])('purity once: %s', (id, _label, pounds) => {
  const { sulfur } = plan({ decisions: { 'sulfur-material': id } });
  expect(value(sulfur?.set.total)).toBeCloseTo(pounds, 3);
});

test.each(['130', '0', '<30'])(
  'a purity of %s %% is a problem at its place, and nothing is dosed',
  (percent) => {
    const labels = { 'sulfur-prills-90': { percent } };
    const { problems, areas } = planCase(lawnCase({ ...BUSHES, labels }));
    expect(problems['labels/sulfur-prills-90/percent']).toBeDefined();
    expect(areas[0]?.treatments.sulfur?.applications).toEqual([]);
  },
);

test('one firm dose in season, and a test three warm months later; a second is promised nowhere', () => {
  const { sulfur, slip } = plan({ planFrom: '2027-10-04' });
  expect(sulfur?.applications.map(({ date, state }) => [date, state])).toEqual([
    ['2027-10-04', 'firm'],
  ]);
  // Soil is at 55 °F until 10 Oct and again from 2 May: 90 days of it are over on 24 Jul.
  expect(sulfur?.testOn).toBe('2028-07-24');
  const said = slip.blocks.map((block) => ('text' in block ? block.text.id : ''));
  expect(said.filter((id) => id === 'slip.sulfur')).toHaveLength(1);
  expect(said).toContain('slip.sulfurTest');
  expect(plan({ planFrom: '2027-07-10' }).sulfur?.applications[0]?.date).toBe('2027-09-01');
});

test('the trade’s rule stands beside the table on loam alone; clay has its other version', () => {
  const schools = (texture: string) => plan({ texture }).sulfur?.options.map(({ id }) => id);
  expect(schools('loam')).toEqual(['table', 'garden', 'per-tenth', 'cec']);
  expect(schools('sand')).toEqual(['table', 'cec']);
  expect(schools('clay-loam')).toEqual(['table', 'clay-high', 'cec']);
});

const LAWN: LawnInput = { plant: 'tall-fescue', ph: '7.4', texture: 'loam', cec: '12' };
const ACIDIFIED = { 'sulfur-wanted': 'yes', fizz: 'no' } as const;

test('other plants are soured only where the advisor asks for it', () => {
  expect(plan(LAWN).sulfur).toBeUndefined();
  expect(plan({ ...LAWN, decisions: { fizz: 'no' } }).sulfur).toBeUndefined();
  expect(plan({ ...LAWN, ph: '6.4', decisions: ACIDIFIED }).sulfur).toBeUndefined();
  const { sulfur } = plan({ ...LAWN, decisions: ACIDIFIED });
  // 5.8 to 7.0: first aim 6.7. To 6.5: 7.4 is 150 + 0.8 × 650 = 670 lb/acre, 6.7 is 60: 610 ÷ 43.56
  expect(sulfur?.options[0]).toMatchObject({ id: 'to-six-five' });
  expect(value(sulfur?.gross)).toBeCloseTo(14.0, 2);
});

test.each<[string, LawnInput, number]>([
  ['turf, 5 lb at a time', LAWN, 5],
  ['turf that is cut close, half a pound', { ...LAWN, plant: 'creeping-bentgrass' }, 0.5],
  // 3 lb of 90 % since the spring: 10 − 2.7 = 7.3 leaves a whole dose
  ['3 lb half a year ago', { ...LAWN, past: [spread('3', '2027-04-01', '90')] }, 5],
  // 8 lb, no percentage told: pure, 10 − 8
  ['8 lb half a year ago', { ...LAWN, past: [spread('8', '2027-04-01', '')] }, 2],
  ['8 lb more than a year ago', { ...LAWN, past: [spread('8', '2026-04-01', '')] }, 5],
])('caps: %s', (_name, input, first) => {
  const { sulfur } = plan({ ...input, decisions: ACIDIFIED });
  expect(sulfur?.verdict).toBe('dose');
  expect(value(sulfur?.first)).toBeCloseTo(first, 6);
});

test('what a year allows has gone on: wait until it is over; an amount nobody told is asked for', () => {
  const full = plan({
    ...LAWN,
    past: [spread('12', '2027-04-01', '99')],
    decisions: ACIDIFIED,
  }).sulfur;
  expect([full?.verdict, full?.why?.params]).toEqual(['wait', { date: { date: '2028-04-01' } }]);
  const untold = plan({
    ...LAWN,
    past: [spread('', '2027-04-01', '')],
    decisions: ACIDIFIED,
  }).sulfur;
  expect([untold?.verdict, untold?.why?.id]).toEqual(['ask', 'sulfur.why.past']);
});

test('aluminum sulfate: six times the weight, five pounds on 100 ft² at most, never on blueberries', () => {
  const decisions = { 'sulfur-material': 'aluminum-sulfate' };
  const shrubs = plan({ plant: 'camellia', ph: '6.6', decisions }).sulfur;
  // 1 lb S on 100 ft² is 6 lb of it: capped at 5
  expect(value(shrubs?.set.total)).toBeCloseTo(5, 6);
  const little = plan({ plant: 'camellia', ph: '6.6', texture: 'sand', decisions }).sulfur;
  expect(value(little?.set.total)).toBeCloseTo(3, 6);
  const bushes = plan({ decisions });
  expect(bushes.sulfur?.chosenMaterial.id).toBe('sulfur-prills-90');
  expect(bushes.findings).toContain('aluminumRefused');
  const iron = plan({ texture: 'sand', decisions: { 'sulfur-material': 'iron-sulfate' } }).sulfur;
  expect(value(iron?.set.total)).toBeCloseTo(4, 6);
});

test('as printed no sulfate passes its own cap, and no dose what the year still allows', () => {
  for (let feet = 30; feet < 400; feet += 17) {
    const squareFeet = String(feet);
    const alum = plan({
      plant: 'camellia',
      ph: '6.6',
      squareFeet,
      decisions: { 'sulfur-material': 'aluminum-sulfate' },
    }).sulfur;
    expect(value(alum?.applications[0]?.amount.printed)).toBeLessThanOrEqual(
      (5 * feet) / 100 + 1e-9,
    );
    const rest = plan({
      ...LAWN,
      squareFeet,
      past: [spread('8', '2027-04-01', '')],
      decisions: ACIDIFIED,
    });
    const product = value(rest.sulfur?.applications[0]?.amount.printed);
    expect(product * 0.9).toBeLessThanOrEqual((2 * feet) / 1000 + 1e-9);
  }
});

test('an own amount needs a reason, keeps the cap, and stands on the slip as the advisor’s', () => {
  const decisions = { 'sulfur-own': '0.4' };
  expect(plan({ decisions }).sulfur?.verdict).toBe('ask');
  const own = plan({ decisions, reason: 'A light hand.' });
  expect(value(own.sulfur?.first)).toBeCloseTo(4, 6);
  expect(JSON.stringify(own.slip)).toContain('A light hand.');
  const much = plan({ decisions: { 'sulfur-own': '9' }, reason: 'Much.' });
  expect(value(much.sulfur?.first)).toBeCloseTo(10, 6);
});

test.each<[string, LawnInput, string]>([
  ['before the last one has worked', { alsoSpread: ['sulfur'] }, 'sulfurTooSoon'],
  ['near the lower end', { ph: '4.7' }, 'sulfurNearEdge'],
])('an amount entered %s stops', (_name, input, id) => {
  const file = lawnCase({ ...BUSHES, ...input, decisions: { 'sulfur-own': '1' }, reason: 'More.' });
  const found = planCase(file).findings.find(({ name }) => name === id);
  expect(found?.severity).toBe('stop');
});

test.each<[string, LawnInput, string]>([
  ['grass', { ...LAWN, decisions: ACIDIFIED }, 'slip.sulfurGrass'],
  ['bushes', {}, 'slip.sulfurOn'],
  ['dug ground', { situation: 'tilled' }, 'slip.sulfurIn'],
])('the client is told how it goes on %s, and that alone', (_name, input, id) => {
  const slip = JSON.stringify(plan(input).slip);
  const told = ['slip.sulfurGrass', 'slip.sulfurOn', 'slip.sulfurIn'];
  expect(told.filter((each) => slip.includes(`"${each}"`))).toEqual([id]);
});

test('instead: a foot of mix on the ground, and plants that like the soil as it is', () => {
  const { sulfur, slip } = plan({ ph: '7.1', decisions: { fizz: 'yes' } });
  expect(value(sulfur?.instead.mixCubicYards)).toBeCloseTo(100 / 27, 6);
  const { plants = [] } = sulfur?.instead ?? {};
  expect(plants.length).toBeGreaterThan(2);
  for (const id of plants) {
    expect(PLANTS[id]?.window.low).toBeLessThanOrEqual(7.1);
    expect(PLANTS[id]?.window.high).toBeGreaterThanOrEqual(7.1);
  }
  expect(JSON.stringify(slip)).toContain('slip.sulfurFits');
});

test('settled, it lapses when the amount changes', () => {
  const { sulfur, findings } = plan();
  expect(findings).toContain('sulfurUnsettled');
  const decisions = { 'sulfur-settled': sulfur?.digest ?? '' };
  expect(plan({ decisions }).findings).not.toContain('sulfurUnsettled');
  expect(plan({ decisions, squareFeet: '120' }).findings).toContain('sulfurUnsettled');
});

test('a kit’s range: the amount is that of its lower end, the smaller', () => {
  const kit = plan({ ph: '', reports: [fieldReport('kit', ['6.0', '6.5'])] });
  const { waterPh } = kit.area.readings;
  const low = 'absent' in waterPh ? NaN : (waterPh.range?.low ?? NaN);
  expect(value(kit.sulfur?.gross)).toBeCloseTo(value(plan({ ph: String(low) }).sulfur?.gross), 6);
});

test('laws: more as the pH rises, nothing over the cap, twice the ground twice the product', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('sand', 'sandy-loam', 'loam', 'silt-loam', 'clay-loam'),
      fc.integer({ min: 51, max: 74 }),
      fc.integer({ min: 20, max: 2000 }),
      fc.constantFrom('sulfur-prills-90', 'sulfur-powder-99', 'sulfur-mix-30'),
      (texture, tenths, feet, material) => {
        const at = (ph: number, area: number) =>
          plan({
            texture,
            ph: (ph / 10).toFixed(1),
            squareFeet: String(area),
            decisions: { fizz: 'no', 'sulfur-material': material },
          }).sulfur;
        const [here, higher, wider] = [
          at(tenths, feet),
          at(tenths + 1, feet),
          at(tenths, 2 * feet),
        ];
        expect(value(higher?.gross)).toBeGreaterThanOrEqual(value(here?.gross));
        const cap = texture.startsWith('sand') ? 5 : 10;
        expect(value(here?.first)).toBeLessThanOrEqual(cap);
        const share = { 'sulfur-prills-90': 0.9, 'sulfur-powder-99': 0.99, 'sulfur-mix-30': 0.3 };
        const printed = value(here?.applications[0]?.amount.printed);
        const most = (cap / share[material as keyof typeof share] / 1000) * feet;
        expect(printed).toBeLessThanOrEqual(most + 1e-9);
        expect(value(wider?.set.total)).toBeCloseTo(2 * value(here?.set.total), 6);
      },
    ),
    { numRuns: 60 },
  );
});

test('water of 100 mg/L of alkalinity takes 0.167 lb S on 1000 ft² for each inch', () => {
  // 22.66 lb CaCO3 on an acre-inch ÷ 3.122 ÷ 43.56
  const whole = planCase(lawnCase({ ...BUSHES, more: { 'water-alkalinity': { text: '100' } } }));
  expect(whole.workings.get('lawn/sulfur/water')).toMatchObject({
    value: { value: expect.closeTo(0.1666, 3) as number, unit: 'lb/1000ft2', of: 'S' },
  });
});

test('below its range the client is told to stop what sours, and no amount', () => {
  const { slip } = plan({ ph: '3.9' });
  const said = slip.blocks.map((block) => ('text' in block ? block.text.id : ''));
  expect(said).toEqual(expect.arrayContaining(['slip.acidBelow', 'slip.acidBelowThen']));
  expect(said).not.toContain('slip.limeOpen');
});
