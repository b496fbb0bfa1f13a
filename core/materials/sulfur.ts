import type { SulfurMaterial } from './types';

const usual = { standing: 'practice', source: 'practice' } as const;

/** Sulfur as generally sold. Of a mix the label has to say how much of it is elemental: a sulfate does nothing to the pH. */
export const SULFUR_MATERIALS: readonly SulfurMaterial[] = [
  { id: 'sulfur-prills-90', typicalS: 90, mixed: false, density: 78, bagsLb: [50, 25], ...usual },
  { id: 'sulfur-powder-99', typicalS: 99, mixed: false, density: 60, bagsLb: [50, 5], ...usual },
  { id: 'sulfur-mix-30', typicalS: 30, mixed: true, density: 65, bagsLb: [6, 30], ...usual },
];
