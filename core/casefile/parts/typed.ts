import { ANALYTE_FACTS, type Analyte } from '../../catalog/analytes';
import { object, text, type Of } from '../../kernel/typed/spec';

/** A value as it stands on the paper or was typed: never parsed, never mended in the document. */
export const TYPED = object({ text, unit: text, method: text });
export interface Typed extends Of<typeof TYPED> {}

/**
 * An entry of an analyte with nothing typed in it yet.
 * @example emptyResult('om') // { text: '', unit: '%', method: '' }
 */
export function emptyResult(analyte: Analyte): Typed {
  const { units, methods } = ANALYTE_FACTS[analyte];
  return { text: '', unit: units[0] ?? '', method: methods[0] ?? '' };
}
