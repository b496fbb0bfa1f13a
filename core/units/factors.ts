/**
 * The conversion factors, each once. Exact by definition:
 * an acre is 43,560 ft² and a short ton 2,000 lb (NIST Handbook 44, Appendix C).
 */
export const SQUARE_FEET_PER_ACRE = 43_560;
export const SQUARE_FEET_PER_THOUSAND = 1_000;
export const POUNDS_PER_TON = 2_000;

/** The trade's short-cut, "a ton per acre is 50 lb per 1000 ft²" (exact: 45.9). Common practice. */
export const SHORT_CUT_POUNDS_PER_THOUSAND_PER_TON = 50;
