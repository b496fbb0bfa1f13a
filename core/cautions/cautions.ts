import type { FeedPlan } from '../feeding/types';
import type { LimePlan, SulfurPlan } from '../ph/types';
import type { Readings } from '../report/types';
import { LEAD_TOTAL } from '../tables/lead';

/** A hazard by name; its words stand in the catalogue under `caution.<id>`. */
export type CautionId =
  'lead' | 'caustic' | 'dust' | 'sulfate' | 'water' | 'oxidizer' | 'pets' | 'burn' | 'localCode';

/** What a plan has that may raise a hazard. */
interface Raising {
  readonly lime: LimePlan;
  readonly sulfur: SulfurPlan | undefined;
  readonly feed: FeedPlan;
  readonly readings: Readings;
}

/** Whether a test for lead has to be spoken of: any extract, and a total that guidance reaches down to. */
function leadIsTold({ more, methods }: Readings): boolean {
  const { pb } = more;
  if (!pb || 'absent' in pb) return false;
  return methods.pb !== 'total' || pb.value.value >= LEAD_TOTAL.otherSources;
}

/**
 * The hazards that a plan raises, the bodily ones first; local code whenever something is spread. Lead is
 * spoken of whatever the plan is: nobody can decide it away.
 */
export function cautionsFor(
  { lime, sulfur, feed, readings }: Raising,
  feedTold: boolean,
): CautionId[] {
  const limes = lime.verdict === 'dose';
  const sours = sulfur?.verdict === 'dose';
  const feeds = feed.verdict === 'dose' && feedTold;
  const fed = feeds ? feed.chosen.parts.map(({ material }) => material) : [];
  const hazard = (id: 'oxidizer' | 'pets'): boolean =>
    fed.some(({ hazards }) => hazards.includes(id));
  const salts = fed.some(({ organic }) => !organic);
  return [
    ...(leadIsTold(readings) ? (['lead'] as const) : []),
    ...(limes && lime.caustic ? (['caustic'] as const) : []),
    ...(limes || sours ? (['dust'] as const) : []),
    ...(sours && sulfur.chosenMaterial.sulfate ? (['sulfate'] as const) : []),
    ...(hazard('oxidizer') ? (['oxidizer'] as const) : []),
    ...(hazard('pets') ? (['pets'] as const) : []),
    ...(salts ? (['burn'] as const) : []),
    ...(feeds ? (['water'] as const) : []),
    ...(limes || sours || feeds ? (['localCode'] as const) : []),
  ];
}
