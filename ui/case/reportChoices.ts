import { text } from '../format/text';

interface Choice {
  readonly value: string;
  readonly words: string;
}

/** Values with their words in the catalogue. */
export function named(prefix: string, values: readonly string[]): Choice[] {
  return values.map((value) => ({ value, words: text(`${prefix}.${value}`) }));
}
