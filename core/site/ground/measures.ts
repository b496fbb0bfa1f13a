import type { Measure, Shape } from '../../casefile/parts/shape';
import type { NumberRule } from '../../kernel/typed/number';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';

export type SquareFeet = Figure<Quantity<'ft2', 'ground'>>;
export type Feet = Figure<Quantity<'ft', 'ground'>>;
export type Across = Figure<Quantity<'ft', 'diameter'>>;
type Count = Figure<Quantity<'ratio', 'count'>>;
/** The length of a pace, read when something is given in paces. */
export type Pace = () => Figure<Quantity<'ft', 'pace'>>;

/** The two sides of a rectangle. */
export interface Sides {
  readonly length: Feet;
  readonly width: Feet;
}

/** A shape, where it stands in the case file, and where its workings go. */
export interface ShapeAt {
  readonly shape: Shape;
  /** Beginning of the ids of its workings, such as `lawn/ground`. */
  readonly prefix: string;
  /** Its place in the case file. */
  readonly at: string;
  readonly pace: Pace;
  /** The coordinates of its outline, if it has one. */
  readonly outline: string;
}

const LENGTH: NumberRule = { above: 0, max: 10_000 };

/** The entry of a typed measure of a shape. */
export function entryOf({ prefix, at }: ShapeAt, measure: Measure) {
  return {
    id: `${prefix}/${measure}`,
    label: msg(`ground.${measure}`),
    at: `${at}/${measure}`,
  };
}

/** A typed length along the ground. */
export function lengthOf(
  ctx: PlanContext,
  where: ShapeAt,
  measure: Measure,
  rule: NumberRule = LENGTH,
): Feet {
  return ctx.length(entryOf(where, measure), where.shape[measure], rule, 'ground', where.pace);
}

/** A typed length across something round. */
export function acrossOf(ctx: PlanContext, where: ShapeAt, measure: Measure): Across {
  return ctx.length(entryOf(where, measure), where.shape[measure], LENGTH, 'diameter', where.pace);
}

/** What ground can be counted in, so that amounts can be told for each. */
export type PartKind = 'row' | 'bed' | 'plant' | 'container';

export interface Parts {
  readonly kind: PartKind;
  readonly count: Count;
}

const COUNT: NumberRule = { min: 1, max: 100_000 };

/** How many rows, beds, plants or containers there are. */
export function countOf(ctx: PlanContext, where: ShapeAt, kind: PartKind): Parts {
  const entry = { ...entryOf(where, 'number'), label: msg(`ground.number.${kind}`) };
  return { kind, count: ctx.number(entry, where.shape.number, COUNT, 'ratio', 'count') };
}
