import type { Pack } from '../../core/catalog/packs/pack';
import { nameFrom } from '../format/text';

/** What a pack is called: a house pack by its own name, a shipped one by the catalogue's. */
export function packName({ id, name }: Pick<Pack, 'id' | 'name'>): string {
  return name ?? nameFrom('pack', id);
}
