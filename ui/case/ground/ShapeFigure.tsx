import type { Measure, Shape } from '../../../core/casefile/parts/shape';
import { memo, type ReactNode } from 'react';
import { parseCorners, splitOffsets } from '../../../core/site/ground/irregular';
import { readOutline } from '../../../core/site/ground/outlineArea';
import { parseLength } from '../../../core/kernel/typed/length';
import { parseNumber } from '../../../core/kernel/typed/number';
import { lengthToFeet } from '../../../core/kernel/units/convert';
import { quantity } from '../../../core/kernel/units/quantity';
import type { NamesIn } from '../../../core/kernel/messages/msg';
import { text } from '../../format/text';

type Point = readonly [x: number, y: number];

/** A measure, or the number of a corner, at its place of the drawing. */
interface Mark {
  readonly measure: NamesIn<'mark'> | number;
  readonly at: Point;
}

/** An outline in feet, y upwards, with what its measures are called. */
interface Drawing {
  readonly rings: readonly (readonly Point[])[];
  readonly marks?: readonly Mark[];
}

const BOX = { width: 60, height: 40 };
/** Room around the drawing; more where its measures are named. */
const EDGE = { plain: 3, named: 5 };
/** More pieces than this are drawn as this many. */
const MOST_DRAWN = 6;
/** Points of an outline that is larger than a thumbnail can show. */
const MOST_POINTS = 400;

/** The length of a typed measure in feet; paces are drawn as if each were a foot long. */
function feet(typed: string): number | undefined {
  const parsed = parseLength(typed, { above: 0 });
  if (parsed.kind !== 'value') return undefined;
  const { value, unit } = parsed.value;
  return unit === 'ft' || unit === 'paces'
    ? value
    : lengthToFeet(quantity(value, unit, 'ground')).value;
}

function pieces(typed: string): number {
  const parsed = parseNumber(typed, { min: 1 });
  return parsed.kind === 'value' ? Math.min(MOST_DRAWN, Math.round(parsed.value)) : 1;
}

function between([ax, ay]: Point, [bx, by]: Point): Point {
  return [(ax + bx) / 2, (ay + by) / 2];
}

/** The corner of a triangle over its base from 0 to `base`, by its other two sides. */
function apex(base: number, left: number, right: number): Point {
  const x = (left * left - right * right + base * base) / (2 * base);
  return [x, Math.sqrt(Math.max(0, left * left - x * x))];
}

function round(across: number, wide = across, sides = 48): Point[] {
  return Array.from({ length: sides }, (_none, index): Point => {
    const angle = (2 * Math.PI * index) / sides;
    return [(across / 2) * Math.cos(angle), (wide / 2) * Math.sin(angle)];
  });
}

function box(long: number, wide: number, x = 0, y = 0): Point[] {
  return [
    [x, y],
    [x + long, y],
    [x + long, y + wide],
    [x, y + wide],
  ];
}

type Strip = 'length' | 'width' | 'spacing';

/** Strips under one another: rows, or beds with paths between them. */
function strips(shape: Shape, wide: number, apart: number, marks: readonly Strip[]): Drawing {
  const long = feet(shape.length) ?? 10;
  const count = pieces(shape.number);
  const rings = Array.from({ length: count }, (_none, index) => box(long, wide, 0, -index * apart));
  const middle = -((count - 1) * apart) / 2;
  const places: Record<Strip, Point> = {
    length: [long / 2, wide],
    width: [0, wide / 2],
    spacing: [0, middle],
  };
  return { rings, marks: marks.map((measure) => ({ measure, at: places[measure] })) };
}

/** Circles beside one another, with what lies across the first of them. */
function circles(shape: Shape): Drawing {
  const across = feet(shape.diameter) ?? 1;
  const count = pieces(shape.number);
  const rings = Array.from({ length: count }, (_none, index) =>
    round(across).map(([x, y]): Point => [x + index * across * 1.1, y]),
  );
  return { rings, marks: [{ measure: 'diameter', at: [0, 0] }] };
}

function triangle(a: number, b: number, c: number): Drawing {
  const top = apex(a, c, b);
  const [left, right]: [Point, Point] = [
    [0, 0],
    [a, 0],
  ];
  const marks: Mark[] = [
    { measure: 'sideA', at: between(left, right) },
    { measure: 'sideB', at: between(right, top) },
    { measure: 'sideC', at: between(top, left) },
  ];
  return { rings: [[left, right, top]], marks };
}

function fourSides(a: number, b: number, c: number, d: number, diagonal: number): Drawing {
  // The diagonal lies along the base; the first two sides hang under it, the other two stand on it.
  const [x, y] = apex(diagonal, a, b);
  const under: Point = [x, -y];
  const over = apex(diagonal, d, c);
  const [from, to]: [Point, Point] = [
    [0, 0],
    [diagonal, 0],
  ];
  const marks: Mark[] = [
    { measure: 'sideA', at: between(from, under) },
    { measure: 'sideB', at: between(under, to) },
    { measure: 'sideC', at: between(to, over) },
    { measure: 'sideD', at: between(over, from) },
    { measure: 'diagonal', at: between(from, to) },
  ];
  return { rings: [[from, under, to, over]], marks };
}

function offsets(apart: number, typed: string): Drawing | undefined {
  const widths = splitOffsets(typed).map((each) => feet(each) ?? 0);
  if (widths.length < 2) return undefined;
  const top = widths.map((width, index): Point => [index * apart, width]);
  const end: Point = [(widths.length - 1) * apart, 0];
  const marks: Mark[] = [
    { measure: 'spacing', at: [apart / 2, 0] },
    { measure: 'offsets', at: [apart, (widths[1] ?? 0) / 2] },
  ];
  return { rings: [[[0, 0], ...top, end]], marks };
}

/** The corners of a map, longitudes drawn in to their latitude; thinned where there are very many. */
function mapped(text: string): Drawing | undefined {
  const polygons = text === '' ? undefined : readOutline(text)?.polygons;
  if (!polygons) return undefined;
  const rings = polygons.flat();
  const latitude = rings[0]?.[0]?.[1] ?? 0;
  const shrink = Math.cos((latitude * Math.PI) / 180);
  const step = Math.ceil(rings.reduce((sum, each) => sum + each.length, 0) / MOST_POINTS);
  return {
    rings: rings.map((each) =>
      each.filter((_point, index) => index % step === 0).map(([x, y]): Point => [x * shrink, y]),
    ),
  };
}

/** The drawing of a shape from its typed measures; nothing until enough of them are there. */
function drawingOf(shape: Shape, outline: string): Drawing | undefined {
  const of = (measure: Measure): number => feet(shape[measure]) ?? 0;
  const all = (...measures: Measure[]): boolean => measures.every((each) => of(each) > 0);
  switch (shape.kind) {
    case 'rectangle': {
      const [long, wide] = [of('length') || 1.5, of('width') || 1];
      const marks: Mark[] = [
        { measure: 'length', at: [long / 2, 0] },
        { measure: 'width', at: [0, wide / 2] },
      ];
      return { rings: [box(long, wide)], marks };
    }
    case 'triangle':
      return all('sideA', 'sideB', 'sideC')
        ? triangle(of('sideA'), of('sideB'), of('sideC'))
        : undefined;
    case 'triangle-height': {
      if (!all('length', 'height')) return undefined;
      const [base, high] = [of('length'), of('height')];
      const marks: Mark[] = [
        { measure: 'length', at: [base / 2, 0] },
        { measure: 'height', at: [base * 0.35, high / 2] },
      ];
      return {
        rings: [
          [
            [0, 0],
            [base, 0],
            [base * 0.35, high],
          ],
        ],
        marks,
      };
    }
    case 'trapezoid': {
      if (!all('sideA', 'sideB', 'height')) return undefined;
      const [a, b, high] = [of('sideA'), of('sideB'), of('height')];
      const inset = (a - b) / 2;
      const marks: Mark[] = [
        { measure: 'sideA', at: [a / 2, 0] },
        { measure: 'sideB', at: [a / 2, high] },
        { measure: 'height', at: [a / 2, high / 2] },
      ];
      return {
        rings: [
          [
            [0, 0],
            [a, 0],
            [a - inset, high],
            [inset, high],
          ],
        ],
        marks,
      };
    }
    case 'four-sides':
      return all('sideA', 'sideB', 'sideC', 'sideD', 'diagonal')
        ? fourSides(of('sideA'), of('sideB'), of('sideC'), of('sideD'), of('diagonal'))
        : undefined;
    case 'circle':
      return { rings: [round(1)], marks: [{ measure: 'diameter', at: [0, 0] }] };
    case 'ellipse': {
      const [long, wide] = [of('length') || 1.5, of('width') || 1];
      const marks: Mark[] = [
        { measure: 'length', at: [0, -wide / 2] },
        { measure: 'width', at: [-long / 2, 0] },
      ];
      return { rings: [round(long, wide)], marks };
    }
    case 'ring': {
      const [outer, inner] = [of('diameter') || 2, of('inner') || 1];
      const marks: Mark[] = [
        { measure: 'diameter', at: [0, -outer / 2] },
        { measure: 'inner', at: [0, 0] },
      ];
      return { rings: [round(outer), round(Math.min(inner, outer))], marks };
    }
    case 'offsets':
      return offsets(of('spacing') || 10, shape.offsets);
    case 'corners': {
      const corners = shape.points.trim() === '' ? undefined : parseCorners(shape.points);
      if (!Array.isArray(corners)) return undefined;
      const ring = corners as readonly Point[];
      return { rings: [ring], marks: ring.map((at, index) => ({ measure: index + 1, at })) };
    }
    case 'outline':
      return mapped(outline);
    case 'box-containers': {
      const wide = of('width') || 1;
      return strips({ ...shape, length: shape.length || '1' }, wide, wide * 1.2, [
        'length',
        'width',
      ]);
    }
    case 'rows': {
      const apart = of('spacing') || 3;
      return strips(shape, apart * 0.15, apart, of('spacing') ? ['length', 'spacing'] : ['length']);
    }
    case 'raised-beds': {
      const wide = of('width') || 4;
      return strips(shape, wide, wide * 1.4, ['length', 'width']);
    }
    case 'plants':
    case 'round-containers':
      return circles(shape);
    case 'square-feet':
    case 'unknown':
      return undefined;
  }
}

/** Where a point of the drawing lies in the box: true in proportion, centred. */
function fitted({ rings }: Drawing, edge: number): (point: Point) => Point {
  const points = rings.flat();
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  const scale = Math.min(
    (BOX.width - 2 * edge) / (right - left || 1),
    (BOX.height - 2 * edge) / (high - low || 1),
  );
  return ([x, y]) => [
    BOX.width / 2 + (x - (left + right) / 2) * scale,
    BOX.height / 2 - (y - (low + high) / 2) * scale,
  ];
}

function pathOf(ring: readonly Point[], place: (point: Point) => Point): string {
  const points = ring.map(place).map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`);
  return `M${points.join('L')}Z`;
}

interface ShapeFigureProps {
  readonly shape: Shape;
  /** The coordinates of its outline, if it has one. */
  readonly outline: string;
  readonly className: string;
  /** Whether its measures are named on it. */
  readonly named?: boolean;
}

/** Ground as a small shape, true in proportion; dashed where its outline is not known. */
export const ShapeFigure = memo(Drawing);

function Drawing({ shape, outline, className, named = false }: ShapeFigureProps): ReactNode {
  const drawing = drawingOf(shape, outline);
  const place = drawing && fitted(drawing, named ? EDGE.named : EDGE.plain);
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      aria-hidden="true"
      className={`overflow-visible fill-spruce/20 stroke-spruce ${className}`}
      strokeDasharray={drawing ? undefined : '3 3'}
      strokeLinejoin="round"
    >
      {drawing && place ? (
        <path
          d={drawing.rings.map((ring) => pathOf(ring, place)).join('')}
          fillRule="evenodd"
          vectorEffect="non-scaling-stroke"
        />
      ) : (
        <path d="M6 34 V12 L26 5 L54 12 V34 Z" vectorEffect="non-scaling-stroke" />
      )}
      {named &&
        place &&
        drawing?.marks?.map(({ measure, at }) => {
          const [x, y] = place(at);
          return (
            <text
              key={measure}
              x={x}
              y={y}
              textAnchor="middle"
              dominantBaseline="central"
              className="fill-ink stroke-sheet text-[3.4px] font-semibold [paint-order:stroke]"
            >
              {typeof measure === 'number' ? String(measure) : text(`mark.${measure}`)}
            </text>
          );
        })}
    </svg>
  );
}
