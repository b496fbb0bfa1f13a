import type { IsoDate } from '../kernel/typed/date';

/** The pH of two tests of one soil differs by so much for nothing. Common practice: 0.1 to 0.15 each. */
export const TESTS_DIFFER = 0.2;
/** Samples that are so many months of the year apart tell the season as well. */
export const OTHER_SEASON_MONTHS = 3;

/**
 * Months of the year between two days, 0 to 6.
 * @example seasonApart('2026-12-01', '2028-02-01') // 2
 */
export function seasonApart(a: IsoDate, b: IsoDate): number {
  const apart = Math.abs(Number(a.slice(5, 7)) - Number(b.slice(5, 7)));
  return Math.min(apart, 12 - apart);
}
