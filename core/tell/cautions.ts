import type { FeedPlan } from '../treat/fertilizer/types';
import type { LimePlan, SulfurPlan } from '../treat/types';

/** A hazard that something on the plan raises; its words stand in the catalogue under `caution.<id>`. */
type PlanCaution =
  'caustic' | 'dust' | 'sulfate' | 'water' | 'oxidizer' | 'pets' | 'burn' | 'localCode';

/** A hazard by name: of the plan, or of the soil itself. */
export type CautionId = 'lead' | 'salts' | PlanCaution;

/** What a plan has that may raise a hazard. */
interface Raising {
  readonly lime: LimePlan;
  readonly sulfur: SulfurPlan | undefined;
  readonly feed: FeedPlan;
}

/**
 * The hazards that a plan raises, the bodily ones first; local code whenever something is spread. Lead and salts
 * are no matter of the plan: they stand above it.
 */
export function cautionsFor({ lime, sulfur, feed }: Raising, feedTold: boolean): PlanCaution[] {
  const limes = lime.verdict === 'dose';
  const sours = sulfur?.verdict === 'dose';
  const feeds = feed.verdict === 'dose' && feedTold;
  const fed = feeds ? feed.chosen.parts.map(({ material }) => material) : [];
  const hazard = (id: 'oxidizer' | 'pets'): boolean =>
    fed.some(({ hazards }) => hazards.includes(id));
  const salts = fed.some(({ organic }) => !organic);
  return [
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
