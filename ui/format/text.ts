import { IntlMessageFormat } from 'intl-messageformat';
import type { Family, Into, MsgId } from '../../core/kernel/messages/msg';
import en from '../../words/en.json';

/** The words of the shell and the empty Desk; screens with more to say bring their own. */
const catalogue = new Map<string, string>(Object.entries(en));
const formats = new Map<string, IntlMessageFormat>();

/** Adds the words of a part of the house that is fetched later. */
export function addWords(more: Readonly<Record<string, string>>): void {
  for (const [id, words] of Object.entries(more)) catalogue.set(id, words);
}

/**
 * The compiled message of an id. An id without words is a fault of the program; a line that was stored by another
 * version may have one, and is no reason for a page to end.
 */
export function messageFormat(id: MsgId): IntlMessageFormat {
  const known = formats.get(id);
  if (known) return known;
  const words = catalogue.get(id) ?? instead(id);
  const format = new IntlMessageFormat(words, 'en-US');
  formats.set(id, format);
  return format;
}

/** In production what stands for words that nobody has; elsewhere the fault is thrown. */
function instead(id: MsgId): string {
  if (process.env.NODE_ENV !== 'production') {
    throw new Error(`messageFormat: the catalogue has no '${id}'`);
  }
  return '–';
}

/** Plain words of the interface by their id. */
export function text<Id extends MsgId>(id: Id, ...[params]: Into<Id, string | number>): string {
  return String(messageFormat(id).format({ ...params }));
}

/**
 * A name that came from outside, in the words of its family (`plant`, `material`, …); one that the catalogue has no
 * words for as it stands.
 */
export function nameFrom(family: Family, name: string): string {
  const id = `${family}.${name}`;
  return catalogue.has(id)
    ? String(messageFormat(id as MsgId).format({}))
    : text('name.unknown', { name });
}
