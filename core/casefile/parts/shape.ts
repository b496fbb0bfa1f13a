import { object, oneOf, text, type Of } from '../../kernel/typed/spec';

/** The measures of a shape that are typed into a field each. */
export const MEASURES = [
  'length',
  'width',
  'diameter',
  'squareFeet',
  'perimeter',
  'number',
  'spacing',
  'strip',
  'trunk',
  'sideA',
  'sideB',
  'sideC',
  'sideD',
  'diagonal',
  'height',
  'inner',
  'depth',
  'offsets',
  'points',
] as const;
export type Measure = (typeof MEASURES)[number];

/**
 * Every kind of shape with the measures that it is made from. Rows are `number` × `length`, `spacing` apart, of
 * which a `strip` along each row is treated; raised beds
 * `number` × `length` × `width`, `depth` deep; plants `number` root circles of `diameter`, less a ring of `trunk` around
 * the trunk; a perimeter is a check on square feet that are given.
 */
export const SHAPE_MEASURES = {
  rectangle: ['length', 'width'],
  circle: ['diameter'],
  'square-feet': ['squareFeet', 'perimeter'],
  rows: ['number', 'length', 'spacing', 'strip'],
  'raised-beds': ['number', 'length', 'width', 'depth'],
  plants: ['number', 'diameter', 'trunk'],
  triangle: ['sideA', 'sideB', 'sideC'],
  'triangle-height': ['length', 'height'],
  trapezoid: ['sideA', 'sideB', 'height'],
  'four-sides': ['sideA', 'sideB', 'sideC', 'sideD', 'diagonal'],
  ellipse: ['length', 'width'],
  ring: ['diameter', 'inner'],
  offsets: ['spacing', 'offsets'],
  corners: ['points'],
  outline: [],
  'round-containers': ['number', 'diameter', 'depth'],
  'box-containers': ['number', 'length', 'width', 'depth'],
  unknown: [],
} as const satisfies Readonly<Record<string, readonly Measure[]>>;

export type ShapeKind = keyof typeof SHAPE_MEASURES;
export const SHAPES = Object.keys(SHAPE_MEASURES) as readonly ShapeKind[];

/**
 * The typed measures of a piece of ground. They stand side by side and not in a union of kinds: those of other kinds are
 * kept when the kind changes, so that whoever tries another kind and comes back has typed nothing in vain.
 */
export const SHAPE = object({
  kind: oneOf(SHAPES),
  length: text,
  width: text,
  diameter: text,
  squareFeet: text,
  /** Around ground whose square feet are given: a check on them. */
  perimeter: text,
  number: text,
  spacing: text,
  /** So wide a strip along each row is limed and fertilized; '' is all from row to row. */
  strip: text,
  trunk: text,
  sideA: text,
  sideB: text,
  sideC: text,
  sideD: text,
  diagonal: text,
  height: text,
  /** Across the hole of a ring. */
  inner: text,
  depth: text,
  /** Widths at equal distances along a base line, from end to end. */
  offsets: text,
  /** Corners in feet as `x, y`, a corner a line. */
  points: text,
  /** The id of the attachment that holds the outline of a map; '' is none. */
  outline: text,
});
export interface Shape extends Of<typeof SHAPE> {}

/** A rectangle that nobody has measured. */
export const EMPTY_SHAPE: Shape = {
  kind: 'rectangle',
  length: '',
  width: '',
  diameter: '',
  squareFeet: '',
  perimeter: '',
  number: '',
  spacing: '',
  strip: '',
  trunk: '',
  sideA: '',
  sideB: '',
  sideC: '',
  sideD: '',
  diagonal: '',
  height: '',
  inner: '',
  depth: '',
  offsets: '',
  points: '',
  outline: '',
};
