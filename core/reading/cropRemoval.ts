import type { Area } from '../casefile/parts/area';
import type { Plant } from '../catalog/plants/plants';
import { CROP_REMOVAL } from '../tables/fertilizer/buildUp';
import type { Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';

/** What a year carries off, lb/1000 ft²: clippings that are taken away, vegetables; nothing that stays. */
export function cropRemoval<S extends 'P2O5' | 'K2O'>(
  ctx: PlanContext,
  { area, plant }: { readonly area: Area; readonly plant: Plant },
  id: string,
  nutrient: S,
): Figure<Quantity<'lb/1000ft2', S>> {
  const { form, needs } = plant;
  const removed = form === 'lawn' && area.clippings === 'removed';
  const inBeds = form === 'bed' ? CROP_REMOVAL.bed[needs[nutrient]][nutrient] : 0;
  const pounds = removed ? CROP_REMOVAL.clippings[nutrient] : inBeds;
  const entry = { id, label: msg('school.carriedOff') };
  return ctx.constant(
    { ...entry, source: 'carried-off', standing: 'recalled' },
    pounds,
    'lb/1000ft2',
    nutrient,
  );
}
