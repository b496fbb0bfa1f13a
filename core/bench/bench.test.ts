import { parted } from '../../published/evaluator';
import { valueOf } from '../kernel/working/working';
import { carriedInto, runSum } from './runSum';
import type { SumId } from './sum';
import { SUMS } from './sums';
import type { Typed } from './benchSheet';

const TODAY = '2027-09-01';

function sumOf(id: SumId) {
  const sum = SUMS.find((each) => each.id === id);
  if (!sum) throw new Error(`no sum '${id}'`);
  return sum;
}

function run(id: SumId, typed: Typed) {
  return runSum(sumOf(id), typed, TODAY);
}

/** An answer's number as it is shown. */
function answer(id: SumId, typed: Typed, at = 0): number | undefined {
  const figure = run(id, typed).answers[at]?.shown;
  return figure && valueOf(figure)?.value;
}

test.each(SUMS.map(({ id }) => id))('%s speaks with nothing typed', (id) => {
  const { answers, problems } = run(id, {});
  expect([answers.length > 0, problems]).toEqual([true, {}]);
});

/** Exact arithmetic unless a source is named. */
const OUTSIDE: readonly [id: SumId, typed: Typed, at: number, expected: number, digits?: number][] =
  [
    // Common practice: a pound of N from 34-0-0 is 2.94 lb, "about 3".
    ['product', { grade: '34-0-0', nutrientRate: '1', ground: '1000' }, 0, 2.941, 3],
    // 140 lb P2O5/acre from a 6 % meal: 2,333 lb/acre, 26.8 lb on 500 ft². Common practice.
    [
      'product',
      { nutrient: 'P2O5', grade: '2-6-2', nutrientRate: '140 lb/acre', ground: '500' },
      0,
      26.78,
      2,
    ],
    [
      'product',
      {
        nutrient: 'P2O5',
        grade: '2-6-2',
        nutrientRate: '140',
        'nutrientRate.unit': 'lb/acre',
        'answer1.unit': 'lb/acre',
      },
      1,
      2333.3,
      1,
    ],
    // University of Georgia Circular 853: 1 ÷ 0.12 = 8.3 lb of blood meal; 2 ÷ 0.11 = 18.2 of bone meal; 3 ÷ 0.22 = 13.6. From memory.
    ['product', { grade: '12-0-0', nutrientRate: '1' }, 0, 8.333, 3],
    ['product', { nutrient: 'P2O5', grade: '1-11-0', nutrientRate: '2' }, 0, 18.182, 3],
    [
      'product',
      { nutrient: 'K2O', grade: '0-0-22', nutrientRate: '3', where: 'planting' },
      0,
      13.636,
      3,
    ],
    [
      'product',
      { grade: '46-0-0', nutrientRate: '0.5', ground: '1 acre' },
      0,
      (0.5 / 0.46) * 43.56,
      6,
    ],
    // Two pounds of quick N on a lawn go on in two halves: the whole is never one dose.
    ['product', { grade: '50-0-0', nutrientRate: '2', ground: '1000' }, 0, 2, 6],
    // 13-13-13 holds 6.5 lb of each in 50 lb, 34-0-0 17 lb of N. Common practice.
    ['bag', { grade: '13-13-13', bag: '50' }, 0, 6.5, 6],
    ['bag', { grade: '13-13-13', bag: '50' }, 1, 6.5, 6],
    ['bag', { grade: '13-13-13', bag: '50' }, 2, 6.5, 6],
    ['bag', { grade: '34-0-0', bag: '50' }, 0, 17, 6],
    ['bag', { grade: '0-0-60', bag: '40' }, 2, 24, 6],
    ['bag', { grade: '46-0-0', bag: '50', 'answer0.unit': 'oz' }, 0, 368, 6],
    // 1 lb N on 5000 ft²: 10.87 lb of urea in one bag of 50; 23.8 lb of ammonium sulfate in one.
    ['compare', { grade: '46-0-0', price: '32', otherGrade: '21-0-0', otherPrice: '20' }, 0, 32, 6],
    ['compare', { grade: '46-0-0', price: '32', otherGrade: '21-0-0', otherPrice: '20' }, 1, 20, 6],
    [
      'compare',
      { grade: '46-0-0', price: '32', otherGrade: '21-0-0', otherPrice: '20', ground: '1 acre' },
      0,
      64,
      6,
    ],
    // 43.56 ÷ 0.21 = 207.4 lb: five bags of 50
    [
      'compare',
      { grade: '46-0-0', price: '32', otherGrade: '21-0-0', otherPrice: '20', ground: '1 acre' },
      1,
      100,
      6,
    ],
    [
      'compare',
      { grade: '46-0-0', price: '32', otherGrade: '21-0-0', otherPrice: '20', ground: '1 acre' },
      3,
      5,
      6,
    ],
    ['area', { shape: 'rectangle', length: `12' 6"`, width: '4' }, 0, 50, 6],
    ['area', { shape: 'circle', diameter: '20' }, 0, 314.159, 3],
    ['area', { shape: 'triangle', sideA: '3', sideB: '4', sideC: '5' }, 0, 6, 6],
    ['area', { shape: 'ellipse', length: '20', width: '10' }, 0, 157.08, 2],
    [
      'area',
      { shape: 'rectangle', length: '208.71', width: '208.71', 'answer0.unit': 'acre' },
      0,
      1,
      4,
    ],
    ['area', { shape: 'corners', points: '0, 0; 30, 0; 30, 20; 0, 20' }, 0, 600, 6],
    ['area', { shape: 'ring', diameter: '10', inner: '6' }, 0, 50.265, 3],
    // Four 40-lb bags on 5,000 ft²: 32 lb on 1000 ft². Common practice.
    ['rate', { rate: '1393.92 lb/acre' }, 0, 32, 6],
    ['rate', { rate: '1.5 tons/acre' }, 0, 68.87, 2],
    ['rate', { rate: '2', 'rate.unit': 'lb/100ft2' }, 1, 871.2, 6],
    ['rate', { rate: '50' }, 2, 5, 6],
    ['rate', { rate: '50', between: '30 in' }, 3, 12.5, 6],
    ['rate', { rate: '10', each: '16' }, 3, 2.56, 6],
    ['rate', { rate: '100 kg/ha' }, 1, 89.218, 3],
    // Half a pound along 100 ft of rows 30 in. apart is 2 lb on 1000 ft²; 4 oz on 25 ft² are 10.
    ['rate', { toldFor: 'row', rowRate: '0.5', between: '30 in' }, 0, 2, 6],
    ['rate', { toldFor: 'onePlant', plantRate: '4', 'plantRate.unit': 'oz', each: '25' }, 0, 10, 6],
    // A cup on 20 ft, twelve rows of 30 ft: 18 cups of ammonium sulfate, a little under 10 lb. Common practice: at 65 lb/ft³ 9.78.
    [
      'cups',
      { material: 'calcitic-pelletized', toldIn: 'cups', cups: '18' },
      0,
      (18 / 119.688) * 65,
      2,
    ],
    ['cups', { material: 'calcitic-pelletized', toldIn: 'bags', bags: '3', bag: '40' }, 3, 120, 6],
    // 3 lb at a pound a (liquid) pint of two cups: a material of 1 lb a pint weighs 59.84 lb/ft³. Definition of the pint.
    ['cups', { material: 'ammonium-sulfate-21-0-0', weight: '9.6', bag: '50' }, 2, 1, 6],
    ['cups', { material: 'urea-46-0-0', weight: '110', bag: '50' }, 2, 3, 6],
    [
      'cups',
      { material: 'urea-46-0-0', weight: '1', 'weight.unit': 'lb' },
      1,
      (16 * 119.688) / 46.5,
      0,
    ],
    ['cups', { material: 'calcitic-pelletized', weight: '65' }, 0, 119.688, 1],
    ['cups', { material: 'calcitic-pelletized', weight: '1040 oz' }, 0, 119.688, 1],
    // SMP 6.4 to 6.5 is 4.7 tons an acre at 8 in. (Shoemaker, McLean and Pratt 1961; from memory): × 4 ÷ 8 × 45.914 × 90 ÷ 85 = 114.25 lb on
    // 1000 ft² in three dressings, on 6,200 ft² 236 lb each.
    ['lime', { ph: '5.4', buffer: '6.4', cce: '85', ground: '6200' }, 0, 236, 6],
    ['lime', { ph: '5.4', buffer: '6.4', cce: '85', ground: '6200' }, 1, 38.08, 2],
    ['lime', { ph: '5.4', buffer: '6.4', cce: '90', ground: '1000' }, 1, 107.9 / 3, 1],
    // Tilled ground bears more: worked in to 6 in., 4.7 × 6 ÷ 8 × 45.914 = 161.8
    [
      'lime',
      {
        plant: 'mixed-vegetables',
        where: 'planting',
        ph: '5.4',
        buffer: '6.4',
        cce: '90',
        ground: '1000',
      },
      1,
      161.8,
      0,
    ],
    [
      'lime',
      { ph: '5.4', buffer: '6.4', cce: '90', ground: '1000', 'answer1.unit': 'ton/acre' },
      1,
      4.7 / 2 / 3,
      2,
    ],
    // 1.5 tons an acre: exact 68.9 lb on 1000 ft². Common practice (the short-cut says 75).
    ['tons', { tons: '1.5', ground: '1000' }, 0, 69, 6],
    ['tons', { tons: '1', ground: '1 acre' }, 0, 2000, 6],
    ['tons', { tons: '1', ground: '500' }, 0, 23, 6],
    ['tons', { tons: '2000 lb/acre', ground: '1000' }, 0, 46, 6],
    // On a lawn half of 91.8 lb at a time: 50 lb is the most.
    ['tons', { tons: '2', ground: '1000', where: 'lawn' }, 0, 46, 6],
    // An inch over 324 ft² is a cubic yard.
    ['compost', { thick: '1', ground: '324' }, 0, 1, 6],
    ['compost', { thick: '2', ground: '162' }, 0, 1, 6],
    ['compost', { thick: '0.5', ground: '1000' }, 0, 1.5432, 4],
    ['compost', { thick: '2.54 cm', ground: '324', 'answer0.unit': 'ft3' }, 0, 27, 6],
    ['compost', { thick: '1', ground: '1 acre' }, 0, 134.44, 2],
    // CCE 90, all through 60 mesh: 90 of 100 lb are worth it.
    ['quality', { cce: '90' }, 0, 90, 6],
    ['quality', { cce: '100', mesh8: '100', mesh60: '100' }, 0, 100, 6],
    ['quality', { cce: '80', mesh8: '100', mesh60: '100', moisture: '10' }, 0, 72, 6],
    ['quality', { cce: '90', rate: '45' }, 1, 50, 6],
    ['quality', { cce: '50', rate: '50' }, 1, 100, 6],
    // Common practice: 11.5 ppm P are 23 lb/acre and 80.5 ppm K 161 lb/acre at 6⅔ in.
    ['ppm', { found: '11.5', soilDeep: '6.66666667' }, 0, 23, 5],
    ['ppm', { element: 'K', found: '80.5', soilDeep: '6.66666667' }, 0, 161, 4],
    ['ppm', { element: 'K', way: 'lb/acre', found: '161', soilDeep: '6.66666667' }, 0, 80.5, 5],
    // 25 ppm × 0.3 × 8 in. = 60; nitrate to a foot: × 3.6. Printed so in guides of the plains states; from memory.
    ['ppm', { found: '25', soilDeep: '8' }, 0, 60, 6],
    ['ppm', { element: 'N', found: '10', soilDeep: '1 ft' }, 0, 36, 6],
    // AAPFCO: P2O5 ÷ P is 2.2914, K2O ÷ K 1.2046; IUPAC 2021: N in nitrate 14.007 ÷ 62.004, S in sulfate 32.06 ÷ 96.056.
    ['oxide', { change: 'P>P2O5', told: '10' }, 0, 22.914, 6],
    ['oxide', { change: 'P2O5>P', told: '22.914' }, 0, 10, 6],
    ['oxide', { change: 'K>K2O', told: '10' }, 0, 12.046, 6],
    ['oxide', { change: 'K2O>K', told: '60' }, 0, 49.809, 3],
    ['oxide', { change: 'NO3>N', told: '44.3' }, 0, 10.008, 3],
    ['oxide', { change: 'SO4>S', told: '30' }, 0, 10.013, 3],
    ['oxide', { change: 'N>NO3', told: '10' }, 0, 44.266, 2],
    ['oxide', { change: 'S>SO4', told: '10' }, 0, 29.961, 2],
    // 75 ppm for an ounce in 100 gallons, as greenhouse texts print it: 150 ÷ (20 × 0.75) = 10 oz in 100 gal.
    ['liquid', { feed: 'urea-46-0-0', strength: '345' }, 0, 0.1, 6],
    ['liquid', { feed: 'urea-46-0-0', strength: '150' }, 0, 150 / 46 / 75, 6],
    ['liquid', { feed: 'urea-46-0-0', strength: '100' }, 0, 100 / 46 / 75, 6],
    ['liquid', { feed: 'ammonium-sulfate-21-0-0', strength: '157.5' }, 0, 0.1, 6],
    ['liquid', { feed: 'ammonium-sulfate-21-0-0', strength: '200' }, 0, 200 / 21 / 75, 6],
    // 50 × 6 ft are 300 ft²: 0.6 lb on them are 2 lb on 1000 ft².
    ['spreader', { walked: '50', swath: '6', out: '0.6', dial: '6', rate: '2' }, 1, 2, 6],
    ['spreader', { walked: '50', swath: '6', out: '0.6', dial: '6', rate: '2' }, 0, 6, 6],
    ['spreader', { walked: '50', swath: '6', out: '0.6', dial: '6', rate: '3' }, 0, 9, 6],
    ['spreader', { walked: '100', swath: '10', out: '2.5', dial: '4', rate: '5' }, 0, 8, 6],
    ['spreader', { walked: '100', swath: '10', out: '40 oz', dial: '4', rate: '5' }, 0, 8, 6],
    // 100 ppm as CaCO3 are 22.7 lb an acre-inch (27,154 gal × 8.345 lb × 10⁻⁶); a pound of S undoes 3.12 lb. From memory.
    ['water', { alkalinity: '100', water: '1', 'answer0.unit': 'lb/acre' }, 0, 22.66, 1],
    ['water', { alkalinity: '200', water: '12', 'answer0.unit': 'lb/acre' }, 0, 543.8, 0],
    ['water', { alkalinity: '150', water: '20' }, 0, 15.6, 1],
    ['water', { alkalinity: '150', water: '20' }, 1, 5, 1],
    ['water', { alkalinity: '0', water: '20' }, 0, 0, 6],
    // Cores: 10 to 15 on a lawn, 8 to 12 in a garden, three to five in a small bed, ten or more on half an acre. Common practice.
    ['cores', { use: 'lawn', ground: '5000' }, 0, 15, 6],
    ['cores', { use: 'bed', ground: '2000' }, 0, 12, 6],
    ['cores', { use: 'bed', ground: '60' }, 0, 5, 6],
    ['cores', { use: 'bed', ground: '2000' }, 1, 6, 6],
    ['cores', { use: 'lawn', ground: '5000' }, 1, 4, 6],
    // One meq in 100 g is 200.4 ppm Ca, 121.5 Mg, 391 K, 230 Na. Definition, IUPAC 2021.
    ['charge', { base: 'Ca', found: '2004' }, 0, 10, 2],
    ['charge', { base: 'Mg', found: '243' }, 0, 2, 2],
    ['charge', { base: 'K', toCharge: 'meq/100g', found: '1' }, 0, 391, 0],
    ['charge', { base: 'Na', toCharge: 'meq/100g', found: '1' }, 0, 229.9, 1],
    ['charge', { base: 'Ca', toCharge: 'meq/100g', found: '1' }, 0, 200.4, 1],
    // 8 meq of Ca, 1.5 of Mg, 0.5 of K and 2 of acidity: twelve in all.
    ['saturation', { ca: '1603.12', mg: '182.29', k: '195.49', acidity: '2' }, 0, 12, 2],
    ['saturation', { ca: '1603.12', mg: '182.29', k: '195.49', acidity: '2' }, 1, 66.67, 1],
    ['saturation', { ca: '1603.12', mg: '182.29', k: '195.49', acidity: '2' }, 2, 12.5, 1],
    ['saturation', { ca: '1603.12', mg: '182.29', k: '195.49', acidity: '2' }, 3, 4.17, 1],
    ['saturation', { ca: '0', mg: '0', k: '391', acidity: '0' }, 3, 100, 1],
    // First dose 1 lb of S on 100 ft² of loam at most, rounded down to what a scale shows: a circle of 4 ft is 12.57 ft².
    ['sulfur', { percent: '30', plants: '3', across: '4', ph: '6.1' }, 0, 1.25, 6],
    ['sulfur', { percent: '90', plants: '1', across: '10', ph: '6.5' }, 0, 0.7854 / 0.9, 1],
    ['sulfur', { percent: '90', plants: '8', across: '4', ph: '6.5' }, 0, 1.0053 / 0.9, 0],
    ['sulfur', { percent: '90', plants: '8', across: '4', ph: '6.5' }, 1, 0.12566 / 0.9, 1],
    // Sand bears half: 0.5 lb of S on 100 ft².
    [
      'sulfur',
      { percent: '99', plants: '10', across: '4', ph: '6.5', texture: 'sand' },
      0,
      0.6283 / 0.99,
      1,
    ],
  ];

test.each(OUTSIDE)('%s %j, answer %i: %f', (id, typed, at, expected, digits = 2) => {
  expect(answer(id, typed, at)).toBeCloseTo(expected, digits);
});

test.each(OUTSIDE)('every step of %s %j can be worked out again, answer %i', (id, typed) => {
  expect(parted(run(id, typed).workings.byId())).toEqual([]);
});

test('units that do not fit are said in words, at their field', () => {
  const problem = (id: SumId, field: string, text: string) =>
    run(id, { [field]: text }).problems[field]?.id;
  expect(problem('product', 'ground', '3 lb')).toBe('problem.unitMisfit');
  expect(problem('product', 'ground', '3 furlongs')).toBe('problem.unitUnknown');
  expect(problem('product', 'nutrientRate', '1 acre')).toBe('problem.unitMisfit');
  expect(problem('lime', 'ph', '6.4 lb')).toBe('problem.unitMisfit');
  expect(problem('product', 'grade', '46')).toBe('problem.notAGrade');
  expect(problem('product', 'ground', '-4')).toBe('problem.aboveAndUpTo');
  expect(problem('sulfur', 'percent', '300')).toBe('problem.between');
  expect(problem('area', 'length', 'long')).toBeDefined();
  expect(problem('product', 'ground', '2 acres')).toBeUndefined();
  expect(problem('sulfur', 'percent', '30 %')).toBeUndefined();
});

test('what is more than one day bears is never one dose, and the whole is said so', () => {
  const { answers, says, inAll } = run('product', {
    grade: '46-0-0',
    nutrientRate: '4',
    ground: '1000',
  });
  const once = valueOf(answers[0].figure)?.value ?? NaN;
  expect([once.toFixed(4), inAll && valueOf(inAll.figure)?.value.toFixed(4)]).toEqual([
    '2.1739',
    '8.6957',
  ]);
  expect(says.map(({ id }) => id)).toEqual(['bench.neverAtOnce', 'bench.mostIs']);
  expect(run('sulfur', { ph: '7.9', percent: '90', fizz: 'yes' }).answers[0].figure).toHaveProperty(
    'absent',
  );
  expect(run('sulfur', { ph: '7.4', percent: '90' }).fields).toContain('fizz');
});

test('what one sum gives is carried into the next, and what both ask', () => {
  const area = run('area', { shape: 'rectangle', length: '50', width: '40' });
  const product = sumOf('product');
  expect(carriedInto(area, product)).toEqual({ ground: '2000' });
  const first = run('product', { grade: '46-0-0', ground: '2 acres', 'ground.unit': 'ft2' });
  expect(carriedInto(first, sumOf('cups'))).toMatchObject({ weight: '189.391' });
  expect(carriedInto(first, sumOf('lime'))).toMatchObject({ ground: '2 acres' });
});

test('every sum stands against five outside values at least', () => {
  const counted = SUMS.map(({ id }) => [id, OUTSIDE.filter(([of]) => of === id).length] as const);
  expect(counted.filter(([, count]) => count < 5)).toEqual([]);
});
