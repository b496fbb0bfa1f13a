/**
 * What a new lawn is given from seed, lb/1000 ft²: a starter of nitrogen at sowing and more when it has been mown two or
 * three times (Purdue AY-3; North Carolina State AG-69), phosphate and potash worked in before by the rating of the
 * soil test, from low to very high (Virginia urban manual, its lower figures). Recalled.
 */
export const NEW_LAWN = {
  atSowing: 0.5,
  afterMowing: 1,
  byRating: [3, 2, 1, 0],
} as const;
