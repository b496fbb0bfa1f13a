import { chargeAsPpm, ppmAsCharge } from '../../equations/soil/milliequivalents';
import { equivalentFigure } from '../../site/report/extracted';
import { msg } from '../../kernel/messages/msg';
import { BASES } from '../fields';
import type { BenchSum } from '../sum';

/** A base as ppm and as milliequivalents. */
export const charge: BenchSum = {
  id: 'charge',
  fields: () => ['base', 'toCharge', 'found'],
  usual: { base: 'Ca', toCharge: 'ppm' },
  work: (sheet) => {
    const base = BASES.find((each) => each === sheet.choice('base')) ?? 'Ca';
    const mass = equivalentFigure(sheet.ctx, sheet.id('mass'), base);
    if (sheet.choice('toCharge') === 'ppm') {
      const label = msg('bench.answer.charge');
      const figure = sheet.ctx.sheet.equation(
        { id: sheet.id('charge'), label },
        ppmAsCharge<typeof base>(),
        [sheet.amount('found', 'ppm', base), mass],
      );
      return { answers: [{ label, figure }], says: [] };
    }
    const label = msg('bench.answer.ppm');
    const figure = sheet.ctx.sheet.equation(
      { id: sheet.id('ppm'), label },
      chargeAsPpm<typeof base>(),
      [sheet.amount('found', 'meq/100g', base, { min: 0, max: 200 }), mass],
    );
    return { answers: [{ label, figure }], says: [] };
  },
};
