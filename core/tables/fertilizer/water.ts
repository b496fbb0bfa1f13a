/**
 * An ounce in 100 gallons is 75 ppm (exact: 74.9), as greenhouse texts print it; a gallon of water weighs 8.345 lb; so an ounce in a gallon
 * is 7,489 mg in a litre.
 */
export const PPM_PER_OUNCE_IN_HUNDRED_GALLONS = 75;
export const POUNDS_PER_GALLON_OF_WATER = 8.345;
export const MILLIGRAMS_PER_LITRE_PER_OUNCE_PER_GALLON = 7489;

/** Dissolved salts that a meter shows as 1 dS/m, mg in a litre: 500 to 700 by the scale, 640 usual. Common practice. */
export const SALTS_PER_DECISIEMENS = 640;
