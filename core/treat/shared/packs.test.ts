import { lawnCase } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import { packFor, packsOf, SHOP_PACKS_LB } from './packs';

test.each([
  [0.4, 50, 5],
  [5, 50, 5],
  [5.1, 50, 10],
  [21, 50, 25],
  [45, 50, 50],
  // More than the largest goes by the usual bag, and nothing is offered in a larger one than that.
  [120, 50, 50],
  [30, 25, 25],
])('%d lb of what comes in sacks of %d lb are bought by %d lb', (pounds, usual, pack) => {
  expect(packFor(pounds, usual, SHOP_PACKS_LB)).toBe(pack);
});

test.each<[string, readonly number[]]>([
  ['', SHOP_PACKS_LB],
  ['4, 8 and 25 lb', [4, 8, 25]],
  ['40; 12.5; 40', [12.5, 40]],
  ['none', SHOP_PACKS_LB],
  ['0, 99999', SHOP_PACKS_LB],
])('packs typed as %j', (packs, pounds) => {
  expect(packsOf({ packs })).toEqual(pounds);
});

test('a case buys in the packs of its office’s shops', () => {
  const input = { ph: '6.5', p: { text: '8' }, k: { text: '60' }, squareFeet: '300' } as const;
  const file = { ...lawnCase(input), shop: { packs: '4, 8, 16' } };
  const bags = planCase(file).purchase.rows.map(({ bag }) =>
    'absent' in bag ? 0 : bag.value.value,
  );
  expect(bags.length).toBeGreaterThan(0);
  expect(bags.filter((bag) => ![4, 8, 16].includes(bag))).toEqual([]);
});

test('what is bought is never less than what is spread, whatever the size of the job', () => {
  for (const squareFeet of ['40', '300', '1500', '6000', '20000', '90000']) {
    const input = { ph: '6.5', p: { text: '8' }, k: { text: '60' }, squareFeet } as const;
    const { rows } = planCase(lawnCase(input)).purchase;
    expect(rows.length).toBeGreaterThan(0);
    for (const { pounds, bags, bag } of rows) {
      if ('absent' in pounds || 'absent' in bags || 'absent' in bag) throw new Error('no amount');
      expect(bags.value.value * bag.value.value).toBeGreaterThanOrEqual(pounds.value.value);
      expect((bags.value.value - 1) * bag.value.value).toBeLessThan(pounds.value.value);
    }
  }
});
