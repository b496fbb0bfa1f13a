import type { AnchorId } from '../../catalog/climate/anchor';
import type { ClimateCard } from '../../catalog/climate/card';
import { isEaten, isSo, type Plant } from '../../catalog/plants/plants';
import { daysBetween, type IsoDate } from '../../kernel/typed/date';
import { anchorIn } from '../../schedule/climate/anchors';
import { monthDay } from '../../schedule/climate/curve';
import type { Closed } from '../../schedule/constraints';
import type { Allowed } from '../../site/localRules';
import { FIRST_HARVEST_DAYS, RAW_MANURE_DAYS } from '../../tables/fertilizer/organics';

const WEEK = 7;
/** Later than this nothing is harvested whatever the planting, weeks after the first frost. Common practice. */
const LAST_HARVEST_WEEKS = 4;

/** The first harvest in weeks from the mean last frost: what is cut in spring, what is sown, what ripens on wood. Common practice. */
const FROM_LAST_FROST = { perennial: -3, sown: 0, woody: 7 } as const;

/** Whether what is eaten touches the soil, or is splashed with it: it does unless it hangs on wood or stands on a stalk. */
function touchesSoil(plant: Plant): boolean {
  return plant.form !== 'woody' && !isSo(plant, 'stands-clear');
}

/** Weeks from the last frost to the first harvest. */
function firstWeek({ form, season }: Plant): number {
  if (form === 'woody') return FROM_LAST_FROST.woody;
  return season === 'perennial' ? FROM_LAST_FROST.perennial : FROM_LAST_FROST.sown;
}

/** Days that are kept from raw manure to a harvest: by the office's rule, else by that for organic growers. */
export function rawManureDays(plant: Plant, { rules }: Allowed): number {
  const touching = touchesSoil(plant);
  const usual = touching ? RAW_MANURE_DAYS.touching : RAW_MANURE_DAYS.other;
  const ruled = rules
    .filter(({ kind }) => kind === 'manure')
    .flatMap(({ numbers }) => numbers[touching ? 'touching' : 'days'] ?? []);
  return Math.max(usual, ...ruled);
}

function dayIn(climate: ClimateCard, anchor: AnchorId): number | undefined {
  return anchorIn(climate, anchor)?.from;
}

/** Day of the year of a date, as anchors count them. */
function dayOfYear(date: IsoDate): number {
  return daysBetween(`${date.slice(0, 4)}-01-01`, date) + 1;
}

/**
 * Days of each year that are closed to raw manure on the ground of what is eaten: from so many days before the first harvest to
 * the last one. Without a climate nobody knows when that is, and nothing is closed.
 * @param plantedOn the day of planting, where it is typed
 */
export function closedToRawManure(
  climate: ClimateCard | undefined,
  plant: Plant,
  allowed: Allowed,
  plantedOn: IsoDate | undefined,
): Closed[] {
  if (!climate || !isEaten(plant)) return [];
  const last = dayIn(climate, 'last-frost');
  const first = dayIn(climate, 'first-frost');
  if (last === undefined || first === undefined) return [];
  const days = rawManureDays(plant, allowed);
  const begins = plantedOn
    ? dayOfYear(plantedOn) + FIRST_HARVEST_DAYS
    : last + firstWeek(plant) * WEEK;
  const ends = first + LAST_HARVEST_WEEKS * WEEK;
  return [{ from: monthDay(begins - days), to: monthDay(ends), why: { kind: 'manure' } }];
}
