import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { Equation } from '../../kernel/working/equation';

type Air = Quantity<'degF', 'air'>;

/** Days of a common year; climates know no leap days. */
export const YEAR = 365;

/**
 * The day of the year on which a line between the middles of two months comes to a temperature.
 * @param from the middle of the earlier month, day of the year; `span` days before that of the later one
 */
export function dayThrough(
  degrees: number,
  before: number,
  after: number,
  from: number,
  span: number,
): number {
  const day = Math.ceil(from + ((degrees - before) / (after - before)) * span - 1e-9);
  return ((day - 1) % YEAR) + 1;
}

/** On straight lines between monthly means the day on which mean air comes to a temperature. */
export const DAY_THROUGH: Equation<
  readonly [Air, before: Air, after: Air, from: Quantity<'day'>, span: Quantity<'days'>],
  Quantity<'day', 'time'>
> = {
  id: 'day-through',
  compute: (degrees, before, after, from, span) =>
    quantity(
      dayThrough(degrees.value, before.value, after.value, from.value, span.value),
      'day',
      'time',
    ),
};
