/**
 * How soil is sampled: cores of one composite, depth, and how soon after lime or fertilizer. Common practice
 * of state laboratories' sheets; ranges are as they print them, and the upper end is advised, since
 * more cores only make a sample better.
 */
export const CORES = {
  lawn: { low: 10, high: 15 },
  bed: { low: 8, high: 12 },
  woody: { low: 8, high: 12 },
  plot: { low: 10, high: 15 },
  /** A bed of less than SMALL_BELOW_SQUARE_FEET, or one plant. */
  small: { low: 3, high: 5 },
  /** Half an acre and more. */
  large: { low: 15, high: 20 },
} as const;

export const SMALL_BELOW_SQUARE_FEET = 100;
export const LARGE_FROM_SQUARE_FEET = 21_780;

/** Inches to sample where the ground is dug or tilled; else each plant has its own depth. */
export const TILLED_DEPTH_IN = 6;

/** Weeks after lime or fertilizer in which a sample says little; sheets print 6 to 8, the longer stands. */
export const WEEKS_AFTER_SPREADING = 8;

/**
 * Coefficient of variation within a garden or field, percent: the upper ends of Beckett & Webster 1971,
 * Soils and Fertilizers 34:1–15, and James & Wells 1990, SSSA Book Series 3, ch. 3. Recalled.
 */
export const VARIATION = { p: 50, k: 40, om: 25, no3: 60 } as const;
export type Varied = keyof typeof VARIATION;

/** Two-sided quantiles of the normal distribution, to three decimals; mathematics. */
export const CONFIDENCE = { '80': 1.282, '90': 1.645, '95': 1.96 } as const;
export type Confidence = keyof typeof CONFIDENCE;
