import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity, type SoilElement } from '../../kernel/units/quantity';

type Ppm = Quantity<'ppm', SoilElement>;
type Years = Quantity<'years', 'time'>;

/** What a test finds after so many years of the same change: never less than nothing. */
export const TEST_AFTER: Equation<readonly [now: Ppm, change: Ppm, years: Years], Ppm> = {
  id: 'test-after-years',
  compute: (now, change, years) =>
    quantity(Math.max(0, now.value + change.value * years.value), 'ppm', now.of),
};

/**
 * Whole years until the test has come to a level; a test that does not move towards it gives no number.
 * @example yearsUntil(40, 11, 60) // 2
 */
export function yearsUntil(now: number, change: number, level: number): number {
  const years = (level - now) / change;
  return years > 0 ? Math.ceil(years - 1e-9) : NaN;
}

export const YEARS_UNTIL: Equation<readonly [now: Ppm, change: Ppm, level: Ppm], Years> = {
  id: 'years-until',
  compute: (now, change, level) =>
    quantity(yearsUntil(now.value, change.value, level.value), 'years', 'time'),
};
