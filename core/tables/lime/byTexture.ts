/**
 * Finely ground limestone to bring a soil to pH 6.5, lb/acre to 7 in., by texture and present pH.
 * Farm Chemicals Handbook; Knott's Handbook for Vegetable Growers (Lorenz & Maynard 1988).
 * Standing: recalled. It takes no account of organic matter or of the kind of clay.
 */
export const TEXTURES = ['sand', 'sandy-loam', 'loam', 'silt-loam', 'clay-loam'] as const;
export type Texture = (typeof TEXTURES)[number];

/** Rows by present water pH, descending; columns in the order of TEXTURES. */
export const LIME_BY_TEXTURE_ROWS: readonly (readonly [number, ...number[]])[] = [
  [6.5, 0, 0, 0, 0, 0],
  [6.0, 600, 1400, 1800, 2200, 2400],
  [5.5, 1200, 2600, 3400, 4000, 4600],
  [5.0, 1800, 3400, 4600, 5600, 6600],
  [4.5, 2200, 4200, 5800, 7000, 8400],
  [4.0, 2600, 5000, 7000, 8400, 10000],
];

/** Target pH of the table. */
export const LIME_BY_TEXTURE_TARGET = 6.5;

/** Depth of soil that the table limes, inches. */
export const LIME_BY_TEXTURE_DEPTH_IN = 7;

/** Texture tables of different houses differ by up to 1.4 times either way. Common practice. */
export const LIME_BY_TEXTURE_SPREAD_PERCENT = 40;
