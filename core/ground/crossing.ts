/** A corner on the ground, feet east and north of anywhere. */
export type Corner = readonly [x: number, y: number];

/** Twice the area of a triangle, positive where it turns to the left. */
function turn([ax, ay]: Corner, [bx, by]: Corner, [cx, cy]: Corner): number {
  return (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
}

function between([ax, ay]: Corner, [bx, by]: Corner, [x, y]: Corner): boolean {
  return (
    Math.min(ax, bx) <= x && x <= Math.max(ax, bx) && Math.min(ay, by) <= y && y <= Math.max(ay, by)
  );
}

/** Whether two edges have a point in common. */
function meet(a: Corner, b: Corner, c: Corner, d: Corner): boolean {
  const [abc, abd, cda, cdb] = [turn(a, b, c), turn(a, b, d), turn(c, d, a), turn(c, d, b)];
  if (abc * abd < 0 && cda * cdb < 0) return true;
  return (
    (abc === 0 && between(a, b, c)) ||
    (abd === 0 && between(a, b, d)) ||
    (cda === 0 && between(c, d, a)) ||
    (cdb === 0 && between(c, d, b))
  );
}

/**
 * The first two edges of a closed outline that cross or touch without being neighbours, by the number
 * of the corner that each begins at, from 0; nothing where the outline is simple.
 * @example crossing([[0, 0], [1, 1], [1, 0], [0, 1]]) // [0, 2]
 */
export function crossing(corners: readonly Corner[]): readonly [number, number] | undefined {
  const count = corners.length;
  const corner = (index: number): Corner => corners[index % count] ?? [0, 0];
  for (let one = 0; one < count; one += 1) {
    for (let other = one + 2; other < count; other += 1) {
      if (one === 0 && other === count - 1) continue;
      if (meet(corner(one), corner(one + 1), corner(other), corner(other + 1))) return [one, other];
    }
  }
  return undefined;
}
