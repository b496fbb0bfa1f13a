import { IntlMessageFormat } from 'intl-messageformat';
import en from '../../words/en.json';

const catalogue: Readonly<Record<string, string>> = en;
const formats = new Map<string, IntlMessageFormat>();

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
