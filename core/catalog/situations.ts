/** How ground is worked: what it bears on one date follows from it. */
export const SITUATIONS = ['established', 'stressed', 'tilled'] as const;
export type Situation = (typeof SITUATIONS)[number];
