import type { Fertilizer, Hazard } from './types';

/** What is said of a fertilizer where it is not mineral, quick, and sold in bags of 50 lb alone. */
type Row = Pick<Fertilizer, 'id' | 'grade' | 'density'> &
  Partial<
    Pick<
      Fertilizer,
      | 'also'
      | 'release'
      | 'nitrate'
      | 'organic'
      | 'firstSeasonN'
      | 'longSeasonN'
      | 'mined'
      | 'bagsLb'
      | 'pesticide'
      | 'firstForAcidLoversFromPh'
      | 'idleAbovePh'
    >
  > & {
    readonly hazards?: readonly Hazard[];
  };

/**
 * Generic fertilizers by grade. Grades of pure salts follow from molar masses (checked in
 * `published/`), those of blends are what their names say; secondary nutrients, bulk densities and
 * first-season shares after 12 and 26 weeks of warm soil (Hartz & Johnstone 2006, HortTechnology 16:39–42; Agehara &
 * Warncke 2005, SSSAJ 69:1844–1855; Gale et al. 2006, J. Environ. Qual. 35:2321–2332) are recalled, and densities are good to about 15 %.
 */
const ROWS: readonly Row[] = [
  { id: 'urea-46-0-0', grade: { N: 46, P2O5: 0, K2O: 0 }, density: 47 },
  {
    id: 'ammonium-nitrate-34-0-0',
    grade: { N: 34, P2O5: 0, K2O: 0 },
    nitrate: true,
    density: 56,
    hazards: ['oxidizer'],
  },
  {
    id: 'ammonium-sulfate-21-0-0',
    grade: { N: 21, P2O5: 0, K2O: 0 },
    // Common practice; below it any nitrogen would make the soil too acidic.
    firstForAcidLoversFromPh: 5,
    also: { S: 24 },
    density: 63,
    bagsLb: [50, 40],
  },
  {
    id: 'calcium-nitrate-15.5-0-0',
    grade: { N: 15.5, P2O5: 0, K2O: 0 },
    nitrate: true,
    also: { Ca: 19 },
    density: 67,
    hazards: ['oxidizer'],
  },
  {
    id: 'sulfur-coated-urea-37-0-0',
    grade: { N: 37, P2O5: 0, K2O: 0 },
    also: { S: 14 },
    release: 'slow',
    density: 50,
  },
  {
    id: 'polymer-coated-urea-43-0-0',
    grade: { N: 43, P2O5: 0, K2O: 0 },
    release: 'slow',
    density: 46,
  },
  { id: 'methylene-urea-40-0-0', grade: { N: 40, P2O5: 0, K2O: 0 }, release: 'slow', density: 45 },
  { id: 'ureaform-38-0-0', grade: { N: 38, P2O5: 0, K2O: 0 }, release: 'slow', density: 43 },
  { id: 'ibdu-31-0-0', grade: { N: 31, P2O5: 0, K2O: 0 }, release: 'slow', density: 50 },
  {
    id: 'triple-superphosphate-0-46-0',
    grade: { N: 0, P2O5: 46, K2O: 0 },
    also: { Ca: 15 },
    density: 68,
  },
  {
    id: 'superphosphate-0-20-0',
    grade: { N: 0, P2O5: 20, K2O: 0 },
    also: { Ca: 20, S: 12 },
    density: 68,
  },
  { id: 'monoammonium-phosphate-11-52-0', grade: { N: 11, P2O5: 52, K2O: 0 }, density: 60 },
  { id: 'diammonium-phosphate-18-46-0', grade: { N: 18, P2O5: 46, K2O: 0 }, density: 60 },
  {
    id: 'muriate-of-potash-0-0-60',
    grade: { N: 0, P2O5: 0, K2O: 60 },
    also: { Cl: 47 },
    density: 66,
  },
  {
    id: 'sulfate-of-potash-0-0-50',
    mined: true,
    grade: { N: 0, P2O5: 0, K2O: 50 },
    also: { S: 18 },
    density: 80,
  },
  {
    id: 'potassium-magnesium-sulfate-0-0-22',
    mined: true,
    grade: { N: 0, P2O5: 0, K2O: 22 },
    also: { Mg: 11, S: 22 },
    density: 90,
  },
  {
    id: 'potassium-nitrate-13-0-44',
    grade: { N: 13, P2O5: 0, K2O: 44 },
    nitrate: true,
    density: 75,
    hazards: ['oxidizer'],
  },
  { id: 'fertilizer-10-10-10', grade: { N: 10, P2O5: 10, K2O: 10 }, density: 62, bagsLb: [50, 40] },
  { id: 'fertilizer-13-13-13', grade: { N: 13, P2O5: 13, K2O: 13 }, density: 62 },
  { id: 'fertilizer-19-19-19', grade: { N: 19, P2O5: 19, K2O: 19 }, density: 60 },
  { id: 'fertilizer-8-8-8', grade: { N: 8, P2O5: 8, K2O: 8 }, density: 62, bagsLb: [50, 40] },
  { id: 'fertilizer-5-10-10', grade: { N: 5, P2O5: 10, K2O: 10 }, density: 62, bagsLb: [50, 40] },
  { id: 'fertilizer-5-10-5', grade: { N: 5, P2O5: 10, K2O: 5 }, density: 62, bagsLb: [50, 40] },
  { id: 'fertilizer-12-4-8', grade: { N: 12, P2O5: 4, K2O: 8 }, density: 62, bagsLb: [50, 40] },
  { id: 'fertilizer-15-5-10', grade: { N: 15, P2O5: 5, K2O: 10 }, density: 62, bagsLb: [50, 40] },
  { id: 'fertilizer-16-4-8', grade: { N: 16, P2O5: 4, K2O: 8 }, density: 62, bagsLb: [50, 40] },
  { id: 'fertilizer-15-0-15', grade: { N: 15, P2O5: 0, K2O: 15 }, density: 62, bagsLb: [50, 40] },
  { id: 'fertilizer-24-0-11', grade: { N: 24, P2O5: 0, K2O: 11 }, density: 55, bagsLb: [50, 40] },
  {
    id: 'blood-meal-12-0-0',
    grade: { N: 12, P2O5: 0, K2O: 0 },
    release: 'slow',
    organic: true,
    firstSeasonN: 0.65,
    longSeasonN: 0.71,
    density: 38,
    bagsLb: [20, 50, 5],
    hazards: ['pets'],
  },
  {
    id: 'feather-meal-12-0-0',
    grade: { N: 12, P2O5: 0, K2O: 0 },
    release: 'slow',
    organic: true,
    firstSeasonN: 0.65,
    longSeasonN: 0.71,
    density: 33,
  },
  {
    id: 'fish-meal-10-4-0',
    grade: { N: 10, P2O5: 4, K2O: 0 },
    release: 'slow',
    organic: true,
    firstSeasonN: 0.65,
    longSeasonN: 0.71,
    density: 38,
    bagsLb: [50, 25],
    hazards: ['pets'],
  },
  {
    id: 'soybean-meal-7-2-1',
    grade: { N: 7, P2O5: 2, K2O: 1 },
    release: 'slow',
    organic: true,
    firstSeasonN: 0.56,
    longSeasonN: 0.63,
    density: 39,
  },
  {
    id: 'cottonseed-meal-6-2-1',
    grade: { N: 6, P2O5: 2, K2O: 1 },
    release: 'slow',
    organic: true,
    firstSeasonN: 0.56,
    longSeasonN: 0.63,
    density: 36,
    bagsLb: [50, 20],
  },
  {
    id: 'alfalfa-pellets-2-1-2',
    grade: { N: 2, P2O5: 1, K2O: 2 },
    release: 'slow',
    organic: true,
    firstSeasonN: 0.45,
    longSeasonN: 0.51,
    density: 42,
    bagsLb: [50, 40],
  },
  {
    id: 'composted-poultry-pellets-4-3-3',
    grade: { N: 4, P2O5: 3, K2O: 3 },
    also: { Ca: 8 },
    release: 'slow',
    organic: true,
    firstSeasonN: 0.39,
    longSeasonN: 0.44,
    density: 42,
    bagsLb: [40, 50],
  },
  {
    id: 'steamed-bone-meal-3-15-0',
    grade: { N: 3, P2O5: 15, K2O: 0 },
    idleAbovePh: 7,
    also: { Ca: 24 },
    release: 'slow',
    organic: true,
    firstSeasonN: 0.36,
    longSeasonN: 0.44,
    density: 55,
    bagsLb: [20, 5],
    hazards: ['pets'],
  },
  {
    id: 'weed-and-feed-28-0-3',
    grade: { N: 28, P2O5: 0, K2O: 3 },
    density: 50,
    bagsLb: [40],
    pesticide: true,
  },
];

export const FERTILIZERS: readonly Fertilizer[] = ROWS.map((row) => ({
  also: {},
  release: 'quick',
  nitrate: false,
  organic: false,
  firstSeasonN: 1,
  bagsLb: [50],
  hazards: [],
  pesticide: false,
  standing: 'practice',
  source: 'grade',
  ...row,
}));
