import { lawnCase, type LawnInput } from '../../../test/cases';
import type { CaseFile } from '../../casefile/casefile';
import { NO_STOCK } from '../../casefile/parts/stock';
import { planCase } from '../../plan/plan';
import type { Plan } from '../../plan/types';
import type { Figure } from '../../kernel/working/working';

const LAWN: LawnInput = {
  ph: '6.5',
  cec: '15',
  p: { text: '8' },
  k: { text: '75' },
  squareFeet: '2000',
};

const value = (figure: Figure): number => ('absent' in figure ? NaN : figure.value.value);

function withStock(onHand: string, way: string): CaseFile {
  return {
    ...lawnCase({ ...LAWN, decisions: { 'feed-way': way } }),
    stock: { 'fertilizer-10-10-10': { ...NO_STOCK, onHand } },
  };
}

function partsOf(plan: Plan): [string, number][] {
  const { chosen } = plan.areas[0]?.treatments.fertilizer ?? { chosen: undefined };
  return (chosen?.parts ?? []).map(({ material, rate }) => [material.id, value(rate)]);
}

test('what lies there goes on first, as far as it goes; the rest is by need', () => {
  const plan = planCase(withStock('6', 'on-hand'));
  const [first, ...others] = partsOf(plan);
  // 6 lb on 2,000 ft².
  expect(first).toEqual(['fertilizer-10-10-10', 3]);
  expect(others.length).toBeGreaterThan(0);
  const { balance } = plan.areas[0]?.treatments.fertilizer.chosen ?? {};
  for (const nutrient of ['N', 'P2O5', 'K2O'] as const) {
    expect(value(balance?.[nutrient].short as Figure)).toBeCloseTo(0, 6);
  }
});

test('never more of it than any nutrient in it is needed', () => {
  const plan = planCase(withStock('500', 'on-hand'));
  const { needs, chosen } = plan.areas[0]?.treatments.fertilizer ?? {};
  const least = Math.min(
    ...(['N', 'P2O5', 'K2O'] as const).map((n) => value(needs?.need[n] as Figure)),
  );
  expect(value(chosen?.parts[0]?.rate as Figure)).toBeCloseTo(least / 0.1, 6);
});

test.each(['', '0', 'x'])('with %j lb there it is no way, and that is said', (onHand) => {
  const plan = planCase(withStock(onHand, 'on-hand'));
  expect(plan.areas[0]?.treatments.fertilizer.chosen.way).toBe('by-need');
  expect(plan.findings.map(({ name }) => name)).toContain('wayGone');
});

test('a best buy goes on as it was chosen; what may not go on is left out of it', () => {
  const amount = (materialId: string, pounds: number) => ({ areaId: 'lawn', materialId, pounds });
  const file: CaseFile = {
    ...lawnCase({ ...LAWN, decisions: { 'feed-way': 'best-buy' } }),
    bought: {
      kind: 'cheapest',
      madeFrom: '',
      amounts: {
        'lawn:urea-46-0-0': amount('urea-46-0-0', 8),
        'lawn:weed-and-feed-28-0-3': amount('weed-and-feed-28-0-3', 8),
        'lawn:muriate-of-potash-0-0-60': amount('muriate-of-potash-0-0-60', 5),
      },
    },
  };
  const plan = planCase(file);
  expect(partsOf(plan)).toEqual([
    ['urea-46-0-0', 4],
    ['muriate-of-potash-0-0-60', 2.5],
  ]);
  expect(plan.findings.map(({ name }) => name)).toContain('boughtChanged');
  const bought = plan.purchase.rows.map(({ material }) => material.id);
  expect(bought).toEqual(['urea-46-0-0', 'muriate-of-potash-0-0-60']);
});
