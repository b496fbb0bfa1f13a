import type { AreaSlice } from '../../casefile/slice';
import { isAcidLover, PLANTS, type Plant } from '../../catalog/plants/plants';
import { own } from '../../kernel/typed/own';

/** Said to be right: the one sample is used for all the same. */
export const MIXED_SAMPLE = 'mixed-sample';

/**
 * Whether a plant that needs acidic soil has no sample of its own: one that other plants share says nothing of its bed,
 * unless the advisor said that it does.
 */
export function isMixedSample({ plantsOfSample, decisions }: AreaSlice, plant: Plant): boolean {
  if (!isAcidLover(plant)) return false;
  if ((decisions.checked?.value ?? '').split(' ').includes(MIXED_SAMPLE)) return false;
  return plantsOfSample.some((id) => {
    const other = own(PLANTS, id);
    return other !== undefined && !isAcidLover(other);
  });
}
