import { text } from '../format/text';

/** Units of a laboratory's lime, and what its lime is counted as. */
export const LAB_UNITS = ['lb/1000ft2', 'lb/100ft2', 'lb/acre', 'ton/acre', 'ton/acre-short-cut'];
export const LAB_BASES = ['product', 'limestone', 'pure'];

/** Units in which soils are tested. */
export const SOIL_UNITS = ['ppm', 'mg/kg', 'lb/acre', 'kg/ha'];
/** Those of bases, which are also tested by their charge. */
export const CHARGED_UNITS = [...SOIL_UNITS, 'meq/100g', 'cmol/kg'];

/** Extractants whose values are told apart; a pack rates the ones that it has bands for. */
export const EXTRACTANTS = {
  p: ['bray-1', 'mehlich-3', 'olsen', 'mehlich-1', 'other'],
  k: ['ammonium-acetate', 'mehlich-3', 'mehlich-1', 'other'],
} as const;

interface Choice {
  readonly value: string;
  readonly words: string;
}

/** Values with their words in the catalogue. */
export function named(prefix: string, values: readonly string[]): Choice[] {
  return values.map((value) => ({ value, words: text(`${prefix}.${value}`) }));
}

/** Extractants, the one that nobody chose first. */
export function withUnknown(extractants: readonly Choice[]): Choice[] {
  return [{ value: '', words: text('extractant.unknown') }, ...extractants];
}
