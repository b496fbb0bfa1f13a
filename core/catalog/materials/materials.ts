import { FERTILIZERS } from './fertilizers';
import { LIME_MATERIALS } from './limes';
import { SULFUR_MATERIALS } from './sulfur';
import type { Fertilizer, LimeMaterial, SulfurMaterial } from './types';

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
