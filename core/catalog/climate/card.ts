import type { AnchorId } from './anchor';
import type { SourceId, Standing } from '../../kernel/sources';
import type { NamesIn } from '../../kernel/messages/msg';
import shipped from './cards.v1.json';

/** A climate that the catalogue has a name for. */
type ClimateId = NamesIn<'climate'>;

/** A day of any year, `MM-DD`. */
type MonthDay = string;

/** A frost of 32 °F in the shelter: on average, and as it is once in ten years at either end. */
interface FrostDay {
  readonly mean: MonthDay;
  readonly early: MonthDay;
  readonly late: MonthDay;
}

/** Windows that are printed for a climate and go before the rule of their anchor. */
type PrintedWindows = Readonly<
  Partial<Record<AnchorId, { readonly from: MonthDay; readonly to: MonthDay }>>
>;

/** A climate as data: what the dates of a year are worked out from. */
export interface ClimateCard {
  readonly id: ClimateId | 'own';
  readonly version: number;
  readonly source: SourceId;
  readonly standing: Standing;
  /** Mean air temperature of each month, °F. */
  readonly air: readonly number[];
  /** Rain and melted snow of each month, in.; nothing where it was not told. */
  readonly rain?: readonly number[];
  /** The last frost of spring and the first of autumn; nothing where no year is sure to have one. */
  readonly frost: { readonly last: FrostDay; readonly first: FrostDay } | null;
  readonly printed?: PrintedWindows;
  /** The school on late nitrogen that is usual there, where that is not the classic one. */
  readonly lateNitrogen?: 'earlier';
}

/**
 * Sixteen climates of the country, each about the normals of 1991–2020 of one station (NOAA NCEI), in whole degrees: ±2 °F
 * a month, mean frost days ±10 days for the label. Recalled. Valleys run a week or two later in spring and earlier in
 * autumn, cities the other way.
 */
export const CLIMATE_CARDS = shipped as unknown as readonly ClimateCard[];

/** The card of an id, if it is one of these. */
export function cardOf(id: string): ClimateCard | undefined {
  return CLIMATE_CARDS.find((card) => card.id === id);
}

const MONTH_DAY = /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;
/** Colder and warmer than any month anywhere, °F. */
const AIR = { min: -60, max: 110 };

/** What is wrong with a card, as places; nothing of one that can be worked with. */
export function faultsOfCard({ air, rain, frost }: ClimateCard): string[] {
  const faults: string[] = [];
  if (air.length !== 12) faults.push('air');
  air.forEach((mean, at) => {
    if (!(mean >= AIR.min && mean <= AIR.max)) faults.push(`air/${at + 1}`);
  });
  if (rain && (rain.length !== 12 || rain.some((inches) => !(inches >= 0 && inches < 60)))) {
    faults.push('rain');
  }
  if (!frost) return faults;
  for (const [name, { mean, early, late }] of Object.entries(frost)) {
    if (![mean, early, late].every((day) => MONTH_DAY.test(day))) faults.push(`frost/${name}`);
  }
  if (frost.last.mean >= frost.first.mean) faults.push('frost');
  return faults;
}
