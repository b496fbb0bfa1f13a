import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { Equation } from '../../kernel/working/equation';

type Day = Quantity<'day', 'time'>;

/** The later of two days of the year. */
export const LATER_DAY: Equation<readonly [Day, Day], Day> = {
  id: 'later-day',
  compute: (a, b) => quantity(Math.max(a.value, b.value), 'day', 'time'),
};
