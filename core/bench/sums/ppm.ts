import { ppmAsPoundsPerAcre } from '../../equations/soil/ppmToPoundsPerAcre';
import { poundsPerAcreAsPpm } from '../../equations/soil/poundsPerAcreToPpm';
import { msg } from '../../kernel/messages/msg';
import { ELEMENTS } from '../fields';
import type { BenchSum } from '../sum';

/** What a soil test found as ppm and over an acre, by how deep the soil is that it speaks of. */
export const ppm: BenchSum = {
  id: 'ppm',
  fields: () => ['element', 'way', 'found', 'soilDeep'],
  usual: { element: 'P', way: 'ppm', soilDeep: '6.67' },
  work: (sheet) => {
    const element = ELEMENTS.find((each) => each === sheet.choice('element')) ?? 'P';
    const depth = sheet.measure('soilDeep');
    if (sheet.choice('way') === 'lb/acre') {
      const label = msg('bench.answer.ppm');
      const figure = sheet.ctx.sheet.equation(
        { id: sheet.id('ppm'), label, source: 'practice' },
        poundsPerAcreAsPpm<typeof element>(),
        [sheet.amount('found', 'lb/acre', element), depth],
      );
      return { answers: [{ label, figure }], says: [msg('bench.twoOnlyAt')] };
    }
    const label = msg('bench.answer.perAcre');
    const figure = sheet.ctx.sheet.equation(
      { id: sheet.id('per-acre'), label, source: 'practice' },
      ppmAsPoundsPerAcre<typeof element>(),
      [sheet.amount('found', 'ppm', element), depth],
    );
    return { answers: [{ label, figure, family: 'rate' }], says: [msg('bench.twoOnlyAt')] };
  },
};
