/**
 * Phosphate and potash that are worked in for a new lawn, lb/1000 ft², by the rating of the soil test from low to very
 * high (Virginia urban manual, its lower figures). Recalled.
 */
export const NEW_LAWN_BY_RATING = [3, 2, 1, 0] as const;
