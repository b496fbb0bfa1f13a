/** @jest-environment jsdom */
import { demoCounty } from '../../demo/county';
import { readingGrade } from '../../test/readingGrade';
import { fieldReport, lawnCase, ORACLE, type LawnInput } from '../../test/cases';
import { planCase } from '../../core/plan/plan';
import { USUAL_OFFICE } from '../../core/casefile/office';
import { slipMail } from './slipMail';
import { slipText } from './slipText';
import { createEnglish } from '../../words/english';

const VOICE = createEnglish();

test('the slip as text says the same pounds and dates', () => {
  const file = lawnCase(ORACLE);
  const written = slipText(file, planCase(file), VOICE);
  expect(written).toContain('MAIN LAWN, 6,200 SQUARE FEET');
  expect(written).toContain('Buy 12 bags of pelletized limestone, 40 lb a bag');
  expect(written).toContain(
    '- 4 Oct 2027: spread 236 lb of pelletized limestone, that is 5.9 bags. Walk 118 lb of it one way and 118 lb across.',
  );
  expect(written).toContain('- 4 Aug 2028: bring a new soil sample.');
  expect(written).toContain('Local code first.');
});

test('"nothing to do" is a finished slip', () => {
  const file = lawnCase({ ph: '6.4', om: '35' });
  const plan = planCase(file);
  expect(slipText(file, plan, VOICE)).toContain('No lime: your soil pH needs none.');
  expect(slipText(file, plan, VOICE)).toContain('Test the soil again around 4 Oct 2030.');
  expect(plan.steps.slip).toBe('done');
});

const PAGE_WORDS: readonly [
  name: string,
  input: LawnInput,
  says: readonly string[],
  not: RegExp,
][] = [
  [
    'soil that is not acidic needs no lime, said once',
    { ph: '7.6' },
    ['Your soil is not acidic: pH 7.6. It needs no lime.'],
    /your soil pH needs none/,
  ],
  [
    'what is high enough and is kept there says so for phosphorus as for potassium',
    { plant: 'rhubarb', ph: '6.5', om: '3', cec: '12', p: { text: '30' }, k: { text: '120' } },
    [
      'Phosphorus is high enough; a little keeps it there.',
      'Potassium is high enough; a little keeps it there.',
    ],
    /high enough\./,
  ],
  [
    'sod is laid, not sown',
    { situation: 'tilled', growing: { form: 'sod' }, ph: '6.5', p: { text: '8' } },
    ['before you lay the sod'],
    /before you sow/,
  ],
  [
    'what is asked before sulfur is said',
    { plant: 'camellia', ph: '7.2', texture: 'loam' },
    ['No sulfur yet. First see whether the soil fizzes when you drip vinegar on it.'],
    /one more answer/,
  ],
  [
    'what a local rule forbids is not called unneeded',
    { ph: '6.5', om: '3', cec: '12', p: { text: '8' }, rules: { 'p-by-test': {} } },
    ['Phosphorus is low, but a local rule allows none here now.'],
    /none is needed/,
  ],
  [
    'meals for a crop begin at its planting, whatever little another brings',
    {
      ...{ plant: 'broccoli', planFrom: '2027-07-20', situation: 'tilled', squareFeet: '200' },
      ...{ ph: '6.5', om: '3', cec: '12', p: { text: '12' }, k: { text: '80' } },
      decisions: { organic: 'yes' },
    },
    ['Week of 20 Jul 2027 (at planting, worked in): spread 2 lb of blood meal'],
    /Sep 2027/,
  ],
  [
    'what is short and has a carrier is bought',
    {
      ...{ plant: 'tomato', squareFeet: '200', ph: '6.7', om: '3', cec: '12' },
      more: { mg: { text: '30', unit: 'ppm' }, ca: { text: '1100', unit: 'ppm' } },
    },
    ['Buy 2 lb of Epsom salt.'],
    /gypsum/,
  ],
  [
    'acres of lime come in bulk, and nobody counts two dozen cups',
    { ...{ plant: 'alfalfa', squareFeet: '87120', situation: 'tilled' }, ph: '6.0', buffer: '6.6' },
    ['For more than a ton of lime ask a farm supplier about ground limestone in bulk.'],
    /cups/,
  ],
];

test.each(PAGE_WORDS)('%s', (_name, input, says, not) => {
  const file = lawnCase(input);
  const page = slipText(file, planCase(file), VOICE);
  for (const words of says) expect(page).toContain(words);
  expect(page).not.toMatch(not);
});

test('nobody counts more than a dozen cups', () => {
  const counted = Array.from({ length: 40 }, (_none, size) => {
    const file = lawnCase({
      plant: 'boxwood',
      squareFeet: `${(size + 1) * 25}`,
      ph: '5.0',
      texture: 'loam',
    });
    const page = slipText(file, planCase(file), VOICE);
    return [...page.matchAll(/about (\d+)[¼½¾]? cups/g)].map(([, cups]) => Number(cups));
  }).flat();
  expect(counted.length).toBeGreaterThan(10);
  expect(Math.max(...counted)).toBeLessThanOrEqual(12);
});

/** Pounds and ounces as the page writes them. */
function poundsOf(amount: string): number {
  const [, number = '', unit] = /^([\d.,]+) (lb|oz)$/.exec(amount) ?? [];
  return Number(number.replace(',', '')) / (unit === 'oz' ? 16 : 1);
}

/**
 * Nutrients from nothing but the printed page: the size in the heading, the amounts, and the grades
 * in the products' names. Shares no code with the core.
 */
function nutrientsOnPaper(page: string): { nutrients: number[]; squareFeet: number } {
  const squareFeet = Number(/, ([\d,]+) SQUARE FEET/.exec(page)?.[1]?.replace(',', '') ?? NaN);
  const doses = [
    ...page.matchAll(/spread ([\d.,]+ (?:lb|oz)) of [a-zA-Z -]*?([\d.]+)-([\d.]+)-([\d.]+)/g),
  ];
  const nutrients = [2, 3, 4].map((index) =>
    doses.reduce((sum, dose) => sum + (poundsOf(dose[1] ?? '') * Number(dose[index])) / 100, 0),
  );
  return { nutrients, squareFeet };
}

test.each<[string, LawnInput]>([
  ['a lawn', { ph: '6.5', p: { text: '8' }, k: { text: '75' }, clippings: 'removed' }],
  [
    'raised beds, phosphate that brings nitrogen',
    {
      ph: '6.5',
      om: '3.4',
      p: { text: '8' },
      k: { text: '75' },
      plant: 'mixed-vegetables',
      shape: { kind: 'raised-beds', number: '4', length: `12' 6"`, width: '4' },
      decisions: {
        'feed-p': 'diammonium-phosphate-18-46-0',
        'feed-k': 'potassium-nitrate-13-0-44',
      },
    },
  ],
  [
    'one trip',
    {
      ph: '6.5',
      om: '3.4',
      p: { text: '20' },
      k: { text: '75' },
      plant: 'mixed-vegetables',
      squareFeet: '900',
      decisions: { 'feed-way': 'one-trip', 'feed-one': 'fertilizer-16-4-8' },
    },
  ],
])('the nutrients on paper are those of the plan: %s', (_name, input) => {
  const file = lawnCase(input);
  const plan = planCase(file);
  const { nutrients, squareFeet } = nutrientsOnPaper(slipText(file, plan, VOICE));
  const { balance, parts } = plan.areas[0]?.treatments.fertilizer.chosen ?? { parts: [] };
  expect(nutrients[0]).toBeGreaterThan(0);
  const rounding = parts.reduce(
    (sum, { set }) => sum + ('absent' in set.rounding ? NaN : Math.abs(set.rounding.value.value)),
    0,
  );
  (['N', 'P2O5', 'K2O'] as const).forEach((nutrient, index) => {
    const delivered = balance?.[nutrient].delivered;
    const said = delivered && !('absent' in delivered) ? delivered.value.value : NaN;
    const grade = Math.max(...parts.map(({ material }) => material.grade[nutrient])) / 100;
    const off = Math.abs((nutrients[index] ?? NaN) - (said * squareFeet) / 1000);
    expect(off).toBeLessThanOrEqual(rounding * grade + 1e-6);
    // Every nutrient that the plan delivers is on the paper, so that nothing equals nothing.
    if (said > 0) expect(nutrients[index]).toBeGreaterThan(0);
  });
});

test('with several pieces of ground the page says once what to buy', () => {
  const file = lawnCase({ ph: '5.4', buffer: '6.4', clippings: 'returned' });
  const [lawn] = Object.values(file.areas);
  if (!lawn) throw new Error('no lawn');
  const areas = { lawn, bed: { ...lawn, id: 'bed', order: 2, name: 'Kitchen bed' } };
  const samples = {
    s1: { id: 's1', name: '', areaIds: ['lawn', 'bed'], takenOn: '', lead: '' as const },
  };
  const page = slipText({ ...file, areas, samples }, planCase({ ...file, areas, samples }), VOICE);
  expect(page).toContain('WHAT TO BUY');
  expect(page.match(/Local code first\./g)).toHaveLength(1);
  expect(page).toContain('KITCHEN BED, 6,200 SQUARE FEET');
  expect(page).not.toMatch(/^Buy /m);
});

test('untested ground asks for a test and is told nothing of lime', () => {
  const file = lawnCase({ untested: true, plant: 'mixed-vegetables' });
  const page = slipText(file, planCase(file), VOICE);
  expect(page).toContain('Your soil has not been tested. Bring a sample');
  expect(page).not.toMatch(/limestone|[1-9]\d*-0$/m);
});

test('bare ground is told how deep, by the depth that was decided', () => {
  const tilled = { ...ORACLE, situation: 'tilled' as const };
  const said = (decisions = {}) => {
    const file = lawnCase({ ...tilled, decisions });
    return slipText(file, planCase(file), VOICE);
  };
  expect(said()).toContain('Work the lime into the top 6 inches.');
  expect(said({ 'lime-depth': '4' })).toContain('Work the lime into the top 4 inches.');
});

/** Words of the laboratory and of the trade's interior that no client should have to read. */
const FORBIDDEN =
  /\b(ppm|CEC|CCE|ECCE|meq|Mehlich|Bray|extractant|buffer|SMP|P2O5|K2O|lb\/acre|lb\/1000)\b/i;

test.each(demoCounty('2027-10-04').map((file) => [file.title, file] as const))(
  'the slip has none of the laboratory’s words: %s',
  (_title, file) => {
    const page = slipText({ ...file, client: { ...file.client, name: '' } }, planCase(file), VOICE);
    // Lead is told with its number and its unit: whoever is called about it will ask for both.
    const rest = page.split('\n').filter((line) => !line.startsWith('Lead'));
    expect(FORBIDDEN.exec(rest.join('\n'))?.[0]).toBeUndefined();
    expect(page).not.toMatch(/undefined|NaN|\{|\}/);
  },
);

test('an e-mail has lines of at most 72 letters, and the office signs it', () => {
  const file = lawnCase(ORACLE);
  const words = `${'long words '.repeat(20)}\n\nThe end.`;
  const paragraphs = { q: { id: 'q', order: 1, name: 'Own', text: words, spanish: '' } };
  const own = { ...file, paragraphs };
  const office = { ...USUAL_OFFICE, signature: 'Ines Odera', contact: '3 Weir Street' };
  const page = slipMail(own, planCase(own), office, VOICE);
  const lines = page.split('\n');
  expect(Math.max(...lines.map((line) => line.length))).toBeLessThanOrEqual(72);
  expect(lines).toContain('The end.');
  const at = lines.indexOf('WHOM TO ASK');
  expect(lines.slice(at + 2, at + 5)).toEqual(['Ines Odera', '', '3 Weir Street']);
  // Nothing but the breaks differs from the text a line a sentence.
  const flat = (text: string): string => text.replace(/\s+/g, ' ').trim();
  expect(flat(page)).toBe(flat(slipText(own, planCase(own), VOICE, office)));
});

test('a page without names has neither the client’s nor the case’s', () => {
  const file = lawnCase({ ...ORACLE });
  const decision = { what: 'slip-unnamed' as const, value: 'yes', reason: '', at: '' };
  const decisions = { 'case:slip-unnamed': decision };
  const unnamed = { ...file, client: { ...file.client, name: 'Ada Quill' }, decisions };
  const page = slipText(unnamed, planCase(unnamed), VOICE);
  expect(page).toMatch(/^What your soil needs\n/);
  expect(page).not.toMatch(/Quill|Weir Cottage/);
});

test.each(demoCounty('2027-10-04').map((file) => [file.title, file] as const))(
  'the slip can be read by a twelve-year-old: %s',
  (_title, file) => {
    const plan = planCase(file);
    if (plan.slip.blocks.length === 0) return;
    expect(readingGrade(slipText(file, plan, VOICE))).toBeLessThanOrEqual(7);
  },
);

test('a kit’s readings are told as a span, never as their mean', () => {
  const kit = (...phs: string[]): string => {
    const file = lawnCase({ reports: [fieldReport('kit', phs)] });
    return slipText(file, planCase(file), VOICE);
  };
  expect(kit('6.0', '6.5')).toContain('about pH 6.0 to pH 6.5');
  expect(kit('6.0', '6.5')).not.toContain('6.25');
  expect(kit('5.5', '5.5')).toContain('about pH 5.5');
});

test('names of 300 letters, another direction and markup stand on the page as they were typed', () => {
  const name = `${'Maximiliana '.repeat(25)}‏שלום`;
  const file = lawnCase(ORACLE);
  const { lawn } = file.areas;
  if (!lawn) throw new Error('no lawn');
  const words = '<script>alert(1)</script> {plural} **bold** & &amp; \\ $&';
  const odd = {
    ...file,
    client: { ...file.client, name },
    areas: { lawn: { ...lawn, name: '{name} <b>lawn</b>' } },
    paragraphs: { q: { id: 'q', order: 1, name: 'Own', text: words, spanish: '' } },
  };
  const page = slipText(odd, planCase(odd), VOICE);
  expect(page).toContain(name);
  expect(page).toContain(words);
  expect(page).toContain('{NAME} <B>LAWN</B>, 6,200 SQUARE FEET');
});

test('forty areas are one page, in one calendar, each by its name', () => {
  const file = lawnCase(ORACLE);
  const { lawn } = file.areas;
  const { s1 } = file.samples;
  if (!lawn || !s1) throw new Error('no lawn');
  const ids = Array.from({ length: 40 }, (_none, at) => `a${at}`);
  const areas = Object.fromEntries(
    ids.map((id, at) => [id, { ...lawn, id, order: at, name: `Bed ${at + 1}` }]),
  );
  const many = { ...file, areas, samples: { s1: { ...s1, areaIds: ids } } };
  const page = slipText(many, planCase(many), VOICE);
  for (const number of [1, 17, 40]) expect(page).toContain(`BED ${number}, 6,200 SQUARE FEET`);
  expect(page.match(/WHAT TO DO, BY DATE/g)).toHaveLength(1);
  expect(page.match(/Local code first\./g)).toHaveLength(1);
  // 40 × 2 firm applications of 236 lb, in whole bags for all of it together.
  expect(page).toMatch(/pelletized limestone: 47\d bags, 40 lb a bag/);
});

test('an area without amounts says what is asked of it, and nothing to buy', () => {
  const file = lawnCase({ untested: true, plant: 'oak' });
  const page = slipText(file, planCase(file), VOICE);
  expect(page).toContain('Your soil has not been tested. Bring a sample');
  expect(page).not.toMatch(/WHAT TO BUY|NaN|undefined|– /);
});
