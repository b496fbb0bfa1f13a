/** What is spread: the label read once, materials that do not belong, magnesium, money. Invented data. */
import type { Label } from '../../casefile/parts/label';
import { lawnCase, ORACLE, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import { valueOf, type Figure } from '../../kernel/working/working';

function plan(input: LawnInput) {
  const whole = planCase(lawnCase({ ...ORACLE, label: {}, ...input }));
  const [area] = whole.areas;
  if (!area) throw new Error('no area');
  const findings = whole.findings.map(({ name }): string => name);
  const slip = JSON.stringify(whole.slip);
  return { lime: area.treatments.lime, findings, slip, problems: whole.problems };
}

function number(figure: Figure | undefined): number {
  return figure ? (valueOf(figure)?.value ?? NaN) : NaN;
}

const at = 'labels/calcitic-pelletized';
const sieves = { '8': '95', '20': '70', '60': '50' };

test.each<[string, Partial<Label>, string, string]>([
  ['CCE 0', { percent: '0' }, `${at}/percent`, 'problem.between'],
  ['CCE 300', { percent: '300' }, `${at}/percent`, 'problem.between'],
  ['a score of 130', { kind: 'ECCE', percent: '130' }, `${at}/percent`, 'problem.between'],
  [
    'a score of 900 lb of 800',
    { kind: 'ECCE', scheme: 'missouri', percent: '900' },
    `${at}/percent`,
    'problem.between',
  ],
  [
    '120 % through a sieve',
    { sieves: { ...sieves, '8': '120' } },
    `${at}/sieves/8`,
    'problem.between',
  ],
  [
    'finer than what is coarser',
    { sieves: { ...sieves, '60': '80' } },
    `${at}/sieves/60`,
    'problem.sieveOrder',
  ],
  ['more water than lime', { moisture: '90' }, `${at}/moisture`, 'problem.between'],
])('%s is a problem at its place', (_name, label, place, id) => {
  expect(plan({ label }).problems[place]?.id).toBe(id);
});

test('sieves at odds give no amount', () => {
  expect(plan({ label: { sieves: { ...sieves, '60': '80' } } }).lime.verdict).toBe('absent');
});

test('where no lime is needed a material that is not advised is nothing to decide', () => {
  const { findings, lime } = plan({ ph: '6.5', decisions: { 'lime-material': 'burnt' } });
  expect(lime.verdict).toBe('none-needed');
  expect(findings).not.toContain('limeMaterialHeld');
});

test('a scheme without one of its sieves gives no amount, and says which', () => {
  const { lime } = plan({ label: { scheme: 'iowa', sieves } });
  expect(lime.verdict).toBe('absent');
  expect('absent' in lime.rate && JSON.stringify(lime.rate.absent)).toContain('"mesh":"4"');
});

test('quality is counted once: sieves, the score they make, and the table’s own stone', () => {
  const sieved = plan({ label: { percent: '90', sieves } }).lime;
  const scored = plan({ label: { kind: 'ECCE', percent: '60.3' } }).lime;
  const asTable = plan({ label: { percent: '90' } }).lime;
  expect(number(scored.rate)).toBeCloseTo(number(asTable.rate), 6);
  expect(number(sieved.rate)).toBeCloseTo(number(asTable.rate), 6);
  expect(
    plan({ label: { kind: 'ECCE', percent: '60.3', sieves, moisture: '20' } }).lime.rate,
  ).toEqual(scored.rate);
});

test('wet lime is more of it', () => {
  const [dry, wet] = ['', '10'].map((moisture) =>
    number(plan({ label: { percent: '90', moisture } }).lime.rate),
  );
  expect((wet ?? 0) * 0.9).toBeCloseTo(dry ?? 0, 6);
});

test('three bags in weight, whole bags and money; the winner changes with a price', () => {
  const bags = (price: string) => ({
    'calcitic-ground': { price: '5', percent: '85' },
    'dolomitic-ground': { price: '9' },
    'calcitic-pulverized': { price },
  });
  const winner = (price: string) =>
    plan({ labels: bags(price) })
      .lime.materials.filter(({ cheapest }) => cheapest)
      .map(({ id }) => id);
  // 107.9 lb/1000 ft² of CCE 90 on 6,200 ft²: of CCE 85 708 lb, 15 bags of 50; of CCE 96 627 lb, 13 bags
  expect(winner('7')).toEqual(['calcitic-ground']);
  expect(winner('5')).toEqual(['calcitic-pulverized']);
  const row = plan({ labels: bags('7') }).lime.materials.find(({ id }) => id === 'calcitic-ground');
  expect([number(row?.bags), number(row?.cost)]).toEqual([15, 75]);
});

test('methods differ in money by whole bags', () => {
  const { lime } = plan({
    prices: { 'calcitic-pelletized': '10' },
    label: { price: '10', bag: '1' },
  });
  const other = lime.methods.find(({ option }) => option.id === 'tri-state');
  expect(number(other?.costDifference)).toBeCloseTo(10 * Math.ceil(number(other?.difference)), 6);
});

test.each<[string, LawnInput, string | undefined, string[]]>([
  [
    'burnt lime, whatever the reason',
    { decisions: { 'lime-material': 'burnt' }, reason: 'I like it' },
    'lime.refused.burnt',
    ['limeMaterialHeld'],
  ],
  [
    'hydrated lime on a lawn',
    { decisions: { 'lime-material': 'hydrated' } },
    'lime.refused.planted',
    ['limeMaterialHeld'],
  ],
  [
    'hydrated lime with a reason',
    { decisions: { 'lime-material': 'hydrated' }, reason: 'Bare next week.' },
    undefined,
    ['limeMaterialPassed'],
  ],
  [
    'hydrated lime on dug ground',
    { situation: 'tilled', plant: 'mixed-vegetables', decisions: { 'lime-material': 'hydrated' } },
    undefined,
    [],
  ],
  [
    'ash on potatoes',
    {
      situation: 'tilled',
      plant: 'potato',
      ph: '4.6',
      lab: { text: '40' },
      decisions: { 'lime-material': 'wood-ash', 'lime-method': 'laboratory' },
    },
    'lime.refused.ash',
    ['limeMaterialHeld'],
  ],
  ['ash on a lawn', { decisions: { 'lime-material': 'wood-ash' } }, undefined, ['ashApart']],
])('%s', (_name, input, held, found) => {
  const { lime, findings, slip } = plan(input);
  expect(lime.held?.id).toBe(held);
  expect(findings).toEqual(expect.arrayContaining(found));
  if (held) expect(lime.applications).toEqual([]);
  expect(slip.includes('slip.ownMaterial')).toBe(found.includes('limeMaterialPassed'));
});

test('ash goes on 20 lb at a time and once a year; hydrated lime 5 lb at a time', () => {
  const ash = plan({ decisions: { 'lime-material': 'wood-ash' } }).lime;
  for (const { printed } of ash.set.doses)
    expect(number(printed)).toBeLessThanOrEqual(20 * 6.2 + 1e-6);
  const [first, second] = ash.applications.map(({ date }) => date);
  expect([first?.slice(0, 4), second?.slice(0, 4)]).toEqual(['2027', '2028']);
  const hydrated = plan({
    buffer: '6.7',
    situation: 'tilled',
    plant: 'mixed-vegetables',
    decisions: { 'lime-material': 'hydrated' },
  }).lime;
  for (const { printed } of hydrated.set.doses)
    expect(number(printed)).toBeLessThanOrEqual(5 * 6.2 + 1e-6);
});

test.each<[string, string, string, string]>([
  ['30', 'dolomitic-ground', 'limeForMagnesium', ''],
  ['200', 'calcitic-pelletized', '', ''],
  ['30', 'calcitic-ground', 'limeWithoutMagnesium', 'calcitic-ground'],
  ['200', 'dolomitic-ground', 'limeNeedlessMagnesium', 'dolomitic-ground'],
])('magnesium %s ppm: %s', (mg, material, finding, chosen) => {
  const { lime, findings } = plan({
    more: { mg: { text: mg } },
    ...(chosen ? { decisions: { 'lime-material': chosen } } : {}),
  });
  expect(lime.chosenMaterial.id).toBe(material);
  if (finding) expect(findings).toContain(finding);
});

test('a laboratory’s 100 lb of lime are 69 lb of hydrated, but an own amount is of the product at hand', () => {
  const bare = { situation: 'tilled', plant: 'mixed-vegetables' } as const;
  const amount = (decisions: LawnInput['decisions'] = {}) =>
    number(plan({ ...bare, lab: { text: '100' }, decisions, reason: 'As agreed.' }).lime.rate);
  const hydrated = { 'lime-material': 'hydrated' } as const;
  expect(amount({ 'lime-method': 'laboratory' })).toBe(100);
  // 100 × 90 ÷ 130
  expect(amount({ 'lime-method': 'laboratory', ...hydrated })).toBeCloseTo(69.23, 2);
  expect(amount({ 'lime-method': 'own', 'lime-own': '30', ...hydrated })).toBe(30);
});

test('what comes with it: 11 % magnesium of the dolomitic, and tons on an acre', () => {
  const { lime } = plan({ decisions: { 'lime-material': 'dolomitic-ground' } });
  expect(number(lime.brings.mg)).toBeCloseTo(number(lime.rate) * 0.11, 9);
  expect(number(lime.brings.tonsPerAcre)).toBeCloseTo((number(lime.rate) * 43.56) / 2000, 9);
});

test('a plot that is not worked bears two tons on an acre at once, and says its lime in tons', () => {
  const { lime, slip } = plan({ plant: 'alfalfa', buffer: '5.8' });
  expect(number(lime.brings.tonsPerAcre)).toBeGreaterThan(2);
  const most = (2 * 2000) / 43.56;
  expect(lime.set.doses.length).toBe(Math.ceil(number(lime.rate) / most - 1e-9));
  for (const { printed } of lime.set.doses) {
    expect(number(printed)).toBeLessThanOrEqual(most * 6.2 + 1e-6);
  }
  expect(slip).toContain('slip.limeTons');
  // Ash keeps its own cap there.
  const ash = plan({ plant: 'alfalfa', buffer: '6.4', decisions: { 'lime-material': 'wood-ash' } });
  for (const { printed } of ash.lime.set.doses) {
    expect(number(printed)).toBeLessThanOrEqual(20 * 6.2 + 1e-6);
  }
});

test('above four tons on an acre of dug ground half goes under and half on top', () => {
  const dug = { situation: 'tilled', plant: 'mixed-vegetables' } as const;
  expect(plan({ ...dug, buffer: '6.4' }).lime.inHalves).toBe(false);
  const much = plan({ ...dug, buffer: '5.6' });
  expect(number(much.lime.brings.tonsPerAcre)).toBeGreaterThan(4);
  expect([
    much.lime.inHalves,
    much.findings.includes('limeInHalves'),
    much.slip.includes('slip.limeHalves'),
  ]).toEqual([true, true, true]);
});

test('an amount of the advisor’s own stands on the slip as theirs, with its reason', () => {
  const { slip } = plan({
    decisions: { 'lime-method': 'own', 'lime-own': '60' },
    reason: 'Limed by the neighbor too.',
  });
  expect(slip).toContain('Limed by the neighbor too.');
});
