import { type Label, EMPTY_LABEL } from '../core/casefile/parts/label';
import { OUTCOMES, PAST_KINDS, type PastEntry } from '../core/casefile/parts/past';
import { REVIEWS } from '../core/casefile/parts/review';
import {
  KIT_CLASSES,
  LIGHTS,
  SOURCES_OF_RESULTS,
  type FieldReading,
  type Report,
  newReport,
} from '../core/casefile/parts/report';
import type { Sample } from '../core/casefile/parts/sample';
import {
  CLIPPINGS,
  DRAINAGES,
  MEASURED_BY,
  SLOPES,
  SPREADERS,
  type Area,
  type GroundPart,
  newArea,
} from '../core/casefile/parts/area';
import { MEASURES, SHAPES, type Shape, EMPTY_SHAPE } from '../core/casefile/parts/shape';
import type { Typed } from '../core/casefile/parts/typed';
import {
  decisionKey,
  DECISIONS,
  type Decision,
  type DecisionKind,
} from '../core/casefile/decisions';
import { ANALYTE_FACTS, ANALYTES, type Analyte } from '../core/catalog/analytes';
import { type CaseFile } from '../core/casefile/casefile';
import { MONTHS } from '../core/casefile/parts/climate';
import { CLIMATE_CARDS } from '../core/catalog/climate/card';
import { newCase } from '../core/casefile/newCase';
import { SITUATIONS } from '../core/catalog/situations';
import { SCHOOLS } from '../core/treat/fertilizer/schools';
import { FERTILIZER_WAYS } from '../core/treat/fertilizer/types';
import { SHIPPED_MATERIALS } from '../core/catalog/materials/materials';
import { REQUIREMENT_METHODS } from '../core/treat/lime/methods';
import { PLANTS } from '../core/catalog/plants/plants';
import { CLUES } from '../core/site/sampling/samplingPlan';
import { MESHES, SCHEME_IDS } from '../core/tables/lime/fineness';
import { TEXTURES } from '../core/tables/lime/byTexture';
import { houseCopy, withValue } from '../core/catalog/packs/house';
import { SHIPPED_PACKS } from '../core/catalog/packs/shipped';
import { buyingOf } from './anyBuying';
import { organicsOf } from './anyOrganics';
import { spreadersFor } from './anySpreader';
import { Dice } from './dice';

/** Names that nobody here knows, and names that every object has. */
const STRANGE = ['constructor', 'toString', 'hasOwnProperty', 'valueOf', 'nosuch', 'job', 'ph'];
/** What a field may hold while it is typed, and what nobody should type. */
const HALF_TYPED = [
  '',
  '',
  '',
  ' ',
  '6.',
  '.',
  '-',
  'abc',
  '1e3',
  '6,1',
  '<',
  '>',
  '-3',
  '0',
  '9'.repeat(400),
];
const NUMBERS = ['0.01', '0.5', '1', '3', '10', '12.5', '40', '100', '1,200', '9999', '100000'];
const LENGTHS = [...NUMBERS, `12' 6"`, '30 in', '3.8 m', '20 paces', '400 cm'];
const DAYS = ['2027-10-04', '2027-01-15', '2027-03-10', '2027-06-20', '2027-08-30', '2027-12-24'];
const HALF_DAYS = [
  '',
  '2027-1',
  '2027-02-30',
  'next week',
  '10/4/2027',
  '2199-12-31',
  '1900-01-01',
];

const ORDINARY: Partial<Record<Analyte, readonly string[]>> = {
  'ph-water': ['4.2', '4.7', '5.0', '5.4', '5.8', '6.2', '6.5', '7.0', '7.4', '7.79', '8.3'],
  'ph-cacl2': ['4.4', '5.5', '6.9'],
  'ph-smp': ['4.8', '5.6', '6.4', '6.8', '6.9', '7.2'],
  'ph-sikora': ['5.6', '6.4', '7.6'],
  'ph-mehlich': ['5.5', '6.2', '6.6'],
  'ph-adams-evans': ['7.0', '7.5', '7.85', '8'],
  'ph-woodruff': ['6.2', '6.9'],
  om: ['1', '3', '5', '9', '25', '70'],
  cec: ['2', '5', '12', '30'],
  texture: [...TEXTURES, 'gravel'],
  p: ['1', '12', '30', '80', '<5', '>200', 'low', 'VH', '400'],
  k: ['20', '90', '160', '400', '<10', '>500', 'high'],
  mg: ['10', '60', '300'],
  na: ['5', '900'],
  no3: ['2', '15', '60'],
  b: ['0.2', '1', '6'],
  pb: ['20', '150', '250', '900', '<10'],
  ec: ['0.2', '1.5', '4', '12'],
  'water-alkalinity': ['20', '250'],
  'lime-rec': ['0', '20', '50', '120', '5000'],
  'rec-n': ['0', '1', '3', '60'],
  'rec-p': ['0', '1', '40'],
  'rec-k': ['0', '2', '80'],
  'rec-product': ['5', '20'],
  'rec-per': ['', 'year', 'application', 'planting'],
  'rec-times': ['1', '4'],
};

function numberOf(dice: Dice): string {
  return dice.one(dice.chance(0.2) ? HALF_TYPED : NUMBERS);
}

function dayOf(dice: Dice): string {
  return dice.one(dice.chance(0.2) ? HALF_DAYS : DAYS);
}

/** A card, one that is typed whole, half or wrongly, one that nobody knows, or none. */
function climateOf(dice: Dice): CaseFile['climate'] {
  const card = dice.one(['', '', 'own', 'nowhere', ...CLIMATE_CARDS.map(({ id }) => id)]);
  const whole = dice.chance(0.7);
  const air = Object.fromEntries(
    MONTHS.map((month, at) => [
      month,
      whole || dice.chance(0.8) ? String(dice.one([20, 40]) + 3 * Math.min(at, 11 - at) * 2) : '',
    ]),
  );
  return {
    card,
    air,
    lastFrost: dice.one(['', '4/21', '21 Apr', '2/29', 'in spring', '2027-05-09']),
    firstFrost: dice.one(['', '10/3', '3 Oct', '4/1']),
  };
}

const OUTLINES: CaseFile['attachments'] = Object.fromEntries(
  [
    '[[[[-84,42],[-84,42.001],[-84.001,42]]]]',
    '[[[[0,0],[0,1e-4],[1e-4,0]],[[0,0],[0,1],[1,0]]]]',
    '[]',
  ].map((text, at) => [`outline-${at}`, { id: `outline-${at}`, kind: 'outline', text }]),
);

function shapeOf(dice: Dice): Shape {
  const typed = MEASURES.map((measure): [string, string] => {
    const strange = dice.chance(0.15);
    if (measure === 'offsets') return [measure, strange ? dice.one(HALF_TYPED) : '4, 6, 9, 5'];
    if (measure === 'points') {
      return [measure, strange ? '0, 0\n9, 9\n9, 0\n0, 9' : '0, 0\n40, 0\n40, 30'];
    }
    return [measure, strange ? dice.one(HALF_TYPED) : dice.one(LENGTHS)];
  });
  const outline = dice.one(['', ...Object.keys(OUTLINES)]);
  return { ...EMPTY_SHAPE, ...Object.fromEntries(typed), outline, kind: dice.one(SHAPES) };
}

function partsOf(dice: Dice, ids: readonly string[]): Area['parts'] {
  const parts = Array.from({ length: dice.below(4) }, (_none, at): GroundPart => ({
    id: `p${at}`,
    order: at,
    sign: dice.one(['add', 'less']),
    name: '',
    areaId: dice.chance(0.5) ? '' : dice.one([...ids, ...STRANGE]),
    shape: shapeOf(dice),
  }));
  return Object.fromEntries(parts.map((part) => [part.id, part]));
}

const PLANT_IDS = Object.keys(PLANTS);

function areaOf(
  dice: Dice,
  id: string,
  order: number,
  plant: string,
  ids: readonly string[],
): Area {
  return {
    ...newArea(id, order, { plant, situation: dice.one(SITUATIONS) }),
    name: dice.one(['', 'Main lawn', 'A name that is far too long for any rail, '.repeat(8)]),
    sharing: dice.chance(0.2)
      ? dice.some([...PLANT_IDS, plant, plant, ...STRANGE], 0.03).slice(0, 20)
      : [],
    plantedOn: dice.chance(0.5) ? '' : dayOf(dice),
    clippings: dice.one(CLIPPINGS),
    shape: shapeOf(dice),
    parts: dice.chance(0.3) ? partsOf(dice, ids) : {},
    measuredBy: dice.one(MEASURED_BY),
    offBy: dice.chance(0.3) ? numberOf(dice) : '',
    pace: dice.one(['', '2.5', '3 ft', 'x']),
    site: {
      slope: dice.one(SLOPES),
      water: dice.chance(0.3) ? numberOf(dice) : '',
      well: dice.chance(0.2) ? numberOf(dice) : '',
      spreader: dice.one(SPREADERS),
      drainage: dice.one(DRAINAGES),
      spots: numberOf(dice),
      clues: dice.some([...CLUES, 'nosuch'], 0.2).join(' '),
      note: '',
    },
  };
}

function valueOf(dice: Dice, analyte: Analyte): Typed {
  const { units, methods } = ANALYTE_FACTS[analyte];
  const strange = dice.chance(0.1);
  return {
    text: dice.one(strange ? HALF_TYPED : (ORDINARY[analyte] ?? NUMBERS)),
    unit: strange ? dice.one(STRANGE) : dice.one(units.length > 0 ? units : ['']),
    method: dice.chance(0.1)
      ? dice.one(['', '10-10-10', ...STRANGE])
      : dice.one(methods.length > 0 ? methods : ['']),
  };
}

function columnOf(dice: Dice): Report['results'][string] {
  const told = dice.one([0, 0.15, 0.4, 1]);
  const usual: readonly Analyte[] = ['ph-water', 'p', 'k', 'om'];
  const analytes = ANALYTES.filter((each) => usual.includes(each) || dice.chance(told));
  return Object.fromEntries(analytes.map((analyte) => [analyte, valueOf(dice, analyte)]));
}

function readingOf(dice: Dice, id: string, order: number, sampleId: string): FieldReading {
  const word = (): FieldReading['n'] => dice.one(KIT_CLASSES);
  const ph = dice.one(['5.0', '5.5', '6.5', '7', '', '6.', 'x', '14']);
  return {
    id,
    order,
    sampleId,
    spot: '',
    light: dice.one(LIGHTS),
    ph,
    n: word(),
    p: word(),
    k: word(),
  };
}

function reportOf(dice: Dice, id: string, sampleIds: readonly string[]): Report {
  const source = dice.one([...SOURCES_OF_RESULTS, 'laboratory', 'laboratory'] as const);
  const readings = Array.from({ length: dice.below(4) }, (_none, at) =>
    readingOf(
      dice,
      dice.one([`r${at}`, 'ph', 'resolution', `r${at}`]),
      at,
      dice.one([...sampleIds, 'gone']),
    ),
  );
  return {
    ...newReport(id, { source, date: dayOf(dice) }),
    depth: dice.one(['', '4', '6', '8', '6.', '0']),
    resolution: dice.one(['', '0.5', '0', 'x']),
    layout: dice.one(['', 'olsen', 'constructor']),
    results: Object.fromEntries(sampleIds.map((sample) => [sample, columnOf(dice)])),
    readings: Object.fromEntries(readings.map((each) => [each.id, each])),
  };
}

/** Applications that a plan may have, and one that none has. */
const PLANNED = ['lime/1', 'lime/2', 'sulfur/1', 'feed-n/1', 'feed-n/2', 'feed-one/1', 'lime/99'];

function pastOf(
  dice: Dice,
  id: string,
  areaIds: readonly string[],
  plannedFrom: string,
): PastEntry {
  return {
    id,
    areaId: dice.one([...areaIds, 'gone']),
    kind: dice.one(PAST_KINDS),
    on: dayOf(dice),
    amount: {
      text: numberOf(dice),
      unit: dice.one(['lb', 'lb/1000ft2', 'constructor']),
      method: '',
    },
    percent: dice.one(['', '90', '30', '10-10-10', '6.', '0', '400']),
    outcome: dice.one(OUTCOMES),
    planned: dice.chance(0.5) ? '' : `${dice.one(areaIds)}/${dice.one(PLANNED)}`,
    plannedFrom,
    material: dice.one(['', 'urea-46-0-0', 'calcitic-ground', 'gone', 'toString']),
    by: dice.one(['', 'the neighbor']),
    note: dice.one(['', 'wet']),
    photos: dice.chance(0.2) ? { ph1: { id: 'ph1' } } : {},
  };
}

const MATERIAL_IDS = [
  ...SHIPPED_MATERIALS.lime,
  ...SHIPPED_MATERIALS.sulfur,
  ...SHIPPED_MATERIALS.fertilizers,
].map(({ id }): string => id);

function labelOf(dice: Dice): Label {
  const told = (): string =>
    dice.chance(0.5) ? '' : dice.one(['85', '40', '300', '6.', '0', '1600']);
  return {
    ...EMPTY_LABEL,
    kind: dice.one(['CCE', 'ECCE']),
    percent: told(),
    scheme: dice.one(['', ...SCHEME_IDS]),
    sieves: dice.chance(0.3)
      ? Object.fromEntries(MESHES.map((mesh) => [mesh, dice.one(['', '95', '60', '20', 'x'])]))
      : {},
    moisture: dice.one(['', '', '8', '60', '61']),
    bag: dice.one(['', '40', '0', '6.']),
    price: dice.one(['', '7.50', '0', '-1', 'x']),
  };
}

const METHOD_IDS = [...REQUIREMENT_METHODS.map(({ id }): string => id), 'laboratory', 'own'];
const OWN_AMOUNTS = ['', '0', '3', '50', '400', '6.', '1001'];

/** What may be decided of each kind, beside what nobody knows. */
const CHOICES: Partial<Record<DecisionKind, readonly string[]>> = {
  'lime-method': METHOD_IDS,
  'lime-target': ['', '5', '6.2', '6.5', '6.8', '7', '8', '6.'],
  'lime-depth': ['', '4', '6', '0', '13', '6.'],
  'lime-material': MATERIAL_IDS,
  'lime-own': OWN_AMOUNTS,
  'lab-rescale': ['yes', ''],
  'sulfur-wanted': ['yes', ''],
  'sulfur-by': ['learned', ''],
  'sulfur-own': OWN_AMOUNTS,
  'sulfur-material': MATERIAL_IDS,
  fizz: ['yes', 'no', ''],
  'soil-group': ['coastal-plain', 'piedmont', ''],
  window: ['narrow', 'wide', 'low', ''],
  governs: PLANT_IDS,
  'opinion-k': ['150', '200', ''],
  'opinion-p': ['25', ''],
  'opinion-cu': ['0.6', ''],
  'opinion-mn': ['3', ''],
  retest: ['1', '2', '4', '40'],
  'feed-source': SCHOOLS,
  'feed-way': FERTILIZER_WAYS,
  'feed-n': MATERIAL_IDS,
  'feed-p': MATERIAL_IDS,
  'feed-k': MATERIAL_IDS,
  'feed-one': MATERIAL_IDS,
  'cores-for': ['p', 'om'],
  'cores-error': ['20', '0', '6.'],
  'cores-confidence': ['90', '95'],
  'sampling-school': ['apart', 'composite'],
};

function decisionsOf(dice: Dice, areaIds: readonly string[]): CaseFile['decisions'] {
  const decided = [...areaIds, 'case'].flatMap((areaId) =>
    dice.some(DECISIONS, dice.one([0, 0.1, 0.4])).map((what): [string, Decision] => {
      const value = dice.chance(0.08) ? dice.one(STRANGE) : dice.one(CHOICES[what] ?? ['']);
      const reason = dice.one(['', 'a load is at hand']);
      return [decisionKey(areaId, what), { what, value, reason, at: '2027-10-04T09:00:00.000Z' }];
    }),
  );
  return Object.fromEntries(decided);
}

function packOf(dice: Dice): Pick<CaseFile, 'pack' | 'house'> {
  const shipped = dice.one(SHIPPED_PACKS);
  if (dice.chance(0.05)) return { pack: { id: dice.one(STRANGE), version: 1 }, house: null };
  if (dice.chance(0.85)) return { pack: { id: shipped.id, version: shipped.version }, house: null };
  const copy = houseCopy(shipped, 'house-1', 'Ours');
  const cap = `lime/bySituation/${dice.one(SITUATIONS)}/cap/value`;
  const changed = withValue(copy, cap, dice.one([1, 5, 40, 200]));
  const house = withValue(changed, 'dressing/lawn/quickN/value', dice.one([0.1, 0.7, 1]));
  return { pack: { id: house.id, version: house.version }, house };
}

/**
 * A case that the schema takes and that nobody would think of: any plant, form, situation, method and decision, with
 * fields that are empty, half typed or absurd, dates that are missing, and names that nobody knows. The same seed gives
 * the same case; seeds in a row go through all plants.
 */
export function anyCase(seed: number): CaseFile {
  const dice = new Dice(seed);
  const base = newCase(`any-${seed}`, '2027-10-04');
  const areaIds = dice.some(['lawn', 'a2', 'constructor', 'case'], dice.one([0.3, 0.6]));
  const ids = areaIds.length > 0 ? areaIds : ['lawn'];
  const areas = ids.map((id, at) => {
    const usual = PLANT_IDS[(seed + at * 37) % PLANT_IDS.length] ?? '';
    return areaOf(dice, id, at, dice.chance(0.03) ? dice.one(STRANGE) : usual, ids);
  });
  const sampleIds = dice.some(['s1', 's2', 'toString'], 0.6);
  const samples = sampleIds.map((id): Sample => ({
    id,
    name: dice.one(['', '27-001']),
    areaIds: dice.some([...ids, 'gone'], 0.7),
    takenOn: dayOf(dice),
    lead: dice.one(['', 'yes']),
  }));
  const reports = dice
    .some(['r1', 'r2', 'kit'], 0.7)
    .map((id) => reportOf(dice, id, dice.chance(0.1) ? [] : sampleIds));
  const planFrom = dayOf(dice);
  const past = dice.some(['e1', 'e2', 'e3'], 0.25).map((id) => pastOf(dice, id, ids, planFrom));
  const { loads, covers } = organicsOf(dice, ids, dayOf);
  const keyed = <T extends { readonly id: string }>(list: readonly T[]): Record<string, T> =>
    Object.fromEntries(list.map((each) => [each.id, each]));
  return {
    ...base,
    ...packOf(dice),
    title: 'Any case',
    planFrom,
    areas: keyed(areas),
    samples: keyed(samples),
    reports: keyed(reports),
    past: keyed(past),
    loads: keyed(loads),
    covers: keyed(covers),
    labels: Object.fromEntries(dice.some(MATERIAL_IDS, 0.05).map((id) => [id, labelOf(dice)])),
    decisions: decisionsOf(dice, ids),
    paragraphs: dice.chance(0.2)
      ? { t1: { id: 't1', order: 1, name: 'Words', text: 'First.\n\nSecond.', spanish: '' } }
      : {},
    attachments: OUTLINES,
    climate: climateOf(dice),
    sampling: { fee: numberOf(dice), days: numberOf(dice) },
    ...buyingOf(dice, ids, MATERIAL_IDS),
    spreaders: spreadersFor(dice, MATERIAL_IDS),
    review: {
      typedBy: dice.one(['', 'Odo']),
      state: dice.one(REVIEWS),
      note: dice.one(['', 'the lime']),
      by: dice.one(['', 'Ada']),
      on: dayOf(dice),
      standsFor: '',
    },
  };
}
