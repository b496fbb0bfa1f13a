/**
 * Tri-State 1995 lime lines (Vitosh, Johnson & Mengel, E-2567), tons/acre of agricultural ground
 * limestone to 8 in.: `intercept − slope × LTI`, LTI = 10 × buffer pH. Standing: recalled.
 */
export const TRI_STATE_LINES = [
  { target: 6.0, intercept: 49.3, slope: 0.71 },
  { target: 6.5, intercept: 60.4, slope: 0.87 },
  { target: 6.8, intercept: 71.4, slope: 1.03 },
] as const;

/** The lime test index is ten times the buffer pH. */
export const LTI_PER_PH = 10;

/** The span of buffer pH over which E-2567 prints values; the lines are not used outside it. */
export const TRI_STATE_BUFFER = { min: 4.8, max: 6.8 } as const;

/** Organic soils go by their own pH: `intercept − slope × soil pH`, tabled from 4.4 to 5.2. */
export const TRI_STATE_ORGANIC = { intercept: 32.9, slope: 6.31, min: 4.4, max: 5.2 } as const;

/** Depth of soil that the lines lime, inches. */
export const TRI_STATE_DEPTH_IN = 8;
