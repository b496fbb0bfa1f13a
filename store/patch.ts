import type { Json, Patch } from '../core/casefile/states';
import { own } from '../core/kernel/typed/own';
/** Edits as small lists of patches on a plain document. */
export type { Json, Patch };

export type Node = Readonly<Record<string, Json | undefined>>;

/** The one name that no place of a document has: it would name what all objects share. */
const NO_NAME = '__proto__';

/** What holds places of its own: no list, and nothing that is plain. */
export function asNode(value: Json | undefined): Node | undefined {
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

/** Whether one of two places lies in the other, or both are one. */
export function overlap(a: string, b: string): boolean {
  return `${a}/`.startsWith(`${b}/`) || `${b}/`.startsWith(`${a}/`);
}

/**
 * Patches with one more. It is put together with the last of its own place, but never across one that overlaps: what lies in
 * one another keeps its order.
 * @param from those before it stay as they are
 */
export function withPatch(patches: readonly Patch[], next: Patch, from = 0): Patch[] {
  const at = patches.findLastIndex(({ path }) => overlap(path, next.path));
  const before = at >= from ? patches[at] : undefined;
  if (before?.path !== next.path) return [...patches, next];
  return patches.with(at, { ...next, was: before.was });
}

/** The patches that make one document of another: as deep in them as they go, of lists the whole. */
export function differences(before: Json | undefined, after: Json | undefined, at = ''): Patch[] {
  if (same(before, after)) return [];
  const [left, right] = [asNode(before), asNode(after)];
  if (!left || !right) return [{ path: at, was: before, value: after }];
  const keys = [...new Set([...Object.keys(left), ...Object.keys(right)])];
  return keys.flatMap((key) =>
    differences(own(left, key), own(right, key), at === '' ? key : `${at}/${key}`),
  );
}

/** The patch that takes another one back. */
export function inverse({ path, was, value }: Patch): Patch {
  return { path, was: value, value: was };
}
