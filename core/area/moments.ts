import type { ClimateCard } from '../catalog/climate/card';
import type { PlanContext } from '../kernel/working/context';
import type { Origin } from '../schedule/climate/calendar';
import {
  dayFigures,
  momentKey,
  type ClimateMoment,
  type DayFigure,
} from '../schedule/climate/dayFigures';
import type { Because } from '../schedule/dates';
import type { DatedWork } from '../treat/fieldWork/plan';
import { treatmentsIn, type Treatments } from '../treat/treatments';

/** The moment of the climate before which a closed span keeps something off. */
const OPENED_BY: Readonly<Record<'heat' | 'frozen', ClimateMoment>> = {
  heat: { anchor: 'early-autumn', weeks: 0 },
  frozen: { anchor: 'frozen', weeks: 0, end: true },
};

/** The moment that a reason comes of, where it is one of the climate. */
export function momentOfReason(because: Because): ClimateMoment | undefined {
  if (because.kind !== 'closed') return undefined;
  const { kind } = because.why;
  return kind === 'heat' || kind === 'frozen' ? OPENED_BY[kind] : undefined;
}

/** The moment that a day is counted from, where it is one of the climate. */
export function momentOfOrigin(origin: Origin | undefined): ClimateMoment | undefined {
  return origin?.kind === 'climate' ? origin.moment : undefined;
}

/** All moments of the climate that the days of a piece of ground rest on, each once, as figures. */
export function momentsOf(
  ctx: PlanContext,
  areaId: string,
  climate: ClimateCard | undefined,
  treatments: Treatments,
  others: readonly (Pick<DatedWork, 'because'> & Partial<Pick<DatedWork, 'origin'>>)[],
): Readonly<Record<string, DayFigure>> {
  if (!climate) return {};
  const applications = treatmentsIn(treatments).flatMap(({ products }) =>
    products.flatMap((product) => product.applications),
  );
  const found = [...applications, ...others].flatMap(({ origin, because }) => [
    momentOfOrigin(origin),
    ...because.map(momentOfReason),
  ]);
  const each = new Map(found.flatMap((moment) => (moment ? [[momentKey(moment), moment]] : [])));
  return dayFigures(ctx, `${areaId}/climate`, climate, [...each.values()]);
}
