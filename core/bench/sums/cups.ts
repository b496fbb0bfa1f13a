import { SHIPPED_MATERIALS } from '../../catalog/materials/materials';
import { CUPS_TO_POUNDS, POUNDS_TO_CUPS } from '../../equations/fertilizer/cups';
import { cupsToTablespoons } from '../../kernel/units/convert';
import { msg } from '../../kernel/messages/msg';
import { bagsFor } from '../../schedule/dosing/doses';
import { scooped } from '../../treat/shared/density';
import type { Product } from '../../treat/shared/amounts';
import type { BenchSheet } from '../benchSheet';
import type { BenchAnswer, BenchSum } from '../sum';

const { fertilizers, lime, sulfur } = SHIPPED_MATERIALS;
const SCOOPED = [...fertilizers, ...lime, ...sulfur];

type Scooped = (typeof SCOOPED)[number];

/** The pounds of it, however they were told. */
function poundsOf(sheet: BenchSheet, material: Scooped): Product {
  const label = msg('bench.answer.pounds');
  if (sheet.choice('toldIn') === 'cups') {
    return sheet.ctx.sheet.equation({ id: sheet.id('pounds'), label }, CUPS_TO_POUNDS, [
      sheet.number('cups'),
      scooped(sheet.ctx, sheet.id('density'), material),
    ]);
  }
  if (sheet.choice('toldIn') === 'bags') {
    return sheet.ctx.sheet.multiply(
      { id: sheet.id('pounds'), label },
      [sheet.number('bag'), sheet.number('bags')],
      'lb',
      'product',
    );
  }
  return sheet.measure('weight');
}

const TOLD = { pounds: 'weight', cups: 'cups', bags: 'bags' } as const;

/** A dry product by weight, in cups and spoons, and in bags: from any of them to the others. */
export const cups: BenchSum = {
  id: 'cups',
  fields: (sheet) => [
    'material',
    'toldIn',
    TOLD[sheet.choice('toldIn') as keyof typeof TOLD],
    'bag',
  ],
  usual: { toldIn: 'pounds', bag: '50' },
  work: (sheet) => {
    const chosen = sheet.choice('material');
    const material = SCOOPED.find(({ id }) => id === chosen);
    if (!material) throw new Error(`cups: '${chosen}' is no dry material`);
    const pounds = poundsOf(sheet, material);
    const label = msg('bench.answer.cups');
    const figure = sheet.ctx.sheet.equation({ id: sheet.id('in-cups'), label }, POUNDS_TO_CUPS, [
      pounds,
      scooped(sheet.ctx, sheet.id('scooped'), material),
    ]);
    const spoons = sheet.ctx.sheet.derive(
      'convert',
      { id: sheet.id('spoons'), label: msg('bench.answer.spoons'), source: 'definition' },
      [figure],
      cupsToTablespoons,
    );
    const weight: BenchAnswer = {
      label: msg('bench.answer.pounds'),
      figure: pounds,
      family: 'weight',
      carries: 'weight',
    };
    const volumes: readonly [BenchAnswer, BenchAnswer] = [
      { label, figure },
      { label: msg('bench.answer.spoons'), figure: spoons },
    ];
    const inBags = bagsFor(sheet.ctx, sheet.id('in-bags'), pounds, sheet.number('bag'));
    const bags = { label: msg('bench.answer.bags'), figure: inBags };
    return {
      answers:
        sheet.choice('toldIn') === 'cups' ? [weight, ...volumes, bags] : [...volumes, bags, weight],
      says: [msg('bench.pint')],
    };
  },
};
