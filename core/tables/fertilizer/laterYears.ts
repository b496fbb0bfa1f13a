/**
 * Of the nitrogen of manure and meals so much is set free in each later year, as a share of what was put on: 0.10 to 0.15 (extension
 * sheets on gardens that get manure or compost every year). Recalled.
 */
export const LATER_YEARS = { low: 0.1, value: 0.125, high: 0.15 } as const;
