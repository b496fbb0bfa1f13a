/** Areas of all kinds of ground, by sums that can be done on paper, and the laws that areas keep. */
import type { Area, GroundPart } from '../../casefile/parts/area';
import { type Shape, EMPTY_SHAPE } from '../../casefile/parts/shape';
import fc from 'fast-check';
import { newCase } from '../../casefile/newCase';
import { PlanContext } from '../../kernel/working/context';
import { crossing, type Corner } from './crossing';
import { Survey, type Ground } from './ground';
import { shoelace } from '../../equations/ground/shoelace';
import { bySimpson } from '../../equations/ground/simpson';
import { byTrapezoids } from '../../equations/ground/trapezoids';

function piece(shape: Partial<Shape>, more: Partial<Area> = {}): Area {
  const lawn = newCase('c', '2027-10-04').areas['lawn'];
  if (!lawn) throw new Error('no lawn');
  return { ...lawn, shape: { ...lawn.shape, ...shape }, ...more };
}

function survey(...areas: Area[]): { grounds: Ground[]; ctx: PlanContext } {
  const ctx = new PlanContext();
  const attachments = Object.fromEntries(
    areas.map(({ shape: { outline } }) => [
      outline,
      { id: outline, kind: 'outline' as const, text: outline },
    ]),
  );
  const all = new Survey(ctx, {
    areas: Object.fromEntries(areas.map((area) => [area.id, area])),
    attachments,
  });
  return { grounds: areas.map((area) => all.ground(area)), ctx };
}

function size(shape: Partial<Shape>, more: Partial<Area> = {}): number | string {
  const [ground] = survey(piece(shape, more)).grounds;
  if (!ground) return '';
  return 'absent' in ground.area ? ground.area.absent.id : ground.area.value.value;
}

test.each<[Partial<Shape>, number]>([
  [{ kind: 'triangle', sideA: '3', sideB: '4', sideC: '5' }, 6],
  [{ kind: 'triangle-height', length: '40', height: '15' }, 300],
  [{ kind: 'trapezoid', sideA: '30', sideB: '20', height: '12' }, 300],
  // 30 × 40 ÷ 2 + 30 × 40 ÷ 2: a rectangle by its diagonal
  [
    { kind: 'four-sides', sideA: '30', sideB: '40', sideC: '30', sideD: '40', diagonal: '50' },
    1200,
  ],
  [{ kind: 'ellipse', length: '20', width: '10' }, 157.0796], // π × 10 × 5
  [{ kind: 'ring', diameter: '20', inner: '10' }, 235.6194], // π × (10² − 5²)
  [{ kind: 'corners', points: '0, 0\n10, 0\n10, 5\n0, 5\n0, 0' }, 50],
  [{ kind: 'corners', points: '1 1\n6 1\n6 4\n3 4\n3 6\n1 6' }, 19], // 5 × 3 + 2 × 2
  [{ kind: 'offsets', spacing: '10', offsets: '0, 6, 8, 6, 0' }, 200], // 10 × 20; Simpson 213.3
  [{ kind: 'round-containers', number: '12', diameter: '14 in' }, 12.8281], // 12 × π × 49 ÷ 144
  [{ kind: 'box-containers', number: '3', length: '24 in', width: '18 in' }, 9],
])('%j', (shape, squareFeet) => {
  expect(size(shape)).toBeCloseTo(squareFeet, 3);
});

test.each<[Partial<Shape>, string]>([
  [{ kind: 'triangle', sideA: '3', sideB: '4', sideC: '7' }, 'problem.triangleOpen'],
  [{ kind: 'triangle', sideA: '3', sideB: '0', sideC: '7' }, 'absent.unreadable'],
  [{ kind: 'triangle', sideA: '1e9', sideB: '4', sideC: '7' }, 'absent.unreadable'],
  [{ kind: 'triangle', sideA: '3', sideB: 'NaN', sideC: '7' }, 'absent.unreadable'],
  [{ kind: 'ring', diameter: '10', inner: '10' }, 'problem.holeTooWide'],
  [{ kind: 'offsets', spacing: '10', offsets: '5, 6' }, 'problem.fewOffsets'],
  [{ kind: 'offsets', spacing: '10', offsets: '5, six, 7' }, 'problem.notALength'],
  [{ kind: 'offsets', spacing: '10' }, 'absent.notTyped'],
  [{ kind: 'corners', points: '0, 0\n10, 10\n10, 0\n0, 10' }, 'problem.crossing'],
  [{ kind: 'corners', points: '0, 0\n10' }, 'problem.corner'],
  [{ kind: 'corners', points: '0, 0\n10, 0' }, 'problem.fewCorners'],
  [{ kind: 'outline' }, 'absent.noOutline'],
  [{ kind: 'outline', outline: '[[[[0,0],[1,"x"]]]]' }, 'absent.noOutline'],
])('%j has no area', (shape, reason) => {
  expect(size(shape)).toBe(reason);
});

test('a needle of a triangle keeps its area, where the common form of Heron’s formula loses it', () => {
  // Half of 100 × 0.001 along the base: sides 100, and two of √(50² + 0.001²).
  const side = '50.00000001';
  const needle = size({ kind: 'triangle', sideA: '100', sideB: side, sideC: side });
  expect(needle).toBeCloseTo(0.05, 4);
});

describe('in parts', () => {
  const part = (id: string, sign: GroundPart['sign'], more: Partial<GroundPart>): GroundPart => ({
    id,
    order: 1,
    sign,
    name: id,
    areaId: '',
    shape: EMPTY_SHAPE,
    ...more,
  });
  const house = part('house', 'less', {
    shape: { ...EMPTY_SHAPE, length: '40', width: '30' },
  });
  const strip = part('strip', 'add', { shape: { ...EMPTY_SHAPE, length: '50', width: '6' } });
  const lot = { kind: 'square-feet' as const, squareFeet: '9000' };

  test('the lot less the house with a strip added', () => {
    // 9000 + 300 − 1200
    expect(size(lot, { parts: { house, strip } })).toBe(8100);
  });

  test('the lawn less the beds that lie in it', () => {
    const inIt = part('beds', 'less', { areaId: 'beds' });
    const lawn = piece(lot, { parts: { inIt } });
    const beds = piece(
      { kind: 'raised-beds', number: '4', length: '12.5', width: '4' },
      { id: 'beds', order: 2 },
    );
    const [ground] = survey(lawn, beds).grounds;
    expect(ground && !('absent' in ground.area) && ground.area.value.value).toBe(8800);
    expect(ground?.parts).toBeUndefined();
  });

  test('what is larger than the ground it is taken out of, and a circle, are problems at their place', () => {
    const large = { house: { ...house, shape: { ...house.shape, length: '900' } } };
    const { ctx } = survey(piece(lot, { parts: large }));
    expect(ctx.problems).toHaveProperty(['areas/lawn/parts', 'id'], 'problem.nothingLeft');
    const one = piece(lot, { parts: { b: part('b', 'less', { areaId: 'beds' }) } });
    const other = piece(lot, { id: 'beds', parts: { a: part('a', 'less', { areaId: 'lawn' }) } });
    const circular = survey(one, other);
    expect(Object.values(circular.ctx.problems).map(({ id }) => id)).toEqual(['problem.circular']);
    const gone = survey(piece(lot, { parts: { b: part('b', 'less', { areaId: 'x' }) } }));
    expect(Object.values(gone.ctx.problems).map(({ id }) => id)).toEqual(['problem.noSuchGround']);
  });
});

test('a paced bed: the smaller end counts, and the range is carried', () => {
  const shape = { kind: 'rectangle' as const, length: '20 paces', width: '12 paces' };
  // 20 × 2.5 × 12 × 2.5 = 1500, ± 10 %
  const [ground] = survey(piece(shape, { measuredBy: 'pace', pace: '2.5' })).grounds;
  expect(ground?.area).toMatchObject({ value: { value: 1500 }, range: { low: 1350, high: 1650 } });
  expect(ground?.extent).toMatchObject({ value: { value: 1.35 } });
  expect(ground?.unsure).toMatchObject({ range: { low: 1.35, high: 1.65 } });
  expect(size(shape)).toBe('absent.notTyped'); // without the length of a pace
});

test.each([
  ['tape', '', 6200],
  ['pace', '', 5580],
  ['map', '', 5890],
  ['guess', '', 4650],
  ['pace', '5', 5890],
  ['pace', '2', 6200],
  ['', '', 6200],
] as const)('measured by %s, off by "%s": %d ft² count', (measuredBy, offBy, counted) => {
  const shape = { kind: 'square-feet' as const, squareFeet: '6200' };
  const [ground] = survey(piece(shape, { measuredBy, offBy })).grounds;
  expect(ground && !('absent' in ground.counted) && ground.counted.value.value).toBeCloseTo(
    counted,
    6,
  );
});

test('beds have cubic yards of mix, containers gallons', () => {
  const beds = {
    kind: 'raised-beds' as const,
    number: '4',
    length: '12.5',
    width: '4',
    depth: '10 in',
  };
  const first = survey(piece(beds)).ctx.sheet.workings;
  // 200 × 10 ÷ 12 ÷ 27
  expect(first.get('lawn/ground/volume/yards')).toMatchObject({ value: { value: 200 / 1.2 / 27 } });
  const pots = {
    kind: 'box-containers' as const,
    number: '2',
    length: '1',
    width: '1',
    depth: '1',
  };
  const second = survey(piece(pots)).ctx.sheet.workings;
  // 2 ft³ × 1728 ÷ 231
  expect(second.get('lawn/ground/volume/gallons')).toMatchObject({ value: { value: 3456 / 231 } });
});

/** A ring of corners that sees all of itself from the middle, so that its sides do not cross. */
const star: fc.Arbitrary<Corner[]> = fc
  .array(fc.double({ min: 1, max: 100, noNaN: true }), { minLength: 3, maxLength: 12 })
  .map((reaches) =>
    reaches.map((reach, index): Corner => {
      const angle = (2 * Math.PI * index) / reaches.length;
      return [reach * Math.cos(angle), reach * Math.sin(angle)];
    }),
  );
const RUNS = { seed: 5, numRuns: 200 };

test('an area is the same from whichever corner and whichever way round', () => {
  fc.assert(
    fc.property(star, fc.nat(11), (corners, turn) => {
      const area = shoelace(corners);
      const turned = [
        ...corners.slice(turn % corners.length),
        ...corners.slice(0, turn % corners.length),
      ];
      expect(shoelace(turned)).toBeCloseTo(area, 6);
      expect(shoelace([...corners].reverse())).toBeCloseTo(area, 6);
    }),
    RUNS,
  );
});

test('cutting ground from its first corner to another keeps the area', () => {
  fc.assert(
    fc.property(star, fc.nat(11), (corners, at) => {
      // The middle is added, so that every cut from it lies inside.
      const cut = (at % (corners.length - 1)) + 1;
      const [first] = corners;
      const middle: Corner = [0, 0];
      if (!first) return;
      const one = [middle, ...corners.slice(0, cut + 1)];
      const other = [middle, ...corners.slice(cut), first];
      expect(shoelace(one) + shoelace(other)).toBeCloseTo(shoelace(corners), 6);
    }),
    RUNS,
  );
});

test('feet, inches and metres of the same length give the same ground', () => {
  const side = fc.integer({ min: 1, max: 400 });
  fc.assert(
    fc.property(side, side, (a, b) => {
      const inFeet = size({ kind: 'rectangle', length: `${a}`, width: `${b}` });
      const inInches = size({ kind: 'rectangle', length: `${a * 12} in`, width: `${b * 12}"` });
      const metres = (feet: number): string => `${(feet * 0.3048).toFixed(4)} m`;
      const inMetres = size({ kind: 'rectangle', length: metres(a), width: metres(b) });
      expect(inInches).toBeCloseTo(Number(inFeet), 6);
      expect(inMetres).toBeCloseTo(Number(inFeet), 4);
    }),
    RUNS,
  );
});

test('Simpson’s rule is exact for parabolas and cubics, the trapezoids for straight lines', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 5 }), (a, strips) => {
      const count = 2 * strips + 1;
      const xs = Array.from({ length: count }, (_none, index) => index);
      const end = count - 1;
      const cubic = bySimpson(
        1,
        xs.map((x) => a * x ** 3),
      );
      expect(cubic).toBeCloseTo((a * end ** 4) / 4, 6);
      expect(
        byTrapezoids(
          1,
          xs.map((x) => a * x),
        ),
      ).toBeCloseTo((a * end * end) / 2, 6);
    }),
    RUNS,
  );
});

test('a simple outline has no crossing, and a bow tie has one', () => {
  fc.assert(
    fc.property(star, (corners) => expect(crossing(corners)).toBeUndefined()),
    RUNS,
  );
  expect(
    crossing([
      [0, 0],
      [2, 2],
      [2, 0],
      [0, 2],
    ]),
  ).toEqual([0, 2]);
});

// The pumpkin trap: 100 ft of row, 96 in. from row to row, 40 lb N/acre: 0.735 lb on all of it, 0.367 on a strip of 4 ft.
test.each([
  ['96 in', '', 800],
  ['96 in', '4', 400],
  ['', '4', 400],
  ['30 in', '4', 250],
])(
  'wide rows %s apart, a strip of %s: %d ft², never more than from row to row',
  (spacing, strip, feet) => {
    const shape = { kind: 'rows', number: '1', length: '100', spacing, strip } as const;
    expect(size(shape)).toBeCloseTo(feet, 6);
  },
);
