import { newPastEntry } from '../../casefile/parts/past';
/**
 * One report (pH 5.7, SMP 6.5, OM 3.4 %, CEC 10, Bray-1 P 8, ammonium-acetate K 75 ppm) read for
 * different ground and in different ways, each on 1,000 ft². Rates are the pack's: lawn N 3 or 2,
 * P2O5 1, K2O 1.5; vegetables N 2, P2O5 4, K2O 2. K: critical 75 + 2.5 × 10 = 100, so 75 is medium.
 */
import { PLANTS } from '../../catalog/plants/plants';
import { lawnCase, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import type { AreaPlan } from '../../area/areaPlan';

const REPORT: LawnInput = {
  squareFeet: '1000',
  ph: '5.7',
  buffer: '6.5',
  om: '3.4',
  cec: '10',
  p: { text: '8' },
  k: { text: '75' },
};
const OLD = { id: 'lake-states-1995', version: 2 };
const VEGETABLES = { plant: 'mixed-vegetables', situation: 'tilled' } as const;
const LAB = { 'feed-source': 'laboratory' } as const;

function area(input: LawnInput): AreaPlan {
  const [first] = planCase(lawnCase({ ...REPORT, ...input })).areas;
  if (!first) throw new Error('no area');
  return first;
}

/** Products of the plan with their pounds, in the order of the hand. */
function fed(input: LawnInput): Record<string, number> {
  const { parts } = area(input).treatments.fertilizer.chosen;
  return Object.fromEntries(
    parts.map(({ material, set }) => [
      material.id.replace(/-\d[\d.-]*$/, ''),
      'absent' in set.total ? NaN : Math.round(set.total.value.value * 1000) / 1000,
    ]),
  );
}

// 1 ÷ 0.46 = 2.174; 1.5 ÷ 0.6 = 2.5; 3 ÷ 0.46 = 6.522; 4 ÷ 0.46 = 8.696; 2 ÷ 0.6 = 3.333
const TSP = 'triple-superphosphate';
const KCL = 'muriate-of-potash';

test.each<[string, LawnInput, Record<string, number>]>([
  [
    'lawn, clippings taken away',
    { clippings: 'removed' },
    { [TSP]: 2.174, [KCL]: 2.5, urea: 6.522 },
  ],
  ['lawn, clippings left', { clippings: 'returned' }, { [TSP]: 2.174, [KCL]: 2.5, urea: 4.348 }],
  ['lawn, nobody asked', {}, { [TSP]: 2.174, [KCL]: 2.5, urea: 4.348 }],
  ['mixed vegetables', VEGETABLES, { [TSP]: 8.696, [KCL]: 3.333, urea: 4.348 }],
  [
    'phosphate that brings nitrogen: 8.696 × 0.18 = 1.565, (2 − 1.565) ÷ 0.46',
    { ...VEGETABLES, decisions: { 'feed-p': 'diammonium-phosphate-18-46-0' } },
    { 'diammonium-phosphate': 8.696, [KCL]: 3.333, urea: 0.945 },
  ],
  [
    'bone meal: 4 ÷ 0.15 = 26.667, × 0.03 × 0.36 = 0.288 N, 1.712 ÷ 0.46',
    { ...VEGETABLES, decisions: { 'feed-p': 'steamed-bone-meal-3-15-0' } },
    { 'steamed-bone-meal': 26.667, [KCL]: 3.333, urea: 3.722 },
  ],
  [
    'a complete fertilizer for phosphate: 40 lb of 10-10-10 meet all and pass N',
    { ...VEGETABLES, decisions: { 'feed-p': 'fertilizer-10-10-10' } },
    { fertilizer: 40 },
  ],
  [
    'blood meal: 2 ÷ (0.12 × 0.65)',
    { ...VEGETABLES, decisions: { 'feed-n': 'blood-meal-12-0-0' } },
    { [TSP]: 8.696, [KCL]: 3.333, 'blood-meal': 25.641 },
  ],
  ['vegetables on organic soil', { ...VEGETABLES, om: '30' }, { [TSP]: 8.696, [KCL]: 3.333 }],
  ['lawn on organic soil', { om: '30', cec: '20' }, { [TSP]: 2.174, [KCL]: 2.5 }],
  [
    'vegetables, no test: the middle class, 2 ÷ 0.46',
    { ...VEGETABLES, untested: true },
    { urea: 4.348 },
  ],
  ['lawn, no test', { untested: true }, { urea: 4.348 }],
  ['P very high', { ...VEGETABLES, p: { text: '60' } }, { [KCL]: 3.333, urea: 4.348 }],
  ['P and K very high', { ...VEGETABLES, p: { text: '60' }, k: { text: '260' } }, { urea: 4.348 }],
  [
    'P below what the method finds: low',
    { ...VEGETABLES, p: { text: '<5' } },
    { [TSP]: 8.696, [KCL]: 3.333, urea: 4.348 },
  ],
  [
    'K in lb/acre: 150 ÷ 2 = 75 ppm',
    { ...VEGETABLES, k: { text: '150', unit: 'lb/acre' } },
    { [TSP]: 8.696, [KCL]: 3.333, urea: 4.348 },
  ],
  [
    'the laboratory followed: 3-0-2',
    { recN: { text: '3' }, recP: { text: '0' }, recK: { text: '2' }, decisions: LAB },
    { [KCL]: 3.333, urea: 6.522 },
  ],
  [
    'the laboratory in elements: 1 lb P is 2.2914 P2O5, 1 lb K 1.2046 K2O',
    {
      recN: { text: '0' },
      recP: { text: '1', method: 'P' },
      recK: { text: '1', method: 'K' },
      decisions: LAB,
    },
    { [TSP]: 4.981, [KCL]: 2.008 },
  ],
  [
    'the laboratory by the acre and the ounce: 43.56 lb/acre, 16 oz/100 ft²',
    {
      recN: { text: '43.56', unit: 'lb/acre' },
      recK: { text: '1.6', unit: 'oz/100ft2' },
      decisions: LAB,
    },
    { [KCL]: 1.667, urea: 2.174 },
  ],
  [
    'the laboratory by a product: 2 lb/100 ft² of 10-10-10',
    { recProduct: { text: '2', unit: 'lb/100ft2', method: '10-10-10' }, decisions: LAB },
    { [TSP]: 4.348, [KCL]: 3.333, urea: 4.348 },
  ],
  [
    'Mehlich-3: no rating in this pack',
    { p: { text: '8', method: 'mehlich-3' }, k: { text: '75', method: 'mehlich-3' } },
    { urea: 4.348 },
  ],
  ['nobody knows the extractant', { p: { text: '8', method: '' } }, { [KCL]: 2.5, urea: 4.348 }],
  // 1.5 ÷ 0.46, 3 ÷ 0.46 and 2 ÷ 0.60: phosphorus is low, potassium medium.
  [
    'a lawn to be sown',
    { situation: 'tilled' },
    { urea: 3.261, 'triple-superphosphate': 6.522, [KCL]: 3.333 },
  ],
  [
    'shrubs by the literature: 1-2-1, which 5-10-5 is in one bag: 1 ÷ 0.05',
    { plant: 'trees-and-shrubs' },
    { fertilizer: 20 },
  ],
  [
    'each need by its own product where that is chosen',
    { plant: 'trees-and-shrubs', decisions: { 'feed-way': 'by-need' } },
    { 'triple-superphosphate': 4.348, [KCL]: 1.667, urea: 2.174 },
  ],
  [
    'the same where an old pack is silent',
    { plant: 'trees-and-shrubs', pack: OLD },
    { fertilizer: 20 },
  ],
  [
    'trees: nitrogen only where growth is wanted',
    { plant: 'oak' },
    { 'triple-superphosphate': 2.174, [KCL]: 0.833 },
  ],
  [
    'trees of which more growth is wanted: 2 ÷ 0.46',
    { plant: 'oak', growing: { level: 'high' } },
    { 'triple-superphosphate': 2.174, [KCL]: 0.833, urea: 4.348 },
  ],
  [
    'a fescue lawn kept low, its clippings taken away: 1 ÷ 0.75 ÷ 0.46',
    { plant: 'tall-fescue', clippings: 'removed', growing: { level: 'low' } },
    { [TSP]: 2.174, [KCL]: 2.5, urea: 2.899 },
  ],
  [
    'in shade half: 2.25 ÷ 2 ÷ 0.46',
    { plant: 'tall-fescue', growing: { shade: 'yes' } },
    { [TSP]: 2.174, [KCL]: 2.5, urea: 2.446 },
  ],
  [
    'not watered at most 2 lb: 2 ÷ 0.46',
    { plant: 'kentucky-bluegrass', growing: { watered: 'no' } },
    { [TSP]: 2.174, [KCL]: 2.5, urea: 4.348 },
  ],
  [
    'four apple trees of ten years, 0.5 lb each: 2 ÷ 0.46; no P at medium fruit rates is 60 lb/acre × 616 ft²',
    {
      plant: 'apple',
      growing: { years: '10' },
      shape: { kind: 'plants', number: '4', diameter: '14' },
    },
    { [TSP]: 1.844, [KCL]: 0.942, urea: 4.348 },
  ],
  [
    'and 2 in. across the trunk: 0.1 lb an inch is less, 4 × 0.2 ÷ 0.46',
    {
      plant: 'apple',
      growing: { years: '10', trunk: '2' },
      shape: { kind: 'plants', number: '4', diameter: '14' },
    },
    { [TSP]: 1.844, [KCL]: 0.942, urea: 1.739 },
  ],
  [
    'pack version 1: nitrogen only',
    { pack: { id: 'lake-states-1995', version: 1 } },
    { urea: 4.348 },
  ],
  [
    'rows without a distance: 0.5 ÷ 0.46 × 3.6 along 360 ft',
    { ...VEGETABLES, shape: { kind: 'rows', number: '12', length: '30' } },
    { urea: 3.913 },
  ],
  [
    'rows 30 in. apart: 900 ft²',
    { ...VEGETABLES, shape: { kind: 'rows', number: '12', length: '30', spacing: '30 in' } },
    { [TSP]: 7.826, [KCL]: 3, urea: 3.913 },
  ],
])('%s', (_name, input, products) => {
  expect(fed(input)).toEqual(products);
});

test.each<[string, LawnInput, readonly string[]]>([
  ['no test', { untested: true }, ['clippingsUnknown', 'feedUntested', 'feedUnsettled']],
  ['P very high', { ...VEGETABLES, p: { text: '60' } }, ['veryHigh.p', 'feedUnsettled']],
  [
    'Mehlich-3',
    { ...VEGETABLES, p: { text: '8', method: 'mehlich-3' } },
    ['unrated.p', 'feedUnsettled'],
  ],
  ['no CEC', { ...VEGETABLES, cec: '' }, ['cecUnknown', 'feedUnsettled']],
  [
    'more nitrogen than is asked for',
    { ...VEGETABLES, decisions: { 'feed-p': 'fertilizer-10-10-10' } },
    ['feedOver.N', 'feedOver.K2O', 'feedUnsettled'],
  ],
  [
    'weed-and-feed is never computed',
    { ...VEGETABLES, decisions: { 'feed-n': 'weed-and-feed-28-0-3' } },
    ['pesticideRefused.n', 'feedUnsettled'],
  ],
  [
    'bone meal above pH 7',
    { ...VEGETABLES, ph: '7.2', decisions: { 'feed-p': 'steamed-bone-meal-3-15-0' } },
    ['carriesOver', 'boneMealIdle', 'feedUnsettled'],
  ],
  ['130 lb/acre typed as lb/1000 ft²', { recN: { text: '130' }, decisions: LAB }, ['feedTooMany']],
  [
    'rows without a distance',
    { ...VEGETABLES, shape: { kind: 'rows', number: '12', length: '30' } },
    ['rowsSideDressed', 'feedUnsettled'],
  ],
])('what is said: %s', (_name, input, said) => {
  const { findings } = planCase(lawnCase({ ...REPORT, ...input }));
  const feeding = findings.filter(({ step }) => step === 'feeding');
  expect(feeding.map(({ name }) => name)).toEqual(said);
});

test('both sources side by side: the difference in pounds of nutrient here', () => {
  // (3 − 2) × 6.2 = 6.2; (0.5 − 1) × 6.2 = −3.1; no K from the laboratory
  const { rows } = area({ squareFeet: '6200', recN: { text: '3' }, recP: { text: '0.5' } })
    .treatments.fertilizer.needs;
  const pounds = [rows.N, rows.P2O5, rows.K2O].map(({ difference }) =>
    'absent' in difference ? difference.absent.id : Math.round(difference.value.value * 10) / 10,
  );
  expect(pounds).toEqual([6.2, -3.1, 'absent.notTyped']);
});

test('nutrients and a product at once are a problem at the product', () => {
  const input = { recN: { text: '3' }, recProduct: { text: '20', method: '10-10-10' } };
  const plan = planCase(lawnCase({ ...REPORT, ...input }));
  expect(plan.problems).toHaveProperty(['reports/r1/results/s1/rec-product/text']);
  const noGrade = planCase(lawnCase({ ...REPORT, recProduct: { text: '20', method: '10-10' } }));
  expect(noGrade.problems).toHaveProperty(['reports/r1/results/s1/rec-product/method']);
});

test('what was given this year by its grade counts against each need', () => {
  const file = lawnCase({ ...REPORT, ...VEGETABLES });
  const given = newPastEntry({
    id: 'g1',
    areaId: 'lawn',
    kind: 'fertilizer' as const,
    on: '2027-05-01',
    amount: { text: '10', unit: 'lb/1000ft2', method: '' },
    percent: '5-10-10',
  });
  const [plan] = planCase({ ...file, past: { g1: given } }).areas;
  const left = Object.values(plan?.treatments.fertilizer.needs.need ?? {}).map((need) =>
    'absent' in need ? NaN : need.value.value,
  );
  expect(left).toEqual([1.5, 3, 1]); // 2 − 0.5, 4 − 1, 2 − 1
});

test('one product in one trip: under its caps, and without phosphate where none is needed', () => {
  const withP = area(VEGETABLES).treatments.fertilizer.options[1];
  const noP = area({ ...VEGETABLES, p: { text: '60' } }).treatments.fertilizer.options[1];
  expect(withP?.parts).toHaveLength(1);
  expect(withP?.parts[0]?.applications).toHaveLength(1);
  expect(noP?.parts[0]?.material.grade.P2O5).toBe(0);
  const one = area({
    ...VEGETABLES,
    decisions: { 'feed-one': 'fertilizer-13-13-13', 'feed-way': 'one-trip' },
  }).treatments.fertilizer;
  // 1 lb of quick N at most: 1 ÷ 0.13 = 7.69 lb, though 2 lb are needed
  expect(one.chosen.way).toBe('one-trip');
  const [part] = one.chosen.parts;
  expect(part && !('absent' in part.rate) && part.rate.value.value).toBeCloseTo(7.692, 3);
  const short = one.chosen.balance?.P2O5.short;
  expect(short && !('absent' in short) && short.value.value).toBeCloseTo(3, 10); // 4 − 1
});

test('one bag goes before several only where it misses nothing by more than a fifth of a pound', () => {
  let taken = 0;
  for (const plant of Object.keys(PLANTS)) {
    for (const p of ['8', '40', '90']) {
      const [area] = planCase(lawnCase({ ...REPORT, plant, p: { text: p } })).areas;
      const { chosen, options } = area?.treatments.fertilizer ?? {};
      if (chosen?.way !== 'one-trip') continue;
      taken += 1;
      expect([plant, (options?.[0].parts.length ?? 0) > 1]).toEqual([plant, true]);
      for (const { over, short } of Object.values(chosen.balance ?? {})) {
        for (const off of [over, short]) {
          if (!('absent' in off)) expect(off.value.value).toBeLessThanOrEqual(0.2);
        }
      }
    }
  }
  expect(taken).toBeGreaterThan(3);
});
