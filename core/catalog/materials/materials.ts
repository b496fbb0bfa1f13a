import { BULK } from './bulk';
import { FERTILIZERS } from './fertilizers';
import { LIME_MATERIALS } from './limes';
import { LIQUIDS } from './liquids';
import { SULFUR_MATERIALS } from './sulfur';
import { SUPPLEMENTS } from './supplements';
import type { Bulk, Fertilizer, LimeMaterial, Liquid, Supplement, SulfurMaterial } from './types';

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

/** What the Shed holds besides: nothing that a plan chooses from. */
export const SHIPPED_OTHERS = {
  supplements: SUPPLEMENTS,
  bulk: BULK,
  liquids: LIQUIDS,
} as const satisfies {
  readonly supplements: readonly Supplement[];
  readonly bulk: readonly Bulk[];
  readonly liquids: readonly Liquid[];
};
