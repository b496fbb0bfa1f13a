import { own } from '../core/kernel/typed/own';
import { applyPatches, asNode, differences, same, type Json, type Node, type Patch } from './patch';

/** A place that both changed, each to something else. */
export interface Clash {
  readonly path: string;
  readonly here: Json | undefined;
  readonly there: Json | undefined;
}

/** Two documents in one. */
export interface Together<T> {
  /** What was changed on either side; where both did, what stands here. */
  readonly document: T;
  /** What came in: places that only the other side changed. */
  readonly taken: readonly Patch[];
  readonly clashes: readonly Clash[];
}

/** What both sides came from, where that is known. */
type Ground = { readonly was: Json | undefined } | undefined;

/**
 * Puts together what two sides made of one document, place by place. Without the document that both came from, what only one
 * side has is kept, and whatever differs is a clash.
 */
export function together<T>(
  ground: { readonly was: T } | undefined,
  here: T,
  there: T,
): Together<T> {
  const taken: Patch[] = [];
  const clashes: Clash[] = [];
  const at = (path: string, key: string): string => (path === '' ? key : `${path}/${key}`);
  const join = (
    of: Ground,
    ours: Json | undefined,
    theirs: Json | undefined,
    path: string,
  ): Json | undefined => {
    if (same(ours, theirs)) return ours;
    if (of ? same(of.was, theirs) : theirs === undefined) return ours;
    if (of ? same(of.was, ours) : ours === undefined) {
      taken.push(...differences(ours, theirs, path));
      return theirs;
    }
    const [left, right] = [asNode(ours), asNode(theirs)];
    if (!left || !right) {
      clashes.push({ path, here: ours, there: theirs });
      return ours;
    }
    return inside(of && asNode(of.was), left, right, path);
  };
  const inside = (was: Node | undefined, left: Node, right: Node, path: string): Json => {
    const keys = [...new Set([...Object.keys(left), ...Object.keys(right)])];
    const entries = keys.map((key) => {
      const ofKey = was && { was: own(was, key) };
      return [key, join(ofKey, own(left, key), own(right, key), at(path, key))] as const;
    });
    return Object.fromEntries(entries.filter(([, value]) => value !== undefined));
  };
  const json = (value: T): Json => value as unknown as Json;
  const document = join(ground && { was: json(ground.was) }, json(here), json(there), '');
  return { document: document as unknown as T, taken, clashes };
}

/**
 * The document with the other side's value at places that both changed.
 * @param theirs paths of those places
 */
export function withTheirs<T>({ document, clashes }: Together<T>, theirs: readonly string[]): T {
  const chosen = clashes
    .filter(({ path }) => theirs.includes(path))
    .map(({ path, here, there }) => ({ path, was: here, value: there }));
  return applyPatches(document, chosen);
}
