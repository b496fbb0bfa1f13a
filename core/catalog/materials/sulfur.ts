import type { SulfurMaterial } from './types';

const usual = { standing: 'practice', source: 'practice' } as const;

const sulfate = { typicalS: 0, mixed: false, most: 5, bagsLb: [5, 50], ...usual } as const;

/** Sulfur as generally sold. Of a mix the label has to say how much of it is elemental: a sulfate does nothing to the pH. */
export const SULFUR_MATERIALS: readonly SulfurMaterial[] = [
  {
    id: 'sulfur-prills-90',
    typicalS: 90,
    mixed: false,
    density: 78,
    bagsLb: [50, 25, 5],
    ...usual,
  },
  {
    id: 'sulfur-powder-99',
    typicalS: 99,
    mixed: false,
    density: 60,
    powder: { loose: 40 },
    bagsLb: [50, 5],
    ...usual,
  },
  { id: 'sulfur-mix-30', typicalS: 30, mixed: true, density: 65, bagsLb: [6, 30], ...usual },
  // By molar mass 6.2 to 6.9 and 8.7 (Handbook 60 prints 6.94 and 8.69): the garden rule is the smaller amount.
  { id: 'aluminum-sulfate', forPound: 6, density: 62, aluminum: true, ...sulfate },
  { id: 'iron-sulfate', forPound: 8, density: 75, ...sulfate },
];

/** What of a product acidifies as sulfur does, %: what is elemental, of a sulfate so much less as more of it is needed for a pound. */
export function asSulfurPercent({ typicalS, forPound }: SulfurMaterial): number {
  return forPound === undefined ? typicalS : 100 / forPound;
}
