import type { Pack } from '../core/catalog/packs/pack';
import { isHouse } from '../core/catalog/packs/house';
import { db, type PackRow } from './db';
import { same, type Json } from './patch';

function asJson(pack: Pack): Json {
  return pack as unknown as Json;
}

/** The house packs of this browser, by name. */
export async function housePacks(base = db): Promise<PackRow[]> {
  const rows = await base.packs.toArray();
  return rows.sort((a, b) => (a.pack.name ?? '').localeCompare(b.pack.name ?? ''));
}

/** A house pack in its newest version; null where there is none of this id. */
export async function housePack(id: string, base = db): Promise<Pack | null> {
  return (await base.packs.get(id))?.pack ?? null;
}

/** Stores a house pack, new or again after it was removed. */
export async function putPack(row: PackRow, base = db): Promise<void> {
  await base.packs.put(row);
}

/** Keeps what was typed into a house pack, before it is a version. */
export async function keepDraft(id: string, draft: PackRow['draft'], base = db): Promise<void> {
  await base.packs.update(id, { draft });
}

/**
 * Stores the next version of a house pack.
 * @returns false where another tab has stored a version since; nothing is changed then
 */
export async function storeVersion(pack: Pack, base = db): Promise<boolean> {
  return base.transaction('rw', base.packs, async () => {
    const row = await base.packs.get(pack.id);
    if (row?.pack.version !== pack.version - 1) return false;
    await base.packs.put({ id: pack.id, pack, draft: {} });
    return true;
  });
}

/** Takes a house pack away; cases that are read by it keep theirs. Gives what was taken. */
export async function removePack(id: string, base = db): Promise<PackRow | undefined> {
  return base.transaction('rw', base.packs, async () => {
    const row = await base.packs.get(id);
    await base.packs.delete(id);
    return row;
  });
}

/** Whether two packs are the same copy of one: what came in once comes in no second time. */
function sameCopy(a: Pack, b: Pack): boolean {
  const [left, right] = [a, b].map(({ id: _id, version: _version, ...rest }) => rest);
  return same(left as unknown as Json, right as unknown as Json);
}

/** What became of a pack of a file. */
export type PackBroughtIn = 'added' | 'newer' | 'unchanged' | 'copied';

/**
 * Brings packs in: a newer version of a pack that is here takes its place, another one of the same number
 * or an older one comes beside it as a copy.
 * @param copyOf the copy of a pack under an id and a name of its own
 */
export async function bringInPacks(
  packs: readonly Pack[],
  copyOf: (pack: Pack) => Pack,
  base = db,
): Promise<readonly { readonly id: string; readonly what: PackBroughtIn }[]> {
  return base.transaction('rw', base.packs, async () => {
    const done: { id: string; what: PackBroughtIn }[] = [];
    for (const pack of packs) {
      const here = (await base.packs.get(pack.id))?.pack;
      const what =
        !isHouse(pack) || (here && here.version >= pack.version)
          ? 'copied'
          : here
            ? 'newer'
            : 'added';
      if (here && same(asJson(here), asJson(pack))) {
        done.push({ id: pack.id, what: 'unchanged' });
        continue;
      }
      const stored = what === 'copied' ? copyOf(pack) : pack;
      const present = (await base.packs.toArray()).find((row) => sameCopy(row.pack, stored));
      if (what === 'copied' && present) {
        done.push({ id: present.id, what: 'unchanged' });
        continue;
      }
      await base.packs.put({ id: stored.id, pack: stored, draft: {} });
      done.push({ id: stored.id, what });
    }
    return done;
  });
}
