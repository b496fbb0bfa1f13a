/** What of a year a climate tells by rule. */
export type AnchorId =
  | 'last-frost'
  | 'first-frost'
  | 'green-up'
  | 'growth'
  | 'late-spring'
  | 'heat'
  | 'early-autumn'
  | 'late-autumn'
  | 'warm-green'
  | 'warm-last'
  | 'warm-soil'
  | 'frozen';
