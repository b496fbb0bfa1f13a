import { perThousandToTotal } from '../kernel/units/convert';
import { quantity, type Quantity } from '../kernel/units/quantity';
import { msg } from '../kernel/messages/msg';
import type { PlanContext } from '../kernel/working/context';
import type { Figure } from '../kernel/working/working';
import type { JudgedArea } from './input';
import { EPSOM_MG_PERCENT, MAGNESIUM_WHERE_SHORT } from '../tables/fertilizer/magnesium';

/**
 * Epsom salt for ground whose magnesium is short and that gets no lime which could bring it: so much for the whole of
 * it, or for 1000 ft² where nobody knows its size; nothing where magnesium is enough.
 */
export function epsomSalt(
  ctx: PlanContext,
  { area, plant, reading, treatments, ground }: JudgedArea,
): Figure<Quantity<'lb', 'product'>> | undefined {
  const short = reading.lines.some(({ analyte, limits }) => analyte === 'mg' && limits > 0);
  if (!short || treatments.lime.isDosed || plant.group === 'mixes') return undefined;
  const id = `${area.id}/epsom`;
  const source = 'practice';
  const need = ctx.constant(
    { id: `${id}/need`, label: msg('judge.magnesium.need'), source },
    MAGNESIUM_WHERE_SHORT,
    'lb/1000ft2',
    'Mg',
  );
  const share = ctx.constant(
    { id: `${id}/share`, label: msg('judge.magnesium.share'), source },
    EPSOM_MG_PERCENT,
    '%',
    'Mg',
  );
  const rate = ctx.sheet.derive(
    'divide',
    { id: `${id}/rate`, label: msg('judge.magnesium.rate') },
    [need, share],
    (lb, percent) => quantity(lb.value / (percent.value / 100), 'lb/1000ft2', 'product'),
  );
  return ctx.sheet.derive(
    'multiply',
    { id, label: msg('judge.magnesium.total') },
    [rate, ground.extent],
    perThousandToTotal,
  );
}
