/**
 * Shares of the exchange capacity that the base balance asks for, percent (Graham 1959, Missouri Bulletin
 * 734: Ca 65–85, Mg 6–12, K 2–5). Standing: recalled. Trials do not support treating for the shares where
 * each base is sufficient (McLean et al. 1983, Agronomy Journal 75:635–639; Kopittke & Menzies 2007).
 */
export const BASE_SATURATION_RATIO = {
  ca: { low: 65, high: 85 },
  mg: { low: 6, high: 12 },
  k: { low: 2, high: 5 },
} as const;
