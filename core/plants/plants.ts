import type { SourceId } from '../tables/sources';

/** What the ground of a plant is: lawns are walked over, beds dug, woody plants have a root circle. */
type PlantForm = 'lawn' | 'bed' | 'woody';

/** What the plan knows of a plant. pH is water pH. */
export interface Plant {
  readonly id: string;
  readonly form: PlantForm;
  /** The range in which the plant does well. */
  readonly window: { readonly low: number; readonly high: number };
  /** Lime only where the soil is below this … */
  readonly limeBelow: number;
  /** … and then to this. */
  readonly limeTo: number;
  readonly source: SourceId;
}

/** Bluegrass, fescues and ryegrass. Most pages lime them below 5.8 or 6.0, to 6.5. Recalled. */
export const COOL_SEASON_LAWN: Plant = {
  id: 'cool-season-lawn',
  form: 'lawn',
  window: { low: 6.0, high: 7.0 },
  limeBelow: 6.0,
  limeTo: 6.5,
  source: 'lake-states-1995',
};

/** The window that the slightly tolerant vegetables share; limed below 6.0, to 6.5. Recalled. */
const MIXED_VEGETABLES: Plant = {
  id: 'mixed-vegetables',
  form: 'bed',
  window: { low: 6.0, high: 6.8 },
  limeBelow: 6.0,
  limeTo: 6.5,
  source: 'knott',
};

/** Landscape trees and shrubs that are no acid-lovers: the width of most lists. Common practice. */
const TREES_AND_SHRUBS: Plant = {
  id: 'trees-and-shrubs',
  form: 'woody',
  window: { low: 5.5, high: 7.0 },
  limeBelow: 5.5,
  limeTo: 6.0,
  source: 'practice',
};

/** Every plant by its id. */
export const PLANTS: Readonly<Record<string, Plant>> = {
  [COOL_SEASON_LAWN.id]: COOL_SEASON_LAWN,
  [MIXED_VEGETABLES.id]: MIXED_VEGETABLES,
  [TREES_AND_SHRUBS.id]: TREES_AND_SHRUBS,
};
