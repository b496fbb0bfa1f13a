import sweeplineIntersections from 'sweepline-intersections';
import type { Polygon, Position, Ring } from '../core/site/ground/outlineArea';
import { MOST_ATTACHED } from '../core/casefile/parts/attachment';
import { msg, type Msg } from '../core/kernel/messages/msg';
import { locate, parseJson, type LocatedFault } from './located';

/** One outline of a map file. */
export interface Outline {
  /** The feature's own name; '' where it has none. */
  readonly name: string;
  /** Its polygons as the coordinates of a MultiPolygon, as a case file keeps them. */
  readonly outline: string;
  readonly corners: number;
  /** Its rings run the other way round than RFC 7946 asks for; read all the same. */
  readonly reversed: boolean;
}

export type ReadGeoJson =
  | { readonly kind: 'outlines'; readonly outlines: readonly Outline[] }
  | { readonly kind: 'refused'; readonly fault: LocatedFault };

/** A fault at a path inside the document; thrown within this file only, so that reading stays short. */
class Refusal extends Error {
  constructor(
    readonly path: string,
    readonly reason: Msg,
  ) {
    super(reason.id);
  }
}

type Node = Readonly<Record<string, unknown>>;

function node(value: unknown, path: string): Node {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) {
    throw new Refusal(path, msg('geojson.notGeoJson'));
  }
  return value as Node;
}

function position(value: unknown, path: string): Position {
  const [longitude, latitude] = Array.isArray(value) ? (value as readonly unknown[]) : [];
  if (typeof longitude !== 'number' || typeof latitude !== 'number') {
    throw new Refusal(path, msg('geojson.noPosition'));
  }
  if (Math.abs(longitude) > 180 || Math.abs(latitude) > 90) {
    throw new Refusal(path, msg('geojson.notDegrees'));
  }
  return [longitude, latitude];
}

function list(value: unknown, path: string): readonly unknown[] {
  if (!Array.isArray(value)) throw new Refusal(path, msg('geojson.noPosition'));
  return value;
}

function ring(value: unknown, path: string): Ring {
  const positions = list(value, path).map((each, index) => position(each, `${path}/${index}`));
  const [first, last] = [positions[0], positions.at(-1)];
  if (positions.length < 4) throw new Refusal(path, msg('geojson.fewCorners'));
  if (first?.[0] !== last?.[0] || first?.[1] !== last?.[1]) {
    throw new Refusal(path, msg('geojson.open'));
  }
  return positions;
}

function polygon(value: unknown, path: string): Polygon {
  const rings = list(value, path).map((each, index) => ring(each, `${path}/${index}`));
  if (rings.length === 0) throw new Refusal(path, msg('geojson.fewCorners'));
  const coordinates = rings.map((each) => each.map(([x, y]) => [x, y]));
  const crossings = sweeplineIntersections(
    { type: 'Feature', properties: {}, geometry: { type: 'Polygon', coordinates } },
    false,
  );
  const [at] = crossings;
  if (at) {
    const [longitude = 0, latitude = 0] = at;
    const params = { longitude: longitude.toFixed(6), latitude: latitude.toFixed(6) };
    throw new Refusal(path, msg('geojson.crossing', params));
  }
  return rings;
}

/** Twice the signed area of a ring in degrees: positive where it runs against the clock. */
function winding(positions: Ring): number {
  return positions.reduce((sum, [x, y], index) => {
    const [nextX, nextY] = positions[(index + 1) % positions.length] ?? [0, 0];
    return sum + x * nextY - nextX * y;
  }, 0);
}

function outline(name: string, polygons: readonly Polygon[], path: string): Outline {
  const written = JSON.stringify(polygons);
  if (written.length > MOST_ATTACHED) throw new Refusal(path, msg('geojson.tooLarge'));
  const corners = polygons.flat().reduce((sum, each) => sum + each.length - 1, 0);
  const reversed = polygons.some(([outer = []]) => winding(outer) < 0);
  return { name, outline: written, corners, reversed };
}

function geometry(value: unknown, path: string, name: string): Outline[] {
  const { type, coordinates } = node(value, path);
  const at = `${path === '' ? '' : `${path}/`}coordinates`;
  if (type === 'Polygon') return [outline(name, [polygon(coordinates, at)], at)];
  if (type === 'MultiPolygon') {
    const polygons = list(coordinates, at).map((each, index) => polygon(each, `${at}/${index}`));
    if (polygons.length === 0) throw new Refusal(at, msg('geojson.fewCorners'));
    return [outline(name, polygons, at)];
  }
  throw new Refusal(path, msg('geojson.otherGeometry', { type: String(type) }));
}

function nameOf(properties: unknown): string {
  const { name } =
    typeof properties === 'object' && properties !== null ? (properties as Node) : {};
  return typeof name === 'string' ? name.trim().slice(0, 200) : '';
}

function outlinesOf(value: unknown, path: string): Outline[] {
  const root = node(value, path);
  const inside = (name: string): string => (path === '' ? name : `${path}/${name}`);
  const { crs } = root;
  if (crs !== undefined && crs !== null && !/CRS84|4326/.test(JSON.stringify(crs))) {
    throw new Refusal(inside('crs'), msg('geojson.otherSystem'));
  }
  if (root['type'] === 'FeatureCollection') {
    return list(root['features'], inside('features')).flatMap((each, index) =>
      outlinesOf(each, `${inside('features')}/${index}`),
    );
  }
  if (root['type'] !== 'Feature') return geometry(root, path, '');
  // A feature may have no place on the map: those that this program saves without an outline.
  if (root['geometry'] === null) return [];
  return geometry(root['geometry'], inside('geometry'), nameOf(root['properties']));
}

/**
 * Reads the polygons of a GeoJSON file (RFC 7946). A file with any fault is refused whole, with line,
 * column and reason: other geometry, another reference system, open or crossing rings.
 */
export function readGeoJson(text: string): ReadGeoJson {
  const parsed = parseJson(text.replace(/^\uFEFF/, ''));
  if (parsed.kind === 'error') return { kind: 'refused', fault: parsed.fault };
  try {
    const outlines = outlinesOf(parsed.value, '');
    if (outlines.length === 0) throw new Refusal('', msg('geojson.none'));
    return { kind: 'outlines', outlines };
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    const { path, reason } = error;
    const [at] = locate(text, [{ path, got: '', expected: reason }]);
    return { kind: 'refused', fault: { line: 1, column: 1, path, ...at, reason } };
  }
}

/** A piece of ground for a map file. */
export interface MappedGround {
  readonly name: string;
  readonly squareFeet: number | null;
  /** As a case file keeps it; '' where it has none. */
  readonly outline: string;
}

/** Ground as a GeoJSON file, each piece a feature by its name; one without an outline has no geometry. */
export function writeGeoJson(grounds: readonly MappedGround[]): string {
  const features = grounds.map(({ name, squareFeet, outline: written }) => ({
    type: 'Feature',
    properties: { name, areaSqFt: squareFeet },
    geometry:
      written === '' ? null : { type: 'MultiPolygon', coordinates: JSON.parse(written) as unknown },
  }));
  return `${JSON.stringify({ type: 'FeatureCollection', features }, null, 2)}\n`;
}
