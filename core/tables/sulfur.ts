import type { Texture } from './limeByTexture';

/**
 * Elemental sulfur to bring a soil from a pH down to 4.5, lb/100 ft², by kind of soil; rows of pH, descending. Blueberry
 * bulletins of many states; sand and loam alike in both recollections. Of clay two versions are printed, loam + 0.2 and
 * about 1.5 × loam: the lower one is dosed from, the higher one shown. Recalled.
 */
export const SULFUR_SOILS = ['sand', 'loam', 'clay', 'clay-high'] as const;
export type SulfurSoil = (typeof SULFUR_SOILS)[number];

export const SULFUR_ROWS: readonly (readonly [number, ...number[]])[] = [
  [7.5, 2.3, 6.9, 7.1, 10.3],
  [7.0, 1.9, 5.8, 6.0, 8.8],
  [6.5, 1.5, 4.6, 4.8, 7.0],
  [6.0, 1.2, 3.5, 3.7, 5.3],
  [5.5, 0.8, 2.4, 2.6, 3.7],
  [5.0, 0.4, 1.2, 1.4, 1.8],
  [4.5, 0, 0, 0, 0],
];

/** Which column of the table a texture goes by; sandy loam by the smaller of its neighbors. */
export const SULFUR_SOIL_OF: Readonly<Record<Texture, Exclude<SulfurSoil, 'clay-high'>>> = {
  sand: 'sand',
  'sandy-loam': 'sand',
  loam: 'loam',
  'silt-loam': 'loam',
  'clay-loam': 'clay',
};

/** The trade's rule for loam: so many lb/100 ft² for each 0.1 of pH above 5.2. Common practice. */
export const PER_TENTH = { pounds: 0.2, above: 5.2 } as const;

/**
 * Most sulfur at once, lb of S/100 ft²: around living roots by kind of soil, and worked in before planting.
 * Common practice.
 */
export const SULFUR_CAP = { sand: 0.5, loam: 1, clay: 1, beforePlanting: 2 } as const;

/** Whether it is worth it, by pH: free lime is looked for from the first, tested from the second, refused above the third. */
export const CARBONATE_PH = { askFrom: 7.2, testFrom: 7.5, refuseAbove: 7.8 } as const;

/**
 * Lime that water brings: lb of CaCO3 on an acre for each inch of water and mg/L of alkalinity (226,600 lb of water on an
 * acre-inch), and the CaCO3 that a pound of sulfur undoes (100.09 ÷ 32.06).
 */
export const WATER_LIME = { poundsPerAcreInch: 0.2266, undoneByPound: 3.122 } as const;

/** Warm months (soil above 55 °F) before a dressing has shown what it does, and which they are. Common practice. */
export const WARM_MONTHS = { wait: 3, from: 4, to: 10 } as const;

/** When sulfur goes on, so that warm months follow. Common practice. */
export const SULFUR_SEASONS = [
  { from: '03-15', to: '06-15' },
  { from: '09-01', to: '10-31' },
] as const;

/** From the lower end of a range this share of the way up is aimed at first. Common practice. */
export const FIRST_AIM = 0.75;
