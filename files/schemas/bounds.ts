import { isNode } from '../../core/casefile/migrations/nodes';
import { msg, type Msg } from '../../core/kernel/messages/msg';

/** No document of ours is nested deeper, a backup and a map file included. */
const DEEPEST = 32;
/** No list and no object of a case has more entries. */
const MOST_ENTRIES = 5000;
/** The one name that no document has: it would name what all objects share. */
const NO_NAME = '__proto__';

/** The first place that no document has. */
interface Beyond {
  readonly path: string;
  readonly got: string;
  readonly expected: Msg;
}

interface Place {
  readonly value: unknown;
  readonly path: string;
  readonly depth: number;
}

/** How much there is of a document, and its first place that no document has. */
export interface Bounds {
  readonly places: number;
  readonly fault: Beyond | undefined;
}

function faultAt(
  { value, path, depth }: Place,
  entries: number,
  deepest: number,
): Beyond | undefined {
  if (depth > deepest)
    return { path, got: '', expected: msg('expected.shallow', { most: deepest }) };
  if (entries <= MOST_ENTRIES) return undefined;
  const got = Array.isArray(value) || isNode(value) ? String(entries) : '';
  return { path, got, expected: msg('expected.atMostEntries', { limit: MOST_ENTRIES }) };
}

/**
 * Walks a document without calling itself, so that no nesting can exhaust the stack: nested too deep, too many entries
 * at one place, or a name that no document has ends the walk.
 */
export function boundsOf(document: unknown, deepest = DEEPEST): Bounds {
  const open: Place[] = [{ value: document, path: '', depth: 1 }];
  let places = 0;
  for (let at = open.pop(); at; at = open.pop()) {
    places += 1;
    const { value, path, depth } = at;
    if (typeof value !== 'object' || value === null) continue;
    const entries = Object.entries(value);
    const fault = faultAt(at, entries.length, deepest);
    if (fault) return { places, fault };
    // The last is looked at first: pushed in turn, so that the walk keeps the order of the document.
    for (const [key, inside] of entries.reverse()) {
      const inner = path === '' ? key : `${path}/${key}`;
      if (key === NO_NAME) {
        return { places, fault: { path: inner, got: key, expected: msg('expected.nothing') } };
      }
      open.push({ value: inside, path: inner, depth: depth + 1 });
    }
  }
  return { places, fault: undefined };
}

const [QUOTE, BACKSLASH] = [34, 92];
const [OPENS, CLOSES] = [new Set([91, 123]), new Set([93, 125])];

/**
 * Where the text of a JSON file is nested deeper than any document; nothing where it is not. Told from the text, since
 * a parser that calls itself would end the page.
 */
export function tooDeepAt(text: string, deepest = DEEPEST): number | undefined {
  let depth = 0;
  let quoted = false;
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    if (code === QUOTE) quoted = !quoted;
    else if (quoted && code === BACKSLASH) at += 1;
    else if (!quoted && OPENS.has(code)) depth += 1;
    else if (!quoted && CLOSES.has(code)) depth -= 1;
    if (depth > deepest) return at;
  }
  return undefined;
}
