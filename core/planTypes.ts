import type { Area } from './casefile/casefile';
import type { Purchase } from './dosing/purchase';
import type { FeedPlan } from './feeding/types';
import type { Ground } from './ground/ground';
import type { LimePlan } from './ph/types';
import type { Plant } from './plants/plants';
import type { SoilTest } from './reading/soilTest';
import type { Readings } from './report/types';
import type { SamplingPlan } from './sampling/samplingPlan';
import type { SlipDocument } from './slip/document';
import type { Finding, Problems, StepId } from './working/context';
import type { Msg } from './working/msg';
import type { Working, WorkingId } from './working/working';
import type { Pack } from './yardsticks/pack';

/** A step's state follows from the plan; nobody ticks it off. */
export type StepState = 'not-begun' | 'decide' | 'done';

/** What the plan makes of one area. */
export interface AreaPlan {
  readonly area: Area;
  readonly plant: Plant;
  readonly pack: Pack;
  readonly ground: Ground;
  readonly sampling: SamplingPlan;
  /** Something is known of its sample, or was seen when it was taken. */
  readonly sampled: boolean;
  readonly readings: Readings;
  readonly soilTest: SoilTest;
  readonly lime: LimePlan;
  readonly feed: FeedPlan;
  readonly headlines: { readonly ph: Msg; readonly feeding: Msg };
}

/** What the core makes of a case file: derived, never edited, recomputed whole on each change. */
export interface Plan {
  readonly areas: readonly AreaPlan[];
  readonly workings: Readonly<Record<WorkingId, Working>>;
  readonly findings: readonly Finding[];
  readonly problems: Problems;
  readonly steps: Readonly<Record<StepId, StepState>>;
  /** What to buy for the whole job. */
  readonly purchase: Purchase;
  readonly slip: SlipDocument;
}
