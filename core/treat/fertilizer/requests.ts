import { toCome, type Application } from '../shared/treated';
import { SPACING_DAYS } from '../../tables/fertilizer/spacing';
import { LIME_FROM_NITROGEN_DAYS } from '../../tables/lime/timing';
import type { Fertilizer } from '../../catalog/materials/types';
import { msg } from '../../kernel/messages/msg';
import type { PlanContext } from '../../kernel/working/context';
import type { Closed, Slot } from '../../schedule/constraints';
import type { DateRequest, DatesOf } from '../../schedule/requests';
import { frozenDays, hotDays, ruledDays } from '../shared/closed';
import { keptOf } from '../../site/diary';
import { pinsOf } from '../shared/pins';
import { limeGoesFirst, limeRequestId } from '../shared/limeRequest';
import { bagsFor, type DoseSet } from '../../schedule/dosing/doses';
import { addPounds } from '../../schedule/dosing/oneDose';
import { addDays, type IsoDate } from '../../kernel/typed/date';
import { applicationLimits } from './ruled';
import { losesAmmonia } from './products';
import { isWorkedIn, type YearPart } from './programme';
import type { FertilizerProduct, FertilizerInput } from './types';
import { addsUp } from './caps';

/** A product of the plan but for its days, and what it asks of the scheduler for them. */
export interface UndatedProduct extends Omit<FertilizerProduct, 'applications'> {
  readonly request: DateRequest;
  /** What the plant is at with each application, by its programme, and what that is counted from. */
  readonly moments: readonly Pick<YearPart, 'stage' | 'origin' | 'slow'>[];
}

/** Days from one application to the next within a plant's year. */
export function spacingOf({ plant }: FertilizerInput): number {
  return SPACING_DAYS[plant.form === 'lawn' ? 'lawn' : 'other'];
}

/**
 * The days of each application: where a part takes several, each later one has an interval more. What is worked in before
 * anything grows there scorches nothing: heat closes no day to it.
 */
function slotsOf(parts: readonly YearPart[], days: number, hot: readonly Closed[]): Slot[] {
  return parts.map((part, at) => {
    const before = parts.slice(0, at).filter((each) => each === part).length;
    const closed = isWorkedIn(part.stage) ? [] : hot;
    return { ...part.slot, to: addDays(part.slot.to, before * days), closed };
  });
}

/** A part of the year of new sod, no sooner than a local rule lets anything go on top of it. */
function afterSod({ form, allowed }: FertilizerInput, part: YearPart): YearPart {
  const { origin, slot } = part;
  if (form !== 'sod' || !allowed.sodDays || origin.kind !== 'planted' || isWorkedIn(part.stage)) {
    return part;
  }
  const first = addDays(origin.on, allowed.sodDays.value);
  if (slot.from >= first) return part;
  return { ...part, slot: { ...slot, from: first, to: slot.to > first ? slot.to : first } };
}

/** The days on which heat forbids a product. */
function heatFor(
  { climate, plant }: FertilizerInput,
  { grade, release }: Fertilizer,
): readonly Closed[] {
  return grade.N > 0 && release === 'quick' ? hotDays(climate, plant) : [];
}

/** Days of each year on which a product may not go on here, whatever the plant is at. */
function closedTo({ climate, allowed }: FertilizerInput, { grade }: Fertilizer): Closed[] {
  return [
    ...frozenDays(climate),
    // Potash alone is no fertilizer by most of these rules.
    ...(grade.N + grade.P2O5 > 0 ? ruledDays(allowed) : []),
  ];
}

/**
 * What a product asks of the scheduler: days in season or within its part of the plant's year, apart from lime where
 * that is dated first, and an interval apart from applications of other products that bring the same capped nutrient, so
 * that two never add up on one day.
 */
export function requestFor(
  ctx: PlanContext,
  input: FertilizerInput,
  product: Pick<FertilizerProduct, 'key' | 'material' | 'rate'>,
  split: { readonly set: DoseSet; readonly parts: readonly YearPart[] | undefined },
  earliest: IsoDate | undefined,
  before: readonly UndatedProduct[],
): DateRequest {
  const { file, area, limedOn } = input;
  const { key, material } = product;
  const { intervalDays, apartFromLimeDays, seasons } = applicationLimits(input);
  const clashing = before.filter((other) => addsUp(input, other, product));
  const id = `${area.id}/feed-${key}`;
  const lime = limeGoesFirst(input) ? [limeRequestId(area.id)] : [];
  const count = split.parts ? split.parts.length : split.set.doses.length;
  const days = split.parts ? spacingOf(input) : intervalDays.value;
  const others = {
    what: 'fertilizer',
    days,
    from: [],
    of: clashing.map(({ request }) => request.id),
  } as const;
  const shared = {
    id,
    what: 'fertilizer',
    earliest,
    count,
    pins: pinsOf(ctx, file, id, count),
    interval: { days },
  } as const;
  const fromLime = (kept: number) =>
    ({ what: 'lime', days: kept, from: limedOn, of: lime }) as const;
  const [closed, hot] = [closedTo(input, material), heatFor(input, material)];
  if (!split.parts) {
    return {
      ...shared,
      closed: [...closed, ...hot],
      seasons,
      apart: [fromLime(apartFromLimeDays.value), others],
    };
  }
  // What is worked in with the lime, or lies over it, loses nothing.
  const onTop = area.situation !== 'tilled' && losesAmmonia(material);
  return {
    ...shared,
    closed,
    slots: slotsOf(
      split.parts.map((part) => afterSod(input, part)),
      days,
      hot,
    ),
    apart: onTop ? [fromLime(LIME_FROM_NITROGEN_DAYS), others] : [others],
  };
}

/** A product with its applications on the days that the scheduler gave. */
export function onDates(
  ctx: PlanContext,
  { file, area }: Pick<FertilizerInput, 'file' | 'area'>,
  { request, moments, ...product }: UndatedProduct,
  datesOf: DatesOf,
): FertilizerProduct {
  const applications = datesOf(request.id).flatMap((dated, index): Application[] => {
    const amount = product.set.doses[index];
    const key = `${request.id}/${index + 1}`;
    if (!amount || !dated) return [];
    const kept = keptOf(file, key);
    return [{ key, state: 'firm', amount, kept, ...moments[index], ...dated }];
  });
  const coming = toCome(applications);
  if (coming.length === applications.length || coming.length === 0) {
    return { ...product, applications };
  }
  // What is on the ground is bought.
  const id = `${area.id}/feed/${product.key}/bags-left`;
  const entry = { id: `${id}/pounds`, label: msg('dose.leftAfter') };
  const printed = coming.map(({ amount }) => amount.printed);
  const bags = bagsFor(ctx, id, addPounds(ctx, entry, printed), product.bag);
  return { ...product, bags, applications };
}
