import { msg, type Msg } from '../../kernel/messages/msg';
import type { NamedMaterial, OwnId } from './types';

const OWN = 'own-';

/** Whether somebody typed a material from its bag. */
export function isOwn(id: string): id is OwnId {
  return id.startsWith(OWN);
}

/**
 * The id of a material of one's own.
 * @example ownId('7f3a') // 'own-7f3a'
 */
export function ownId(key: string): OwnId {
  return `${OWN}${key}`;
}

/** What a material is called, wherever it is told of. An own one without a name is called what it is. */
export function materialName({ id, name }: NamedMaterial): Msg {
  if (!isOwn(id)) return msg(`material.${id}`);
  return name ? msg('shed.named', { name }) : msg('shed.unnamed');
}

/** Of a material what it is called by, and nothing else. */
export function nameOf({ id, name }: NamedMaterial): NamedMaterial {
  return name === undefined ? { id } : { id, name };
}
