import { planCase } from '../plan/plan';
import { valueOf, type Figure } from '../kernel/working/working';
import { lawnCase, type LawnInput } from '../../test/cases';
import { Dice } from '../../test/dice';
import { newSpreader, newTrial } from '../casefile/parts/spreader';
import type { CaseFile } from '../casefile/casefile';
import { runSum } from './runSum';
import type { Typed } from './benchSheet';
import type { SumId } from './sum';
import { SUMS } from './sums';

const TODAY = '2027-09-01';
const SEEDS = Array.from({ length: 25 }, (_, seed) => seed);

function bench(id: SumId, typed: Typed, at = 0): number {
  const sum = SUMS.find((each) => each.id === id);
  if (!sum) throw new Error(`no sum '${id}'`);
  const figure = runSum(sum, typed, TODAY).answers[at]?.figure;
  return (figure && valueOf(figure)?.value) ?? NaN;
}

function planned(file: CaseFile) {
  const plan = planCase(file);
  const [area] = plan.areas;
  if (!area) throw new Error('the case has no ground');
  return { plan, area };
}

function areaOf(input: LawnInput) {
  return planned(lawnCase({ planFrom: TODAY, ...input })).area;
}

const numberOf = (figure: Figure | undefined): number => (figure && valueOf(figure)?.value) ?? NaN;

describe.each(SEEDS)('the bench says what a case says, seed %i', (seed) => {
  const dice = new Dice(seed);
  const between = (low: number, high: number, decimals = 1): string =>
    (low + dice.next() * (high - low)).toFixed(decimals);

  test('product for nitrogen', () => {
    const rate = between(0.3, 4);
    const ground = between(400, 20_000, 0);
    const { fertilizer } = areaOf({
      squareFeet: ground,
      ph: '6.5',
      recN: { text: rate },
      decisions: { 'feed-source': 'laboratory', 'feed-n': 'ammonium-sulfate-21-0-0' },
    }).treatments;
    const product = fertilizer.chosen.parts.find(({ role }) => role === 'n');
    const typed = { nutrient: 'N', nutrientRate: rate, grade: '21-0-0', ground };
    expect(bench('product', typed, 1)).toBeCloseTo(numberOf(product?.rate), 9);
  });

  test('lime by the buffer', () => {
    const typed = {
      ph: between(4.8, 5.9),
      buffer: between(6.1, 6.8),
      cce: between(70, 105, 0),
      ground: between(400, 20_000, 0),
    };
    const { lime } = areaOf({
      squareFeet: typed.ground,
      ph: typed.ph,
      buffer: typed.buffer,
      label: { percent: typed.cce },
      decisions: { 'lime-material': 'calcitic-pelletized' },
    }).treatments;
    const [first] = lime.applications;
    if (lime.verdict === 'dose') {
      expect(bench('lime', typed)).toBe(numberOf(first?.amount.printed));
    } else {
      expect(bench('lime', typed)).toBeNaN();
    }
  });

  test('sulfur for bushes', () => {
    const typed = {
      percent: between(85, 99, 0),
      plants: between(1, 40, 0),
      across: between(2, 9),
      ph: between(5.4, 7),
    };
    const { sulfur } = areaOf({
      plant: 'blueberry',
      shape: { kind: 'plants', number: typed.plants, diameter: typed.across },
      ph: typed.ph,
      texture: 'loam',
      labels: { 'sulfur-prills-90': { percent: typed.percent } },
      decisions: { 'sulfur-material': 'sulfur-prills-90' },
    }).treatments;
    expect(bench('sulfur', typed)).toBe(numberOf(sulfur?.applications[0]?.amount.printed));
  });

  test('tons an acre', () => {
    const typed = { tons: between(0.6, 3), ground: between(400, 20_000, 0), where: 'lawn' };
    const { lime } = areaOf({
      squareFeet: typed.ground,
      ph: '5.0',
      lab: { text: typed.tons, unit: 'ton/acre', method: 'product' },
    }).treatments;
    expect(bench('tons', typed)).toBeCloseTo(numberOf(lime.applications[0]?.amount.printed), 9);
  });

  test('pounds an acre as ppm, charge as ppm', () => {
    const [found, depth] = [between(40, 600, 0), between(3, 12)];
    const k = areaOf({ k: { text: found, unit: 'lb/acre' }, depth }).readings.k;
    const typed = { element: 'K', way: 'lb/acre', found, soilDeep: depth };
    expect(bench('ppm', typed)).toBeCloseTo(numberOf(k.figure), 9);
    const charge = between(0.5, 20);
    const { more } = areaOf({ more: { ca: { text: charge, unit: 'meq/100g' } } }).readings;
    expect(bench('charge', { base: 'Ca', toCharge: 'meq/100g', found: charge })).toBeCloseTo(
      numberOf(more.ca),
      9,
    );
  });

  test('nitrate as nitrogen', () => {
    const found = between(5, 200);
    const { more } = areaOf({
      more: { no3: { text: found, unit: 'ppm', method: 'NO3' } },
    }).readings;
    expect(bench('oxide', { change: 'NO3>N', told: found })).toBeCloseTo(numberOf(more.no3), 9);
  });

  test('sulfur that an inch of water takes', () => {
    const alkalinity = between(40, 300, 0);
    const { sulfur } = areaOf({
      plant: 'blueberry',
      ph: '6.5',
      texture: 'loam',
      more: { 'water-alkalinity': { text: alkalinity, unit: 'mg/L' } },
    }).treatments;
    expect(bench('water', { alkalinity, water: '1' }, 1)).toBeCloseTo(
      numberOf(sulfur?.standStill),
      9,
    );
  });

  test('compost by the inch', () => {
    const typed = {
      compost: 'dairy-compost',
      thick: between(0.2, 2),
      ground: between(50, 3000, 0),
    };
    const [load] = areaOf({
      plant: 'mixed-vegetables',
      situation: 'tilled',
      squareFeet: typed.ground,
      loads: [{ material: typed.compost, measure: 'in', amount: typed.thick }],
    }).loads;
    expect(bench('compost', typed)).toBeCloseTo(numberOf(load?.yards), 9);
    expect(bench('compost', typed, 3)).toBeCloseTo(numberOf(load?.holds.P2O5), 9);
  });

  test('the next opening of a spreader', () => {
    const typed = {
      walked: between(20, 100, 0),
      swath: between(2, 12),
      out: between(0.2, 3),
      dial: between(2, 9),
    };
    const trial = {
      ...newTrial('t1', 1, 'urea-46-0-0'),
      ...{
        dial: typed.dial,
        length: typed.walked,
        before: '10',
        after: String(10 - Number(typed.out)),
      },
    };
    const spreader = { ...newSpreader('s1', 1), swath: typed.swath, trials: { t1: trial } };
    const file = lawnCase({
      planFrom: TODAY,
      ph: '6.5',
      decisions: { 'spread-with': 's1', 'feed-n': 'urea-46-0-0' },
    });
    const { spreading } = planned({ ...file, spreaders: { s1: spreader } }).area;
    const product = spreading?.products.find(({ material }) => material.id === 'urea-46-0-0');
    const rate = numberOf(product?.tried.strips[0]?.rate);
    expect(bench('spreader', { ...typed, rate: '2' }, 1)).toBeCloseTo(rate, 9);
  });

  test('the area of a circle', () => {
    const diameter = between(5, 200);
    const { ground } = areaOf({ shape: { kind: 'circle', diameter } });
    expect(bench('area', { shape: 'circle', diameter })).toBe(numberOf(ground.area));
  });

  test('what a limestone is worth, and product for what was recommended', () => {
    const typed = {
      cce: between(60, 105, 0),
      mesh8: '98',
      mesh20: '80',
      mesh60: between(30, 70, 0),
    };
    const rate = between(20, 90);
    const { lime } = areaOf({
      plant: 'mixed-vegetables',
      situation: 'tilled',
      squareFeet: '1000',
      ph: '5.5',
      lab: { text: rate, unit: 'lb/1000ft2', method: 'pure' },
      label: {
        percent: typed.cce,
        scheme: 'wisconsin',
        sieves: { '8': typed.mesh8, '20': typed.mesh20, '60': typed.mesh60 },
      },
      decisions: { 'lime-material': 'calcitic-pelletized' },
    }).treatments;
    const { bag, rate: product } = lime.chosenMaterial;
    expect(bench('quality', { ...typed, rate })).toBeCloseTo(numberOf(bag.effectiveness.figure), 9);
    expect(bench('quality', { ...typed, rate }, 1)).toBeCloseTo(numberOf(product), 9);
  });

  test('a feed in water', () => {
    const strength = between(50, 400, 0);
    const { liquid } = areaOf({
      plant: 'mixed-vegetables',
      decisions: { liquid: 'urea-46-0-0', 'liquid-ppm': strength },
    });
    const typed = { feed: 'urea-46-0-0', strength };
    expect(bench('liquid', typed)).toBeCloseTo(numberOf(liquid?.perGallon), 9);
    expect(bench('liquid', typed, 1)).toBeCloseTo(numberOf(liquid?.measured), 9);
  });

  test('cups of what is spread, and its rate by the acre', () => {
    const squareFeet = between(40, 200, 0);
    const { plan, area } = planned(
      lawnCase({ planFrom: TODAY, squareFeet, ph: '5.4', buffer: '6.4', label: { percent: '90' } }),
    );
    const { lime } = area.treatments;
    const [first] = lime.applications;
    const exact = [...plan.workings.all()].find(
      ({ id }) => id.endsWith('/cups-exact') && id.includes('/lime/'),
    );
    if (first && exact && !('absent' in exact)) {
      const weight = String(numberOf(first.amount.printed));
      const cups = bench('cups', { material: 'calcitic-pelletized', weight });
      expect(cups).toBeCloseTo(exact.value.value, 6);
    }
    const rate = String(numberOf(lime.rate));
    expect(bench('rate', { rate }, 1) / 2000).toBeCloseTo(numberOf(lime.brings.tonsPerAcre), 6);
  });

  test('cores and depth', () => {
    const ground = between(30, 60_000, 0);
    const { sampling } = areaOf({ squareFeet: ground });
    expect(bench('cores', { use: 'lawn', ground })).toBe(numberOf(sampling.schools[0]?.coresEach));
  });
});
