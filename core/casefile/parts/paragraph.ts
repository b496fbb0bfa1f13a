import { id, number, object, text, type Of } from '../../kernel/typed/spec';

/** A paragraph of the office's own on a client's page: a copy, so that the page keeps what it said. */
export const PARAGRAPH = object({
  id,
  order: number,
  name: text,
  /** Its words; an empty line parts it. */
  text,
  /** The same in Spanish; '' where nobody has written it. */
  spanish: text,
});
export interface Paragraph extends Of<typeof PARAGRAPH> {}
