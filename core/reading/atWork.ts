import type { PastEntry } from '../casefile/parts/past';
import { SHIPPED_MATERIALS } from '../catalog/materials/materials';
import { addMonths, daysBetween, type IsoDate } from '../kernel/typed/date';
import { DAYS_PER_MONTH } from '../tables/lime/residual';
import { atWork, LIME_AT_WORK, SULFUR_AT_WORK, type AtWork } from '../tables/soil/atWork';
import { WARM_MONTHS } from '../tables/sulfur';

/** What moves the pH of a soil. */
export type Mover = 'lime' | 'sulfur';

/** Warm months between two days, in which sulfur works. */
export function warmMonths(from: IsoDate, to: IsoDate): number {
  let warm = 0;
  for (let day = addMonths(from, 1); day <= to; day = addMonths(day, 1)) {
    const month = Number(day.slice(5, 7));
    if (month >= WARM_MONTHS.from && month <= WARM_MONTHS.to) warm += 1;
  }
  return warm;
}

/** A powder, or pellets that fall to powder; what is ground for fields takes longer. */
export function isFine(material: string): boolean {
  const lime = SHIPPED_MATERIALS.lime.find(({ id }) => id === material);
  return lime !== undefined && (lime.powder === undefined || lime.powder === true);
}

/** The share of what an amount does in the end that a sample of a day finds, with its range. */
export function shareAtWork(
  does: Mover,
  { material }: PastEntry,
  on: IsoDate,
  until: IsoDate,
  isTilled: boolean,
): Omit<AtWork, 'months'> {
  if (does === 'sulfur') {
    const rows = SULFUR_AT_WORK[isTilled ? 'worked-in' : 'on-top'];
    return atWork(rows, warmMonths(on, until));
  }
  const lies = isTilled ? (isFine(material) ? 'fine' : 'ground') : 'on-top';
  return atWork(LIME_AT_WORK[lies], daysBetween(on, until) / DAYS_PER_MONTH);
}
