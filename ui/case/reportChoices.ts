import type { Family } from '../../core/kernel/messages/msg';
import { nameFrom } from '../format/text';

interface Choice {
  readonly value: string;
  readonly words: string;
}

/** Values with their words in the catalogue. */
export function named(family: Family, values: readonly string[]): Choice[] {
  return values.map((value) => ({ value, words: nameFrom(family, value) }));
}
