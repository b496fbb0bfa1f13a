import { SHIPPED_MATERIALS } from '../../catalog/materials/materials';
import { POUNDS_TO_CUPS } from '../../equations/fertilizer/cups';
import { cupsToTablespoons } from '../../kernel/units/convert';
import { msg } from '../../kernel/messages/msg';
import { bagsFor } from '../../schedule/dosing/doses';
import { scooped } from '../../treat/shared/density';
import type { BenchSum } from '../sum';

const { fertilizers, lime, sulfur } = SHIPPED_MATERIALS;
const SCOOPED = [...fertilizers, ...lime, ...sulfur];

/** A weight of a dry product in cups and spoons, and in bags. */
export const cups: BenchSum = {
  id: 'cups',
  fields: () => ['material', 'weight', 'bag'],
  usual: { bag: '50' },
  work: (sheet) => {
    const chosen = sheet.choice('material');
    const material = SCOOPED.find(({ id }) => id === chosen);
    if (!material) throw new Error(`cups: '${chosen}' is no dry material`);
    const pounds = sheet.measure('weight');
    const label = msg('bench.answer.cups');
    const figure = sheet.ctx.sheet.equation({ id: sheet.id('cups'), label }, POUNDS_TO_CUPS, [
      pounds,
      scooped(sheet.ctx, sheet.id('density'), material),
    ]);
    const spoons = sheet.ctx.sheet.derive(
      'convert',
      { id: sheet.id('spoons'), label: msg('bench.answer.spoons'), source: 'definition' },
      [figure],
      cupsToTablespoons,
    );
    const bags = bagsFor(sheet.ctx, sheet.id('bags'), pounds, sheet.number('bag'));
    return {
      answers: [
        { label, figure },
        { label: msg('bench.answer.spoons'), figure: spoons },
        { label: msg('bench.answer.bags'), figure: bags },
      ],
      says: [msg('bench.pint')],
    };
  },
};
