/**
 * The pH of each fresh buffer solution: soil can only pull it down. Recalled from the papers of
 * Sikora (2006), Mehlich (1976), Adams & Evans (1962) and Woodruff (1948).
 */
export const BUFFER_START = {
  'ph-sikora': 7.7,
  'ph-mehlich': 6.6,
  'ph-adams-evans': 8,
  'ph-woodruff': 7,
} as const;
