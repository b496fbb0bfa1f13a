import type { Texture } from './lime/byTexture';

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

/**
 * Sulfur to bring a soil without free lime down to 6.5, lb/acre on sand, loam and clay; rows of pH, descending (Western
 * Fertilizer Handbook; Knott's Handbook for Vegetable Growers). Recalled, twice and alike.
 */
export const TO_SIX_FIVE_SOILS = ['sand', 'loam', 'clay'] as const;
export const TO_SIX_FIVE_ROWS: readonly (readonly [number, ...number[]])[] = [
  [8.5, 2000, 2500, 3000],
  [8.0, 1200, 1500, 2000],
  [7.5, 500, 800, 1000],
  [7.0, 100, 150, 300],
  [6.5, 0, 0, 0],
];

/**
 * The other family of such tables, printed per 10 ft² for one texture (silt loam): a tenth of a pound for every half pH
 * from 8.0 down to 4.5, so many lb/100 ft² for a whole one. Recalled.
 */
export const GARDEN_RULE = { poundsPerPh: 2, from: 8, to: 4.5 } as const;

/** Where the estimate from the exchange capacity has an answer: the curve of Adams & Evans. */
export const CEC_ESTIMATE = { from: 7.7, to: 4.5 } as const;

/** The trade's rule for loam: so many lb/100 ft² for each 0.1 of pH above 5.2. Common practice. */
export const PER_TENTH = { pounds: 0.2, above: 5.2 } as const;

/**
 * Most sulfur at once, lb of S/100 ft²: around living roots by kind of soil, on turf, on turf cut close, and worked in
 * before planting. In twelve months twice as much. Common practice.
 */
export const SULFUR_CAP = {
  sand: 0.5,
  loam: 1,
  clay: 1,
  turf: 0.5,
  closeCut: 0.05,
  beforePlanting: 2,
} as const;
export const SULFUR_DOSES_A_YEAR = 2;

/** Within so much of the lower end of a range no more sulfur goes on. Common practice: about what a test may be off twice. */
export const EDGE_MARGIN = 0.3;

/** Inches of mix in a bed that is built where a soil cannot be soured. Common practice. */
export const MIX_DEPTH_IN = 12;

/** Whether it is worth it, by pH: free lime is looked for from the first, tested from the second, refused above the third. */
export const CARBONATE_PH = { askFrom: 7.2, testFrom: 7.5, refuseAbove: 7.8 } as const;

/**
 * Lime that water brings: lb of CaCO3 on an acre for each inch of water and mg/L of alkalinity (226,600 lb of water on an
 * acre-inch), and the CaCO3 that a pound of sulfur undoes (100.09 ÷ 32.06).
 */
export const WATER_LIME = { poundsPerAcreInch: 0.2266, undoneByPound: 3.122 } as const;

/** Days of warm soil (55 °F and more) before a dressing has shown what it does. Common practice. */
export const WARM_DAYS = 90;

/** The same in months where nobody knows the climate, and which they are. Common practice. */
export const WARM_MONTHS = { wait: 3, from: 4, to: 10 } as const;

/** When sulfur goes on, so that warm months follow. Common practice. */
export const SULFUR_SEASONS = [
  { from: '03-15', to: '06-15' },
  { from: '09-01', to: '10-31' },
] as const;

/** From the lower end of a range this share of the way up is aimed at first. Common practice. */
export const FIRST_AIM = 0.75;

/** Warm months until sulfur has done most of its work: the middle, the soonest and the latest. Common practice. */
export const SULFUR_WORKS = { middle: 5, from: 3, to: 7 } as const;

/** The same of a sulfate, which needs no life in the soil. Common practice. */
export const SULFATE_WORKS = { middle: 1, from: 0.5, to: 2 } as const;

/** Printed tables of sulfur differ by about so much to either side, %. */
export const SULFUR_SPREAD = 50;
