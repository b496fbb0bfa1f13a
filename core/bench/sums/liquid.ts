import { msg } from '../../kernel/messages/msg';
import { asTyped, planSmall } from '../smallCase';
import type { BenchSum } from '../sum';

/** What goes into a gallon for a feed of so much nitrogen. */
export const liquid: BenchSum = {
  id: 'liquid',
  fields: () => ['feed', 'strength'],
  usual: { strength: '150' },
  work: (sheet, today) => {
    const planned = planSmall(today, {
      area: { plant: 'mixed-vegetables', situation: 'tilled' },
      shape: { kind: 'square-feet', squareFeet: '100' },
      decisions: {
        liquid: sheet.choice('feed'),
        'liquid-ppm': asTyped(sheet.number('strength')),
      },
    });
    const { liquid: feed } = planned.area;
    if (!feed) throw new Error('liquid: the feed of the small case is not read');
    return {
      answers: [
        { label: msg('bench.answer.perGallon'), figure: feed.perGallon },
        { label: msg('bench.answer.measured'), figure: feed.measured },
        { label: msg('bench.answer.salts'), figure: feed.salts },
      ],
      says: [msg('bench.feedWeak')],
      ...planned,
    };
  },
};
