import { own } from '../../core/kernel/typed/own';
import type { Json } from '../../store/patch';
import { valueAt } from '../../store/patch';
import { text } from '../format/text';

/** Parts of a case that have entries or places of their own. */
const ROOTS = [
  'title',
  'client',
  'planFrom',
  'pack',
  'house',
  'areas',
  'samples',
  'reports',
  'past',
  'loads',
  'covers',
  'labels',
  'decisions',
  'paragraphs',
  'lines',
  'issued',
  'sampling',
  'shop',
  'materials',
  'stock',
  'buying',
  'bought',
  'spreaders',
  'climate',
  'rules',
  'pins',
  'exported',
  'review',
] as const;

/** A key of the document as words: what stands there has no other name. */
function plainly(key: string): string {
  return key
    .replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)
    .replace(/[:_-]/g, ' ')
    .trim();
}

/** What an entry is called by those who typed it. */
function calledHere(entry: Json | undefined): string | undefined {
  if (typeof entry !== 'object' || entry === null || Array.isArray(entry)) return undefined;
  const name = ['name', 'title', 'laboratory', 'what', 'date']
    .map((key) => own(entry as Readonly<Record<string, Json>>, key))
    .find((each) => typeof each === 'string' && each !== '');
  return typeof name === 'string' ? name : undefined;
}

/**
 * A place of a case in words: the part, the entry by its name, and what of it.
 * @param documents where an entry's name is looked for, one after another
 */
export function placeName(path: string, documents: readonly unknown[]): string {
  const [first = '', ...rest] = path.split('/');
  const root = ROOTS.find((each) => each === first);
  const names = rest.map((key, at) => {
    const inside = [first, ...rest.slice(0, at + 1)].join('/');
    const name = documents
      .map((document) => calledHere(valueAt(document, inside)))
      .find((each) => each !== undefined);
    return name ?? plainly(key);
  });
  return [root ? text(`place.${root}`) : plainly(first), ...names].join(' · ');
}

/** What stands at a place, short. */
export function placeValue(value: Json | undefined): string {
  if (value === undefined || value === null || value === '') return text('place.nothing');
  if (typeof value === 'object') return calledHere(value) ?? text('place.entry');
  return String(value);
}
