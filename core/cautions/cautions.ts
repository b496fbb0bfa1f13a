import type { FeedPlan } from '../feeding/types';
import type { LimePlan } from '../ph/types';

/** A hazard by name; its words stand in the catalogue under `caution.<id>`. */
export type CautionId = 'dust' | 'water' | 'oxidizer' | 'pets' | 'burn' | 'localCode';

/** The hazards that a plan raises, the bodily ones first; local code whenever something is spread. */
export function cautionsFor(lime: LimePlan, feed: FeedPlan, feedTold: boolean): CautionId[] {
  const limes = lime.verdict === 'dose';
  const feeds = feed.verdict === 'dose' && feedTold;
  const fed = feeds ? feed.chosen.parts.map(({ material }) => material) : [];
  const hazard = (id: 'oxidizer' | 'pets'): boolean =>
    fed.some(({ hazards }) => hazards.includes(id));
  const salts = fed.some(({ organic }) => !organic);
  return [
    ...(limes ? (['dust'] as const) : []),
    ...(hazard('oxidizer') ? (['oxidizer'] as const) : []),
    ...(hazard('pets') ? (['pets'] as const) : []),
    ...(salts ? (['burn'] as const) : []),
    ...(feeds ? (['water'] as const) : []),
    ...(limes || feeds ? (['localCode'] as const) : []),
  ];
}
