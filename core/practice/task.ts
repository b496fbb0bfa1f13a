import type { StepId } from '../kernel/working/finding';
import type { Msg, NamesIn } from '../kernel/messages/msg';
import type { WorkingId } from '../kernel/working/working';
import type { Workings } from '../kernel/working/workings';
import type { Beside } from '../look/missteps';

/** How far along the work a case goes: reading, then pH, then phosphorus, then all of it. */
export const LEVELS = [1, 2, 3, 4] as const;
export type Level = (typeof LEVELS)[number];

type TaskId = NamesIn<'task'>;

/** An amount that counts as right, with the sum behind it. */
export interface Accepted {
  readonly id: WorkingId;
  readonly workings: Workings;
}

interface Common {
  readonly id: TaskId;
  /** The step of the work that it belongs to. */
  readonly step: StepId;
  readonly ask: Msg;
  /** The lesson that is about it. */
  readonly lesson: NamesIn<'lesson'>;
}

/** One of a few answers; several may be right. */
export interface ChoiceTask extends Common {
  readonly kind: 'choice';
  readonly options: readonly { readonly id: string; readonly words: Msg }[];
  readonly right: readonly string[];
  /** Why, in a sentence of the plan. */
  readonly because: Msg;
  readonly workings: Workings;
}

/** An amount; the plan's own first, then those of other schools. */
export interface AmountTask extends Common {
  readonly kind: 'amount';
  /** The unit behind the field, as it is typed behind a number. */
  readonly unit: 'ft2' | 'lb' | 'lb/100ft2';
  readonly right: () => readonly [Accepted, ...Accepted[]];
  readonly beside: Beside;
}

export type Task = ChoiceTask | AmountTask;
