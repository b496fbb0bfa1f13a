import { own } from '../core/kernel/typed/own';
/**
 * Edits as small lists of patches on a plain document. A patch names one place by its path
 * (`areas/lawn/shape/width`), the value that was seen there, and the one to put in its place;
 * `undefined` stands for nothing there.
 */
export type Json =
  string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json | undefined };

export interface Patch {
  readonly path: string;
  readonly was: Json | undefined;
  readonly value: Json | undefined;
}

type Node = Readonly<Record<string, Json | undefined>>;

/** The one name that no place of a document has: it would name what all objects share. */
const NO_NAME = '__proto__';

function asNode(value: Json | undefined): Node | undefined {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
    ? (value as Node)
    : undefined;
}

/** Whether two plain values are the same; the order of keys does not matter. */
export function same(a: Json | undefined, b: Json | undefined): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b)) {
    return a.length === b.length && a.every((item, index) => same(item as Json, b[index] as Json));
  }
  const [left, right] = [asNode(a), asNode(b)];
  if (!left || !right) return false;
  const keys = new Set([...Object.keys(left), ...Object.keys(right)]);
  return [...keys].every((key) => same(own(left, key), own(right, key)));
}

/**
 * The value at a path, or undefined where there is nothing.
 * @example valueAt({ a: { b: 'x' } }, 'a/b') // 'x'
 */
export function valueAt(document: unknown, path: string): Json | undefined {
  return path.split('/').reduce<Json | undefined>((node, key) => {
    const inside = asNode(node);
    return inside && key !== NO_NAME ? own(inside, key) : undefined;
  }, document as Json);
}

function setAt(node: Node, [key, ...rest]: readonly string[], value: Json | undefined): Node {
  if (key === undefined || key === NO_NAME) throw new Error(`setAt: '${key}' is no place`);
  if (rest.length > 0) {
    const child = asNode(own(node, key));
    if (!child)
      throw new Error(`setAt: there is nothing at '${key}' to change '${rest.join('/')}' in`);
    return { ...node, [key]: setAt(child, rest, value) };
  }
  if (value !== undefined) return { ...node, [key]: value };
  const { [key]: _removed, ...left } = node;
  return left;
}

/**
 * The document with the patches applied, in order; the given one is left as it was.
 * @throws Error when a path leads through a place that does not exist.
 */
export function applyPatches<T>(document: T, patches: readonly Patch[]): T {
  return patches.reduce<Node>(
    (node, { path, value }) => setAt(node, path.split('/'), value),
    document as Node,
  ) as T;
}

/** Whether the place that a path names exists, so that something can be put there. */
export function reachable(document: unknown, path: string): boolean {
  const parent = path.split('/').slice(0, -1).join('/');
  return parent === '' || asNode(valueAt(document, parent)) !== undefined;
}

/** The patch that takes another one back. */
export function inverse({ path, was, value }: Patch): Patch {
  return { path, was: value, value: was };
}
