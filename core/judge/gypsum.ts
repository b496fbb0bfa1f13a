import { perThousandToTotal } from '../kernel/units/convert';
import { quantity, type Quantity } from '../kernel/units/quantity';
import { msg } from '../kernel/messages/msg';
import type { PlanContext } from '../kernel/working/context';
import type { Figure } from '../kernel/working/working';
import { ESP_AFTER_GYPSUM, GYPSUM_PER_MEQ } from '../tables/soil/sodicity';
import type { JudgedArea } from './input';

/**
 * Gypsum for a sodic soil, by the sodium that it has to trade for calcium (USDA Handbook 60, recalled): for the whole
 * ground, or for 1000 ft² of it; nothing where no exchange capacity tells how much sodium there is.
 */
export function gypsum(
  ctx: PlanContext,
  { area, reading, readings: { cec }, ground }: JudgedArea,
): Figure<Quantity<'lb', 'product'>> | undefined {
  const share = reading.lines.find(({ analyte }) => analyte === 'na')?.value;
  if (!share || 'absent' in share || 'absent' in cec) return undefined;
  const id = `${area.id}/gypsum`;
  const by = { source: 'esp' } as const;
  const to = ctx.constant(
    { id: `${id}/to`, label: msg('judge.gypsum.to'), ...by },
    ESP_AFTER_GYPSUM,
    '%',
    share.value.of,
  );
  const each = ctx.constant(
    { id: `${id}/each`, label: msg('judge.gypsum.each'), ...by },
    GYPSUM_PER_MEQ,
    'lb/1000ft2',
    'product',
  );
  const over = ctx.sheet.subtract({ id: `${id}/over`, label: msg('judge.gypsum.over') }, [
    share as typeof to,
    to,
  ]);
  const hundred = ctx.constant({ id: `${id}/whole`, label: msg('reading.whole') }, 100, '%', 'CEC');
  const sodium = ctx.sheet.derive(
    'proportion',
    { id: `${id}/sodium`, label: msg('judge.gypsum.sodium') },
    [cec, over, hundred],
    (capacity, part, whole) =>
      quantity((capacity.value * part.value) / whole.value, 'meq/100g', 'CEC'),
  );
  const rate = ctx.sheet.derive(
    'multiply',
    { id: `${id}/rate`, label: msg('judge.gypsum.rate'), ...by },
    [sodium, each],
    (meq, lb) => quantity(meq.value * lb.value, 'lb/1000ft2', 'product'),
  );
  return ctx.sheet.derive(
    'multiply',
    { id, label: msg('judge.gypsum.total') },
    [rate, ground.extent],
    perThousandToTotal,
  );
}
