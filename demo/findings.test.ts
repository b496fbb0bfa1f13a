import { NO_REVIEW } from '../core/casefile/parts/review';
import type { DecisionKind } from '../core/casefile/decisions';
import { earlierReport, fieldReport, lawnCase, ORACLE, type LawnInput } from '../test/cases';
import type { CaseFile } from '../core/casefile/casefile';
import { planCase } from '../core/plan/plan';
import words from '../words/en.case.json';
import { demoCounty } from './county';

const VEGETABLES = { plant: 'mixed-vegetables', situation: 'tilled' } as const;
const FED: LawnInput = { ph: '6.5', om: '3.4', cec: '10', p: { text: '8' }, k: { text: '75' } };

const BUSHES: LawnInput = { ...FED, plant: 'blueberry', ph: '6.2', texture: 'loam' };

const refused = (what: DecisionKind, id: string): LawnInput => ({
  ...FED,
  decisions: { [what]: id },
});
const WEED = 'weed-and-feed-28-0-3';

const pounds = (text: string) => ({ text, unit: 'lb', method: '' });

/** Lime that went on otherwise than was planned: 236 lb, of which the ground bears 310 at once. */
const DIARY: NonNullable<LawnInput['past']> = [
  { planned: 'lawn/lime/1', amount: pounds('300') },
  { planned: 'lawn/lime/1', amount: pounds('100') },
  { planned: 'lawn/lime/1', amount: pounds('600') },
  { planned: 'lawn/lime/1', amount: pounds('236'), material: 'hydrated' },
  { planned: 'lawn/lime/9', amount: pounds('236') },
];

/** What the county does not reach: mistakes, changes, and choices that nobody should make. */
const MORE: readonly LawnInput[] = [
  { ph: '', buffer: '6.4' },
  { ph: '5.4' },
  { ...ORACLE, planFrom: '' },
  { ...ORACLE, squareFeet: '' },
  { ...ORACLE, plant: 'orchids' },
  { ...ORACLE, pack: { id: 'gone', version: 1 } },
  { ...ORACLE, decisions: { 'ph-settled': 'other', 'feeding-settled': 'other' } },
  { ph: '5.4', lab: { text: '0' }, decisions: { 'lime-method': 'laboratory' } },
  { ph: '5.4', lab: { text: '60', unit: 'ton/acre' }, decisions: { 'lime-method': 'laboratory' } },
  {
    ...ORACLE,
    texture: 'sand',
    lab: { text: '20' },
    decisions: { 'lime-method': 'laboratory', 'lime-own': '400' },
    reason: 'The client has it in the shed.',
  },
  { ...FED, om: '30', cec: '40', p: { text: '60' }, k: { text: '400' } },
  { ...FED, recN: { text: '130' }, decisions: { 'feed-source': 'laboratory' } },
  { ...FED, ...VEGETABLES, decisions: { 'feed-p': 'fertilizer-10-10-10' } },
  { ...FED, decisions: { 'feed-way': 'one-trip', 'feed-one': 'fertilizer-5-10-5' } },
  {
    ...FED,
    ...VEGETABLES,
    ph: '7.4',
    decisions: { 'feed-p': 'steamed-bone-meal-3-15-0', 'feed-n': 'blood-meal-12-0-0' },
  },
  ...DIARY.map((entry): LawnInput => ({
    ...ORACLE,
    past: [{ outcome: 'done', on: '2027-10-10', plannedFrom: '2027-10-04', ...entry }],
  })),
  { ...ORACLE, decisions: { 'lime-material': 'burnt' } },
  { ...ORACLE, decisions: { 'lime-material': 'hydrated' }, reason: 'Bare ground by then.' },
  { ...ORACLE, decisions: { 'lime-material': 'wood-ash' } },
  { ...ORACLE, more: { mg: { text: '30' } } },
  { ...ORACLE, more: { mg: { text: '30' } }, decisions: { 'lime-material': 'calcitic-ground' } },
  { ...ORACLE, decisions: { 'lime-material': 'dolomitic-ground' } },
  { ...ORACLE, ...VEGETABLES, buffer: '5.4' },
  { ...ORACLE, p: { text: '400' }, k: { text: '900' } },
  { ...ORACLE, cec: '8', more: { ca: { text: '3000' }, mg: { text: '300' } } },
  { ...ORACLE, more: { 'ph-cacl2': { text: '6.1' } } },
  { ...ORACLE, reportedOn: '2028-01-01', takenOn: '2028-02-01' },
  { ...ORACLE, squareFeet: '0.5' },
  { ...ORACLE, squareFeet: '9000', shape: { perimeter: '200' } },
  { ...ORACLE, shape: { kind: 'raised-beds', number: '2', length: '12', width: '48' } },
  { ...ORACLE, shape: { kind: 'plants', number: '2', diameter: '72' } },
  { ...ORACLE, shape: { kind: 'round-containers', number: '3', diameter: '14 in' } },
  { ...ORACLE, ...FED, ph: '5.4', buffer: '6.4', measuredBy: 'pace' },
  { ...FED, measuredBy: 'guess', decisions: { 'feed-way': 'one-trip' } },
  { ...ORACLE, takenOn: '2027-10-01', spreadOn: '2027-09-20' },
  { ...ORACLE, alsoSpread: ['sulfur', 'compost'] },
  { reports: [fieldReport('kit', ['5.0', '6.0'])] },
  { reports: [fieldReport('probe', ['5.0', '6.0'])] },
  { ...ORACLE, more: { 'ph-sikora': { text: '7.9' }, ec: { text: '1' }, pb: { text: '90' } } },
  { ...ORACLE, more: { 'sat-ca': { text: '90' }, 'sat-mg': { text: '30' } } },
  { ...FED, om: '31', cec: '12' },
  {
    ...ORACLE,
    reportedOn: '2027-09-01',
    reports: [earlierReport('2024-09-01', { 'ph-water': '7' })],
  },
  { ...FED, recN: { text: '2' }, more: { 'rec-per': { text: 'planting' } } },
  ...(['feed-p', 'feed-k', 'feed-one'] as const).map((what) => refused(what, WEED)),
  ...(['feed-n', 'feed-k'] as const).map((what) => refused(what, 'fertilizer-10-10-10')),
  refused('feed-p', 'urea-46-0-0'),
  { ...FED, ...VEGETABLES, sharing: ['tomato'] },
  { ...ORACLE, ...VEGETABLES, sharing: ['blueberry'] },
  { ...ORACLE, plant: 'blueberry', ph: '3.9' },
  { climate: { card: 'own', air: { '1': '24' } } },
  // Sulfur: a dose of a mix, a question, refused, and still at work.
  {
    ...BUSHES,
    decisions: { 'sulfur-material': 'sulfur-mix-30' },
  },
  { ...BUSHES, ph: '7.4', more: { 'water-alkalinity': { text: '150' } } },
  { ...BUSHES, decisions: { fizz: 'yes' } },
  { ...BUSHES, alsoSpread: ['sulfur'] },
  { ...BUSHES, decisions: { 'sulfur-material': 'aluminum-sulfate' } },
  { ...BUSHES, plant: 'holly', decisions: { 'sulfur-material': 'aluminum-sulfate' } },
  { ...BUSHES, alsoSpread: ['sulfur'], decisions: { 'sulfur-own': '1' }, reason: 'More.' },
  {
    ...BUSHES,
    ph: '4.7',
    alsoSpread: ['sulfur'],
    decisions: { 'sulfur-own': '1' },
    reason: 'More.',
  },
  { ...BUSHES, decisions: { 'sulfur-own': '9' }, reason: 'Counted by hand.' },
  { ...BUSHES, alsoSpread: ['sulfur'], past: [{ kind: 'sulfur', on: '2027-07-01' }] },
  {
    ...FED,
    pack: { id: 'southeast-mehlich-1', version: 1 },
    cec: '',
    p: { text: '8', method: 'mehlich-1' },
  },
  ...(['110', '250', '600'] as const).map((text) => ({ more: { pb: { text, method: 'total' } } })),
  { more: { pb: { text: '22', method: 'mehlich-3' } } },
  {
    ...ORACLE,
    more: {
      'ph-sikora': { text: '6.0' },
      'ph-adams-evans': { text: '7.8' },
      'ph-mehlich': { text: '6.4', method: '1976' },
      acidity: { text: '1' },
    },
  },
  // Lime that worked twice as well here as the tables have it.
  {
    ...ORACLE,
    ph: '5.6',
    texture: 'loam',
    takenOn: '2027-10-01',
    reportedOn: '2027-10-03',
    reports: [earlierReport('2025-10-01', { 'ph-water': '5.0' })],
    past: [
      { kind: 'lime', on: '2025-10-10', amount: { text: '30', unit: 'lb/1000ft2', method: '' } },
    ],
  },
  { ...refused('feed-one', 'fertilizer-10-10-10'), p: { text: '60' } },
  {
    ph: '4.6',
    om: '45',
    decisions: { 'lime-method': 'own', 'lime-own': '60' },
    reason: 'a load is at hand',
  },
  // What holds the fertilizer, and what is not followed.
  { ...FED, ...VEGETABLES, more: { pb: { text: '250', method: 'total' } } },
  { ...FED, ...VEGETABLES, more: { ec: { text: '6', method: 'saturated-paste' } } },
  { ...ORACLE, decisions: { 'lime-target': '6.2' } },
  { ph: '7.6', lab: { text: '40' }, decisions: { 'lime-method': 'laboratory' } },
  { ...ORACLE, decisions: { 'lime-method': 'divining-rod' } },
  { ...ORACLE, spreadOn: '2027-12-01' },
  { ...BUSHES, measuredBy: 'guess' },
  // Compost, manure and cover crops.
  { ...FED, ...VEGETABLES, loads: [{ material: 'swine-manure', measure: 'ton', amount: '1' }] },
  { ...FED, ...VEGETABLES, p: { text: '90' }, loads: [{ amount: '4' }] },
  { ...FED, plant: 'strawberry', loads: [{ material: 'feedlot-manure', amount: '0.2' }] },
  { ...FED, ...VEGETABLES, covers: [{ crop: 'rye' }] },
  // A laboratory against its own report.
  {
    ph: '6.5',
    p: { text: '320' },
    k: { text: '900' },
    recP: { text: '1' },
    recK: { text: '1' },
    recN: { text: '1' },
    decisions: { 'feed-source': 'laboratory' },
  },
  { plant: 'trees-and-shrubs', ph: '6.5', om: '3', p: { text: '8' }, k: { text: '60' } },
  // Slips of typing a report.
  { ph: '6.5', cec: '8', more: { ca: { text: '6.4' } } },
  { ph: '6.5', more: { ca: { text: '1.250' } } },
  { ph: '6.4', buffer: '5.4' },
  { ph: '5.1', buffer: '5.9', cec: '5' },
  // Local rules, and days set by hand against them and against the plant.
  { ...ORACLE, rules: { 'winter-stop': {} }, pins: { 'lawn/feed-n/1': '2027-12-10' } },
  { ...ORACLE, pins: { 'lawn/feed-n/1': '2028-07-10' } },
  { ...ORACLE, rules: { 'winter-stop': { from: '10-10', to: '04-01' } } },
  { ...ORACLE, rules: { 'water-strip': {} }, site: { water: '8' } },
];

/** Two samples that both name the one lawn. */
function twiceSampled(): CaseFile {
  const file = lawnCase(ORACLE);
  const [first] = Object.values(file.samples);
  if (!first) throw new Error('no sample');
  const { r1 } = file.reports;
  if (!r1) throw new Error('no report');
  // The second is another soil.
  const s2 = { ...r1.results['s1'], 'ph-water': { text: '7.4', unit: '', method: '' } };
  return {
    ...file,
    samples: { ...file.samples, s2: { ...first, id: 's2', name: 'Back' } },
    reports: { r1: { ...r1, results: { ...r1.results, s2 } } },
  };
}

/** Blueberries on the sample of the lawn beside them. */
function mixedSample(): CaseFile {
  const file = lawnCase(ORACLE);
  const { lawn } = file.areas;
  const { s1 } = file.samples;
  if (!lawn || !s1) throw new Error('no sample');
  const areas = { lawn, row: { ...lawn, id: 'row', order: 2, plant: 'blueberry' } };
  return { ...file, areas, samples: { s1: { ...s1, areaIds: ['lawn', 'row'] } } };
}

/** Lines of the page that were changed when it said something else, or said them at all. */
function changedLines(): CaseFile {
  const edit = { what: 'words', text: 'Mine.', after: '', restsOn: 'other', at: '' } as const;
  const lines = { 'lawn:slip.limeOnTop:1': edit, 'lawn:slip.limeOnTop:9': edit };
  return { ...lawnCase(ORACLE), lines };
}

/** The best buy of a job that is another now, and of products of which none may go on. */
function boughtBefore(): CaseFile {
  const file = lawnCase({ ...FED, decisions: { 'feed-way': 'best-buy' } });
  return { ...file, bought: { kind: 'cheapest', madeFrom: 'other', amounts: {} } };
}

/** A case that a second person looks over, sent back, or saw when its amounts were others. */
function reviewed(state: 'waiting' | 'back' | 'seen'): CaseFile {
  const review = { ...NO_REVIEW, state, by: 'Odo Fenn', on: '2027-10-04', standsFor: 'other' };
  return { ...lawnCase(ORACLE), review };
}

/**
 * Nobody here remembers an equation of Woodruff's, so that it never has an amount that could differ; the others tell of
 * a fault of the program or of a case without measure, and are met where those are caught.
 */
const UNREACHED = [
  'finding.methodsDiffer.woodruff',
  'finding.areaBroken',
  'finding.areaTooMuch',
  'finding.pageBroken',
];

test('every finding of the core is reached', () => {
  const files = [
    ...[...demoCounty('2027-10-04'), ...MORE.map(lawnCase)],
    ...(['waiting', 'back', 'seen'] as const).map(reviewed),
    ...[twiceSampled(), mixedSample(), changedLines(), boughtBefore()],
  ];
  const said = new Set<string>(
    files.flatMap((file) => planCase(file).findings.map(({ message }) => message.id)),
  );
  const known = Object.keys(words).filter((id) => id.startsWith('finding.'));
  expect(known.filter((id) => !said.has(id))).toEqual(UNREACHED);
});
