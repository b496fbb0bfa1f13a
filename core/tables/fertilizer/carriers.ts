import { SQUARE_FEET_PER_ACRE, SQUARE_FEET_PER_THOUSAND } from '../../kernel/units/factors';

/** A pound on an acre, lb/1000 ft². */
const POUND_AN_ACRE = SQUARE_FEET_PER_THOUSAND / SQUARE_FEET_PER_ACRE;

/**
 * What ground that is short of an element and gets no lime which could bring it is given, and the product that carries it.
 * Needs: common practice (40 lb of magnesium and 200 lb of calcium an acre; 1 lb of boron an acre at most, in one dose; 5 lb of
 * zinc an acre, once). Shares: of the pure salt, by its formula.
 */
export const CARRIERS = {
  /** Epsom salt, MgSO4 · 7 H2O. */
  mg: { of: 'Mg', perThousand: 1, percent: 9.8 },
  /** Gypsum, CaSO4 · 2 H2O. */
  ca: { of: 'Ca', perThousand: 4.6, percent: 23.3 },
  /** Borax, Na2B4O7 · 10 H2O. */
  b: { of: 'B', perThousand: POUND_AN_ACRE, percent: 11.3 },
  /** Zinc sulfate, ZnSO4 · H2O. */
  zn: { of: 'Zn', perThousand: 5 * POUND_AN_ACRE, percent: 36.4 },
} as const;
export type Carried = keyof typeof CARRIERS;

/** A level tablespoon of borax or of zinc sulfate, ounces. From memory: half an ounce, and more of the heavier salt. */
export const OUNCES_PER_TABLESPOON = { b: 0.5, zn: 0.7 } as const;
