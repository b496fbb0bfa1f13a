import type { Family } from '../../core/kernel/messages/msg';
import { nameFrom } from './text';

/** One of the values of a select. */
export interface Option {
  readonly value: string;
  readonly words: string;
  readonly disabled?: boolean;
  /** The heading that it stands under. */
  readonly group?: string;
}

/** Values with their words in the catalogue. */
export function named(family: Family, values: readonly string[]): Option[] {
  return values.map((value) => ({ value, words: nameFrom(family, value) }));
}
