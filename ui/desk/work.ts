/** The order of the work. */
export const WORK = [
  'ground',
  'sample',
  'results',
  'reading',
  'ph',
  'feeding',
  'calendar',
  'slip',
] as const;
