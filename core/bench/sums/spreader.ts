import { DIAL_IN_PROPORTION } from '../../equations/spreader/dial';
import { squareFeetToThousands, totalToPerThousand } from '../../kernel/units/convert';
import { msg } from '../../kernel/messages/msg';
import type { BenchSum } from '../sum';

/** What went out on a strip that was walked, and the next opening to try. */
export const spreader: BenchSum = {
  id: 'spreader',
  fields: () => ['walked', 'swath', 'out', 'dial', 'rate'],
  usual: { walked: '50' },
  work: (sheet) => {
    const { sheet: writes } = sheet.ctx;
    const ground = writes.multiply(
      { id: sheet.id('strip-ground'), label: msg('spread.strip') },
      [sheet.length('walked'), sheet.length('swath')],
      'ft2',
      'ground',
    );
    const thousands = writes.derive(
      'convert',
      { id: sheet.id('thousands'), label: msg('ground.thousands'), source: 'definition' },
      [ground],
      squareFeetToThousands,
    );
    const wentOut = writes.derive(
      'divide',
      { id: sheet.id('went-out'), label: msg('spread.rate') },
      [sheet.measure('out'), thousands],
      totalToPerThousand,
    );
    const begins = sheet.ctx.constant(
      { id: sheet.id('begins'), label: msg('bench.dialBegins'), source: 'practice' },
      0,
      'dial',
      'dial',
    );
    const next = writes.equation(
      { id: sheet.id('next'), label: msg('bench.answer.nextDial'), source: 'practice' },
      DIAL_IN_PROPORTION,
      [sheet.number('dial'), begins, wentOut, sheet.measure('rate')],
    );
    return {
      answers: [
        { label: msg('bench.answer.nextDial'), figure: next },
        { label: msg('spread.rate'), figure: wentOut, family: 'rate', carries: 'rate' },
      ],
      says: [msg('bench.tryAgain')],
    };
  },
};
