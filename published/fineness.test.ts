/**
 * Effective quality of liming materials by every scheme. Printed: the Illinois example and its typical stone (Illinois
 * Agronomy Handbook), the least that Alabama's law allows (CCE 90, 90 % through 10, 50 % through 60: 63), pure fine lime in
 * Missouri (800 lb ENM a ton). The others are the published formula with inputs of our own, as the second recollection
 * computed them. Standing: recalled.
 */
import type { Label } from '../core/casefile/parts/label';
import { finenessFactor, passingAt, schemeOf, SCHEME_IDS } from '../core/tables/lime/fineness';
import { tableLimestoneBy } from '../core/tables/lime/quality';
import { planCase } from '../core/plan/plan';
import { valueOf, type Figure } from '../core/kernel/working/working';
import { lawnCase, ORACLE } from '../test/cases';

function bag(label: Partial<Label>) {
  const [area] = planCase(lawnCase({ ...ORACLE, label })).areas;
  const row = area?.treatments.lime.chosenMaterial;
  if (!area || !row) throw new Error('no material');
  const effective: Figure = row.bag.effectiveness.figure;
  return {
    effective: valueOf(effective)?.value ?? NaN,
    total: valueOf(row.total)?.value ?? NaN,
  };
}

interface Example {
  readonly scheme: Label['scheme'];
  readonly cce: string;
  readonly passing: Label['sieves'];
  readonly moisture?: string;
  /** Effective quality, %, to the printed decimals. */
  readonly effective: number;
  readonly decimals?: number;
}

test.each<Example>([
  // 13.1 % on 8 mesh, 40.4 on 30, 14.9 on 60, 31.6 through it: printed as ENV 41.5
  {
    scheme: 'illinois-1',
    cce: '86.88',
    passing: { '8': '86.9', '30': '46.5', '60': '31.6' },
    effective: 41.5,
    decimals: 1,
  },
  {
    scheme: 'illinois-1',
    cce: '90',
    passing: { '8': '90', '30': '60', '60': '30' },
    effective: 46.35,
  },
  {
    scheme: 'illinois-4',
    cce: '90',
    passing: { '8': '90', '30': '60', '60': '30' },
    effective: 67.5,
  },
  { scheme: 'alabama', cce: '90', passing: { '10': '90', '60': '50' }, effective: 63 },
  {
    scheme: 'missouri',
    cce: '100',
    passing: { '8': '100', '40': '100', '60': '100' },
    effective: 100,
  },
  // 0.25 × 20 + 0.6 × 20 + 50 = 67
  {
    scheme: 'missouri',
    cce: '90',
    passing: { '8': '90', '40': '70', '60': '50' },
    effective: 60.3,
  },
  // 0.2 × 15 + 0.6 × 35 + 45 = 69
  { scheme: 'ohio', cce: '90', passing: { '8': '95', '20': '80', '60': '45' }, effective: 62.1 },
  // 0.2 × 25 + 0.6 × 20 + 50 = 67, 5 % water: 1,146 lb ENP of 2,000
  {
    scheme: 'ohio',
    cce: '90',
    passing: { '8': '95', '20': '70', '60': '50' },
    moisture: '5',
    effective: 57.285,
  },
  {
    scheme: 'wisconsin',
    cce: '90',
    passing: { '8': '95', '20': '70', '60': '50' },
    effective: 60.3,
  },
  // 0.1 × 100 + 0.3 × 90 + 0.6 × 40 = 61; × 0.92 × 0.97
  {
    scheme: 'iowa',
    cce: '92',
    passing: { '4': '100', '8': '90', '60': '40' },
    moisture: '3',
    effective: 54.4,
    decimals: 1,
  },
  // (95 + 45) ÷ 2 = 70
  { scheme: 'kansas', cce: '90', passing: { '8': '95', '60': '45' }, effective: 63 },
  { scheme: 'kentucky', cce: '88', passing: { '10': '95', '50': '45' }, effective: 61.6 },
  // 0.3 × 20 + 0.6 × 20 + 50 = 68; × 0.90 × 0.96
  {
    scheme: 'oregon',
    cce: '90',
    passing: { '10': '90', '20': '70', '40': '50' },
    moisture: '4',
    effective: 58.752,
  },
  // 0.6 × 30 + 40 = 58
  { scheme: 'new-york', cce: '90', passing: { '20': '70', '100': '40' }, effective: 52.2 },
  // 0.4 × 20 + 0.8 × 10 + 40 = 56
  {
    scheme: 'pennsylvania',
    cce: '90',
    passing: { '20': '70', '60': '50', '100': '40' },
    effective: 50.4,
  },
  // 0.4 × 45 + 50 = 68
  { scheme: 'ontario', cce: '90', passing: { '10': '95', '60': '50' }, effective: 61.2 },
])('$scheme, CCE $cce', ({ scheme, cce, passing, moisture = '', effective, decimals = 3 }) => {
  const label = { scheme, percent: cce, sieves: passing, moisture };
  expect(bag(label).effective).toBeCloseTo(effective, decimals);
});

test('3 tons of the typical Illinois stone of 46.35 are 3.35 tons of the printed one', () => {
  const printed = bag({
    scheme: 'illinois-1',
    percent: '86.88',
    sieves: { '8': '86.9', '30': '46.5', '60': '31.6' },
  });
  const typical = bag({ kind: 'ECCE', scheme: 'illinois-1', percent: '46.35' });
  expect((3 * printed.total) / typical.total).toBeCloseTo(3.35, 2);
});

test.each([
  ['ohio', '1242', 62.1],
  ['missouri', '400', 50],
] as const)('a label of %s tells %s lb a ton', (scheme, percent, effective) => {
  expect(bag({ kind: 'ECCE', scheme, percent }).effective).toBeCloseTo(effective, 6);
});

test.each(SCHEME_IDS)('%s: all of it fine is 1, and finer stone never works less', (id) => {
  const scheme = schemeOf(id);
  expect(
    finenessFactor(
      scheme,
      scheme.sieves.map(() => 100),
    ),
  ).toBeCloseTo(1, 12);
  const coarse = finenessFactor(
    scheme,
    scheme.sieves.map(() => 40),
  );
  expect(
    finenessFactor(
      scheme,
      scheme.sieves.map(() => 60),
    ),
  ).toBeGreaterThan(coarse);
  // A score of the table's own stone asks for the table's own pounds, whoever scored it.
  expect(tableLimestoneBy(id)).toBeGreaterThan(50);
  expect(tableLimestoneBy(id)).toBeLessThan(80);
});

test('a sieve between two is read on the logarithm of its opening', () => {
  // 30 mesh, 0.60 mm, between 20 (0.85 mm, 70 %) and 60 (0.25 mm, 50 %): 50 + 20 × ln 2.4 ÷ ln 3.4
  expect(passingAt('30', { '20': 70, '60': 50 })).toBeCloseTo(64.31, 2);
  expect(passingAt('60', { '20': 70, '60': 50 })).toBe(50);
  expect(passingAt('4', { '8': 95 })).toBe(95);
  expect(passingAt('100', { '60': 50 })).toBe(0);
});
