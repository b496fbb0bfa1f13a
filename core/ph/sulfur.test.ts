/**
 * Sulfur for plants of sour soil. Blueberries want 4.5 to 5.0, first aim 4.875. The table (lb S/100 ft² down to 4.5): loam
 * 2.4, 3.5, 4.6, 5.8 and sand 0.8, 1.2, 1.5, 1.9 from 5.5, 6.0, 6.5, 7.0; at 4.875 it is 1.2 × 0.75 = 0.9 and 0.3.
 */
import fc from 'fast-check';
import { fieldReport, lawnCase, type LawnInput } from '../../test/cases';
import { planCase } from '../plan';
import type { SulfurPlan } from './types';

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
  const findings = whole.findings.map(({ id }) => id.slice(id.indexOf('/') + 1));
  return { sulfur: area.sulfur, area, findings, slip: whole.slip };
}

function value(figure: SulfurPlan['gross'] | SulfurPlan['set']['total'] | undefined): number {
  return !figure || 'absent' in figure ? NaN : figure.value.value;
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
  ['an organic soil', { om: '40' }, undefined, undefined],
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
  if (verdict !== 'dose') expect(sulfur?.doses ?? []).toEqual([]);
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

test('one firm dose in season, and a test three warm months later; a second is promised nowhere', () => {
  const { sulfur, slip } = plan({ planFrom: '2027-10-04' });
  expect(sulfur?.doses.map(({ date, state }) => [date, state])).toEqual([['2027-10-04', 'firm']]);
  // November to March are cold: April, May, June.
  expect(sulfur?.testOn).toBe('2028-06-04');
  const said = slip.blocks.map((block) => ('text' in block ? block.text.id : ''));
  expect(said.filter((id) => id === 'slip.sulfur')).toHaveLength(1);
  expect(said).toContain('slip.sulfurTest');
  expect(plan({ planFrom: '2027-07-10' }).sulfur?.doses[0]?.date).toBe('2027-09-01');
});

test('the trade’s rule stands beside the table on loam alone; clay has its other version', () => {
  const schools = (texture: string) => plan({ texture }).sulfur?.options.map(({ id }) => id);
  expect(schools('loam')).toEqual(['table', 'per-tenth']);
  expect(schools('sand')).toEqual(['table']);
  expect(schools('clay-loam')).toEqual(['table', 'clay-high']);
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
        const printed = value(here?.doses[0]?.amount.printed);
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
  expect(whole.workings['lawn/sulfur/water']).toMatchObject({
    value: { value: expect.closeTo(0.1666, 3) as number, unit: 'lb/1000ft2', of: 'S' },
  });
});

test('below its range the client is told to stop what sours, and no amount', () => {
  const { slip } = plan({ ph: '3.9' });
  const said = slip.blocks.map((block) => ('text' in block ? block.text.id : ''));
  expect(said).toEqual(expect.arrayContaining(['slip.acidBelow', 'slip.acidBelowThen']));
  expect(said).not.toContain('slip.limeOpen');
});
