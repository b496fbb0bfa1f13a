import { lawnCase, type LawnInput } from '../../../test/cases';
import { brokenLaws } from '../../../test/caseLaws';
import { parted } from '../../../published/evaluator';
import type { DecisionKind } from '../../casefile/decisions';
import { ouncesPerHundredGallons } from '../../equations/fertilizer/liquidFeed';
import { SHIPPED_MATERIALS } from '../../catalog/materials/materials';
import type { Figure } from '../../kernel/working/working';
import { planCase } from '../../plan/plan';
import { feedsOf, type LiquidFeed } from './liquidFeed';

const LAWN: LawnInput = { ph: '6.5', om: '3', squareFeet: '1000' };

const value = (figure: Figure | undefined): number =>
  !figure || 'absent' in figure ? NaN : figure.value.value;

type Typed = Partial<Record<DecisionKind, string>>;

const fileOf = (product: string, typed: Typed = {}) =>
  lawnCase({ ...LAWN, decisions: { liquid: product, ...typed } });

function feed(product: string, typed: Typed = {}): LiquidFeed {
  const liquid = planCase(fileOf(product, typed)).areas[0]?.liquid;
  if (!liquid) throw new Error('no feed');
  return liquid;
}

test('nothing is mixed where nobody chose a product, or one that does not dissolve', () => {
  expect(planCase(lawnCase(LAWN)).areas[0]?.liquid).toBeUndefined();
  expect(planCase(fileOf('fertilizer-10-10-10')).areas[0]?.liquid).toBeUndefined();
});

// Every greenhouse text: ounces in 100 gallons = ppm ÷ (% × 0.75); 100 ppm from 20-20-20 are 6.7 oz.
test('100 ppm of nitrogen from 20-20-20 are 6.7 oz in 100 gallons', () => {
  const { perGallon } = feed('soluble-20-20-20', { 'liquid-ppm': '100' });
  expect(value(perGallon) * 100).toBeCloseTo(6.67, 2);
  expect(ouncesPerHundredGallons(100, 20)).toBeCloseTo(6.67, 2);
});

// 58 lb/ft³ are 0.48 lb a cup, 0.485 oz a level tablespoon.
test('spoons by the bulk density', () => {
  const { measured } = feed('soluble-20-20-20', { 'liquid-ppm': '200' });
  expect(value(measured)).toBeCloseTo(200 / 20 / 75 / ((58 * 231 * 16) / (1728 * 256)), 6);
});

// Ten pounds a gallon are 160 oz in 128 fluid ounces.
test('fluid ounces by what a gallon of the solution weighs', () => {
  const { perGallon, measured } = feed('liquid-12-4-8', { 'liquid-ppm': '150' });
  expect(value(measured)).toBeCloseTo((value(perGallon) / (16 * 10.2)) * 128, 10);
});

test('what is drawn is as much stronger, and the water brings its nitrogen', () => {
  const { perGallon, stock, product, nitrogen } = feed('urea-46-0-0', {
    'liquid-ppm': '200',
    'liquid-ratio': '16',
    'liquid-gallons': '50',
  });
  expect(value(stock)).toBeCloseTo(16 * value(perGallon), 10);
  expect(value(product)).toBeCloseTo(50 * value(perGallon), 10);
  // 200 ppm of 417 lb of water.
  expect(value(nitrogen)).toBeCloseTo((200 * 50 * 8.345) / 1e6, 10);
  // The same by what is weighed in, within the roundness of 0.75.
  expect(value(nitrogen)).toBeCloseTo((value(product) / 16) * 0.46, 3);
});

test('what cannot be read is said at its place; the usual strength stands where nothing is typed', () => {
  const plan = planCase(fileOf('urea-46-0-0', { 'liquid-ppm': 'strong', 'liquid-ratio': '0' }));
  expect(Object.keys(plan.problems).sort()).toEqual([
    'decisions/lawn:liquid-ppm/value',
    'decisions/lawn:liquid-ratio/value',
  ]);
  expect(value(feed('urea-46-0-0').ppm)).toBe(150);
});

test.each(feedsOf(SHIPPED_MATERIALS).map(({ id }) => id))(
  'every working of %s is what its op makes of its inputs, and the laws hold',
  (id) => {
    const file = fileOf(id, { 'liquid-gallons': '20', 'liquid-ratio': '16' });
    expect(parted(planCase(file).workings.byId())).toEqual([]);
    expect(brokenLaws(file)).toEqual([]);
  },
);
