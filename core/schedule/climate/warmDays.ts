import type { ClimateCard } from '../../catalog/climate/card';
import { addDays, type IsoDate } from '../../kernel/typed/date';
import { anchorIn } from './anchors';
import { dayNumber } from './curve';
import { YEAR } from '../../equations/climate/dayThrough';

/** No climate takes longer than so many days for a warm season. */
const MOST_DAYS = 4 * YEAR;

/**
 * The day by which soil has been warm (55 °F and more at 4 in.) for so many days since another; nothing where it never
 * warms so far.
 */
export function afterWarmDays(
  card: ClimateCard,
  since: IsoDate,
  days: number,
): IsoDate | undefined {
  const warm = anchorIn(card, 'warm-soil');
  if (!warm) return undefined;
  const isWarm = (date: IsoDate): boolean => {
    const day = dayNumber(date.slice(5));
    return (day >= warm.from && day <= warm.to) || day + YEAR <= warm.to;
  };
  let date = since;
  let counted = 0;
  for (let turn = 0; turn < MOST_DAYS && counted < days; turn += 1) {
    date = addDays(date, 1);
    if (isWarm(date)) counted += 1;
  }
  return counted < days ? undefined : date;
}
