import { EMPTY_SITE } from '../core/casefile/parts/area';
import { EMPTY_SHAPE } from '../core/casefile/parts/shape';
import type { CaseFile } from '../core/casefile/casefile';
import type { IsoDate } from '../core/kernel/typed/date';
import { buildDemo, type DemoCase } from './build';

const VEGETABLES = { plant: 'mixed-vegetables', situation: 'tilled' } as const;
const rate = (text: string) => ({ text, unit: 'lb/1000ft2', method: '' });
const squareFeet = (text: string) => ({ kind: 'square-feet', squareFeet: text }) as const;

/**
 * The county of the Ouzel, a river that no map has: its people, places and soils are invented. Each
 * case but the last few reaches a finding that no other one does, named beside it; a test holds the list. The
 * soil of the last two is at the laboratory, of the very last too long, and the one before it was read by kit.
 */
export const COUNTY: readonly (DemoCase & { readonly finding?: string })[] = [
  {
    id: 'church',
    finding: 'clippingsUnknown',
    title: 'Mill Prairie church lawn',
    client: 'Tamsin Wexcombe',
    place: 'Lower Harrow',
    question: 'Moss everywhere. Does the grass need lime?',
    ownWords: { 'slip.limeOnTop': 'Lime is slow: give it a year before you judge it.' },
    grounds: [{ name: 'Lawn behind the church', shape: squareFeet('6200') }],
    results: { 'ph-water': '5.4', 'ph-smp': '6.4', om: '3.4', cec: '11', p: p('32'), k: k('150') },
  },
  {
    id: 'school-garden',
    finding: 'veryHigh.p',
    title: 'Harrow Ferry school garden',
    client: 'Ines Odera',
    place: 'Harrow Ferry',
    question: 'We add compost every spring. What do the beds still need?',
    grounds: [
      {
        ...VEGETABLES,
        name: 'Eight raised beds',
        shape: { kind: 'raised-beds', number: '8', length: '8 ft', width: '4 ft' },
      },
    ],
    results: { 'ph-water': '6.7', om: '6.2', cec: '16', p: p('118'), k: k('140') },
  },
  {
    id: 'garden-nine',
    decisions: { organic: 'yes' },
    finding: 'unrated.k',
    title: 'Ferry Row community garden, plot 9',
    client: 'Osman Brandt',
    place: 'Ferry Row',
    question: 'The report is from another state. Can you use it?',
    grounds: [{ ...VEGETABLES, name: 'Plot 9', shape: squareFeet('1100') }],
    results: {
      'ph-water': '6.3',
      om: '3.8',
      cec: '12',
      p: p('41', 'mehlich-3'),
      k: k('128', 'mehlich-3'),
    },
  },
  {
    id: 'garden-twelve',
    finding: 'askExtractant',
    title: 'Ferry Row community garden, plot 12',
    client: 'Itzel Amory',
    place: 'Ferry Row',
    language: 'es',
    question: 'How much of what for potatoes, beans and kale?',
    grounds: [{ ...VEGETABLES, name: 'Plot 12', shape: squareFeet('1250') }],
    results: { 'ph-water': '6.4', om: '3.1', cec: '10', p: p('22', ''), k: k('90') },
  },
  {
    id: 'fen-meadow',
    finding: 'organicSoil',
    title: 'Reed End, the low lawn',
    client: 'Hollis Garrow',
    place: 'Ouzel Fen',
    question: 'Black soil, thin grass.',
    grounds: [{ name: 'Low lawn', clippings: 'removed', shape: squareFeet('9000') }],
    results: { 'ph-water': '4.6', om: '38', cec: '62', p: p('19'), k: k('70') },
    settled: true,
  },
  {
    id: 'sandy-park',
    climate: 'upper-midwest',
    finding: 'bufferSilent',
    title: 'Strand Park ball field',
    client: 'Parks office',
    place: 'Strand',
    question: 'The laboratory says the buffer did not move. Now what?',
    grounds: [{ name: 'Outfield', clippings: 'returned', shape: squareFeet('12000') }],
    results: {
      'ph-water': '5.2',
      'ph-smp': '6.9',
      om: '1.6',
      cec: '6',
      texture: 'loam',
      p: p('33'),
      k: k('95'),
    },
    settled: true,
    sent: 12,
  },
  {
    id: 'care-home',
    finding: 'productRefused.one',
    title: 'Alder House, the rose walk',
    client: 'Alder House nursing home',
    place: 'Upper Weir',
    question: 'The roses are weak. Our gardener says lime, and 10-10-10 once a year.',
    grounds: [
      {
        name: 'Rose walk',
        plant: 'rose',
        shape: { kind: 'plants', number: '26', diameter: '3 ft', trunk: '4 in' },
      },
    ],
    results: {
      'ph-water': '6.4',
      om: '4.1',
      'rec-n': { text: '1.5' },
      'rec-p': { text: '0' },
      'rec-k': { text: '1' },
    },
    decisions: {
      'feed-source': 'laboratory',
      'feed-way': 'one-trip',
      'feed-one': 'fertilizer-10-10-10',
    },
    settled: true,
  },
  {
    id: 'quarry-lane',
    finding: 'wide.width',
    title: 'Quarry Lane, new neighbors',
    client: 'Ferris Dell',
    place: 'Quarry Lane',
    question: 'No test yet. What can go on the beds now?',
    grounds: [
      {
        ...VEGETABLES,
        name: 'Beds behind the shed',
        untested: true,
        shape: { kind: 'raised-beds', number: '3', length: '8', width: '48' },
      },
    ],
  },
  {
    id: 'boat-house',
    finding: 'limeStillWorking',
    title: 'The boat house lawn',
    client: 'Boat club',
    place: 'Harrow Ferry',
    question: 'We limed in spring and the report still says too acidic.',
    grounds: [
      {
        name: 'Lawn to the water',
        clippings: 'returned',
        shape: { kind: 'rectangle', length: '140', width: '55' },
      },
    ],
    results: { 'ph-water': '5.6', 'ph-smp': '6.3', om: '3.0', cec: '12', p: p('38'), k: k('105') },
    past: [{ kind: 'lime', amount: rate('40'), percent: '90' }],
  },
  {
    id: 'putting-green',
    finding: 'notWorthATrip',
    title: 'Lower Harrow putting green',
    client: 'Edda Prynne',
    place: 'Lower Harrow',
    question: 'Is it worth getting the spreader out?',
    grounds: [
      {
        name: 'Green',
        clippings: 'removed',
        shape: { kind: 'rectangle', length: '120', width: '120' },
      },
    ],
    results: {
      'ph-water': '5.9',
      om: '2.9',
      cec: '8',
      texture: 'sand',
      p: p('31'),
      k: k('110'),
    },
    settled: true,
    sent: 1070,
  },
  {
    id: 'old-mill',
    finding: 'methodsDiffer.laboratory',
    title: 'Old Mill, the front lawn',
    client: 'Friends of the Mill',
    place: 'Upper Weir',
    question: 'Two offices, two amounts. Which one?',
    grounds: [{ name: 'Front lawn', clippings: 'removed', shape: squareFeet('3400') }],
    results: {
      'ph-water': '5.3',
      'ph-smp': '6.2',
      om: '4.0',
      cec: '14',
      p: p('29'),
      k: k('120'),
      'lime-rec': { text: '95' },
    },
  },
  {
    id: 'farm-stand',
    finding: 'rowsSideDressed',
    title: 'Coldrush farm stand, the corn',
    client: 'R. Ambrose',
    place: 'Coldrush',
    question: 'Knee high now. How much along the row?',
    grounds: [
      {
        ...VEGETABLES,
        name: 'Sweet corn',
        shape: { kind: 'rows', number: '24', length: '150 ft' },
      },
    ],
    results: { 'ph-water': '6.5', om: '2.8', cec: '9', p: p('44'), k: k('160') },
    settled: true,
    sent: 6,
  },
  {
    id: 'deer-lease',
    finding: 'bufferAgainstPh',
    title: 'Coldrush deer lease, north plot',
    client: 'R. Ambrose',
    place: 'Coldrush',
    question: 'Clover for the deer. The numbers look odd.',
    grounds: [
      {
        name: 'North plot',
        plant: 'white-clover',
        situation: 'tilled',
        shape: squareFeet('104500'),
      },
    ],
    results: { 'ph-water': '7.3', 'ph-smp': '6.1', om: '2.5', p: p('14'), k: k('95'), cec: '11' },
  },
  {
    id: 'depot',
    finding: 'pesticideRefused.n',
    title: 'The old depot house',
    client: 'Clement Hale',
    place: 'Lower Harrow',
    question: 'There is half a bag of weed-and-feed in the shed. May I use it up?',
    grounds: [{ name: 'Side yard', clippings: 'returned', shape: squareFeet('2800') }],
    results: { 'ph-water': '6.5', om: '3.6', cec: '11', p: p('27'), k: k('210') },
    decisions: { 'feed-n': 'weed-and-feed-28-0-3' },
  },
  {
    id: 'kiln-cottages',
    finding: 'boneMealIdle',
    title: 'Kiln Street duplexes',
    client: 'Residents',
    place: 'Chalk Hill',
    question: 'We always put lime and bone meal on. How much this year?',
    grounds: [{ name: 'Shared lawn', clippings: 'returned', shape: squareFeet('5200') }],
    results: { 'ph-water': '7.2', om: '2.7', cec: '18', p: p('6'), k: k('150') },
    decisions: { 'feed-p': 'steamed-bone-meal-3-15-0' },
    settled: true,
  },
  {
    id: 'weir-garden',
    finding: 'cecUnknown',
    title: 'Weir Street, the long bed',
    client: 'Ada Quill',
    place: 'Upper Weir',
    question: 'Vegetables where the lawn was.',
    grounds: [
      {
        ...VEGETABLES,
        name: 'Long bed',
        shape: { kind: 'rectangle', length: '60', width: '8 ft' },
      },
    ],
    results: { 'ph-water': '6.2', om: '3.3', p: p('14'), k: k('95') },
    settled: true,
    sent: 20,
  },
  {
    id: 'tannery',
    finding: 'areaUnsure',
    title: 'Tannery Row, around the house',
    client: 'Bram Osier',
    place: 'Strand',
    question: 'I paced it out. How much lime is that?',
    grounds: [
      {
        name: 'Grass around the house',
        clippings: 'returned',
        shape: { kind: 'trapezoid', sideA: '44 paces', sideB: '36 paces', height: '30 paces' },
        more: {
          measuredBy: 'pace',
          pace: '2.5',
          parts: {
            house: {
              id: 'house',
              order: 1,
              sign: 'less',
              name: 'House and drive',
              areaId: '',
              shape: { ...EMPTY_SHAPE, length: '52 ft', width: '34 ft' },
            },
          },
        },
      },
    ],
    results: { 'ph-water': '5.5', 'ph-smp': '6.4', om: '3.1', cec: '10', p: p('36'), k: k('140') },
  },
  {
    id: 'inn-tubs',
    finding: 'containerMix',
    title: 'The Ferry Café tubs',
    client: 'The Ferry Café',
    place: 'Harrow Ferry',
    question: 'Twelve tubs of herbs on the patio. Same fertilizer as the beds?',
    grounds: [
      {
        ...VEGETABLES,
        name: 'Tubs on the patio',
        untested: true,
        shape: { kind: 'round-containers', number: '12', diameter: '20 in', depth: '16 in' },
      },
    ],
  },
  {
    id: 'rope-walk',
    finding: 'sampledTooSoon',
    title: 'Rope Street rental',
    client: 'Wenna Tarr',
    place: 'Landing End',
    question: 'Long and narrow, and it curves. What does it need?',
    grounds: [
      {
        name: 'Back yard',
        clippings: 'removed',
        shape: { kind: 'offsets', spacing: '25 ft', offsets: '0, 14, 18.5, 20, 19, 12, 6' },
        more: {
          site: {
            ...EMPTY_SITE,
            slope: 'gentle',
            drainage: 'slow',
            spots: '1',
            clues: 'moss standing-water',
            note: 'Wet at the river end.',
          },
        },
      },
    ],
    results: { 'ph-water': '6.2', om: '4.4', cec: '13', p: p('30'), k: k('120') },
    kit: [
      ['River end', 'cloudy', '6.0'],
      ['Middle', 'cloudy', '6.5'],
    ],
    earlier: {
      days: 1100,
      results: { 'ph-water': '5.7', om: '4.1', p: p('36'), k: k('105') },
    },
    past: [{ kind: 'fertilizer', amount: rate('5'), percent: '10-10-10', days: 21 }],
  },
  {
    id: 'landing-house',
    rules: ['water-strip', 'winter-stop'],
    finding: 'methodsDiffer.texture',
    title: 'Landing House',
    client: 'Mirela Fenner',
    place: 'Landing End',
    question: 'What do the lawn and the vegetables need this year?',
    grounds: [
      {
        name: 'Front lawn',
        clippings: 'returned',
        shape: { kind: 'rectangle', length: '64 ft', width: '38 ft' },
      },
      {
        ...VEGETABLES,
        name: 'Kitchen beds',
        shape: { kind: 'raised-beds', number: '4', length: `12' 6"`, width: '4 ft' },
      },
      {
        ...VEGETABLES,
        name: 'Sweet corn',
        shape: { kind: 'rows', number: '12', length: '30 ft', spacing: '30 in' },
      },
      {
        ...VEGETABLES,
        name: 'Herb bed',
        untested: true,
        shape: { kind: 'rectangle', length: '3.8 m', width: '48 in' },
      },
    ],
    results: {
      'ph-water': '5.7',
      'ph-smp': '6.5',
      texture: 'silt-loam',
      om: '3.4',
      cec: '10',
      p: p('8'),
      k: k('75'),
      'rec-n': { text: '3' },
      'rec-p': { text: '2' },
      'rec-k': { text: '2.5' },
    },
  },
  {
    id: 'machine-shop',
    finding: 'lead.extract',
    title: 'The old machine shop, kitchen beds',
    client: 'Corra Whin',
    place: 'Harrow Ferry',
    question: 'Vegetables by the old shop. The report says lead. Is that safe?',
    grounds: [{ ...VEGETABLES, name: 'Kitchen beds', shape: squareFeet('640') }],
    pack: { id: 'delta-mehlich-3', version: 2 },
    results: {
      'ph-water': '5.6',
      om: '2.6',
      cec: '8.4',
      texture: 'sandy-loam',
      p: p('34', 'mehlich-3'),
      k: k('74', 'mehlich-3'),
      ca: '820',
      mg: '58',
      zn: { text: '7.4', method: 'mehlich-3' },
      cu: { text: '3.1', method: 'mehlich-3' },
      b: { text: '0.3', method: 'hot-water' },
      ec: { text: '0.4', method: '1:2' },
      pb: { text: '22', method: 'mehlich-3' },
    },
  },
  {
    id: 'heron-farm',
    finding: 'acidBelow',
    title: 'Heron Farm, the picking rows',
    client: 'Bettany Rooke',
    place: 'Ouzel Fen',
    question: 'Sulfur every spring, and the bushes stand still. More sulfur?',
    grounds: [
      {
        name: 'Blueberries',
        plant: 'blueberry',
        situation: 'established',
        shape: { kind: 'plants', number: '48', diameter: '4 ft' },
      },
    ],
    results: { 'ph-water': '3.9', om: '5.1', cec: '9', p: p('31'), k: k('88') },
  },
  {
    id: 'parsonage',
    finding: 'plantsInConflict',
    title: 'The parsonage, south bed',
    client: 'Aldous Pym',
    place: 'Lower Harrow',
    question: 'Asparagus is in. My wife wants blueberries between it. Lime or sulfur?',
    grounds: [
      {
        name: 'South bed',
        plant: 'asparagus',
        shape: squareFeet('320'),
        more: { sharing: ['blueberry'] },
      },
    ],
    results: { 'ph-water': '5.9', om: '3.2', cec: '12', texture: 'loam', p: p('18'), k: k('96') },
  },
  {
    id: 'glasshouse',
    title: 'Weir Street, the greenhouse',
    client: 'Ada Quill',
    place: 'Upper Weir',
    question: 'The mix in the pots was tested. What does it say?',
    grounds: [
      {
        name: 'Pots on the bench',
        plant: 'container-mix',
        shape: squareFeet('90'),
      },
    ],
    pack: { id: 'potting-mix-extract', version: 1 },
    results: {
      'ph-water': '6.1',
      p: { ...p('4', 'saturated-extract'), unit: 'ppm-extract' },
      k: { ...k('92', 'saturated-extract'), unit: 'ppm-extract' },
      ec: { text: '1.1', method: 'saturated-paste' },
    },
  },
  {
    id: 'nursery-slope',
    finding: 'phFromField.kit',
    title: 'Landing Lane, the slope',
    client: 'Jory Penhale',
    place: 'Landing End',
    question: 'Young trees. Lime, fertilizer, or leave them be?',
    grounds: [{ name: 'Slope', plant: 'trees-and-shrubs', shape: squareFeet('4100') }],
    kit: [
      ['By the gate', 'daylight', '6.0'],
      ['Half way up', 'daylight', '6.5'],
      ['Under the ash', 'cloudy', '6.0'],
    ],
    taken: 9,
  },
  {
    id: 'ford-green',
    title: 'Ford Green, both sides',
    client: 'Township clerk',
    place: 'Upper Weir',
    question: 'When do we hear?',
    grounds: [{ name: 'The green', shape: squareFeet('15500') }],
    taken: 23,
  },
];

/** Every case of the county, its days counted from today; one that cannot be built keeps no other away. */
export function demoCounty(today: IsoDate): CaseFile[] {
  return COUNTY.flatMap((demo) => {
    try {
      return [buildDemo(demo, today)];
    } catch {
      return [];
    }
  });
}

function p(text: string, method = 'bray-1') {
  return { text, method };
}

function k(text: string, method = 'ammonium-acetate') {
  return { text, method };
}
