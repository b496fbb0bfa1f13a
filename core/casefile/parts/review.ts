import { object, oneOf, text, type Of } from '../../kernel/typed/spec';

/** Whether a second person looks a case over: not asked for; waits; sent back to whoever typed it; or was looked over. */
export const REVIEWS = ['', 'waiting', 'back', 'seen'] as const;

/** Who typed a case, and who looked it over. Everything as typed. */
export const REVIEW = object({
  typedBy: text,
  state: oneOf(REVIEWS),
  /** What is to be looked at, or what was found. */
  note: text,
  /** Who looked it over, or sent it back. */
  by: text,
  /** The day of the last of these. */
  on: text,
  /** The amounts and days that were looked over, in short. */
  standsFor: text,
});
export interface Review extends Of<typeof REVIEW> {}

/** Nobody asked for a review. */
export const NO_REVIEW: Review = {
  typedBy: '',
  state: '',
  note: '',
  by: '',
  on: '',
  standsFor: '',
};
