/** Magnesium for ground that is short of it and needs no lime, lb/1000 ft²: about 40 lb/acre. Common practice. */
export const MAGNESIUM_WHERE_SHORT = 1;

/** Magnesium in Epsom salt (MgSO4 · 7 H2O), percent of its weight. */
export const EPSOM_MG_PERCENT = 9.8;
