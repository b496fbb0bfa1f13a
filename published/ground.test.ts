/** Areas against published examples and reference packages. */
import area from '@turf/area';
import fc from 'fast-check';
import { Geodesic, PolygonArea } from 'geographiclib-geodesic';
import { newCase } from '../core/casefile/newCase';
import { Survey } from '../core/site/ground/ground';
import { shoelace } from '../core/equations/ground/shoelace';
import { bySimpson } from '../core/equations/ground/simpson';
import { byTrapezoids } from '../core/equations/ground/trapezoids';
import { PlanContext } from '../core/kernel/working/context';
import { outlineArea, ringArea, type Position } from '../core/site/ground/outlineArea';

/** Half the authalic sphere's 4πR²: R = 6,371,007.181 m (Moritz 2000, GRS 80; WGS 84 the same to a millimetre). */
const AUTHALIC_SPHERE = 4 * Math.PI * 6371007.1809 ** 2;

test('an octant of the globe is an eighth of its surface', () => {
  const octant: Position[] = [
    [0, 0],
    [90, 0],
    [90, 90],
    [0, 90],
  ];
  expect(ringArea(octant) / (AUTHALIC_SPHERE / 8)).toBeCloseTo(1, 9);
});

/** Karney 2013, J. Geodesy 87:43–55, as implemented by its author. */
function geodesicArea(ring: readonly Position[]): number {
  const polygon = new PolygonArea.PolygonArea(Geodesic.WGS84, false);
  ring.forEach(([longitude, latitude]) => polygon.AddPoint(latitude, longitude));
  return Math.abs(polygon.Compute(false, true).area ?? NaN);
}

/** A lot of up to a mile across anywhere people garden. */
const lot = fc
  .record({
    longitude: fc.double({ min: -170, max: 170, noNaN: true }),
    latitude: fc.double({ min: -60, max: 65, noNaN: true }),
    reaches: fc.array(fc.double({ min: 0.0002, max: 0.007, noNaN: true }), {
      minLength: 3,
      maxLength: 12,
    }),
  })
  .map(({ longitude, latitude, reaches }) =>
    reaches.map((reach, index): Position => {
      const angle = (2 * Math.PI * index) / reaches.length;
      return [longitude + reach * Math.cos(angle), latitude + reach * Math.sin(angle)];
    }),
  );

test('300 lots: within 1 part in 10,000 of the geodesic area on the ellipsoid', () => {
  fc.assert(
    fc.property(lot, (ring) => {
      expect(Math.abs(outlineArea([[ring]]) / geodesicArea(ring) - 1)).toBeLessThan(1e-4);
    }),
    { seed: 84, numRuns: 300 },
  );
});

test('an outline is as large from whichever corner and whichever way round', () => {
  fc.assert(
    fc.property(lot, fc.nat(11), (ring, turn) => {
      const area = ringArea(ring);
      const turned = [...ring.slice(turn % ring.length), ...ring.slice(0, turn % ring.length)];
      expect(ringArea(turned) / area).toBeCloseTo(1, 6);
      expect(ringArea([...ring].reverse()) / area).toBeCloseTo(1, 6);
    }),
    { seed: 86, numRuns: 100 },
  );
});

test('@turf/area takes the earth for a sphere: within 0.7 % of the ellipsoid', () => {
  fc.assert(
    fc.property(lot, (ring) => {
      const [first] = ring;
      if (!first) return;
      const coordinates = [[...ring, first].map(([x, y]) => [x, y])];
      const sphere = area({ type: 'Polygon', coordinates });
      expect(Math.abs(sphere / outlineArea([[ring]]) - 1)).toBeLessThan(0.007);
    }),
    { seed: 85, numRuns: 300 },
  );
});

test('a hole is taken out, whichever way it runs', () => {
  const square = (low: number, high: number): Position[] => [
    [low, low],
    [high, low],
    [high, high],
    [low, high],
  ];
  const [outer, hole] = [square(0, 0.003), square(0.001, 0.002)];
  const less = ringArea(outer) - ringArea(hole);
  expect(outlineArea([[outer, hole]])).toBeCloseTo(less, 6);
  expect(outlineArea([[outer, [...hole].reverse()]])).toBeCloseTo(less, 6);
});

/**
 * Punmia, Surveying vol. I, ch. 12 (recalled): perpendicular offsets at 10 m of 3.25, 5.60, 4.20, 6.65,
 * 8.75, 6.20, 3.25, 4.20 and 5.65 m; printed answers 433 m² and 439.67 m².
 * 10 × ((3.25 + 5.65) ÷ 2 + 38.85) = 433; 10 ÷ 3 × (8.90 + 4 × 22.65 + 2 × 16.20) = 439.67.
 */
test('offsets by both rules, as printed', () => {
  const offsets = [3.25, 5.6, 4.2, 6.65, 8.75, 6.2, 3.25, 4.2, 5.65];
  expect(byTrapezoids(10, offsets)).toBeCloseTo(433, 10);
  expect(bySimpson(10, offsets)).toBeCloseTo(439.67, 2);
});

/** With an even number of offsets the last strip is a trapezoid; common practice. 200 ÷ 3 + 5 = 71.67 */
test('computed: a strip too many for Simpson’s rule', () => {
  expect(bySimpson(10, [0, 4, 4, 0])).toBeCloseTo((10 / 3) * (0 + 16 + 4) + 20, 10);
});

/** By hand: 1 × 1 − 3 × 6 + 3 × 2 − 7 × 1 + 7 × 4 − 4 × 2 + 4 × 5 − 8 × 4 + 8 × 6 − 1 × 5 = 33, ÷ 2. */
test('computed: corners by the surveyor’s formula', () => {
  const corners = [
    [1, 6],
    [3, 1],
    [7, 2],
    [4, 4],
    [8, 5],
  ] as const;
  expect(shoelace(corners)).toBe(16.5);
});

/** Heron of Alexandria, Metrica I (recalled): sides 13, 14, 15 have the height 12 on 14, and 84. */
test('Heron’s own triangle', () => {
  const lawn = newCase('c', '2027-10-04').areas['lawn'];
  if (!lawn) throw new Error('no lawn');
  const shape = { ...lawn.shape, kind: 'triangle' as const, sideA: '13', sideB: '14', sideC: '15' };
  const ground = new Survey(new PlanContext(), { areas: {}, attachments: {} }).ground({
    ...lawn,
    shape,
  });
  expect(ground.area).toMatchObject({ value: { value: 84, unit: 'ft2' } });
});
