import type { AnalyteFacts } from '../../core/catalog/analytes';
import { named } from './choices';

/** The words of what stands beside a unit, by what it tells. */
const WORDS = {
  extractant: (values: readonly string[]) => named('extractant', values),
  form: (values: readonly string[]) => named('form', values),
  waterMethod: (values: readonly string[]) => named('waterMethod', values),
  saltPh: (values: readonly string[]) => named('saltPh', values),
  printedAs: (values: readonly string[]) => named('printedAs', values),
  ecMethod: (values: readonly string[]) => named('ecMethod', values),
  leadMethod: (values: readonly string[]) => named('leadMethod', values),
  bufferForm: (values: readonly string[]) => named('bufferForm', values),
};

/** Methods with their words. */
export function methodWords(
  methodIs: NonNullable<AnalyteFacts['methodIs']>,
  values: readonly string[],
): ReturnType<typeof named> {
  return WORDS[methodIs](values);
}
