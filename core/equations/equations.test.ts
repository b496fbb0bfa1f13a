import { quantity, type Quantity, type Substance, type Unit } from '../kernel/units/quantity';
import { PlanContext } from '../kernel/working/context';
import type { Equation } from '../kernel/working/equation';
import { msg } from '../kernel/messages/msg';
import { schemeOf } from '../tables/lime/fineness';
import { TRI_STATE_LINES } from '../tables/lime/triState';
import { DAY_THROUGH } from './climate/dayThrough';
import { LATER_DAY } from './climate/laterDay';
import { ACID_OF_NITROGEN } from './fertilizer/acidOfNitrogen';
import { POUNDS_TO_CUPS } from './fertilizer/cups';
import { CIRCLE } from './ground/circle';
import { CORES } from './ground/cores';
import { ELLIPSE } from './ground/ellipse';
import { HERON } from './ground/heron';
import { RING } from './ground/ring';
import { SHOELACE } from './ground/shoelace';
import { SIMPSON } from './ground/simpson';
import { TRAPEZOID } from './ground/trapezoid';
import { TRAPEZOIDS } from './ground/trapezoids';
import { TRIANGLE } from './ground/triangle';
import { ACID_BY_CEC, ADAMS_EVANS_LIME } from './lime/adamsEvans';
import { MEHLICH_LIME } from './lime/mehlich1976';
import { DRY_SHARE, fineness, PER_TON_TO_PERCENT } from './lime/quality';
import { TON_SHORT_CUT } from './lime/tonShortCut';
import { TRI_STATE_ORGANIC_LINE, triState } from './lime/triState';
import { UNREACTED_SHARE } from './lime/unreactedShare';
import { AS_SULFUR, percentMore, percentOf } from './shares';
import { CRITICAL_K } from './soil/byExchangeCapacity';
import { HALF_RANGE } from './soil/halfRange';
import { chargeAsPpm, ppmAsCharge } from './soil/milliequivalents';
import { PH_AFTER_LIME, PH_AFTER_SULFUR } from './soil/outlook';
import { PART_OF_THE_WAY } from './soil/partOfTheWay';
import { poundsPerAcreAsPpm } from './soil/poundsPerAcreToPpm';
import { NITRATE_TO_POUNDS_PER_ACRE, ppmAsPoundsPerAcre } from './soil/ppmToPoundsPerAcre';
import { sulfurByTable } from './sulfur/byTable';
import { SULFUR_PER_PH, SULFUR_PER_TENTH } from './sulfur/gardenRule';
import { WATER_LIME_PER_INCH } from './sulfur/waterLime';

const q = <U extends Unit, S extends Substance>(unit: U, of: S) => {
  return (value: number): Quantity<U, S> => quantity(value, unit, of);
};
const feet = q('ft', 'ground');
const across = q('ft', 'diameter');
const ph = q('pH', 'water');
const share = q('ratio', 'share');
const percent = q('%', 'share');
const months = q('months', 'time');
const tons = q('ton/acre', 'limestone');
const rate = q('lb/1000ft2', 'product');
const inches = q('in', 'depth');

/** What an equation comes to, its inputs checked by the types. */
function at<A extends readonly Quantity[]>(
  { compute }: Equation<A, Quantity>,
  ...inputs: A
): number {
  return compute(...inputs).value;
}

describe('ground: elementary geometry', () => {
  test('round ground goes by the diameter', () => {
    expect(at(CIRCLE, across(10))).toBeCloseTo(25 * Math.PI, 10);
    expect(at(RING, across(12), across(4))).toBeCloseTo(32 * Math.PI, 10);
    expect(at(ELLIPSE, feet(10), feet(10))).toBeCloseTo(at(CIRCLE, across(10)), 10);
  });
  test('straight sides', () => {
    expect(at(TRIANGLE, feet(4), feet(3))).toBe(6);
    expect(at(HERON, feet(3), feet(4), feet(5))).toBeCloseTo(6, 12);
    expect(at(TRAPEZOID, feet(10), feet(6), feet(4))).toBe(32);
    const corners = [0, 0, 4, 0, 4, 3, 0, 3].map(feet);
    expect(at(SHOELACE, ...corners)).toBe(12);
    expect(at(SHOELACE, ...[0, 0, 0, 3, 4, 3, 4, 0].map(feet))).toBe(12);
  });
  test('widths along a line: a rectangle by both rules, a parabola exactly by Simpson’s', () => {
    const plain = [5, 8, 8, 8, 8].map(feet);
    expect([at(TRAPEZOIDS, ...plain), at(SIMPSON, ...plain)]).toEqual([120, 120]);
    // y = x² at 0, 1, 2, 3, 4 ft: 4³ ÷ 3.
    expect(at(SIMPSON, ...[1, 0, 1, 4, 9, 16].map(feet))).toBeCloseTo(64 / 3, 10);
  });
  test('cores for a mean: (t · CV ÷ E)², up to the next whole', () => {
    expect(at(CORES, share(1.96), percent(45), percent(20))).toBe(20);
  });
});

describe('soil', () => {
  test('2,000,000 lb to 6⅔ in., common practice: a ppm is two pounds', () => {
    const slice = inches(20 / 3);
    expect(at(ppmAsPoundsPerAcre<'K'>(), quantity(10, 'ppm', 'K'), slice)).toBeCloseTo(20, 10);
    expect(at(NITRATE_TO_POUNDS_PER_ACRE, quantity(10, 'ppm', 'NO3'), slice)).toBeCloseTo(20, 10);
    const back = poundsPerAcreAsPpm<'K'>();
    expect(at(back, quantity(20, 'lb/acre', 'K'), slice)).toBeCloseTo(10, 10);
  });
  test('a meq of potassium is 391 ppm, and back', () => {
    const mass = quantity(39.1, 'g/eq', 'K');
    expect(at(chargeAsPpm<'K'>(), quantity(1, 'meq/100g', 'K'), mass)).toBeCloseTo(391, 10);
    expect(at(ppmAsCharge<'K'>(), quantity(391, 'ppm', 'K'), mass)).toBeCloseTo(1, 10);
  });
  test('the critical level of E-2567: 75 + 2.5 × CEC', () => {
    const [base, each] = [quantity(75, 'ppm', 'K'), quantity(2.5, 'ratio', 'CEC')];
    expect(at(CRITICAL_K, base, each, quantity(10, 'meq/100g', 'CEC'))).toBe(100);
  });
  test('between two pH', () => {
    expect(at(HALF_RANGE, ph(7), ph(6))).toBe(0.5);
    expect(at(PART_OF_THE_WAY, ph(4.5), ph(5.5), share(0.8))).toBeCloseTo(5.3, 10);
  });
  test('the outlook begins at the test and ends at the target when all has worked', () => {
    const ends = [ph(5.6), ph(5.6), ph(6.6), share(1), share(0), months(12)] as const;
    expect(at(PH_AFTER_LIME, ...ends, months(0), months(0))).toBeCloseTo(5.6, 10);
    expect(at(PH_AFTER_LIME, ...ends, months(12), months(0))).toBeCloseTo(6.6, 10);
    // Two halves, a year apart: after one year half of the way.
    expect(at(PH_AFTER_LIME, ...ends, months(12), months(0), months(12))).toBeCloseTo(6.1, 10);
    const acid = [ph(6.5), ph(6.5), ph(5), share(0.5), months(6)] as const;
    expect(at(PH_AFTER_SULFUR, ...acid, months(0))).toBe(6.5);
    expect(at(PH_AFTER_SULFUR, ...acid, months(9))).toBeCloseTo(5.75, 10);
  });
});

describe('climate', () => {
  const [air, day, days] = [q('degF', 'air'), q('day', 'time'), q('days', 'time')];
  test('half of the way from mid-March (day 75) to mid-April is 15 days on; over the turn of the year it begins anew', () => {
    expect(at(DAY_THROUGH, air(45), air(40), air(50), day(75), days(30))).toBe(90);
    expect(at(DAY_THROUGH, air(15), air(20), air(10), day(350), days(31))).toBe(1);
    expect(at(LATER_DAY, day(90), day(101))).toBe(101);
  });
});

describe('lime', () => {
  const buffer = q('pH', 'SMP');
  test('Tri-State lines (E-2567): LTI 65 to 6.5; organic soil of 4.8', () => {
    const line = TRI_STATE_LINES.find(({ target }) => target === 6.5) ?? TRI_STATE_LINES[0];
    expect(at(triState(line), buffer(6.5))).toBeCloseTo(60.4 - 0.87 * 65, 10);
    expect(at(TRI_STATE_ORGANIC_LINE, ph(4.8))).toBeCloseTo(32.9 - 6.31 * 4.8, 10);
  });
  test('Adams & Evans: nothing to the pH that is there; the whole acid to a curve without any', () => {
    expect(at(ADAMS_EVANS_LIME, buffer(7.8), ph(5.5), ph(5.5))).toBe(0);
    // 8 × (8.00 − 7.80) meq at 1,000 lb each.
    expect(at(ADAMS_EVANS_LIME, buffer(7.8), ph(5.5), ph(7.79))).toBeCloseTo(1600, 6);
    const cec = quantity(10, 'meq/100g', 'CEC');
    expect(at(ACID_BY_CEC, ph(6.5), ph(6.5), cec)).toBe(0);
    expect(at(ACID_BY_CEC, ph(6.5), ph(5), cec)).toBeGreaterThan(0);
  });
  test('Mehlich 1976: 4 × 0.4 meq over the whole way', () => {
    expect(at(MEHLICH_LIME, buffer(6.2), ph(5.5), ph(6.6))).toBeCloseTo(1.6, 10);
  });
  test('quality: fineness by classes, water, a score in pounds a ton', () => {
    const passing = [95, 70, 50].map(percent);
    expect(at(fineness(schemeOf('wisconsin')), ...passing)).toBeCloseTo(0.67, 10);
    expect(at(DRY_SHARE, percent(8))).toBeCloseTo(0.92, 10);
    const score = q('lb/ton', 'ECCE');
    expect(at(PER_TON_TO_PERCENT, score(1600), score(2000))).toBe(80);
  });
  test('the trade’s 50 lb for a ton; 8 points a month of what reacts', () => {
    expect(at(TON_SHORT_CUT, tons(1.5))).toBe(75);
    const days = q('days', 'time');
    expect(at(UNREACTED_SHARE, days(-30))).toBe(1);
    expect(at(UNREACTED_SHARE, days(30.4375 * 6))).toBeCloseTo(0.52, 10);
    expect(at(UNREACTED_SHARE, days(800))).toBe(0);
  });
});

describe('sulfur, shares and fertilizer', () => {
  test('by rules and by a table, never below nothing', () => {
    expect(at(SULFUR_PER_PH, ph(5), ph(6))).toBe(0);
    expect(at(SULFUR_PER_TENTH, ph(4))).toBe(0);
    const rows = [
      [7, 2],
      [6, 1],
    ] as const;
    const table = sulfurByTable('x', { rows, column: 1, unit: 'lb/100ft2' });
    expect([6, 6.5, 7].map((value) => at(table, ph(value)))).toEqual([1, 1.5, 2]);
  });
  test('an inch of water of 100 ppm of lime over an acre is 22.6 lb of it', () => {
    // 43,560 ft² × 1/12 ft × 62.4 lb × 100 ÷ 1,000,000.
    const water = quantity(100, 'mg/L', 'CaCO3');
    expect(at(WATER_LIME_PER_INCH, water)).toBeCloseTo(22.65, 0);
  });
  test('percentages', () => {
    expect(at(percentOf('Mg'), rate(50), quantity(11, '%', 'Mg'))).toBeCloseTo(5.5, 10);
    const sulfur = q('lb/1000ft2', 'S');
    expect(at(percentMore<'S'>(), sulfur(15), sulfur(10))).toBeCloseTo(50, 10);
    expect(at(AS_SULFUR, quantity(6, 'ratio', 'product'))).toBeCloseTo(1 / 6, 10);
  });
  test('5.35 lb of lime for each pound of N as ammonium sulfate; cups by density', () => {
    const acid = [rate(100), quantity(21, '%', 'N'), quantity(5.35, 'ratio', 'CaCO3')] as const;
    expect(at(ACID_OF_NITROGEN, ...acid)).toBeCloseTo(112.35, 10);
    // A cup is 1 ÷ 119.68 of a cubic foot.
    const pound = quantity(1, 'lb', 'product');
    expect(at(POUNDS_TO_CUPS, pound, quantity(60, 'lb/ft3', 'density'))).toBeCloseTo(1.995, 2);
  });
});

test('a figure names the equation that it was reckoned by, and what is absent stays absent', () => {
  const ctx = new PlanContext();
  const known = ctx.constant({ id: 'd', label: msg('ground.circle') }, 10, 'ft', 'diameter');
  const none = ctx.sheet.absent({ id: 'n', label: msg('ground.circle') }, msg('absent.noNumber'));
  ctx.sheet.equation({ id: 'a', label: msg('ground.circle') }, CIRCLE, [known]);
  ctx.sheet.equation({ id: 'b', label: msg('ground.circle') }, CIRCLE, [none]);
  expect(ctx.sheet.workings.get('a')).toMatchObject({
    op: 'equation',
    detail: { equation: 'circle-by-diameter' },
    inputs: ['d'],
  });
  expect(ctx.sheet.workings.get('b')).toMatchObject({ absent: msg('absent.noNumber') });
});
