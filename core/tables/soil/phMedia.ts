/**
 * Water pH less pH in 0.01 M CaCl2: about 0.6, from 0.4 to 0.8, wider in sandy and in salty soils.
 * Common practice of state laboratories; recalled.
 */
export const WATER_ABOVE_CACL2 = { value: 0.6, uncertainty: 0.2, low: 0.4, high: 0.8 } as const;
