import type { Supplement } from './types';

type Row = Omit<Supplement, 'standing' | 'source'>;

/**
 * Carriers of secondary nutrients and micronutrients as generally sold, % by weight. Of pure salts by molar mass (checked in
 * `published/`), of what is sold a little less; densities are recalled and good to about 15 %.
 */
const ROWS: readonly Row[] = [
  { id: 'gypsum-ground', elements: { Ca: 22.5, S: 17.5 }, density: 55, bagsLb: [50] },
  { id: 'gypsum-pelletized', elements: { Ca: 22, S: 17 }, density: 65, bagsLb: [40, 50] },
  { id: 'epsom-salt', elements: { Mg: 9.8, S: 13 }, density: 56, bagsLb: [4, 50] },
  { id: 'kieserite', elements: { Mg: 16, S: 21 }, density: 85, bagsLb: [50] },
  { id: 'magnesium-oxide', elements: { Mg: 56 }, density: 50, bagsLb: [50] },
  { id: 'borax', elements: { B: 11 }, density: 52, bagsLb: [4, 50] },
  { id: 'disodium-octaborate', elements: { B: 20.5 }, density: 30, bagsLb: [25] },
  { id: 'zinc-sulfate-monohydrate', elements: { Zn: 35.5, S: 17 }, density: 68, bagsLb: [50, 5] },
  { id: 'manganese-sulfate', elements: { Mn: 31, S: 18 }, density: 72, bagsLb: [50, 5] },
  {
    id: 'copper-sulfate-pentahydrate',
    elements: { Cu: 25, S: 12.5 },
    density: 72,
    bagsLb: [50, 5],
  },
  { id: 'sodium-molybdate', elements: { Mo: 39 }, density: 58, bagsLb: [5] },
  { id: 'iron-edta', elements: { Fe: 13 }, density: 35, bagsLb: [5], worksToPh: 6.3 },
  { id: 'iron-dtpa', elements: { Fe: 10 }, density: 35, bagsLb: [5], worksToPh: 7.5 },
  { id: 'iron-eddha', elements: { Fe: 6 }, density: 35, bagsLb: [5] },
  { id: 'greensand', elements: { Fe: 15, Mg: 3 }, density: 85, bagsLb: [50] },
];

export const SUPPLEMENTS: readonly Supplement[] = ROWS.map((row) => ({
  standing: 'practice',
  source: 'practice',
  ...row,
}));
