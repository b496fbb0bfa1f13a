import { FERTILIZERS } from './fertilizers';
import { SULFUR_MATERIALS } from './sulfur';
import type { Fertilizer, LimeMaterial, SulfurMaterial } from './types';

const usual = { standing: 'practice', source: 'practice' } as const;

/** Commercial CCE ranges: calcitic 85 to 100, dolomitic 95 to 108, pelletized 80 to 100. Recalled. */
const LIME_MATERIALS: readonly LimeMaterial[] = [
  { id: 'calcitic-pelletized', typicalCce: 90, density: 65, bagsLb: [40, 50], ...usual },
  { id: 'calcitic-ground', typicalCce: 92, density: 90, bagsLb: [50], ...usual },
  { id: 'dolomitic-ground', typicalCce: 100, density: 90, bagsLb: [50], ...usual },
];

export interface Materials {
  readonly lime: readonly LimeMaterial[];
  readonly sulfur: readonly SulfurMaterial[];
  readonly fertilizers: readonly Fertilizer[];
}

export const SHIPPED_MATERIALS: Materials = {
  lime: LIME_MATERIALS,
  sulfur: SULFUR_MATERIALS,
  fertilizers: FERTILIZERS,
};
