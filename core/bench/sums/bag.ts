import { NUTRIENTS } from '../../catalog/nutrients';
import { percentToShare } from '../../kernel/units/convert';
import { quantity } from '../../kernel/units/quantity';
import { msg } from '../../kernel/messages/msg';
import type { BenchSheet } from '../benchSheet';
import type { BenchAnswer, BenchSum } from '../sum';

function held(sheet: BenchSheet, nutrient: (typeof NUTRIENTS)[number]): BenchAnswer {
  const share = sheet.ctx.sheet.derive(
    'convert',
    { id: sheet.id(`share/${nutrient}`), label: msg('feed.share') },
    [sheet.percentOf('grade', nutrient)],
    percentToShare,
  );
  const label = msg(`bench.answer.holds.${nutrient}`);
  const figure = sheet.ctx.sheet.derive(
    'multiply',
    { id: sheet.id(`holds/${nutrient}`), label },
    [sheet.number('bag'), share],
    (bag, part) => quantity(bag.value * part.value, 'lb', nutrient),
  );
  return { label, figure, family: 'weight' };
}

/** What a bag holds of each number of its grade. */
export const bag: BenchSum = {
  id: 'bag',
  fields: () => ['grade', 'bag'],
  usual: { bag: '50' },
  work: (sheet) => ({
    answers: [held(sheet, 'N'), held(sheet, 'P2O5'), held(sheet, 'K2O')],
    says: [msg('bench.oxides')],
  }),
};
