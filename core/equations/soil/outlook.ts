import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type Ph = Quantity<'pH', 'water'>;
type Share = Quantity<'ratio', 'share'>;
type Months = Quantity<'months', 'time'>;

const part = (done: number, full: number): number => Math.min(1, Math.max(0, done / full));

/**
 * The pH on a day: each dressing works in a line over its months, all of them as far as the amount reaches. Common
 * practice; the line is consistent with the requirement used.
 */
export const PH_AFTER_LIME: Equation<
  readonly [
    start: Ph,
    from: Ph,
    target: Ph,
    reach: Share,
    credit: Share,
    works: Months,
    now: Months,
    ...dressed: Months[],
  ],
  Ph
> = {
  id: 'outlook-lime',
  compute: (start, from, target, reach, credit, works, now, ...dressed) => {
    const worked =
      dressed.reduce((sum, day) => sum + part(now.value - day.value, works.value), 0) /
      dressed.length;
    const share = reach.value * worked + credit.value * part(now.value, works.value);
    return quantity(start.value + (target.value - from.value) * share, 'pH', 'water');
  },
};

/** The pH on a day after one dose of sulfur, which works in a line over warm months. Common practice. */
export const PH_AFTER_SULFUR: Equation<
  readonly [start: Ph, from: Ph, target: Ph, reach: Share, works: Months, warm: Months],
  Ph
> = {
  id: 'outlook-sulfur',
  compute: (start, from, target, reach, works, warm) =>
    quantity(
      start.value - (from.value - target.value) * reach.value * part(warm.value, works.value),
      'pH',
      'water',
    ),
};
