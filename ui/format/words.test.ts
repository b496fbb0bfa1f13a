import { headlinesOf } from '../../core/tell/headlines';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { lawnCase, ORACLE, type LawnInput } from '../../test/cases';
import { planCase, turnsOn } from '../../core/plan/plan';
import { PLANTS } from '../../core/catalog/plants/plants';
import { soilGroupsOf } from '../../core/reading/soilTest';
import { FURTHER_BANDS } from '../../core/catalog/packs/supplementaryBands';
import { NEWEST_PACKS, SHIPPED_PACKS } from '../../core/catalog/packs/shipped';
import { SOURCES } from '../../core/kernel/sources';
import { PACK_PARTS, valuesOf } from '../../core/catalog/packs/values';
import type { Msg } from '../../core/kernel/messages/msg';
import { messageText } from './message';
import shell from '../../words/en.json';
import cases from '../../words/en.case.json';
import bench from '../../words/en.bench.json';
import learn from '../../words/en.learn.json';
import desks from '../../words/en.desks.json';
import diary from '../../words/en.diary.json';
import places from '../../words/en.places.json';
import results from '../../words/en.results.json';
import desk from '../../words/en.desk.json';
import page from '../../words/en.page.json';
import plants from '../../words/en.plants.json';

const catalogue: Readonly<Record<string, string>> = {
  ...shell,
  ...desk,
  ...plants,
  ...page,
  ...cases,
  ...bench,
  ...learn,
  ...desks,
  ...diary,
  ...places,
  ...results,
};

test('no id has words in two parts of the catalogue', () => {
  const ids = [
    shell,
    desk,
    plants,
    page,
    cases,
    bench,
    learn,
    desks,
    diary,
    places,
    results,
  ].flatMap((words) => Object.keys(words));
  expect(ids.filter((id, at) => ids.indexOf(id) !== at)).toEqual([]);
});

function sources(folder: string): string[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /(?<!\.test)\.tsx?$/.test(file))
    .map((file) => readFileSync(path.join(folder, file), 'utf8'));
}

const code = ['app', 'core', 'files', 'store', 'ui'].flatMap(sources).join('\n');

test('every id that is written out in the code has words', () => {
  const used = [...code.matchAll(/\b(?:msg|text)\(\s*'([^']+)'/g)].map(([, id = '']) => id);
  expect(used.length).toBeGreaterThan(150);
  expect(used.filter((id) => catalogue[id] === undefined)).toEqual([]);
});

// Wherever else they were said they would not have been loaded.
test.each([
  ['places', places, ['ui/shed', 'ui/office', 'ui/yardsticks']],
  ['results', results, ['ui/case/results']],
  ['diary', diary, ['ui/case/diary']],
])('the words of %s are said by those alone who load them', (_room, words, folders) => {
  const theirs = folders.flatMap(sources).join('\n');
  const screens = ['app', 'files', 'store', 'ui'].flatMap(sources).join('\n');
  const count = (all: string, id: string): number => all.split(`'${id}'`).length - 1;
  const elsewhere = Object.keys(words).filter((id) => count(screens, id) > count(theirs, id));
  expect(elsewhere).toEqual([]);
});

/** `feed.yearly.${clippings}` stands for every id that begins and goes on like it. */
function idPattern(template: string): RegExp {
  const parts = template
    .split(/\$\{.*?\}/)
    .map((part) => part.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
  return new RegExp(`^${parts.join('.+')}$`);
}

test('no words are left over', () => {
  const literals = new Set([...code.matchAll(/'([\w./%-]+)'/g)].map(([, id = '']) => id));
  const found = [...code.matchAll(/(?:msg|text|named|options)\(\s*[`']([^`']+)[`']/g)];
  const templates = found.map(([, template = '']) => template);
  const conditional = [...code.matchAll(/`([a-zA-Z]+\.[^`\s]*\$\{[^`\s]+)`/g)].map(
    ([, t = '']) => t,
  );
  const patterns = [...templates, ...conditional].map(idPattern);
  const prefixes = templates.filter((template) => /^[a-zA-Z]+$/.test(template));
  const findings = [...code.matchAll(/'([a-zA-Z]+)'/g)].map(([, name = '']) => `finding.${name}`);
  const isUsed = (id: string): boolean =>
    literals.has(id) ||
    findings.includes(id) ||
    patterns.some((pattern) => pattern.test(id)) ||
    prefixes.some((prefix) => id.startsWith(`${prefix}.`));
  expect(Object.keys(catalogue).filter((id) => !isUsed(id))).toEqual([]);
});

test('every plant, its group, what holds for it and what it may do has words', () => {
  const ids = Object.values(PLANTS).flatMap(({ id, group, rules, hazards, otherWindows }) => [
    `plant.${id}`,
    `plantGroup.${group}`,
    ...rules.map((rule) => `plantRule.${rule}`),
    ...hazards.map((hazard) => `plantHazard.${hazard}`),
    ...otherWindows.map(({ school }) => `window.${school}`),
  ]);
  expect(ids.filter((id) => catalogue[id] === undefined)).toEqual([]);
  const said = new Set(ids);
  const orphans = Object.keys(catalogue).filter(
    (id) => /^plant(Rule|Hazard)?\.[a-z-]+$/.test(id) && !said.has(id),
  );
  expect(orphans).toEqual([]);
});

test('every pack, class of thresholds and group of soils has words', () => {
  const ids = [
    ...NEWEST_PACKS.map(({ id }) => `pack.${id}`),
    ...SHIPPED_PACKS.flatMap((pack) => valuesOf(pack)).flatMap(({ what, by, cells }) =>
      [what, ...(by ? [by] : []), ...cells.map(({ label }) => label)].map(({ id }) => id),
    ),
    ...PACK_PARTS.map((part) => `packPart.${part}`),
    ...NEWEST_PACKS.flatMap(soilGroupsOf).map((group) => `soilGroup.${group}`),
    ...FURTHER_BANDS.flatMap(({ classes, analyte }) => [
      `read.${analyte}`,
      ...classes.map((each) => `class.${each}`),
    ]),
  ];
  expect(ids.filter((id) => catalogue[id] === undefined)).toEqual([]);
});

const BUSHES: LawnInput = { plant: 'blueberry', ph: '6.2', texture: 'loam', om: '3' };

const GARDEN: LawnInput = {
  plant: 'mixed-vegetables',
  ph: '7.4',
  om: '3.4',
  p: { text: '<20' },
  k: { text: '300' },
  recN: { text: '2' },
  recP: { text: '1', method: 'P' },
  shape: { kind: 'raised-beds', number: '4', length: '12.5', width: '4' },
  prices: { 'urea-46-0-0': '24.5' },
  decisions: {
    'feed-p': 'fertilizer-10-10-10',
    'feed-n': 'weed-and-feed-28-0-3',
    'feed-one': 'steamed-bone-meal-3-15-0',
  },
};

/** Every message of a plan: labels, reasons, findings, problems, slip. */
function messagesOf(input: LawnInput): { all: Msg[]; plan: ReturnType<typeof planCase> } {
  const plan = planCase(lawnCase(input));
  const all = [
    ...plan.workings.all().flatMap((w) => ('absent' in w ? [w.label, w.absent] : [w.label])),
    ...plan.findings.map(({ message }) => message),
    ...Object.values(plan.problems),
    ...plan.slip.blocks.flatMap((block) =>
      block.kind === 'table' ? [...block.head, ...block.rows.flat()] : [block.text],
    ),
    ...plan.areas.flatMap((area) => Object.values(headlinesOf(area))),
    ...plan.areas.flatMap(({ reading }) => [
      ...(reading.summary ? [reading.summary] : []),
      ...reading.lines.flatMap(({ sentence, then, excess = [] }) => [
        sentence,
        ...(then ? [then] : []),
        ...excess,
      ]),
    ]),
    turnsOn(plan),
  ];
  return { all, plan };
}

test.each<[string, LawnInput]>([
  ['nothing typed', {}],
  ['the oracle', ORACLE],
  ['no area', { ...ORACLE, unknownArea: true }],
  ['none needed', { ph: '6.5' }],
  [
    'a tilled site',
    { ...ORACLE, situation: 'tilled', decisions: { 'feed-n': 'ammonium-nitrate-34-0-0' } },
  ],
  [
    'everything wrong',
    {
      ph: '61',
      buffer: '8.2',
      om: 'x',
      cec: '-1',
      squareFeet: '0',
      planFrom: 'soon',
      label: { kind: 'CCE', percent: '300' },
    },
  ],
  ['an organic soil', { ph: '4.5', om: '40' }],
  [
    'two plants of different soils, salts, sodium, lead and metals',
    {
      ...GARDEN,
      plant: 'blueberry',
      sharing: ['asparagus'],
      cec: '4',
      more: {
        no3: { text: '4' },
        ca: { text: '150' },
        mg: { text: '20' },
        s: { text: '3', method: 'SO4' },
        zn: { text: '0.3', method: 'dtpa' },
        fe: { text: '2', method: 'dtpa' },
        mn: { text: '0.5', method: 'dtpa' },
        cu: { text: '0.1' },
        b: { text: '>3', method: 'hot-water' },
        na: { text: '300' },
        ec: { text: '1.3', method: '1:2' },
        pb: { text: '22', method: 'mehlich-3' },
      },
    },
  ],
  ['a silent buffer', { ph: '5.5', buffer: '6.9', texture: 'loam' }],
  [
    'buffers beside SMP, and those without an equation',
    {
      ph: '5.2',
      more: {
        'ph-sikora': { text: '6.4', method: 'sikora-2' },
        'ph-adams-evans': { text: '7.6' },
        'ph-mehlich': { text: '6.0', method: 'modified' },
        'ph-woodruff': { text: '6.3' },
        acidity: { text: '3' },
      },
    },
  ],
  ['sulfur for three bushes', { ...BUSHES, shape: { kind: 'plants', number: '3', diameter: '8' } }],
  ['sulfur without an area', { ...BUSHES, unknownArea: true, situation: 'tilled' }],
  ['sulfur refused', { ...BUSHES, decisions: { fizz: 'yes' } }],
  ['sulfur asked about', { ...BUSHES, ph: '7.4', more: { 'water-alkalinity': { text: '150' } } }],
  [
    'a lawn to be soured by a sulfate, an amount of one’s own',
    {
      ph: '7.4',
      texture: 'loam',
      cec: '12',
      decisions: {
        'sulfur-wanted': 'yes',
        fizz: 'no',
        'sulfur-own': '3',
        'sulfur-material': 'iron-sulfate',
      },
      reason: 'By hand.',
    },
  ],
  [
    'sulfur before the last has worked',
    { ...BUSHES, alsoSpread: ['sulfur'], decisions: { 'sulfur-own': '3' }, reason: 'By hand.' },
  ],
  ['aluminum on blueberries', { ...BUSHES, decisions: { 'sulfur-material': 'aluminum-sulfate' } }],
  ...(['wood-ash', 'hydrated', 'burnt', 'marl', 'dolomitic-pelletized'] as const).map(
    (material): [string, LawnInput] => [
      `lime as ${material}`,
      { ...ORACLE, decisions: { 'lime-material': material }, reason: 'At hand.' },
    ],
  ),
  [
    'labels of every kind, much lime on dug ground',
    {
      ...ORACLE,
      plant: 'alfalfa',
      situation: 'tilled',
      buffer: '5.6',
      label: { percent: '90', moisture: '4', sieves: { '8': '95', '20': '70', '60': '50' } },
      labels: {
        'calcitic-ground': { kind: 'ECCE', scheme: 'missouri', percent: '420', price: '5' },
      },
    },
  ],
  ['too sour', { ...BUSHES, ph: '3.9' }],
  ['sulfur at work', { ...BUSHES, alsoSpread: ['sulfur'] }],
  ['sulfur on clay, no texture', { ...BUSHES, texture: '' }],
  ['phosphate, potash and a laboratory', GARDEN],
  ['no test', { untested: true, plant: 'mixed-vegetables' }],
  [
    'rows without a distance',
    { ...GARDEN, shape: { kind: 'rows', number: '3', length: `12' 6"` } },
  ],
  ['shrubs', { ...GARDEN, plant: 'trees-and-shrubs', shape: { kind: 'plants', number: '3' } }],
  ['garden without an area', { ...GARDEN, unknownArea: true }],
  [
    'everything wrong in the garden',
    {
      p: { text: 'x' },
      k: { text: '<', method: '' },
      recP: { text: '3', unit: 'stone' },
      recProduct: { text: '20', method: 'x' },
      shape: { kind: 'raised-beds', number: '0', length: 'long', width: '3 yd' },
      plant: 'triffids',
    },
  ],
])('every message of a plan can be said, without a gap: %s', (_name, input) => {
  const { all, plan } = messagesOf(input);
  for (const message of all) {
    const said = messageText(message, plan.workings);
    expect(said).not.toMatch(/undefined|NaN|\{|\}/);
    expect(said).not.toBe('');
  }
});

test('the client’s page has none of the laboratory’s words', () => {
  const { plan } = messagesOf(ORACLE);
  const said = plan.slip.blocks
    .flatMap((block) =>
      block.kind === 'table' ? [] : [messageText(block.text, plan.workings, true)],
    )
    .join(' ');
  expect(said).not.toMatch(/ppm|CEC|CCE|meq|buffer|SMP/);
});

test('docs/sources.md names every source that a figure can cite', () => {
  const document = readFileSync('docs/sources.md', 'utf8');
  for (const { citation } of Object.values(SOURCES)) expect(document).toContain(citation);
});
