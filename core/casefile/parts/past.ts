import { id, object, oneOf, text, type Of } from '../../kernel/typed/spec';
import { TYPED } from './typed';

/** What is asked of the last twelve months. */
export const PAST_KINDS = ['lime', 'sulfur', 'fertilizer', 'compost'] as const;

/** What was put on an area in the twelve months before the plan. */
export const PAST_ENTRY = object({
  id,
  areaId: id,
  kind: oneOf(PAST_KINDS),
  on: text,
  amount: TYPED,
  /** CCE of the lime, S of the sulfur or N of the fertilizer, in percent; a fertilizer may have its whole grade. */
  percent: text,
});
export interface PastEntry extends Of<typeof PAST_ENTRY> {}
