import { own } from '../../kernel/typed/own';
import {
  RATINGS,
  type CriticalBands,
  type FixedBands,
  type NutrientBands,
  type Rating,
} from './pack';

/** Bands of which the soil group, where the pack tells groups apart, is settled. */
export type Bands = FixedBands | CriticalBands;

/** The groups that bands tell apart. */
export function groupsOf(bands: NutrientBands | null): readonly string[] {
  return bands && 'byGroup' in bands ? Object.keys(bands.byGroup) : [];
}

/** The bands for a soil of a group; nothing where the pack tells groups apart and none was chosen. */
export function bandsFor(bands: NutrientBands | null, group: string | undefined): Bands | null {
  if (!bands || !('byGroup' in bands)) return bands;
  const { byGroup, ...rest } = bands;
  const upTo = group === undefined ? undefined : own(byGroup, group);
  return upTo ? { ...rest, upTo } : null;
}

/** The step that a pack prints in, ppm. */
export function stepOf(bands: NutrientBands | null): number {
  return bands?.step ?? 10 ** -(bands?.decimals ?? 0);
}

/** A value as the pack would print it: 10.4 is 10, 10.5 is 11. */
export function asPrinted(bands: NutrientBands | null, value: number): number {
  const step = stepOf(bands);
  return Math.round(value / step + 1e-9) * step;
}

/**
 * The rating of a value in the bands' unit, rounded as the pack prints it. The upper end of a band belongs
 * to it; "below half of critical" does not hold the half itself.
 * @param critical the critical level that the bands turn on; fixed bands need none
 */
export function ratingOf(bands: Bands, value: number, critical: number): Rating {
  if ('upTo' in bands) {
    const index = bands.upTo.findIndex((end) => value <= end);
    return RATINGS[index < 0 ? RATINGS.length - 1 : index] ?? 'very-high';
  }
  if (value < bands.lowBelowShare * critical) return 'low';
  if (value <= critical) return 'medium';
  return value <= critical + bands.highUpToAbove ? 'high' : 'very-high';
}

/** Upper ends of low, medium and high. */
export function endsOf(bands: Bands, critical: number): readonly number[] {
  if ('upTo' in bands) return bands.upTo;
  return [bands.lowBelowShare * critical, critical, critical + bands.highUpToAbove];
}
