/**
 * How far off an area is, by how it was measured, percent. Common practice: taped 1–2 %, paced 5–10 %
 * (the larger end stands); map and guess from memory, without a source.
 */
export const USUAL_ERROR = { tape: 2, pace: 10, map: 5, guess: 25 } as const;

/** An area that is off by no more than this changes nothing that hands could tell. Common practice. */
export const NEGLIGIBLE_ERROR = 3;

/** Depth of the soil of an acre that is taken to weigh 2,000,000 lb, inches: lb/acre is 2 × ppm. */
export const FURROW_SLICE_IN = 20 / 3;
