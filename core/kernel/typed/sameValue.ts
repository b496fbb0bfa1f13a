/**
 * Whether two plain values are equal in all that they hold, the order of their keys as well: what comes first in a record
 * may count. Records may hold names such as `constructor` and `toString`, which the usual packages take for a class's.
 * @example sameValue({ a: [1] }, { a: [1] }) // true
 */
export function sameValue(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const [left, right] = [Object.entries(a), Object.entries(b)];
  return (
    left.length === right.length &&
    left.every(([key, value], at) => {
      const other = right[at];
      return other !== undefined && other[0] === key && sameValue(value, other[1]);
    })
  );
}
