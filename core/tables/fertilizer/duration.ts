/**
 * How a slow nitrogen lasts by its kind, weeks at about 70 to 77 °F: Beard, Turfgrass: Science and Culture, 1973, and AAPFCO's definitions;
 * recalled. Polymer coats are sold by their days; a usual one of 90 stands here.
 */
export const LASTS_WEEKS = {
  'sulfur-coat': { from: 6, to: 12 },
  'polymer-coat': { from: 9, to: 13 },
  ibdu: { from: 10, to: 16 },
  ureaform: { from: 20, to: 26 },
  'methylene-urea': { from: 7, to: 12 },
  organic: { from: 6, to: 12 },
} as const;
export type SlowKind = keyof typeof LASTS_WEEKS;

/** What a coat that lets through by temperature alone is rated at, °F, and how much faster it is for each 18 °F (10 °C) more. */
const RATED = 70;
const TWICE_FOR = 18;

/**
 * How long a coated product lasts at another temperature: half as long for each 18 °F more (Q10 of 2; recalled).
 * @example Math.round(coatedDays(90, 80)) // 61
 */
export function coatedDays(ratedDays: number, meanDegF: number): number {
  return ratedDays * 2 ** ((RATED - meanDegF) / TWICE_FOR);
}
