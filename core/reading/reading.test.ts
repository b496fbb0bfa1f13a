/** The reading: its order, a sentence for each value, what limits most, what follows. Thresholds as the packs have them. */
import type { Typed } from '../casefile/parts/typed';
import type { Analyte } from '../catalog/analytes';
import { lawnCase, type LawnInput } from '../../test/cases';
import { planCase } from '../plan/plan';
import { READING_ORDER, type ReadingLine } from './types';

const DELTA = { id: 'delta-mehlich-3', version: 2 } as const;
const VEGETABLES: LawnInput = {
  plant: 'mixed-vegetables',
  situation: 'tilled',
  squareFeet: '1000',
  ph: '6.4',
  om: '3.4',
  cec: '12',
  p: { text: '30' },
  k: { text: '120' },
};

type More = Partial<Record<Analyte, Partial<Typed>>>;

function read(input: LawnInput) {
  const plan = planCase(lawnCase({ ...VEGETABLES, ...input }));
  const [area] = plan.areas;
  if (!area) throw new Error('no area');
  const line = (analyte: string): ReadingLine | undefined =>
    area.reading.lines.find((each) => each.analyte === analyte);
  const findings = plan.findings.map(({ name }): string => name);
  return { area, line, findings, plan, ...area.reading };
}

const ALL: More = {
  no3: { text: '12', method: 'N' },
  ca: { text: '1200' },
  mg: { text: '90' },
  s: { text: '9', method: 'S' },
  zn: { text: '0.6', method: 'dtpa' },
  fe: { text: '12', method: 'dtpa' },
  mn: { text: '2', method: 'dtpa' },
  cu: { text: '0.3', method: 'dtpa' },
  b: { text: '0.3', method: 'hot-water' },
  ec: { text: '0.5', method: 'saturated-paste' },
  'sat-na': { text: '2' },
  pb: { text: '22', method: 'mehlich-3' },
};

test('every value has one line, in the order in which a report is read', () => {
  const { lines } = read({ buffer: '6.8', more: ALL });
  expect(lines.map(({ analyte }) => analyte)).toEqual(READING_ORDER);
  for (const { sentence } of lines) expect(sentence.id).toMatch(/^reading\./);
});

test('what is not on the report has no line; an empty one has no summary', () => {
  const empty = { ph: '', om: '', cec: '', p: {}, k: {} };
  expect(read(empty).lines).toEqual([]);
  expect(read(empty).summary).toBeUndefined();
  expect(read({ ...empty, ph: '6.2' }).lines.map(({ analyte }) => analyte)).toEqual(['ph']);
});

test.each<[string, LawnInput, string, string, number, string | undefined]>([
  ['right', { ph: '6.4' }, 'ph', 'reading.ph.right', 0, 'reading.ph.right.plain'],
  ['a little sour', { ph: '5.8' }, 'ph', 'reading.ph.acidic', 2, 'reading.ph.acidic.plain'],
  ['far too sour', { ph: '5.2' }, 'ph', 'reading.ph.acidic', 3, 'reading.ph.acidic.plain'],
  ['high', { ph: '7.1' }, 'ph', 'reading.ph.high', 2, 'reading.ph.high.plain'],
  [
    'high for a blueberry',
    { plant: 'blueberry' },
    'ph',
    'reading.ph.high',
    3,
    'reading.ph.high.acid',
  ],
  [
    'sour for a blueberry',
    { plant: 'blueberry', ph: '3.9' },
    'ph',
    'reading.ph.acidic',
    3,
    'reading.ph.acidic.acid',
  ],
  [
    'the buffer tells',
    { ph: '5.4', buffer: '6.4' },
    'buffer',
    'reading.buffer',
    0,
    'reading.buffer.tells',
  ],
  [
    'it is silent',
    { ph: '5.4', buffer: '6.9' },
    'buffer',
    'reading.buffer',
    0,
    'reading.buffer.silent',
  ],
  ['it decides nothing', { buffer: '6.9' }, 'buffer', 'reading.buffer', 0, 'reading.buffer.idle'],
  ['3.0 % is little', { om: '3.04' }, 'om', 'reading.om.low', 1, 'reading.om.low.then'],
  ['3.1 % is not', { om: '3.05' }, 'om', 'reading.om.medium', 0, 'reading.om.medium.then'],
  ['humus', { om: '24' }, 'om', 'reading.om.organic', 0, 'reading.om.organic.then'],
  ['sand', { cec: '4' }, 'cec', 'reading.cec.verySandy', 1, 'reading.cec.verySandy.then'],
  ['light soil', { cec: '9.9' }, 'cec', 'reading.cec.sandy', 0, 'reading.cec.sandy.then'],
  ['middling', { cec: '10' }, 'cec', 'reading.cec.middle', 0, 'reading.cec.middle.then'],
  ['clay', { cec: '26' }, 'cec', 'reading.cec.heavy', 0, 'reading.cec.heavy.then'],
  ['low P limits', { p: { text: '8' } }, 'p', 'reading.p.is', 2, undefined],
  // DTPA: Zn 0.8, Fe 4.5, Mn 1.0, Cu 0.2 (Lindsay & Norvell 1978); hot-water B.
  [
    'zinc, sweet corn shows it',
    { plant: 'sweet-corn', more: ALL },
    'zn',
    'reading.line',
    1,
    'reading.then.zn',
  ],
  [
    'zinc, asparagus does not',
    { plant: 'asparagus', more: ALL },
    'zn',
    'reading.line',
    0,
    'reading.then.notShown',
  ],
  ['enough iron', { more: ALL }, 'fe', 'reading.line', 0, 'reading.then.enough'],
  ['boron for alfalfa', { plant: 'alfalfa', more: ALL }, 'b', 'reading.line', 2, 'reading.then.b'],
  [
    'no thresholds',
    { more: { cu: { text: '2', method: 'mehlich-3' } } },
    'cu',
    'reading.unratedLine',
    0,
    undefined,
  ],
  ['no method', { more: { zn: { text: '2' } } }, 'zn', 'reading.unratedLine', 0, undefined],
  [
    'little nitrate',
    { more: { no3: { text: '4', method: 'N' } } },
    'no3',
    'reading.line',
    0,
    'reading.then.no3.used',
  ],
  [
    'much nitrate',
    { more: { no3: { text: '40', method: 'N' } } },
    'no3',
    'reading.line',
    0,
    'reading.then.no3.high',
  ],
  [
    'salts',
    { more: { ec: { text: '9', method: 'saturated-paste' } } },
    'ec',
    'reading.line',
    3,
    'reading.then.ec.strong',
  ],
  [
    'salts a strawberry feels',
    { plant: 'strawberry', more: { ec: { text: '2.5', method: 'saturated-paste' } } },
    'ec',
    'reading.line',
    2,
    'reading.then.ec.sensitive',
  ],
  [
    'sodium holds 16 %',
    { more: { 'sat-na': { text: '16' } } },
    'na',
    'reading.na.sodic',
    3,
    'reading.na.sodic.then',
  ],
  // 460 ppm ÷ 229.9 = 2.0 meq of 12: 16.7 %
  [
    'sodium by its ppm',
    { more: { na: { text: '460' } } },
    'na',
    'reading.na.sodic',
    3,
    'reading.na.sodic.then',
  ],
  [
    'little sodium',
    { more: { na: { text: '30' } } },
    'na',
    'reading.na.fine',
    0,
    'reading.na.fine.then',
  ],
])('%s', (_name, input, analyte, sentence, limits, then) => {
  const found = read(input).line(analyte);
  expect([found?.sentence.id, found?.limits, found?.then?.id]).toEqual([sentence, limits, then]);
});

test.each<[string, LawnInput, string, string | undefined]>([
  ['pH far outside before a low P', { ph: '5.2', p: { text: '5' } }, 'limits', 'ph'],
  ['of equal ones the first in order', { ph: '5.9', p: { text: '5' } }, 'limits', 'ph'],
  ['P where pH is right', { p: { text: '5' } }, 'limits', 'p'],
  ['nothing', { k: { text: '110' } }, 'nothing', undefined],
  [
    'lead comes before the plants',
    { more: { pb: { text: '450', method: 'total' } } },
    'hazard',
    'pb',
  ],
])('the summary names what limits most: %s', (_name, input, id, what) => {
  const { summary } = read(input);
  expect(summary?.id).toBe(`reading.summary.${id}`);
  if (id === 'limits') expect(summary?.params?.['what']).toEqual({ id: `read.${what ?? ''}` });
});

test.each<[string, string, string, string | undefined]>([
  ['22', 'mehlich-3', 'reading.pb.extract', 'lead.extract'],
  ['22', 'modified-morgan', 'reading.pb.extract', 'lead.extract'],
  ['0', 'mehlich-3', 'reading.pb.extract', 'lead.extract'],
  ['22', '', 'reading.pb.unknown', 'lead.unknown'],
  ['22', 'total', 'reading.pb.below', undefined],
  ['99', 'total', 'reading.pb.below', undefined],
  ['100', 'total', 'reading.pb.otherSources', 'lead.otherSources'],
  ['200', 'total', 'reading.pb.since2024', 'lead.since2024'],
  ['400', 'total', 'reading.pb.before2024', 'lead.before2024'],
  // "Less than" is held at the most that it may be.
  ['<250', 'total', 'reading.pb.since2024', 'lead.since2024'],
])('lead %s by %s', (text, method, sentence, finding) => {
  const { line, findings } = read({ more: { pb: { text, method } } });
  expect(line('pb')?.sentence.id).toBe(sentence);
  const told = findings.filter((id) => id.startsWith('lead.'));
  expect(told).toEqual(finding ? [finding] : []);
  // An extract is held against no guideline: no track, no window, never nothing to do.
  if (method !== 'total') {
    expect(line('pb')).toMatchObject({ track: undefined, then: { id: 'reading.pb.askTotal' } });
    expect(line('pb')?.limits).toBeGreaterThan(0);
  }
});

test('excess: its cause, how long it takes to fall, what to leave out, and the water', () => {
  // Bray-1 P 118 on vegetables: 118 − 50 = 68 ppm × 20 lb P2O5 = 1,360 lb/acre, ÷ 43.56 = 31.2;
  // ÷ 0.5 carried off a year = 62.4 years (16 to 25 lb: 50 to 78).
  const { line, plan } = read({ p: { text: '118' } });
  const said = (by: typeof line) => by('p')?.excess?.map(({ id }) => id);
  const words = (years: string) => ['excess.cause.p', years, 'excess.p.leaveOut', 'excess.p.water'];
  // More than thirty years are a word: nobody knows them to the year.
  expect(said(line)).toEqual(words('excess.decades'));
  expect(said(read({ p: { text: '60' } }).line)).toEqual(words('excess.falls'));
  expect(plan.workings.get('lawn/reading/p/fall')).toMatchObject({
    value: { value: expect.closeTo(62.4, 1) as number, unit: 'years' },
    range: { low: expect.closeTo(50, 1) as number, high: expect.closeTo(78.1, 1) as number },
  });
});

test.each<[string, LawnInput, string[]]>([
  ['compost', { alsoSpread: ['compost'] }, ['excess.cause.compost']],
  ['nothing is carried off under a hedge', { plant: 'boxwood' }, ['excess.stays']],
  ['nor from a lawn that keeps its clippings', { plant: 'cool-season-lawn' }, ['excess.stays']],
])('excess: %s', (_name, input, expected) => {
  const said = read({ p: { text: '118' }, ...input })
    .line('p')
    ?.excess?.map(({ id }) => id);
  expect(said).toEqual(expect.arrayContaining(expected));
});

test('Mehlich-3 is read by its own pack alone, groups of soils ask which', () => {
  const p = { text: '34', method: 'mehlich-3' };
  expect(read({ p }).line('p')?.sentence.id).toBe('reading.noRating');
  expect(read({ p, pack: DELTA }).area.soilTest.p.rating).toBe('medium');
  const pack = { id: 'southeast-mehlich-1', version: 1 };
  const by = { pack, p: { text: '24', method: 'mehlich-1' } };
  const unknown = read({ ...by, cec: '' });
  expect(unknown.findings).toContain('askSoilGroup');
  expect(unknown.area.soilTest.p.rating).toBeUndefined();
  // Sands of the coastal plain, heavier soils above it: common practice.
  for (const [soil, rating] of [
    [{ cec: '12' }, 'high'],
    [{ cec: '4' }, 'medium'],
    [{ cec: '12', texture: 'sandy-loam' }, 'medium'],
    [{ cec: '4', texture: 'clay-loam' }, 'high'],
  ] as const) {
    const told = read({ ...by, ...soil });
    expect(told.area.soilTest.p.rating).toBe(rating);
    expect(told.findings).not.toContain('askSoilGroup');
  }
  // Georgia prints pounds an acre: up to 60 and 40 are medium, that is 30 and 20 ppm.
  for (const [group, rating] of [
    ['coastal-plain', 'medium'],
    ['piedmont', 'high'],
  ] as const) {
    expect(read({ ...by, decisions: { 'soil-group': group } }).area.soilTest.p.rating).toBe(rating);
  }
});

test('a saturated extract is of a mix: its pack reads it, no pack of soils does', () => {
  const p = { text: '4', unit: 'ppm-extract', method: 'saturated-extract' };
  const mix = { plant: 'container-mix', p };
  expect(
    read({ ...mix, pack: { id: 'potting-mix-extract', version: 1 } }).area.soilTest.p.rating,
  ).toBe('medium');
  expect(read(mix).line('p')?.sentence.id).toBe('reading.noRating');
});

test('copper and manganese by the opinion that the area follows', () => {
  const more = { cu: { text: '0.4', method: 'dtpa' }, mn: { text: '2', method: 'dtpa' } };
  const rating = (input: LawnInput, analyte: string) =>
    read({ more, ...input }).line(analyte)?.sentence.params?.['rating'];
  const short = { id: 'class.low' };
  expect(rating({}, 'cu')).not.toEqual(short);
  expect(rating({ decisions: { 'opinion-cu': '0.6' } }, 'cu')).toEqual(short);
  expect(rating({}, 'mn')).not.toEqual(short);
  expect(rating({ decisions: { 'opinion-mn': '3' } }, 'mn')).toEqual(short);
});

test('under CEC 10 nitrogen and potash go on in two, above it in one', () => {
  const dressings = (cec: string) =>
    read({ cec, p: { text: '8' }, k: { text: '60' } }).area.treatments.fertilizer.chosen.parts.map(
      ({ role, applications: doses }) => [role, doses.length],
    );
  expect(dressings('12')).toEqual([
    ['p', 1],
    ['k', 1],
    ['n', 2],
  ]);
  expect(dressings('8')).toEqual([
    ['p', 1],
    ['k', 2],
    ['n', 2],
  ]);
});
