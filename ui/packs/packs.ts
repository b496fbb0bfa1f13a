import { useLiveQuery } from 'dexie-react-hooks';
import { customAlphabet } from 'nanoid';
import { houseCopy } from '../../core/catalog/packs/house';
import type { Pack } from '../../core/catalog/packs/pack';
import { SHIPPED_PACKS } from '../../core/catalog/packs/shipped';
import type { PackRow } from '../../store/db';
import { housePacks } from '../../store/packs';
import { text } from '../format/text';
import { packName } from './packName';

/** Ids of packs have no capitals. */
const newId = customAlphabet('0123456789abcdefghijklmnopqrstuvwxyz', 12);

/** The packs of this browser's house, as they are stored; nothing while they are read. */
export function useHousePacks(): readonly PackRow[] | undefined {
  return useLiveQuery(() => housePacks());
}

/** A pack in its version, as one word of an address. */
export function packKey({ id, version }: Pick<Pack, 'id' | 'version'>): string {
  return `${id}.${version}`;
}

/** A pack with its version, in words. */
export function packTitle(pack: Pick<Pack, 'id' | 'name' | 'version'>): string {
  return text('yardstick.version', { pack: packName(pack), version: pack.version });
}

/** The pack of a key: one that ships, or one of the house. */
export function findPack(key: string | null, house: readonly PackRow[]): Pack | undefined {
  const all = [...SHIPPED_PACKS, ...house.map(({ pack }) => pack)];
  return all.find((pack) => packKey(pack) === key);
}

/** A house pack made of another. */
export function copied(
  pack: Pack,
  name = text('yardsticks.copyOf', { pack: packName(pack) }),
): Pack {
  return houseCopy(pack, `house-${newId()}`, name);
}
