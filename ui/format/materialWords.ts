import { isOwn } from '../../core/catalog/materials/named';
import type { NamedMaterial } from '../../core/catalog/materials/types';
import { text } from './text';

/** What a material is called on a screen. */
export function materialWords({ id, name }: NamedMaterial): string {
  if (!isOwn(id)) return text(`material.${id}`);
  return name || text('shed.unnamed');
}

/** What a catalogue says of a material in few words; of an own one nothing. */
export function materialNote({ id }: NamedMaterial): string {
  return isOwn(id) ? '' : text(`why.${id}`);
}
