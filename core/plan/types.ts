import type { Area } from '../casefile/casefile';
import type { Purchase } from '../treat/purchase';
import type { FeedPlan } from '../treat/fertilizer/types';
import type { Ground } from '../site/ground/ground';
import type { Quantity } from '../kernel/units/quantity';
import type { PhOutlook } from '../outlook/phOutlook';
import type { LimePlan, SulfurPlan } from '../treat/types';
import type { AreaGoal } from '../site/goal';
import type { Plant } from '../catalog/plants/plants';
import type { SoilTest } from '../reading/soilTest';
import type { AreaReading } from '../reading/types';
import type { Readings } from '../site/report/types';
import type { SamplingPlan } from '../site/sampling/samplingPlan';
import type { SlipDocument } from '../tell/slip/document';
import type { Problems } from '../kernel/working/context';
import type { Finding, StepId } from '../kernel/working/finding';
import type { Msg } from '../kernel/working/msg';
import type { Figure, Working, WorkingId } from '../kernel/working/working';
import type { Pack } from '../catalog/packs/pack';

/** A step's state follows from the plan; nobody ticks it off. */
export type StepState = 'not-begun' | 'decide' | 'done';

/** What the plan makes of one area. */
export interface AreaPlan {
  readonly area: Area;
  /** The plant that it is fed for, and what all that grows there wants of the pH. */
  readonly plant: Plant;
  readonly goal: AreaGoal;
  readonly pack: Pack;
  readonly ground: Ground;
  readonly sampling: SamplingPlan;
  /** Something is known of its sample, or was seen when it was taken. */
  readonly sampled: boolean;
  readonly readings: Readings;
  readonly soilTest: SoilTest;
  /** The soil holds free lime, which ties up phosphate. */
  readonly limy: boolean;
  readonly reading: AreaReading;
  readonly lime: LimePlan;
  /** Where plants of sour soil stand too high: whether sulfur can help, and the dose that is safe now. */
  readonly sulfur: SulfurPlan | undefined;
  /** The pH over the coming months, if what is advised goes on; empty where nothing does. */
  readonly outlook: PhOutlook;
  /** Limestone that undoes the acid of the season's feed. */
  readonly feedAcid: Figure<Quantity<'lb/1000ft2', 'CaCO3'>> | undefined;
  readonly feed: FeedPlan;
  /** Years until the next test where nothing asks for an earlier one. */
  readonly retestYears: number;
  readonly headlines: { readonly ph: Msg; readonly feeding: Msg };
}

/** A piece of ground that could not be worked out: the case has too much of it, or the program has a fault. */
export interface BrokenArea {
  readonly area: Area;
  readonly why: 'areaBroken' | 'areaTooMuch';
  /** What the fault says of itself. */
  readonly fault: string | undefined;
}

/** What the core makes of a case file: derived, never edited, recomputed whole on each change. */
export interface Plan {
  readonly areas: readonly AreaPlan[];
  /** Ground that could not be worked out; the rest goes on without it. */
  readonly broken: readonly BrokenArea[];
  readonly workings: Readonly<Record<WorkingId, Working>>;
  readonly findings: readonly Finding[];
  readonly problems: Problems;
  readonly steps: Readonly<Record<StepId, StepState>>;
  /** What to buy for the whole job. */
  readonly purchase: Purchase;
  readonly slip: SlipDocument;
}
