/**
 * Build and hold as Tri-State 1995 has it (Vitosh, Johnson & Mengel, E-2567), a year for four years:
 * 5 lb P2O5/acre for each ppm below critical, 1 + 0.05 × CEC lb K2O/acre for each ppm; then what the crop
 * carries off. Standing: recalled. The factors are for Bray-1 or Mehlich-3 P, ammonium acetate or Mehlich-3 K.
 */
export const BUILD_UP = {
  methods: ['bray-1', 'mehlich-3', 'mehlich-3-color', 'ammonium-acetate'],
  p2o5PerPpm: 5,
  k2oPerPpm: { base: 1, perCec: 0.05 },
  years: 4,
} as const;

/**
 * What is carried off in a year, lb/1000 ft², the smaller ends: clippings 50–100 lb of dry matter with
 * 0.3–0.5 % P and 2–3 % K; vegetables as Knott's Handbook prints their contents, at garden yields.
 * Standing: recalled. Nothing where clippings stay, of woody plants and of plots that are grazed.
 */
export const CROP_REMOVAL = {
  clippings: { P2O5: 0.5, K2O: 1.5 },
  bed: {
    none: { P2O5: 0, K2O: 0 },
    light: { P2O5: 0.2, K2O: 0.5 },
    medium: { P2O5: 0.4, K2O: 1.2 },
    heavy: { P2O5: 0.5, K2O: 1.7 },
  },
} as const;
