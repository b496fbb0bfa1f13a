import { PlanContext } from '../../kernel/working/context';
import { explainMaterial, gradeRatio } from './explain';
import { SHIPPED_MATERIALS } from './materials';

function said(id: string): string[] {
  const material = SHIPPED_MATERIALS.fertilizers.find((each) => each.id === id);
  if (!material) throw new Error(id);
  return explainMaterial(new PlanContext(), material).map((message) => message.id);
}

test.each<[string, readonly string[]]>([
  [
    'fertilizer-15-5-10',
    ['holds', 'oxide.P', 'oxide.K', 'complete', 'ratio', 'release.quick', 'mineral'],
  ],
  ['urea-46-0-0', ['holds', 'incomplete', 'release.quick', 'mineral']],
  ['ammonium-sulfate-21-0-0', ['holds', 'incomplete', 'release.quick', 'mineral', 'also']],
  ['blood-meal-12-0-0', ['holds', 'incomplete', 'release.slow', 'lasts', 'organic']],
  ['weed-and-feed-28-0-3', ['incomplete', 'ratio', 'release.quick', 'mineral', 'pesticide']],
])('the grade of %s', (id, sentences) => {
  expect(said(id)).toEqual(sentences.map((name) => `shed.${name}`));
});

test('every fertilizer can be explained, and its bag adds up', () => {
  for (const material of SHIPPED_MATERIALS.fertilizers.filter(({ pesticide }) => !pesticide)) {
    const ctx = new PlanContext();
    explainMaterial(ctx, material);
    const pounds = (id: string): number => {
      const working = ctx.sheet.workings.get(`${material.id}/${id}`);
      return working && 'value' in working ? working.value.value : NaN;
    };
    const parts = ['N/in-bag', 'P2O5/in-bag', 'K2O/in-bag', 'rest'].map(pounds);
    expect(parts.reduce((a, b) => a + b, 0)).toBeCloseTo(material.bagsLb[0], 9);
  }
});

test.each([
  [{ N: 24, P2O5: 0, K2O: 11 }, '2.2-0-1'],
  [{ N: 13, P2O5: 13, K2O: 13 }, '1-1-1'],
])('the ratio of %j is %s', (grade, ratio) => {
  expect(gradeRatio(grade)).toBe(ratio);
});
