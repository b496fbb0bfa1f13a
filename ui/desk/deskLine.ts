import type { CaseIndexRow } from '../../core/plan/deskLine';
import type { Queued } from '../../core/plan/queue';

/** A line of the Desk with the queue that it stands in. */
export interface DeskLine extends Queued {
  readonly row: CaseIndexRow;
  /** All that a search looks through. */
  readonly words: string;
}
