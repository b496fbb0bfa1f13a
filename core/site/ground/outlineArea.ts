import { WGS84 } from '../../tables/ground/wgs84';

/** Longitude and latitude, degrees. */
export type Position = readonly [longitude: number, latitude: number];
export type Ring = readonly Position[];
/** An outer ring and its holes. */
export type Polygon = readonly Ring[];

const RADIANS = Math.PI / 180;
const E2 = WGS84.f * (2 - WGS84.f);
const E = Math.sqrt(E2);

/** Snyder's q of a latitude: what the band from the equator to it holds, in units of its radius. */
function q(sine: number): number {
  const es = E * sine;
  return (1 - E2) * (sine / (1 - es * es) + Math.atanh(es) / E);
}

const Q_POLE = q(1);
/** Half the square of the radius of a sphere with the ellipsoid's surface, m². */
const HALF_SQUARED_RADIUS = (WGS84.a * WGS84.a * Q_POLE) / 4;

/** Sine of the authalic latitude: the latitude on a sphere of the same surface. */
function authalicSine(latitude: number): number {
  return q(Math.sin(latitude * RADIANS)) / Q_POLE;
}

/**
 * Area of a ring on the WGS 84 ellipsoid, m², whichever way round it runs.
 *
 * Each corner is carried over to the sphere of the same surface (authalic latitude; Snyder 1987, USGS
 * Professional Paper 1395, eqs. 3-11 and 3-12), on which the area between an edge and the equator is
 * that of Chamberlain & Duquette 2007 (JPL Publication 07-03). Neglected: that an edge of the map is not
 * quite a shortest line; under one part in 10,000 for lots of up to a mile, against geodesics.
 */
export function ringArea(ring: Ring): number {
  let sum = 0;
  for (let at = 0; at < ring.length; at += 1) {
    const from = ring[at];
    const to = ring[(at + 1) % ring.length];
    if (!from || !to) continue;
    // Across the date line the shorter way is meant.
    const turn = ((to[0] - from[0] + 540) % 360) - 180;
    sum += turn * RADIANS * (2 + authalicSine(from[1]) + authalicSine(to[1]));
  }
  return Math.abs(sum) * HALF_SQUARED_RADIUS;
}

/** Area of polygons with their holes on the WGS 84 ellipsoid, m². */
export function outlineArea(polygons: readonly Polygon[]): number {
  return polygons.reduce((sum, [outer = [], ...holes]) => {
    const without = holes.reduce((less, hole) => less + ringArea(hole), 0);
    return sum + ringArea(outer) - without;
  }, 0);
}

function isPosition(value: unknown): value is Position {
  return (
    Array.isArray(value) &&
    value.length >= 2 &&
    typeof value[0] === 'number' &&
    typeof value[1] === 'number' &&
    Math.abs(value[0]) <= 180 &&
    Math.abs(value[1]) <= 90
  );
}

function isPolygon(value: unknown): value is Polygon {
  return (
    Array.isArray(value) &&
    value.length > 0 &&
    value.every((ring) => Array.isArray(ring) && ring.length >= 3 && ring.every(isPosition))
  );
}

function parsed(text: string): readonly Polygon[] | undefined {
  try {
    const value: unknown = JSON.parse(text);
    return Array.isArray(value) && value.length > 0 && value.every(isPolygon) ? value : undefined;
  } catch {
    return undefined;
  }
}

/** An outline that was read: its polygons and what they hold, m². */
export interface Outline {
  readonly polygons: readonly Polygon[];
  readonly squareMetres: number;
}

/** So many outlines are remembered as they were read, since a plan is made at every key. */
const REMEMBERED = 16;
const known = new Map<string, Outline | undefined>();

/** The outline of a case file's text, read once; nothing where it is none. */
export function readOutline(text: string): Outline | undefined {
  if (known.has(text)) return known.get(text);
  const polygons = parsed(text);
  const outline = polygons && { polygons, squareMetres: outlineArea(polygons) };
  const [oldest] = known.keys();
  if (known.size >= REMEMBERED && oldest !== undefined) known.delete(oldest);
  known.set(text, outline);
  return outline;
}
