import { lawnCase, type LawnInput } from '../../test/cases';
import { brokenLaws } from '../../test/caseLaws';
import { parted } from '../../published/evaluator';
import type { Load } from '../casefile/parts/organic';
import { valueOf, type Figure } from '../kernel/working/working';
import { planCase } from '../plan/plan';
import type { AreaPlan } from '../area/areaPlan';

const BEDS: LawnInput = {
  ph: '6.5',
  om: '3',
  cec: '10',
  p: { text: '8' },
  k: { text: '75' },
  plant: 'mixed-vegetables',
  situation: 'tilled',
  squareFeet: '400',
  planFrom: '2027-10-04',
};

const value = (figure: Figure | undefined): number =>
  !figure || 'absent' in figure ? NaN : figure.value.value;

function planned(input: LawnInput): AreaPlan {
  const [area] = planCase(lawnCase({ ...BEDS, ...input })).areas;
  if (!area) throw new Error('no area');
  return area;
}

const load = (of: NonNullable<LawnInput['loads']>[number], input: LawnInput = {}) => {
  const [read] = planned({ ...input, loads: [of] }).loads;
  if (!read) throw new Error('not read');
  return read;
};

// 400 ft² × 1 in. is 33.3 ft³, 1.23 yd³; the yard-waste compost of the catalogue weighs what its row says.
test('an inch over the ground: cubic yards, weight and what it holds', () => {
  const { yards, pounds, deep, holds, seasonN, material } = load({ amount: '1' });
  expect(value(yards)).toBeCloseTo(400 / 12 / 27, 10);
  expect(value(pounds)).toBeCloseTo(value(yards) * material.lbPerYd3, 8);
  expect(value(deep)).toBeCloseTo(1, 10);
  expect(value(holds.P2O5)).toBeCloseTo(((value(pounds) / 2000) * material.perTon.P2O5) / 0.4, 8);
  const { from, to } = material.firstYear;
  expect(value(seasonN)).toBeCloseTo((value(holds.N) * (from + to)) / 200, 8);
});

test.each([
  ['yd3', '2', 2 * 27],
  ['bags', '10', 10],
  ['buckets', '6', 6 * 0.668],
  ['barrows', '4', 4 * 3.5],
] as const)('%s: %s are %d cubic feet', (measure, amount, cubicFeet) => {
  expect(value(load({ measure, amount }).yards)).toBeCloseTo(cubicFeet / 27, 10);
});

test('a bag of another size, and loads by weight', () => {
  expect(value(load({ measure: 'bags', amount: '10', bag: '0.75' }).yards)).toBeCloseTo(7.5 / 27);
  const ton = load({ measure: 'ton', amount: '1' });
  const pounds = load({ measure: 'lb', amount: '2000' });
  expect(value(ton.pounds)).toBe(2000);
  expect(value(ton.yards)).toBeCloseTo(value(pounds.yards), 12);
});

test('this season’s nitrogen and all of the phosphate are taken off the need, and nothing goes below none', () => {
  const bare = planned({}).treatments.fertilizer.needs;
  const { needs } = planned({ loads: [{ amount: '0.5' }] }).treatments.fertilizer;
  for (const nutrient of ['N', 'P2O5', 'K2O'] as const) {
    const off = value(needs.rows[nutrient].organic);
    expect(off).toBeGreaterThan(0);
    const expected = Math.max(0, value(bare.need[nutrient]) - off);
    expect(value(needs.need[nutrient])).toBeCloseTo(expected, 8);
  }
});

test('of an earlier year’s load only what later years set free, and none of its phosphate', () => {
  const { needs } = planned({ loads: [{ amount: '1', on: '2026-05-01' }] }).treatments.fertilizer;
  expect(value(needs.rows.N.organic)).toBeGreaterThan(0);
  expect(needs.rows.P2O5.organic).toBeUndefined();
  expect(planned({ loads: [{ amount: '1', on: '2022-05-01' }] }).loads).toEqual([]);
});

test('what comes after midsummer counts for the season after', () => {
  const of = (on: string) =>
    planned({ loads: [{ on }], planFrom: '2027-10-04' }).treatments.fertilizer.needs.rows.N.organic;
  expect(value(of('2028-05-01'))).toBeGreaterThan(0);
  expect(of('2028-09-01')).toBeUndefined();
});

test('on ground of unknown size a load by inches is absent with its reason', () => {
  const { yards } = load({ amount: '1' }, { unknownArea: true });
  expect('absent' in yards && yards.absent.id).toBe('absent.pastNeedsArea');
});

test('half of what vetch holds counts where it was turned in, a quarter where it was left', () => {
  const leaves = (covers: NonNullable<LawnInput['covers']>): number =>
    value(planned({ covers }).covers[0]?.leaves);
  // 90 to 200 lb an acre.
  expect(leaves([{ ended: 'turned' }])).toBeCloseTo(145 / 43.56 / 2, 8);
  expect(leaves([{ ended: 'left' }])).toBeCloseTo(145 / 43.56 / 4, 8);
  expect(leaves([{ ended: '' }])).toBeCloseTo(145 / 43.56 / 4, 8);
  expect(leaves([{ crop: 'rye' }])).toBe(0);
  // A good stand of alfalfa: 100 to 150 lb, as it counts for the next crop.
  expect(leaves([{ crop: 'alfalfa-sod' }])).toBeCloseTo(125 / 43.56, 8);
  expect(planned({ covers: [{ on: '2025-05-01' }] }).covers).toEqual([]);
});

const RAW = { material: 'horse-manure-bedded', measure: 'yd3', amount: '0.5' } as const;

test('raw manure to come keeps 120 days from the harvest of what touches the soil, and compost does not', () => {
  const raw = planned({ loads: [RAW], planFrom: '2028-04-20' });
  const compost = planned({ loads: [{ amount: '0.5' }], planFrom: '2028-04-20' });
  expect(compost.comingLoads[0]?.date).toBe('2028-04-20');
  // After the last harvest of the year, four weeks after the first frost.
  expect(raw.comingLoads[0]?.date.slice(0, 4)).toBe('2028');
  expect(raw.comingLoads[0]?.date.slice(5) ?? '').toMatch(/^(10|11)-/);
  expect(raw.comingLoads[0]?.because.map(({ kind }) => kind)).toContain('closed');
});

test('a day that is set too near to a harvest is not allowed, and says why', () => {
  const plan = planCase(lawnCase({ ...BEDS, loads: [{ ...RAW, on: '2028-06-01' }] }));
  const names = plan.findings.map(({ name, severity }) => `${name} ${severity}`);
  expect(names).toContain('pinForbidden stop');
});

test('what stands clear of the soil keeps 90 days, what is not eaten none', () => {
  const closed = (plant: string) =>
    planned({ plant, loads: [RAW], planFrom: '2028-04-20' }).comingLoads[0]?.within.closed ?? [];
  const manure = (plant: string) => closed(plant).find(({ why }) => why.kind === 'manure')?.from;
  expect(manure('lettuce')).toBeDefined();
  expect((manure('sweet-corn') ?? '') > (manure('lettuce') ?? '')).toBe(true);
  expect(manure('cool-season-lawn')).toBeUndefined();
});

test('the page says what to get, when, and how long before a harvest', () => {
  const plan = planCase(lawnCase({ ...BEDS, loads: [RAW] }));
  const ids = plan.slip.blocks.flatMap((block) => ('text' in block ? [block.text.id] : []));
  const said = [
    'slip.loadBuy',
    'slip.loadDose',
    'slip.rawManure',
    'slip.hay',
    'slip.organicCounts',
  ];
  expect(ids).toEqual(expect.arrayContaining(said));
});

// By hand: an inch of dairy compost on 1000 ft² is 3.09 yd³ of 1,000 lb, 40.1 lb K2O, 63.5 lb of salts; 11.76 lb raise a dS/m.
test('the salts of a load by its potash, give or take half and what a yard weighs, and what they do to the topsoil', () => {
  const { salts, saltsRise } = load({ amount: '1', material: 'dairy-compost' });
  expect(value(salts)).toBeCloseTo(63.5, 1);
  expect('absent' in salts ? undefined : salts.range?.low).toBeCloseTo(23.8, 1);
  expect(value(saltsRise)).toBeCloseTo(5.4, 1);
});

test.each([
  ['yard-compost', '0.25', 'cool-season-lawn', false],
  ['poultry-litter', '1', 'cool-season-lawn', true],
  ['dairy-compost', '1', 'blueberry', true],
])('%s, %s inches, %s: more salts than it bears is said: %s', (material, amount, plant, said) => {
  const file = lawnCase({ ...BEDS, plant, loads: [{ material, amount }] });
  const found = planCase(file).findings.some(({ message }) => message.id === 'finding.loadSalty');
  expect(found).toBe(said);
});

test('lime keeps two weeks from raw manure, and none from compost', () => {
  const limed = (material: string): [string, string] => {
    const input = { ph: '5.4', buffer: '6.4', loads: [{ material, on: '2027-10-10' }] };
    const plan = planned({ ...input, plant: 'cool-season-lawn', situation: 'established' });
    const [lime] = plan.treatments.lime.applications;
    return [plan.comingLoads[0]?.date ?? '', lime?.date ?? ''];
  };
  const [compost, beside] = limed('yard-compost');
  expect([compost, beside]).toEqual(['2027-10-10', '2027-10-04']);
  const [manure, apart] = limed('poultry-litter');
  const days = Math.abs(Date.parse(apart) - Date.parse(manure)) / 86_400_000;
  expect(days).toBeGreaterThanOrEqual(14);
});

test('of several pieces of ground the compost stands under the list of what to buy', () => {
  const file = lawnCase({ ...BEDS, loads: [{ amount: '1' }] });
  const { lawn } = file.areas;
  const { s1 } = file.samples;
  if (!lawn || !s1) throw new Error('no ground');
  const areas = { lawn, back: { ...lawn, id: 'back', order: 2, name: 'Back' } };
  const samples = { s1: { ...s1, areaIds: ['lawn', 'back'] } };
  const { slip } = planCase({ ...file, areas, samples });
  const ids = slip.blocks.flatMap((block) => ('text' in block ? [block.text.id] : [block.kind]));
  expect(ids).toContain('slip.loadBuy');
});

test('every working is what its op makes of its inputs, and the laws hold', () => {
  const loads = (['in', 'yd3', 'bags', 'barrows', 'buckets', 'lb', 'ton'] as const).map(
    (measure) => ({ measure, amount: '0.2', material: 'poultry-litter' }),
  );
  const covers = [{}, { crop: 'radish' }, { dry: '1.9', cut: '16', percent: '3.8' }];
  const file = lawnCase({ ...BEDS, loads, covers });
  expect(parted(planCase(file).workings.byId())).toEqual([]);
  expect(brokenLaws(file)).toEqual([]);
});

test('a load that the diary tells as done is on: credited alike, off the calendar and in the ledger; left out it is none', () => {
  const at = (load: Partial<Load>) => {
    const input: LawnInput = {
      plant: 'mixed-vegetables',
      ph: '6.5',
      squareFeet: '1000',
      planFrom: '2027-03-01',
    };
    const file = lawnCase({
      ...input,
      loads: [{ material: 'dairy-compost', amount: '1', ...load }],
    });
    const [area] = planCase(file).areas;
    if (!area) throw new Error('no area');
    const { need } = area.treatments.fertilizer.needs;
    return {
      n: valueOf(need.N)?.value,
      coming: area.comingLoads.length,
      years: area.ledger.map(({ year }) => year),
      laws: brokenLaws(file),
    };
  };
  const planned = at({ on: '2027-04-10' });
  const done = at({ on: '2027-04-12', outcome: 'done' });
  const left = at({ on: '2027-04-10', outcome: 'left' });
  expect(planned).toMatchObject({ coming: 1, years: [], laws: [] });
  expect(done).toMatchObject({ n: planned.n, coming: 0, years: ['2027'], laws: [] });
  expect(left).toMatchObject({ coming: 0, years: [], laws: [] });
  expect(left.n).toBeGreaterThan(planned.n ?? 0);
});
