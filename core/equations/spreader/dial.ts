import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

export type Dial = Quantity<'dial', 'dial'>;
type Rate = Quantity<'lb/1000ft2', 'product'>;

/** So far beyond what was tried a line is still followed, as a share of what was tried. Common practice. */
const BEYOND = 0.2;

/**
 * The next dial by two that were tried: on the line between their rates, at most a fifth of the way beyond them. Two that
 * do not give more at the wider opening give no number.
 * @example dialBetween(4, 2, 6, 3.4, 2.6).toFixed(2) // '4.86'
 */
export function dialBetween(
  low: number,
  lowRate: number,
  high: number,
  highRate: number,
  wanted: number,
): number {
  const slope = (high - low) / (highRate - lowRate);
  const reach = BEYOND * Math.abs(high - low);
  const ends = [Math.min(low, high) - reach, Math.max(low, high) + reach] as const;
  return slope > 0 ? Math.min(ends[1], Math.max(ends[0], low + (wanted - lowRate) * slope)) : NaN;
}

/** The next dial by two that were tried. Elementary: a straight line. */
export const DIAL_BETWEEN: Equation<
  readonly [low: Dial, lowRate: Rate, high: Dial, highRate: Rate, wanted: Rate],
  Dial
> = {
  id: 'dial-between',
  compute: (...[low, lowRate, high, highRate, wanted]) =>
    quantity(
      dialBetween(low.value, lowRate.value, high.value, highRate.value, wanted.value),
      'dial',
      'dial',
    ),
};

/** The next dial by one that was tried: the flow of a slot grows about as its opening, from where it begins. Common practice. */
export const DIAL_IN_PROPORTION: Equation<
  readonly [tried: Dial, begins: Dial, rate: Rate, wanted: Rate],
  Dial
> = {
  id: 'dial-in-proportion',
  compute: (tried, begins, rate, wanted) =>
    quantity(
      begins.value + ((tried.value - begins.value) * wanted.value) / rate.value,
      'dial',
      'dial',
    ),
};
