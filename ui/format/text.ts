import { IntlMessageFormat } from 'intl-messageformat';
import en from '../../words/en.json';

/** The words of the shell and the empty Desk; screens with more to say bring their own. */
const catalogue: Record<string, string> = { ...en };
const formats = new Map<string, IntlMessageFormat>();

/** Adds the words of a part of the house that is fetched later. */
export function addWords(more: Readonly<Record<string, string>>): void {
  Object.assign(catalogue, more);
}

/** The compiled message of an id; an id without words is a fault of the program. */
export function messageFormat(id: string): IntlMessageFormat {
  const known = formats.get(id);
  if (known) return known;
  const words = catalogue[id];
  if (words === undefined) throw new Error(`messageFormat: the catalogue has no '${id}'`);
  const format = new IntlMessageFormat(words, 'en-US');
  formats.set(id, format);
  return format;
}

/** Plain words of the interface by their id. */
export function text(id: string, params?: Readonly<Record<string, string | number>>): string {
  return String(messageFormat(id).format({ ...params }));
}
