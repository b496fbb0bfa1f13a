/**
 * One report read for fifteen plants: pH 5.7, SMP 6.5, OM 3.4 %, CEC 10, Bray-1 P 8, ammonium-acetate K 75 ppm,
 * 1,000 ft². Lime: SMP 6.5 to 6.5 is 3.8 and to 7.0 is 4.5 tons/acre of 8 in.; worked into 6 in.
 * 3.8 × 6 ÷ 8 × 2000 ÷ 43.56 = 130.9 and 155.0 lb; × 4 ÷ 8 = 87.2 on turf. P is low, K (critical 100) medium.
 * Nitrogen is that of the literature on each plant, lb/acre ÷ 43.56 (asparagus 75, potato 140, onion 110, tomato 90,
 * corn 130) or of its first year (blueberries 10, shrubs and trees nothing, roses 0.5 lb/1000 ft²); phosphate and potash
 * of vegetables are the pack's garden (4 and 2), of clover 80 and 60, of alfalfa 120 and 100, of fruit 60 and 40 lb/acre.
 */
import { lawnCase } from '../../test/cases';
import { planCase } from './plan';
import { findingKey } from '../kernel/working/finding';

const UREA = 'urea-46-0-0';
/** Half and more of its nitrogen is to come slowly in each dose of its year (North Carolina State AG-381). */
const COATED = 'sulfur-coated-urea-37-0-0';
const SULFATE = 'ammonium-sulfate-21-0-0';
const TSP = 'triple-superphosphate-0-46-0';
const MURIATE = 'muriate-of-potash-0-0-60';
const POTASH = 'sulfate-of-potash-0-0-50';

interface Outcome {
  readonly plant: string;
  /** Where the pH lies, and the lime in lb/1000 ft² where some is due. */
  readonly ph: 'acidic' | 'right' | 'high';
  readonly lime?: number;
  readonly year: readonly [N: number, P2O5: number, K2O: number];
  readonly with: readonly string[];
}

const OUTCOMES: readonly Outcome[] = [
  { plant: 'blueberry', ph: 'high', year: [0.23, 1.38, 0.92], with: [TSP, POTASH, SULFATE] },
  { plant: 'asparagus', ph: 'acidic', lime: 155, year: [1.72, 4, 2], with: [TSP, MURIATE, UREA] },
  { plant: 'potato', ph: 'high', year: [3.21, 4, 2], with: [TSP, POTASH, UREA] },
  { plant: 'centipedegrass', ph: 'right', year: [1, 1, 1.5], with: [TSP, MURIATE, COATED] },
  { plant: 'white-clover', ph: 'acidic', lime: 130.9, year: [0, 1.84, 1.38], with: [TSP, MURIATE] },
  { plant: 'onion', ph: 'acidic', lime: 130.9, year: [2.53, 4, 2], with: [TSP, MURIATE, SULFATE] },
  { plant: 'pin-oak', ph: 'right', year: [0, 1, 0.5], with: [TSP, MURIATE] },
  { plant: 'hydrangea-blue', ph: 'high', year: [0, 2, 1], with: [TSP, MURIATE] },
  { plant: 'hydrangea-pink', ph: 'acidic', lime: 130.9, year: [0, 2, 1], with: [TSP, MURIATE] },
  { plant: 'tomato', ph: 'acidic', lime: 130.9, year: [2.07, 4, 2], with: [TSP, MURIATE, UREA] },
  { plant: 'rose', ph: 'acidic', lime: 130.9, year: [0.5, 2, 1], with: [TSP, MURIATE, UREA] },
  { plant: 'camellia', ph: 'right', year: [0, 2, 1], with: [TSP, POTASH] },
  { plant: 'alfalfa', ph: 'acidic', lime: 155, year: [0, 2.75, 2.3], with: [TSP, MURIATE] },
  {
    plant: 'sweet-corn',
    ph: 'acidic',
    lime: 130.9,
    year: [2.98, 4, 2],
    with: [TSP, MURIATE, UREA],
  },
];

function plan(plant: string, input: Parameters<typeof lawnCase>[0] = {}) {
  const whole = planCase(
    lawnCase({
      plant,
      squareFeet: '1000',
      situation: plant === 'centipedegrass' ? 'established' : 'tilled',
      clippings: 'returned',
      ph: '5.7',
      buffer: '6.5',
      om: '3.4',
      cec: '10',
      p: { text: '8' },
      k: { text: '75' },
      ...input,
    }),
  );
  const [area] = whole.areas;
  if (!area) throw new Error('no area');
  return { area, whole };
}

test.each(OUTCOMES)('$plant', ({ plant, ph, lime, year, with: products }) => {
  const { area } = plan(plant);
  expect([area.treatments.lime.standing, area.treatments.lime.verdict]).toEqual([
    ph,
    lime ? 'dose' : 'none-needed',
  ]);
  if (lime) {
    // The table's limestone against pelletized of the same CCE.
    expect(area.treatments.lime.rate).toMatchObject({
      value: { value: expect.closeTo(lime, 0) as number },
    });
  }
  const { N, P2O5, K2O } = area.treatments.fertilizer.needs.rows;
  for (const [index, figure] of [N.year, P2O5.year, K2O.year].entries()) {
    expect(figure).toMatchObject({
      value: { value: expect.closeTo(year[index] ?? 0, 2) as number },
    });
  }
  expect(area.treatments.fertilizer.chosen.parts.map(({ material }) => material.id)).toEqual(
    products,
  );
  expect(area.reading.lines[0]?.sentence.id).toBe(`reading.ph.${ph}`);
});

test('the container mix is read by the pack of mixes, and never limed by a table of soils', () => {
  const extract = { unit: 'ppm-extract', method: 'saturated-extract' };
  const { area } = plan('container-mix', {
    pack: { id: 'potting-mix-extract', version: 1 },
    ph: '5.2',
    buffer: '',
    om: '',
    cec: '',
    p: { text: '8', ...extract },
    k: { text: '75', ...extract },
  });
  // Warncke & Krauskopf 1983: P 6 to 10 mg/L is optimum (enough), K 60 to 149 acceptable (medium).
  expect(area.treatments.lime.verdict).toBe('absent');
  expect([area.soilTest.p.rating, area.soilTest.k.rating]).toEqual(['high', 'medium']);
  const { P2O5, K2O } = area.treatments.fertilizer.needs.rows;
  expect([P2O5.year, K2O.year].map((figure) => 'absent' in figure)).toEqual([true, true]);
});

test('what a plant does not bear is refused, even where it was chosen', () => {
  const { area, whole } = plan('blueberry', {
    decisions: { 'feed-k': MURIATE, 'feed-n': 'calcium-nitrate-15.5-0-0' },
  });
  const refused = whole.findings.map(findingKey).filter((id) => id.includes('productRefused'));
  expect(refused).toEqual(['lawn/productRefused.n', 'lawn/productRefused.k']);
  expect(area.treatments.fertilizer.chosen.parts.map(({ material }) => material.id)).toEqual([
    TSP,
    POTASH,
    SULFATE,
  ]);
});

test('below pH 5 a plant of sour soil is given urea: ammonium sulfate would make it sourer', () => {
  const { area } = plan('blueberry', { ph: '4.7' });
  expect(area.treatments.fertilizer.chosen.parts.at(-1)?.material.id).toBe(UREA);
});
