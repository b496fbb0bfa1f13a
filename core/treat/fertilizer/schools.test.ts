/**
 * One report by every school, on 1,000 ft²; N is the same by all. The sums of build and hold are Tri-State's
 * (E-2567: 5 lb P2O5 and 1 + 0.05 CEC lb K2O an acre and year for each ppm short), those of the minimums of turf
 * and of the balance follow from the levels and the molar masses: our own numbers put into the schools' equations.
 */
import type { School } from './schools/school';
import { lawnCase, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import { SCHOOLS } from './schools';

const VEGETABLES: LawnInput = {
  plant: 'mixed-vegetables',
  situation: 'tilled',
  squareFeet: '1000',
  ph: '6.5',
  om: '3.4',
  cec: '10',
  p: { text: '8' },
  k: { text: '75' },
};
const TURF: LawnInput = {
  squareFeet: '1000',
  clippings: 'removed',
  ph: '6.5',
  om: '3.4',
  cec: '10',
  pack: { id: 'delta-mehlich-3', version: 2 },
  p: { text: '10', method: 'mehlich-3' },
  k: { text: '30', method: 'mehlich-3' },
};

function area(input: LawnInput) {
  const [first] = planCase(lawnCase(input)).areas;
  if (!first) throw new Error('no area');
  return first;
}

type Said = number | string;

/** P2O5 and K2O of a year by a school, lb/1000 ft², or why there is none. */
function rates(input: LawnInput, school: School): [Said, Said] {
  const { rows } = area(input).treatments.fertilizer.needs;
  const said = (nutrient: 'P2O5' | 'K2O'): Said => {
    const figure = rows[nutrient].by[school];
    return 'absent' in figure ? figure.absent.id : Math.round(figure.value.value * 1000) / 1000;
  };
  return [said('P2O5'), said('K2O')];
}

test.each<[string, LawnInput, School, [Said, Said]]>([
  ['sufficiency is the pack’s table', VEGETABLES, 'pack', [4, 2]],
  [
    // (25 − 8) × 5 ÷ 43.56 + 0.5 = 2.451; critical 75 + 2.5 × 10 = 100: 25 × 1.5 ÷ 43.56 + 1.7 = 2.561
    'build up in four years and replace what is carried off',
    VEGETABLES,
    'build',
    [2.451, 2.561],
  ],
  [
    'build without CEC: no factor of K',
    { ...VEGETABLES, cec: '' },
    'build',
    [2.451, 'absent.notTyped'],
  ],
  [
    'build above very high: draw down',
    { ...VEGETABLES, p: { text: '60' }, k: { text: '300' } },
    'build',
    [0, 0],
  ],
  [
    // Delta's critical K 130: 100 × 1.5 ÷ 43.56 + 1.5 = 4.943; P 35: 25 × 5 ÷ 43.56 + 0.5 = 3.370
    'build on a lawn whose clippings go',
    TURF,
    'build',
    [3.37, 4.943],
  ],
  [
    'no build-up factor for Olsen',
    {
      ...VEGETABLES,
      pack: { id: 'plains-olsen', version: 2 },
      p: { text: '6', method: 'olsen' },
    },
    'build',
    ['absent.noBuildUp', 3.25],
  ],
  [
    // 11 ppm × 0.3 × 4 in. ÷ 43.56 × 2.2914 = 0.694, + 0.5 carried off; 7 × 1.2 ÷ 43.56 × 1.2046 + 1.5 = 1.732
    'minimums of turf: what is short of 21 and 37 ppm in four inches, and the clippings',
    TURF,
    'minimums',
    [1.194, 1.732],
  ],
  [
    'minimums are for turf',
    VEGETABLES,
    'minimums',
    ['absent.minimumsTurfOnly', 'absent.minimumsTurfOnly'],
  ],
  [
    // 2 % of 10 meq is 0.2, × 390.98 = 78.2 ppm; 3.2 × 2 ÷ 43.56 × 1.2046 = 0.177
    'balance: potash to the lower share, phosphate as the pack',
    VEGETABLES,
    'balance',
    [4, 0.177],
  ],
  ['no balance without CEC', { ...VEGETABLES, cec: '' }, 'balance', [4, 'absent.balanceCec']],
  [
    'the laboratory’s own amounts, P as P2O5: 1 × 2.2914',
    { ...VEGETABLES, recP: { text: '1', method: 'P' }, recK: { text: '1.5' } },
    'laboratory',
    [2.291, 1.5],
  ],
])('%s', (_name, input, school, expected) => {
  const [p, k] = rates(input, school);
  const [wantedP, wantedK] = expected;
  for (const [got, wanted] of [
    [p, wantedP],
    [k, wantedK],
  ]) {
    if (typeof wanted === 'number') expect(got).toBeCloseTo(wanted, 2);
    else expect(got).toBe(wanted);
  }
});

test('a school is switched per area, and the others say how many pounds more or less they would', () => {
  const decisions = { 'feed-source': 'build' } as const;
  const { needs } = area({ ...VEGETABLES, decisions, squareFeet: '2000' }).treatments.fertilizer;
  expect(needs.source).toBe('build');
  const { more, year } = needs.rows.P2O5;
  expect(year).toMatchObject({ value: { value: expect.closeTo(2.451, 2) as number } });
  // 4 − 2.451 = 1.549 lb/1000 ft² more by the pack, on 2,000 ft² 3.097 lb.
  expect(more.pack).toMatchObject({ value: { value: expect.closeTo(3.097, 2) as number } });
  expect(more.build).toMatchObject({ value: { value: 0 } });
});

test('nobody’s school asks for less than nothing, and nitrogen is by none a matter of the soil test', () => {
  for (const p of ['0', '4', '20', '21', '40', '400']) {
    const { rows } = area({ ...TURF, p: { text: p, method: 'mehlich-3' } }).treatments.fertilizer
      .needs;
    for (const school of SCHOOLS) {
      for (const nutrient of ['P2O5', 'K2O'] as const) {
        const figure = rows[nutrient].by[school];
        if (!('absent' in figure)) expect(figure.value.value).toBeGreaterThanOrEqual(0);
      }
      if (school !== 'laboratory') expect(rows.N.by[school]).toBe(rows.N.by.pack);
    }
  }
});

test('K enough at 150 or at 200 ppm, P none above 25: the rating and the rate follow the opinion', () => {
  const rated = (input: LawnInput) => area({ ...VEGETABLES, ...input }).soilTest;
  const k = { text: '140' };
  expect(rated({ k }).k.rating).toBe('high');
  expect(rated({ k, decisions: { 'opinion-k': '150' } }).k.rating).toBe('medium');
  expect(rated({ k, decisions: { 'opinion-k': '200' } }).k.rating).toBe('medium');
  expect(rated({ k: { text: '90' }, decisions: { 'opinion-k': '200' } }).k.rating).toBe('low');
  const p = { text: '30' };
  expect(rates({ ...VEGETABLES, p }, 'pack')[0]).toBe(0.5);
  expect(rates({ ...VEGETABLES, p, decisions: { 'opinion-p': '25' } }, 'pack')[0]).toBe(0);
});

test('the level that a school builds up to is of the element that was tested', () => {
  const { workings } = planCase(lawnCase(TURF));
  for (const [nutrient, element] of [
    ['P2O5', 'P'],
    ['K2O', 'K'],
  ]) {
    const level = workings.get(`lawn/feed/${nutrient}/build/critical`);
    expect(level).toMatchObject({ value: { unit: 'ppm', of: element } });
  }
});
