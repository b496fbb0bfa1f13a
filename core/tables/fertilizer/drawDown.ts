/**
 * Pounds of oxide that have to leave an acre before its soil test falls by 1 ppm. Phosphate 16–25, about 20
 * (Illinois and Kansas 18); potash 8–10, about 9 (Kansas 9, Illinois 8). Recalled.
 */
export const DRAW_DOWN = {
  P2O5: { low: 16, value: 20, high: 25 },
  K2O: { low: 8, value: 9, high: 10 },
} as const;

/** Extractants that these pounds were told of: what another finds falls by a factor of its own. */
export const DRAW_DOWN_METHODS = ['bray-1', 'mehlich-3', 'ammonium-acetate'] as const;
