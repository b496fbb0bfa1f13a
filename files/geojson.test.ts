import { readGeoJson, writeGeoJson } from './geojson';

const SQUARE = [
  [0, 0],
  [0.001, 0],
  [0.001, 0.001],
  [0, 0.001],
  [0, 0],
];
const polygon = (...coordinates: unknown[]) => ({ type: 'Polygon', coordinates });
const feature = (geometry: unknown, name?: string) => ({
  type: 'Feature',
  properties: name === undefined ? null : { name },
  geometry,
});
const HOLE = SQUARE.map(([x = 0, y = 0]) => [x / 2 + 0.0002, y / 2 + 0.0002]);

test('several named features, holes and polygons of several parts are read', () => {
  const collection = {
    type: 'FeatureCollection',
    features: [
      feature(polygon(SQUARE, HOLE), 'Lawn'),
      feature({ type: 'MultiPolygon', coordinates: [[SQUARE], [HOLE]] }),
      feature(polygon([...SQUARE].reverse()), 'The other way'),
    ],
  };
  const read = readGeoJson(`\uFEFF${JSON.stringify(collection)}`);
  if (read.kind !== 'outlines') throw new Error('refused');
  expect(read.outlines.map(({ name, corners, reversed }) => [name, corners, reversed])).toEqual([
    ['Lawn', 8, false],
    ['', 8, false],
    ['The other way', 4, true],
  ]);
});

const bowTie = [
  [0, 0],
  [1, 1],
  [1, 0],
  [0, 1],
  [0, 0],
];

test.each<[string, string, string]>([
  ['no JSON', '{"type": }', 'file.notJson'],
  ['a list', '[]', 'geojson.notGeoJson'],
  ['another geometry', '{"type": "Point", "coordinates": [0, 0]}', 'geojson.otherGeometry'],
  ['nothing in it', '{"type": "FeatureCollection", "features": []}', 'geojson.none'],
  ['a ring left open', JSON.stringify(polygon(SQUARE.slice(0, 4))), 'geojson.open'],
  ['two corners', JSON.stringify(polygon(SQUARE.slice(0, 3))), 'geojson.fewCorners'],
  ['a bow tie', JSON.stringify(polygon(bowTie)), 'geojson.crossing'],
  [
    'a hole that leaves the ground',
    JSON.stringify(
      polygon(
        SQUARE,
        HOLE.map(([x = 0, y = 0]) => [x + 0.0005, y]),
      ),
    ),
    'geojson.crossing',
  ],
  [
    'metres',
    JSON.stringify(polygon(SQUARE.map(([x = 0]) => [500_000 + x, 4_000_000]))),
    'geojson.notDegrees',
  ],
  ['words for numbers', JSON.stringify(polygon([['a', 'b']])), 'geojson.noPosition'],
  [
    'another reference system',
    JSON.stringify({ ...polygon(SQUARE), crs: { properties: { name: 'EPSG:3857' } } }),
    'geojson.otherSystem',
  ],
])('refused whole: %s', (_name, text, id) => {
  expect(readGeoJson(text)).toMatchObject({ kind: 'refused', fault: { reason: { id } } });
});

test('a fault is told at its line and column', () => {
  const text = JSON.stringify(feature(polygon([...SQUARE.slice(0, 3), [0, 91], [0, 0]])), null, 1);
  const line = text.split('\n').findIndex((each) => each.includes('91')) + 1;
  expect(readGeoJson(text)).toMatchObject({ kind: 'refused', fault: { line: line - 2 } });
});

test('ten thousand corners are read, crossings looked for', () => {
  const ring = Array.from({ length: 10_001 }, (_none, index) => {
    const angle = (2 * Math.PI * (index % 10_000)) / 10_000;
    const reach = 0.001 * (1 + 0.1 * Math.sin(40 * angle));
    return [-83 + reach * Math.cos(angle), 40 + reach * Math.sin(angle)];
  });
  const read = readGeoJson(JSON.stringify(polygon(ring)));
  expect(read).toMatchObject({ kind: 'outlines', outlines: [{ corners: 10_000 }] });
});

test('what is written is read again; ground without an outline has no geometry', () => {
  const outline = JSON.stringify([[SQUARE]]);
  const text = writeGeoJson([
    { name: 'Lawn', squareFeet: 133_000, outline },
    { name: 'Beds', squareFeet: null, outline: '' },
  ]);
  expect(readGeoJson(text)).toMatchObject({ outlines: [{ name: 'Lawn', outline }] });
});
