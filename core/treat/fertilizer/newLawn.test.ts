import { lawnCase, ORACLE, type LawnInput } from '../../../test/cases';
import type { DoseRate } from '../../schedule/dosing/oneDose';
import { planCase } from '../../plan/plan';

function sown(input: Partial<LawnInput> = {}) {
  const [area] = planCase(lawnCase({ ...ORACLE, situation: 'tilled', ...input })).areas;
  if (!area) throw new Error('A plan of one area.');
  return area.treatments.fertilizer;
}

function pack(nutrient: 'N' | 'P2O5' | 'K2O', input?: Partial<LawnInput>) {
  return sown(input).needs.rows[nutrient].pack;
}

function pounds(figure: ReturnType<typeof pack> | DoseRate): number | undefined {
  return 'absent' in figure ? undefined : figure.value.value;
}

test('a lawn from seed is given 1.5 lb of nitrogen, whatever the pack says of one that stands', () => {
  expect(pounds(pack('N'))).toBe(1.5);
  expect(pounds(pack('N', { situation: 'established' }))).not.toBe(1.5);
});

test.each([
  ['5', 3],
  ['200', 0],
])('phosphate by the test: %s ppm gives %s lb', (text, given) => {
  expect(pounds(pack('P2O5', { p: { text } }))).toBe(given);
});

test('without a test there is no phosphate and no potash, and the reason is said', () => {
  for (const nutrient of ['P2O5', 'K2O'] as const) {
    expect(pack(nutrient, { untested: true })).toMatchObject({ absent: { id: 'absent.untested' } });
  }
});

test('a third of the nitrogen goes in with the seed, the rest after the lawn was mown', () => {
  const { products } = sown({ p: { text: '200' }, k: { text: '900' } });
  const applications = products.flatMap((product) => product.applications);
  const given = (stage: string): number =>
    applications
      .filter((each) => each.stage === stage)
      .reduce((sum, { amount }) => sum + (pounds(amount.rate) ?? 0), 0);
  expect(given('atSowing')).toBeGreaterThan(0);
  expect(given('afterMowing') / given('atSowing')).toBeCloseTo(2);
});
