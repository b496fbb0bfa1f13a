import { SHIPPED_MATERIALS } from '../catalog/materials/materials';
import type { NamedMaterial } from '../catalog/materials/types';

function firstOf<M extends NamedMaterial>(all: readonly M[], is: (material: M) => boolean): string {
  const found = all.find(is);
  if (!found) throw new Error('firstOf: the catalogue has no such material');
  return found.id;
}

const { lime, sulfur } = SHIPPED_MATERIALS;

/** The lime of most gardens, and sulfur as it is mostly sold: pure, and mixed with something else. */
export const USUAL_LIME = firstOf(lime, ({ isUsual }) => isUsual === true);
export const USUAL_SULFUR = firstOf(
  sulfur,
  ({ mixed, forPound }) => !mixed && forPound === undefined,
);
export const MIXED_SULFUR = firstOf(sulfur, ({ mixed }) => mixed);
