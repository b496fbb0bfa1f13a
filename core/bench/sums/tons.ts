import { perThousandToTonsPerAcre } from '../../kernel/units/convert';
import { msg } from '../../kernel/messages/msg';
import { asTyped, planSmall } from '../smallCase';
import type { BenchSum } from '../sum';
import { limeAnswer } from './limeAnswer';

/** So many tons of limestone an acre on this plot, as a laboratory recommends them. */
export const tons: BenchSum = {
  id: 'tons',
  fields: () => ['tons', 'ground', 'where'],
  usual: { ground: '1000', where: 'planting' },
  work: (sheet, today) => {
    const told = sheet.ctx.sheet.derive(
      'convert',
      { id: sheet.id('tons-per-acre'), label: msg('bench.field.tons'), source: 'definition' },
      [sheet.measure('tons')],
      perThousandToTonsPerAcre,
    );
    const isLawn = sheet.choice('where') === 'lawn';
    const planned = planSmall(today, {
      area: isLawn
        ? {}
        : {
            plant: 'mixed-vegetables',
            situation: sheet.choice('where') === 'planting' ? 'tilled' : 'established',
          },
      shape: { kind: 'square-feet', squareFeet: asTyped(sheet.measure('ground')) },
      // The laboratory has read the soil: here its word counts whatever the pH was.
      results: {
        'ph-water': { text: '5.0' },
        'lime-rec': { text: asTyped(told), unit: 'ton/acre', method: 'product' },
      },
    });
    const answer = limeAnswer(sheet, planned, msg('bench.answer.limeNow'));
    return { ...answer, says: [...answer.says, msg('bench.shortCut')] };
  },
};
