/**
 * Volumes that compost is moved in, ft³: a level wheelbarrow 3 to 4, a five-gallon bucket 0.668 (exact), a usual bag 1.
 * Common practice.
 */
export const BARROW_FT3 = { low: 3, value: 3.5, high: 4 } as const;
export const BUCKET_FT3 = 0.668;
export const USUAL_BAG_FT3 = 1;

/** A cubic yard weighs what is printed within a quarter. Common practice. */
export const WEIGHT_OFF_PERCENT = 25;

/**
 * The most compost or manure in a year, inches deep: raked into a lawn, on ground that is planted, and on new ground where it is worked
 * in. Common practice; above it grass is smothered, salts and phosphorus pile up.
 */
export const MOST_INCHES = { lawn: 0.5, established: 1, tilled: 2 } as const;

/**
 * The share of a cover crop's nitrogen that counts for the next crop: half where it is turned in green, a quarter where it is
 * left on top (SARE's rule; recalled).
 */
export const COVER_SHARE = { turned: 0.5, left: 0.25 } as const;

/** Months for which a cover crop or a former crop still counts. Common practice. */
export const COVER_MONTHS = 12;

/** Days from raw manure to a harvest: of what touches the soil, and of the rest (7 CFR 205.203). */
export const RAW_MANURE_DAYS = { touching: 120, other: 90 } as const;

/** The first harvest of a vegetable after planting, days: leaves and radishes come first. Common practice. */
export const FIRST_HARVEST_DAYS = 30;
