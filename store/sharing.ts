import { own } from '../core/kernel/typed/own';

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}

/**
 * A document that came out of the database, with each part that holds the same as before in the place of its copy: what
 * goes by the identity of a part then sees what has changed, and nothing else.
 */
export function sharing<T>(before: unknown, after: T): T {
  if (Object.is(before, after) || !isObject(before) || !isObject(after)) return after;
  if (Array.isArray(before) !== Array.isArray(after)) return after;
  const keys = Object.keys(after);
  const kept = Object.keys(before);
  let changed = keys.length !== kept.length;
  const next: Record<string, unknown> = {};
  keys.forEach((key, at) => {
    const old = own(before, key);
    const value = sharing(old, own(after, key));
    next[key] = value;
    changed ||= kept[at] !== key || !Object.is(value, old);
  });
  if (!changed) return before as T;
  return (Array.isArray(after) ? Object.values(next) : next) as T;
}
