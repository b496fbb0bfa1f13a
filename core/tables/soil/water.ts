/** Sodium in water above which it harms leaves and soil, ppm. FAO Irrigation and Drainage Paper 29 (1985): 3 meq/L; recalled. */
export const SODIUM_IN_WATER_PPM = 70;

/** Alkalinity above which water slowly limes the ground that it goes on, ppm of CaCO3. Common practice. */
export const LIMY_WATER_PPM = 150;
