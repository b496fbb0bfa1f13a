import sweeplineIntersections from 'sweepline-intersections';

/** A corner on the ground, feet east and north of anywhere. */
export type Corner = readonly [x: number, y: number];

/** Nearer to a side than this share of its length a point lies on it. */
const ON_SIDE = 1e-9;

/** Whether a point lies on the side from one corner to another. */
function liesOn([x, y]: Corner, [ax, ay]: Corner, [bx, by]: Corner): boolean {
  const [dx, dy] = [bx - ax, by - ay];
  const squared = dx * dx + dy * dy;
  if (squared === 0) return false;
  const along = ((x - ax) * dx + (y - ay) * dy) / squared;
  const off = Math.abs((x - ax) * dy - (y - ay) * dx) / squared;
  return off < ON_SIDE && along > -ON_SIDE && along < 1 + ON_SIDE;
}

/**
 * The first two sides of a closed outline that cross or touch without being neighbours, by the number
 * of the corner that each begins at, from 0; nothing where the outline is simple.
 * @example crossing([[0, 0], [1, 1], [1, 0], [0, 1]]) // [0, 2]
 */
export function crossing(corners: readonly Corner[]): readonly [number, number] | undefined {
  const ring = [...corners, ...corners.slice(0, 1)].map(([x, y]) => [x, y]);
  const points = sweeplineIntersections(
    { type: 'Feature', properties: {}, geometry: { type: 'Polygon', coordinates: [ring] } },
    false,
  );
  const sides = points
    .map(([x = NaN, y = NaN]) =>
      corners.flatMap((corner, at) =>
        liesOn([x, y], corner, corners[(at + 1) % corners.length] ?? corner) ? [at] : [],
      ),
    )
    .map((found): [number, number] => [found[0] ?? 0, found.at(-1) ?? 0])
    .sort(([a, b], [c, d]) => a - c || b - d);
  return sides[0];
}
