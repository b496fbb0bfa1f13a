import { perThousandToTotal, thousandsToSquareFeet } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { SlipBlock } from './document';

/** Lawns that most people have, thousands of ft²; common practice. */
const USUAL_EXTENTS = [1, 2.5, 5, 10];

/** Where no area is known: one dressing for some usual areas, and how far a bag goes. */
export function extentBlocks(
  ctx: PlanContext,
  prefix: string,
  rate: Figure<Quantity<'lb/1000ft2', 'product'>>,
  bag: Figure<Quantity<'lb/bag', 'product'>>,
): SlipBlock[] {
  const rows = USUAL_EXTENTS.map((thousands) => {
    const id = `${prefix}/extent/${thousands}`;
    const area = ctx.constant(
      { id: `${id}/area`, label: msg('slip.usualArea'), source: 'practice' },
      thousands,
      '1000ft2',
      'ground',
    );
    const pounds = ctx.sheet.derive(
      'multiply',
      { id: `${id}/amount`, label: msg('dose.amount') },
      [rate, area],
      perThousandToTotal,
    );
    const squareFeet = ctx.sheet.derive(
      'convert',
      { id: `${id}/square-feet`, label: msg('slip.usualArea'), source: 'definition' },
      [area],
      thousandsToSquareFeet,
    );
    return [
      msg('slip.areaCell', { area: { working: squareFeet.id } }),
      msg('slip.amountCell', { amount: { working: pounds.id } }),
    ];
  });
  const thousands = ctx.sheet.derive(
    'divide',
    { id: `${prefix}/extent/bag-thousands`, label: msg('slip.bagReach') },
    [bag, rate],
    (size, each) => quantity(size.value / each.value, '1000ft2', 'ground'),
  );
  const reach = ctx.sheet.derive(
    'convert',
    { id: `${prefix}/extent/bag`, label: msg('slip.bagReach'), source: 'definition' },
    [thousands],
    thousandsToSquareFeet,
  );
  return [
    { kind: 'table', head: [msg('slip.areaHead'), msg('slip.amountHead')], rows },
    {
      kind: 'sentence',
      text: msg('slip.bagGoes', { size: { working: bag.id }, area: { working: reach.id } }),
    },
  ];
}
