import type { Application } from '../shared/treated';
import type { StageId } from '../../catalog/programmes/programme';
import { SPACING_DAYS } from '../../tables/fertilizer/spacing';
import { LIME_FROM_NITROGEN_DAYS } from '../../tables/lime/timing';
import type { DateRequest, DatesOf, SlotRequest } from '../../schedule/requests';
import { limeGoesFirst, limeRequestId } from '../shared/limeRequest';
import type { DoseSet } from '../../schedule/dosing/doses';
import { addDays, type IsoDate } from '../../kernel/typed/date';
import { applicationLimits } from './need';
import { losesAmmonia } from './products';
import type { YearPart } from './programme';
import type { FertilizerProduct, FertilizerInput } from './types';
import { cappedIn } from './caps';

/** A product of the plan but for its days, and what it asks of the scheduler for them. */
export interface UndatedProduct extends Omit<FertilizerProduct, 'applications'> {
  readonly request: DateRequest | SlotRequest;
  /** What the plant is at with each application, by its programme. */
  readonly stages: readonly StageId[];
}

/** Days from one application to the next within a plant's year. */
export function spacingOf({ plant }: FertilizerInput): number {
  return SPACING_DAYS[plant.form === 'lawn' ? 'lawn' : 'other'];
}

/** The days of each application: where a part takes several, each later one has an interval more. */
function slotsOf(parts: readonly YearPart[], days: number): SlotRequest['slots'] {
  return parts.map((part, at) => {
    const before = parts.slice(0, at).filter((each) => each === part).length;
    return { ...part.slot, to: addDays(part.slot.to, before * days) };
  });
}

/**
 * What a product asks of the scheduler: days in season or within its part of the plant's year, apart from lime where
 * that is dated first, and an interval apart from applications of other products that bring the same capped nutrient, so
 * that two never add up on one day.
 */
export function requestFor(
  input: FertilizerInput,
  { role, material }: Pick<FertilizerProduct, 'role' | 'material'>,
  split: { readonly set: DoseSet; readonly parts: readonly YearPart[] | undefined },
  earliest: IsoDate | undefined,
  before: readonly UndatedProduct[],
): DateRequest | SlotRequest {
  const { area, pack, plant, limedOn } = input;
  const { intervalDays, apartFromLimeDays, seasons } = applicationLimits(pack, plant);
  const mine = cappedIn(material, input);
  const clashing = before.filter((other) =>
    [...cappedIn(other.material, input)].some((each) => mine.has(each)),
  );
  const id = `${area.id}/feed-${role}`;
  const lime = limeGoesFirst(input) ? [limeRequestId(area.id)] : [];
  const interval = { days: intervalDays.value };
  const others = {
    days: intervalDays.value,
    from: [],
    of: clashing.map(({ request }) => request.id),
  };
  if (split.parts) {
    const days = spacingOf(input);
    const apartFrom = { ...others, days };
    const fromLime = { days: LIME_FROM_NITROGEN_DAYS, from: limedOn, of: lime };
    // What is worked in with the lime, or lies over it, loses nothing.
    const onTop = input.area.situation !== 'tilled' && losesAmmonia(material);
    const apart = onTop ? [fromLime, apartFrom] : [apartFrom];
    return { id, slots: slotsOf(split.parts, days), interval: { days }, apart };
  }
  return {
    id,
    earliest,
    count: split.set.doses.length,
    seasons,
    interval,
    apart: [{ days: apartFromLimeDays.value, from: limedOn, of: lime }, others],
  };
}

/** A product with its applications on the days that the scheduler gave. */
export function onDates(
  { request, stages, ...product }: UndatedProduct,
  datesOf: DatesOf,
): FertilizerProduct {
  const applications = datesOf(request.id).flatMap((date, index): Application[] => {
    const amount = product.set.doses[index];
    const key = `${request.id}/${index + 1}`;
    const stage = stages[index];
    if (!amount || !date) return [];
    return [{ key, date, state: 'firm', amount, ...(stage ? { stage } : {}) }];
  });
  return { ...product, applications };
}
