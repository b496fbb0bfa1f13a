import { NUTRIENTS, type Nutrient } from '../../catalog/nutrients';
import type { Pack } from '../../catalog/packs/pack';
import { quantity } from '../../kernel/units/quantity';
import { msg } from '../../kernel/messages/msg';
import { valueOf } from '../../kernel/working/working';
import { ON_BEDS_N, WORKED_IN_N } from '../../tables/fertilizer/spacing';
import type { BenchSheet } from '../benchSheet';
import { asTyped, planSmall } from '../smallCase';
import type { BenchSum } from '../sum';
import { productFor } from './productFor';

const GARDEN = { plant: 'mixed-vegetables', situation: 'tilled' } as const;

/** Most of a nutrient at once, lb/1000 ft²: by the usual pack on lawns and beds, by what worked-in fertilizer bears. */
function mostAtOnce({ dressing }: Pack, nutrient: Nutrient, where: string): number | undefined {
  const limits = dressing[where === 'lawn' ? 'lawn' : 'bed'];
  if (nutrient === 'N') {
    const quick = limits.quickN.value;
    if (where === 'lawn') return quick;
    return Math.max(quick, where === 'bed' ? ON_BEDS_N : WORKED_IN_N);
  }
  if (nutrient === 'K2O' && where !== 'planting') return limits.quickK2O?.value;
  return undefined;
}

/** How many times it goes on, where one day bears less than all of it. */
function times(sheet: BenchSheet, pack: Pack, nutrient: Nutrient) {
  const most = mostAtOnce(pack, nutrient, sheet.choice('where'));
  if (most === undefined) return undefined;
  const limit = sheet.ctx.constant(
    { id: sheet.id('most'), label: msg('bench.mostAtOnce'), source: 'practice' },
    most,
    'lb/1000ft2',
    nutrient,
  );
  const count = sheet.ctx.sheet.derive(
    'count',
    { id: sheet.id('times'), label: msg('bench.times') },
    [sheet.measureOf('nutrientRate', nutrient), limit],
    (rate, each) => quantity(Math.ceil(rate.value / each.value - 1e-9), 'doses', 'count'),
  );
  return (valueOf(count)?.value ?? 1) > 1 ? { count, limit } : undefined;
}

/** The other numbers of the grade, by their share of the one that counts. */
function otherNumbers(sheet: BenchSheet, nutrient: Nutrient): number[] {
  const grade = sheet.grade('grade');
  if (!grade || grade[nutrient] === 0) return [];
  return NUTRIENTS.flatMap((other) =>
    other === nutrient || grade[other] === 0 ? [] : grade[other] / grade[nutrient],
  );
}

/** How much of a product for so much of a nutrient. */
export const product: BenchSum = {
  id: 'product',
  fields: () => ['nutrient', 'nutrientRate', 'grade', 'ground', 'where'],
  usual: { nutrient: 'N', nutrientRate: '1', ground: '1000', where: 'lawn' },
  work: (sheet, today) => {
    const nutrient = NUTRIENTS.find((each) => each === sheet.choice('nutrient')) ?? 'N';
    const { rate, total } = productFor(sheet, 'bag', 'grade', nutrient);
    const planned = planSmall(today, {
      area: sheet.choice('where') === 'lawn' ? {} : GARDEN,
      shape: { kind: 'square-feet', squareFeet: asTyped(sheet.measure('ground')) },
    });
    const split = times(sheet, planned.area.pack, nutrient);
    const once = split
      ? sheet.ctx.sheet.derive(
          'divide',
          { id: sheet.id('once'), label: msg('bench.answer.oneTime') },
          [total, split.count],
          (all, count) => quantity(all.value / count.value, 'lb', 'product'),
        )
      : total;
    return {
      answers: [
        {
          label: msg(split ? 'bench.answer.oneTime' : 'bench.answer.product'),
          figure: once,
          family: 'weight',
          carries: 'weight',
        },
        { label: msg('bench.answer.rate'), figure: rate, family: 'rate', carries: 'rate' },
      ],
      says: [
        ...(split
          ? [
              msg('bench.neverAtOnce', {
                total: { working: total.id },
                count: { working: split.count.id },
              }),
              msg('bench.mostIs', { most: { working: split.limit.id } }),
            ]
          : []),
        ...(nutrient === 'P2O5' ? [msg('bench.phosphateByTest')] : []),
      ],
      ...(split ? { inAll: { label: msg('bench.answer.inAll'), figure: total } } : {}),
      beside: () => ({ gradeNumbers: otherNumbers(sheet, nutrient) }),
      ...planned,
    };
  },
};
