/**
 * Adams & Evans 1962: acidity `8 × (8.00 − buffer pH)` meq/100 g, and the curve of pH by the share of the
 * exchange sites that is acid, `pH = 7.79 − 5.55 H + 2.27 H²`. Lime in lb of CaCO3 on 2,000,000 lb of soil,
 * half as much again as agricultural limestone, which does not react whole. Recalled, twice and alike.
 */
export const ADAMS_EVANS = {
  start: 8,
  acidityPerPh: 8,
  curve: { intercept: 7.79, slope: 5.55, square: 2.27 },
  poundsPerMeq: 1000,
  asLimestone: 1.5,
  /** Below it the buffer's line bends; below the soil pH the curve has no answer. */
  lowestBuffer: 7,
  lowestPh: 4.5,
} as const;

/**
 * The share of the exchange sites that is acid at a pH: the lower root of the curve.
 * @param ph water pH from 4.5 to 7.79
 * @example Number(acidShare(6.5).toFixed(2)) // 0.26
 */
export function acidShare(ph: number): number {
  const { intercept, slope, square } = ADAMS_EVANS.curve;
  return (slope - Math.sqrt(slope ** 2 - 4 * square * (intercept - ph))) / (2 * square);
}
