import { object, text, wholeNumber, type Of } from '../../kernel/typed/spec';

/** What of an entry of the calendar went out as a file: how often it has changed since, and what it stood for. */
export const EXPORTED = object({ sequence: wholeNumber, digest: text });
export interface Exported extends Of<typeof EXPORTED> {}

/** What stands for an entry that is no more. */
export const WITHDRAWN = 'withdrawn';
