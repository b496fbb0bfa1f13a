import type { AreaPlan, BrokenArea } from '../area/areaPlan';
import type { Problems } from '../kernel/working/context';
import type { Finding, StepId } from '../kernel/working/finding';
import type { Workings } from '../kernel/working/workings';
import type { SlipDocument } from '../tell/slip/document';
import type { StepState } from '../tell/steps';
import type { Purchase } from '../treat/purchase';

/** What the core makes of a case file: derived, never edited. */
export interface Plan {
  readonly areas: readonly AreaPlan[];
  /** Ground that could not be worked out; the rest goes on without it. */
  readonly broken: readonly BrokenArea[];
  readonly workings: Workings;
  readonly findings: readonly Finding[];
  readonly problems: Problems;
  readonly steps: Readonly<Record<StepId, StepState>>;
  /** What to buy for the whole job. */
  readonly purchase: Purchase;
  readonly slip: SlipDocument;
}
