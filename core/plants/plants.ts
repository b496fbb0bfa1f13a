import type { SourceId } from '../tables/sources';

/** What the plan knows of a plant. pH is water pH. */
export interface Plant {
  readonly id: string;
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
  window: { low: 6.0, high: 7.0 },
  limeBelow: 6.0,
  limeTo: 6.5,
  source: 'lake-states-1995',
};

/** Every plant by its id. */
export const PLANTS: Readonly<Record<string, Plant>> = { [COOL_SEASON_LAWN.id]: COOL_SEASON_LAWN };
