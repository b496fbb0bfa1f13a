import { object, oneOf, text, type Of } from '../../kernel/typed/spec';

/** What an advisor did to a line of the client's page. */
const LINE_EDITS = ['struck', 'words', 'added'] as const;

/**
 * A line of the client's page that is struck out, said in other words, or added. It stands in the document under the key of
 * its line (`core/tell/slip/lines`), an added one under a key of its own.
 */
export const LINE_EDIT = object({
  what: oneOf(LINE_EDITS),
  /** The advisor's words; of a struck line none. */
  text,
  /** The key of the line that an added one stands under. */
  after: text,
  /** What the line said when it was changed: its words and figures, in short. */
  restsOn: text,
  at: text,
});
export interface LineEdit extends Of<typeof LINE_EDIT> {}
