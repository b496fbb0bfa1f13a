/**
 * Printed exchange acidity as lime, lb of pure CaCO3 on 2,000,000 lb of soil for each meq/100 g: all of it to
 * pH 7.0 (by equivalent weights exact), 840 to 6.5 (northeastern laboratories; recalled).
 */
export const ACIDITY_TO_LIME = [
  { target: 6.5, poundsPerMeq: 840 },
  { target: 7.0, poundsPerMeq: 1000 },
] as const;
