import type { OwnMaterial } from '../core/casefile/parts/material';
import { db } from './db';
import { same, type Json } from './patch';

/** The materials that this office typed from their bags, in their order. */
export async function shedMaterials(base = db): Promise<OwnMaterial[]> {
  const all = await base.materials.toArray();
  return all.sort((a, b) => a.order - b.order);
}

/** Stores materials, new or changed. */
export async function putMaterials(materials: readonly OwnMaterial[], base = db): Promise<void> {
  await base.materials.bulkPut([...materials]);
}

/** Changes a stored material in one transaction, so that what is typed fast in several fields is all kept. */
export async function changeMaterial(
  id: string,
  change: (material: OwnMaterial) => Partial<OwnMaterial>,
  base = db,
): Promise<void> {
  await base.transaction('rw', base.materials, async () => {
    const material = await base.materials.get(id);
    if (material) await base.materials.put({ ...material, ...change(material) });
  });
}

/** Takes a material away; cases keep theirs. Gives what was taken. */
export async function removeMaterial(id: string, base = db): Promise<OwnMaterial | undefined> {
  return base.transaction('rw', base.materials, async () => {
    const material = await base.materials.get(id);
    await base.materials.delete(id);
    return material;
  });
}

/** What new cases begin with: every material that is not retired, by its id. */
export async function materialsForCases(base = db): Promise<Record<string, OwnMaterial>> {
  const all = await shedMaterials(base);
  const used = all.filter(({ flags }) => flags.retired !== 'yes');
  return Object.fromEntries(used.map((material) => [material.id, material]));
}

/** Whether two materials are the same in all but their own names. */
function sameBag(a: OwnMaterial, b: OwnMaterial): boolean {
  const [left, right] = [a, b].map((each) => ({ ...each, id: '', name: '', order: 0 }));
  return same(left as unknown as Json, right as unknown as Json);
}

/**
 * Brings materials in: one that is here in other words comes beside it under an id and a name of its own.
 * @param copyOf the material as a copy
 */
export async function bringInMaterials(
  materials: readonly OwnMaterial[],
  copyOf: (material: OwnMaterial) => OwnMaterial,
  base = db,
): Promise<void> {
  await base.transaction('rw', base.materials, async () => {
    for (const material of materials) {
      const here = await base.materials.get(material.id);
      if (here && same(here as unknown as Json, material as unknown as Json)) continue;
      const coming = here ? copyOf(material) : material;
      const others = here ? await base.materials.toArray() : [];
      // What came in once beside another comes in no second time.
      if (!others.some((each) => sameBag(each, coming))) await base.materials.put(coming);
    }
  });
}
