import { lawnCase, type LawnInput } from '../../test/cases';
import type { CaseFile } from '../casefile/casefile';
import { NO_STOCK, type Stock } from '../casefile/parts/stock';
import { planCase } from '../plan/plan';
import { inShort, jobOf, type Job } from './job';

const SHORT_OF_ALL: LawnInput = {
  ph: '6.5',
  cec: '10',
  p: { text: '8' },
  k: { text: '75' },
  squareFeet: '2000',
};

function stocked(stock: CaseFile['stock'], more: Partial<CaseFile> = {}): CaseFile {
  return { ...lawnCase(SHORT_OF_ALL), stock, ...more };
}

function job(file: CaseFile): Job {
  return jobOf(file, planCase(file).areas);
}

const packs = (pounds: string, price: string): Stock => ({
  ...NO_STOCK,
  packs: { a: { id: 'a', pounds, price } },
});

const idsOf = ({ products }: Job): string[] => products.map(({ material }) => material.id);

test('where nothing is said, what every shop has counts; nothing rare, nothing with a pesticide', () => {
  const { products, money } = job(stocked({}));
  expect(money).toBe(false);
  expect(products.length).toBeGreaterThan(10);
  const ids = products.map(({ material }) => material.id);
  expect(ids).not.toContain('sodium-nitrate-16-0-0');
  expect(ids).not.toContain('weed-and-feed-28-0-3');
});

test('what is said to be had counts alone, and what a shop has not is left out', () => {
  const yes: Stock = { ...NO_STOCK, had: 'yes' };
  expect(idsOf(job(stocked({ 'urea-46-0-0': yes, 'sodium-nitrate-16-0-0': yes })))).toEqual([
    'urea-46-0-0',
    'sodium-nitrate-16-0-0',
  ]);
  expect(idsOf(job(stocked({ 'urea-46-0-0': { ...NO_STOCK, had: 'no' } })))).not.toContain(
    'urea-46-0-0',
  );
});

test('with a price money counts: what has none is named, unless it lies there', () => {
  const found = job(
    stocked({
      'urea-46-0-0': packs('50', '30'),
      'fertilizer-10-10-10': { ...NO_STOCK, had: 'yes' },
      'muriate-of-potash-0-0-60': { ...NO_STOCK, onHand: '12' },
    }),
  );
  expect(found.money).toBe(true);
  expect(found.unpriced.map(({ id }) => id)).toEqual(['fertilizer-10-10-10']);
  const onHand = found.products.find(({ material }) => material.id === 'muriate-of-potash-0-0-60');
  expect(onHand).toMatchObject({ onHand: 12, packs: [] });
});

test('least and most follow the limits, and what is needed its ground', () => {
  const usual = job(stocked({})).areas[0];
  const limits = { short: '20', over: '0', products: '2', trips: '3' };
  const found = job(stocked({}, { buying: limits }));
  const [area] = found.areas;
  if (!usual || !area) throw new Error('no area');
  expect(area.thousands).toBe(2);
  expect(usual.least.N).toBeCloseTo(0.9 * usual.need.N, 9);
  expect(area.least.N).toBeCloseTo(0.8 * area.need.N, 9);
  // Less than a spreader is off is never too much: 0.1 lb N on each 1000 ft².
  expect(area.most.N).toBeCloseTo(area.need.N + 0.2, 9);
  expect(found).toMatchObject({ mostProducts: 2, mostTrips: 3 });
});

test.each(['x', '-1', '101'])('a limit of %j counts as the usual one', (short) => {
  const typed = job(stocked({}, { buying: { short, over: '', products: '', trips: '' } }));
  expect(inShort(typed)).toBe(inShort(job(stocked({}))));
});

test('ground without a size is no part of a job', () => {
  expect(job(lawnCase({ ...SHORT_OF_ALL, unknownArea: true })).areas).toEqual([]);
});

test('a job in short is another when a price, a need or a limit is, and the same when nothing is', () => {
  const base = stocked({ 'urea-46-0-0': packs('50', '30') });
  const short = inShort(job(base));
  expect(inShort(job({ ...base }))).toBe(short);
  const others = [
    stocked({ 'urea-46-0-0': packs('50', '31') }),
    stocked({ 'urea-46-0-0': packs('40', '30') }),
    { ...base, buying: { ...base.buying, trips: '2' } },
    { ...lawnCase({ ...SHORT_OF_ALL, squareFeet: '2100' }), stock: base.stock },
  ];
  const all = [short, ...others.map((file) => inShort(job(file)))];
  expect(new Set(all).size).toBe(all.length);
});

test('what else the soil is short of is known by its report, and what a product brings of it', () => {
  const short = { s: { text: '4', method: 'SO4' }, mg: { text: '20' }, ca: { text: '3000' } };
  const file = { ...lawnCase({ ...SHORT_OF_ALL, more: short }), stock: {} };
  expect(job(file).areas[0]?.shortOf).toEqual(['Mg', 'S']);
  expect(job(stocked({})).areas[0]?.shortOf).toEqual([]);
  const sulfate = job(file).products.find(
    ({ material }) => material.id === 'ammonium-sulfate-21-0-0',
  );
  expect(sulfate?.besides).toEqual({ Ca: 0, Mg: 0, S: 0.24 });
});
