import type { FeedPlan } from '../feeding/types';
import type { LimePlan } from '../ph/types';

/** A hazard by name; its words stand in the catalogue under `caution.<id>`. */
export type CautionId = 'dust' | 'water' | 'oxidizer' | 'localCode';

/** The hazards that a plan raises, the bodily ones first; local code whenever something is spread. */
export function cautionsFor(lime: LimePlan, feed: FeedPlan): CautionId[] {
  const limes = lime.verdict === 'dose';
  // Feeding is not told while nobody knows about the lime.
  const feeds = feed.verdict === 'dose' && lime.verdict !== 'absent';
  const oxidizer = feeds && feed.chosenProduct.id === 'ammonium-nitrate-34-0-0';
  return [
    ...(limes ? (['dust'] as const) : []),
    ...(oxidizer ? (['oxidizer'] as const) : []),
    ...(feeds ? (['water'] as const) : []),
    ...(limes || feeds ? (['localCode'] as const) : []),
  ];
}
