import type { Msg } from '../kernel/messages/msg';
import type { StepId } from '../kernel/working/finding';
import type { QueueFacts } from './queue';

/** The version of the Desk's lines; older ones are made anew when the Desk opens. */
export const INDEX_VERSION = 5;

/** What the Desk lists of a case, written in the same transaction as the case. */
export interface CaseIndexRow {
  id: string;
  title: string;
  client: string;
  place: string;
  changedAt: number;
  deletedAt: number;
  /** Which version of this program made the line; see INDEX_VERSION. */
  version: number;
  plants: readonly string[];
  /** Names of its samples, which no other case's may have. */
  samples: readonly string[];
  /** How many pieces of ground there are. */
  grounds: number;
  /** The step at which the case goes on. */
  goesOnAt: StepId;
  turnsOn: Msg;
  facts: QueueFacts;
}
