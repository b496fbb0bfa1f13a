import type { Equation } from '../../kernel/working/equation';
import { MEHLICH_1976 } from '../../tables/lime/mehlich1976';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type WaterPh = Quantity<'pH', 'water'>;

/** The acid that the buffer finds, times the part of the way up to its start (Mehlich 1976). */
export const MEHLICH_LIME: Equation<
  readonly [buffer: Quantity<'pH'>, now: WaterPh, target: WaterPh],
  Quantity<'ton/acre', 'limestone'>
> = {
  id: 'mehlich-1976',
  compute: (buffer, now, target) => {
    const { start, acidityPerPh } = MEHLICH_1976;
    const acidity = acidityPerPh * (start - buffer.value);
    const part = Math.max(0, target.value - now.value) / (start - now.value);
    return quantity(acidity * part, 'ton/acre', 'limestone');
  },
};
