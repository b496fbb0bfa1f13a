import { lawnCase } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import { seeded } from '../../../test/jobs';
import { cheapestPacks, packFor, packsOf, SHOP_PACKS_LB } from './packs';

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
  const bags = planCase(file).purchase.rows.flatMap(({ packs }) =>
    packs.map(({ bag }) => ('absent' in bag ? 0 : bag.value.value)),
  );
  expect(bags.length).toBeGreaterThan(0);
  expect(bags.filter((bag) => ![4, 8, 16].includes(bag))).toEqual([]);
});

test('what is bought is never less than what is spread, whatever the size of the job', () => {
  for (const squareFeet of ['40', '300', '1500', '6000', '20000', '90000']) {
    const input = { ph: '6.5', p: { text: '8' }, k: { text: '60' }, squareFeet } as const;
    const { rows } = planCase(lawnCase(input)).purchase;
    expect(rows.length).toBeGreaterThan(0);
    for (const { pounds, packs } of rows) {
      const [first] = packs;
      if (!first) throw new Error('no pack');
      const { bags, bag } = first;
      if ('absent' in pounds || 'absent' in bags || 'absent' in bag) throw new Error('no amount');
      expect(bags.value.value * bag.value.value).toBeGreaterThanOrEqual(pounds.value.value);
      expect((bags.value.value - 1) * bag.value.value).toBeLessThan(pounds.value.value);
    }
  }
});

/** What some packs come to, by trying every count of every pack. */
function byTrying(
  packs: readonly { readonly lb: number; readonly usd: number }[],
  pounds: number,
): number {
  const [pack, ...others] = packs;
  if (!pack) return pounds <= 1e-9 ? 0 : Infinity;
  let best = Infinity;
  for (let count = 0; count <= Math.ceil(Math.max(0, pounds) / pack.lb); count += 1) {
    best = Math.min(best, count * pack.usd + byTrying(others, pounds - count * pack.lb));
  }
  return best;
}

test('the cheapest packs are as cheap as trying every count of every pack', () => {
  const next = seeded(3);
  for (let at = 0; at < 200; at += 1) {
    const packs = Array.from({ length: 1 + Math.floor(next() * 3) }, () => ({
      lb: 1 + Math.floor(next() * 40) / 2,
      usd: 1 + Math.floor(next() * 3000) / 100,
    }));
    const pounds = next() * 60;
    const found = cheapestPacks(packs, pounds);
    const cost = found.reduce((sum, { pack, count }) => sum + (pack.usd ?? 0) * count, 0);
    const held = found.reduce((sum, { pack, count }) => sum + pack.lb * count, 0);
    expect(held).toBeGreaterThanOrEqual(pounds - 1e-9);
    expect(cost).toBeCloseTo(byTrying(packs, pounds), 6);
  }
  expect(cheapestPacks([], 5)).toEqual([]);
});

describe('packs that are listed, and what lies there', () => {
  const input = { ph: '6.5', p: { text: '40' }, k: { text: '200' }, clippings: 'removed' } as const;
  const packs = {
    a: { id: 'a', pounds: '50', price: '30' },
    b: { id: 'b', pounds: '5', price: '6' },
  };
  const rowFor = (onHand: string) => {
    const stock = { 'urea-46-0-0': { onHand, had: '' as const, packs } };
    return planCase({ ...lawnCase(input), stock }).purchase.rows[0];
  };
  const counts = (onHand: string) =>
    rowFor(onHand)?.packs.map(({ bag, bags }) =>
      'absent' in bag || 'absent' in bags ? [] : [bags.value.value, bag.value.value],
    );

  // 3 lb N on 6,200 ft² is 40.4 lb of urea.
  test.each([
    ['', [[1, 50]]],
    ['22', [[4, 5]]],
    ['60', []],
  ])('with %j lb there', (onHand, bought) => {
    expect(counts(onHand)).toEqual(bought);
  });

  test('what is left over is what lay there and was bought, less what goes on', () => {
    const row = rowFor('22');
    if (!row || 'absent' in row.leftOver || 'absent' in row.pounds) throw new Error('no row');
    expect(row.leftOver.value.value).toBeCloseTo(42 - row.pounds.value.value, 9);
  });
});

test('a job of thousands of tons in packs of an ounce and their like ends, and holds what is needed', () => {
  const alike = [0.0625, 0.3, 1, 4.9, 5, 49.9, 50].map((lb) => ({ lb, usd: lb * (1 + 1 / lb) }));
  const held = cheapestPacks(alike, 8_000_000).reduce(
    (sum, { pack, count }) => sum + pack.lb * count,
    0,
  );
  expect(held).toBeGreaterThanOrEqual(8_000_000 - 1e-6);
  const free = cheapestPacks(
    [
      { lb: 5, usd: 0 },
      { lb: 3, usd: 0 },
    ],
    1e6,
  );
  expect(free.length).toBeGreaterThan(0);
});
