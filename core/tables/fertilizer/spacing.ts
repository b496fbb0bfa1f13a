/**
 * Days from one application of soluble fertilizer to the next: four weeks on lawns (lawn calendars), two beside rows, where
 * guides side-dress every three (Virginia 426-323). Recalled.
 */
export const SPACING_DAYS = { lawn: 28, other: 14 } as const;

/**
 * Most quick nitrogen at once where it is worked in or laid beside a row and not on grass, lb/1000 ft²: guides side-dress
 * corn and potatoes with up to 85 lb an acre (Virginia 426-323; Knott's Handbook). Recalled.
 */
export const WORKED_IN_N = 2;

/** The same on beds and over roots that are not dug, lb/1000 ft²: two at most (ANSI A300), less over shallow roots. Recalled. */
export const ON_BEDS_N = 1.5;
