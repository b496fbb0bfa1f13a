import { msg } from '../../kernel/messages/msg';
import { USUAL_LIME } from '../usual';
import { asTyped, planSmall } from '../smallCase';
import type { BenchSum } from '../sum';
import { limeAnswer } from './limeAnswer';

/** Lime by the SMP buffer, as a case of this plant on this ground has it. */
export const lime: BenchSum = {
  id: 'lime',
  fields: () => ['plant', 'where', 'ph', 'buffer', 'cce', 'ground'],
  usual: { plant: 'cool-season-lawn', where: 'lawn', cce: '90', ground: '1000' },
  work: (sheet, today) => {
    const planned = planSmall(today, {
      area: {
        plant: sheet.choice('plant'),
        situation: sheet.choice('where') === 'planting' ? 'tilled' : 'established',
      },
      shape: { kind: 'square-feet', squareFeet: asTyped(sheet.measure('ground')) },
      results: {
        'ph-water': { text: asTyped(sheet.number('ph')) },
        'ph-smp': { text: asTyped(sheet.number('buffer')) },
      },
      decisions: { 'lime-material': USUAL_LIME },
      label: { id: USUAL_LIME, says: { percent: asTyped(sheet.number('cce')) } },
    });
    return limeAnswer(sheet, planned, msg('bench.answer.limeNow'));
  },
};
