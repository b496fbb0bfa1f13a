import { NUTRIENTS, type Nutrient } from '../../catalog/nutrients';
import { bagsToCost } from '../../kernel/units/convert';
import { msg } from '../../kernel/messages/msg';
import { valueOf } from '../../kernel/working/working';
import { bagsFor } from '../../schedule/dosing/doses';
import type { BenchSheet } from '../benchSheet';
import type { BenchSum } from '../sum';
import { productFor } from './productFor';

const BAGS = {
  first: { grade: 'grade', bag: 'bag', price: 'price' },
  other: { grade: 'otherGrade', bag: 'otherBag', price: 'otherPrice' },
} as const;

/** What the whole job costs in whole bags of one of the two. */
function costOf(sheet: BenchSheet, which: keyof typeof BAGS, nutrient: Nutrient) {
  const { grade, bag, price } = BAGS[which];
  const { total } = productFor(sheet, which, grade, nutrient);
  const bags = bagsFor(sheet.ctx, sheet.id(`${which}/bags`), total, sheet.number(bag));
  const cost = sheet.ctx.sheet.derive(
    'multiply',
    { id: sheet.id(`${which}/cost`), label: msg(`bench.answer.cost.${which}`) },
    [bags, sheet.number(price)],
    bagsToCost,
  );
  return { bags, cost };
}

/** Two bags for the same nutrient over the whole job, in whole bags. */
export const compare: BenchSum = {
  id: 'compare',
  fields: () => [
    ...(['nutrient', 'nutrientRate', 'ground'] as const),
    ...(['grade', 'bag', 'price', 'otherGrade', 'otherBag', 'otherPrice'] as const),
  ],
  usual: { nutrient: 'N', nutrientRate: '1', ground: '5000', bag: '50', otherBag: '50' },
  work: (sheet) => {
    const nutrient = NUTRIENTS.find((each) => each === sheet.choice('nutrient')) ?? 'N';
    const [first, other] = [costOf(sheet, 'first', nutrient), costOf(sheet, 'other', nutrient)];
    const [a, b] = [valueOf(first.cost)?.value, valueOf(other.cost)?.value];
    const cheaper = a === b ? 'same' : (a ?? 0) < (b ?? 0) ? 'first' : 'other';
    return {
      answers: [
        { label: msg('bench.answer.cost.first'), figure: first.cost },
        { label: msg('bench.answer.cost.other'), figure: other.cost },
        { label: msg('bench.answer.bags.first'), figure: first.bags },
        { label: msg('bench.answer.bags.other'), figure: other.bags },
      ],
      says:
        a === undefined || b === undefined
          ? []
          : [msg(`bench.cheaper.${cheaper}`), msg('bench.wholeGarden')],
    };
  },
};
