import {
  day,
  id,
  list,
  longText,
  object,
  oneOf,
  text,
  wholeNumber,
  type Of,
} from '../../kernel/typed/spec';
import { UNIT_SYSTEMS } from '../../kernel/units/metric';
import { LANGUAGES } from './language';

/** What a line of a written page is. */
const WRITTEN_KINDS = [
  ...['hazard', 'heading', 'section', 'lead', 'sentence', 'dated', 'paragraph'],
  ...['table', 'row', 'caution', 'sign', 'footer'],
] as const;

/** A line of a written page: its words as they were given, the cells of a row parted by tabs. */
const WRITTEN_LINE = object({ kind: oneOf(WRITTEN_KINDS), text: longText(9000) });
export interface WrittenLine extends Of<typeof WRITTEN_LINE> {}

/** A page as it was given to a client: kept as it was given, whatever changes later. */
export const ISSUED = object({
  id,
  /** The day on which it was given. */
  on: day,
  at: text,
  language: oneOf(LANGUAGES),
  units: oneOf(UNIT_SYSTEMS),
  title: text,
  /** Name and place together. */
  who: longText(9000),
  /** As many as the largest case that is worked out has. */
  lines: list(WRITTEN_LINE, 6000),
  /** What it was worked out by: the pack and its version, the climate card, and the local rules by name. */
  pack: object({ id: text, version: wholeNumber }),
  card: text,
  rules: list(text, 40),
});
export interface Issued extends Of<typeof ISSUED> {}
