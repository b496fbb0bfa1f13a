/**
 * The conversion factors, each once. Exact by definition (NIST Handbook 44, Appendix C): an acre is
 * 43,560 ft², a short ton 2,000 lb, a pound 16 oz, a foot 0.3048 m, a gallon 231 in³ and 16 cups.
 */
export const SQUARE_FEET_PER_ACRE = 43_560;
export const SQUARE_FEET_PER_THOUSAND = 1_000;
export const POUNDS_PER_TON = 2_000;
export const OUNCES_PER_POUND = 16;
export const INCHES_PER_FOOT = 12;
export const METRES_PER_FOOT = 0.3048;
export const FEET_PER_HUNDRED = 100;
export const SQUARE_METRES_PER_SQUARE_FOOT = METRES_PER_FOOT ** 2;
export const CUBIC_FEET_PER_CUBIC_YARD = 27;
export const GALLONS_PER_CUBIC_FOOT = 12 ** 3 / 231;
export const CUPS_PER_CUBIC_FOOT = (12 ** 3 * 16) / 231;
export const TABLESPOONS_PER_CUP = 16;
export const FLUID_OUNCES_PER_GALLON = 128;

/** P2O5 ÷ 2 P and K2O ÷ 2 K by molar mass, as labels print them (AAPFCO). */
export const P2O5_PER_P = 2.2914;
export const K2O_PER_K = 1.2046;

/**
 * lb/acre for each ppm and inch of soil: an acre of soil 6⅔ in. deep is taken to weigh 2,000,000 lb.
 * Common practice.
 */
export const POUNDS_PER_ACRE_PER_PPM_INCH = 0.3;

/** The trade's short-cut, "a ton per acre is 50 lb per 1000 ft²" (exact: 45.9). Common practice. */
export const SHORT_CUT_POUNDS_PER_THOUSAND_PER_TON = 50;

/** An acre is 4046.8564224 m² and a pound 453.59237 g, exactly (NIST Handbook 44, Appendix C). */
export const HECTARES_PER_ACRE = 0.40468564224;
export const KILOGRAMS_PER_POUND = 0.45359237;
