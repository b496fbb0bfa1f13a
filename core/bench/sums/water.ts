import { perAcreToPerThousand } from '../../kernel/units/convert';
import { quantity } from '../../kernel/units/quantity';
import { msg } from '../../kernel/messages/msg';
import { limeOfAnInch, undoneByPound } from '../../treat/sulfur/water';
import type { BenchSum } from '../sum';

/** The lime that watering brings, and the sulfur that it takes merely to stand still. */
export const water: BenchSum = {
  id: 'water',
  fields: () => ['alkalinity', 'water'],
  usual: { water: '12' },
  work: (sheet) => {
    const { sheet: writes } = sheet.ctx;
    const inch = limeOfAnInch(sheet.ctx, sheet.id('inch'), sheet.number('alkalinity'));
    const all = writes.derive(
      'multiply',
      { id: sheet.id('lime'), label: msg('bench.answer.waterLime') },
      [inch, sheet.measure('water')],
      (each, inches) => quantity(each.value * inches.value, 'lb/acre', 'CaCO3'),
    );
    const figure = writes.derive(
      'convert',
      { id: sheet.id('lime-rate'), label: msg('bench.answer.waterLime'), source: 'definition' },
      [all],
      perAcreToPerThousand,
    );
    const still = writes.divide(
      { id: sheet.id('still'), label: msg('bench.answer.standStill') },
      [figure, undoneByPound(sheet.ctx, sheet.id('undone'))],
      'lb/1000ft2',
      'S',
    );
    return {
      answers: [
        { label: msg('bench.answer.waterLime'), figure, family: 'rate' },
        { label: msg('bench.answer.standStill'), figure: still, family: 'rate' },
      ],
      says: [msg('bench.waterYears')],
    };
  },
};
