/** A soil whose exchange capacity holds more sodium than this is sodic, percent. Handbook 60, recalled. */
export const SODIC_ABOVE_ESP = 15;

/** What gypsum brings it down to, percent. */
export const ESP_AFTER_GYPSUM = 10;

/** Gypsum that trades one meq/100 g of sodium in the top 6 to 7 inches: 86 g/eq in 2,000,000 lb of soil, lb/1000 ft². */
export const GYPSUM_PER_MEQ = 39.5;
