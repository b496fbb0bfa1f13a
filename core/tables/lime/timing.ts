/** Months until lime has done most of its work, by how ground is worked. Common practice. */
export const LIME_WORKS_MONTHS = {
  established: { from: 8, to: 12 },
  stressed: { from: 8, to: 12 },
  tilled: { from: 3, to: 6 },
} as const;

/**
 * Above so many tons of limestone on an acre half goes on before the ground is worked and half after
 * (Tri-State, E-2567; recalled).
 */
export const HALVES_ABOVE_TONS = 4;

/** Most limestone at once on a plot that is not worked, tons on an acre. Common practice. */
export const NO_TILL_TONS = 2;

/** Days between lime and urea or ammonium on the surface, which it would drive off as ammonia. Common practice: 7 to 14. */
export const LIME_FROM_NITROGEN_DAYS = 14;

/** When ground can be worked, and lime with it, where winters freeze. Common practice. */
export const WORKABLE = [{ from: '03-01', to: '11-30' }] as const;

/** A lawn below this pH is never told to do nothing, and so much limestone is the least that it is given, lb/1000 ft². Common practice. */
export const NEVER_NOTHING_BELOW = 5.5;
export const LEAST_ON_ACIDIC_LAWN = 25;

/** The most limestone on the word of a kit or a probe alone, once, lb/1000 ft². Common practice: a light application, then a test. */
export const KIT_LIME_MOST = 50;

/** What is over the most at once by no more than this share of it is not worth a second trip. Common practice: 55 of 50 lb. */
export const NO_SECOND_TRIP_OVER = 0.2;
