import {
  POUNDS_PER_ACRE_PER_PPM_INCH,
  SQUARE_FEET_PER_ACRE,
  SQUARE_FEET_PER_THOUSAND,
} from '../../kernel/units/factors';

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
 * Salts of compost and manure, as pounds of potassium chloride to a pound of their potash: 2 KCl (149.1) to K2O (94.2). Potassium is
 * about half of the salts there, and about half of it is held by what is not yet rotten; so the sum may be off by half. From memory.
 */
export const SALTS_OF_POTASH = 149.1 / 94.2;
export const SALTS_OFF_PERCENT = 50;

/** Inches of topsoil that two million pounds on an acre are. */
const TOPSOIL_INCHES = 20 / 3;

/**
 * Salts that raise the saturated extract of the topsoil by 1 dS/m, lb/1000 ft²: 640 mg/L in water that is two fifths of the soil's
 * weight. Common practice.
 */
export const SALTS_FOR_ONE_DS =
  (640 * 0.4 * POUNDS_PER_ACRE_PER_PPM_INCH * TOPSOIL_INCHES * SQUARE_FEET_PER_THOUSAND) /
  SQUARE_FEET_PER_ACRE;

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
