/**
 * Mehlich 1976 in North Carolina's form: acidity `4 × (6.60 − buffer pH)` meq/100 cm³, and tons of agricultural
 * limestone an acre `acidity × (target − pH) ÷ (6.6 − pH)`. Not for soil of pH 6.6 and more. Recalled, twice
 * and alike. A ton an acre for each meq is about twice what it takes to neutralize it in 8 in., so the limestone's own
 * lag is in it and it stands for limestone as sold, of a quality that is not said. For 8 in.: doubtful, from 6 to 8; the
 * smaller amount on shallower ground stands.
 */
export const MEHLICH_1976 = { start: 6.6, acidityPerPh: 4, depthIn: 8 } as const;
