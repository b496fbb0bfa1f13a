/**
 * Minimum levels of turf by Mehlich-3, ppm of the element (Woods, Stowell & Gelernter 2014, GCM; PeerJ
 * Preprints 4:e2144, 2016): the level that nine tenths of well-kept greens and fairways lay above, at
 * pH above 5.5. Standing: recalled. A guideline for what to keep, no calibration of a response.
 */
export const TURF_MINIMUMS = { p: 21, k: 37, ca: 331, mg: 47, s: 7 } as const;

/** The extractant that they are for. */
export const TURF_MINIMUMS_BY = 'mehlich-3';

/** Inches of soil that are kept above the minimum: where most roots of turf are. Common practice. */
export const TURF_ROOT_DEPTH_IN = 4;
