/**
 * Days from one application of soluble fertilizer to the next: four weeks on lawns (lawn calendars), two beside rows, where
 * guides side-dress every three (Virginia 426-323). Recalled.
 */
export const SPACING_DAYS = { lawn: 28, other: 14 } as const;
