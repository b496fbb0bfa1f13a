import type { Measure } from '../../casefile/parts/shape';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import {
  acrossOf,
  entryOf,
  lengthOf,
  type Feet,
  type ShapeAt,
  type Sides,
  type SquareFeet,
} from './measures';
import { CIRCLE } from '../../equations/ground/circle';
import { ELLIPSE } from '../../equations/ground/ellipse';
import { HERON } from '../../equations/ground/heron';
import { RING } from '../../equations/ground/ring';
import { TRAPEZOID } from '../../equations/ground/trapezoid';
import { TRIANGLE } from '../../equations/ground/triangle';
import { squareFeet } from '../../equations/ground/measures';

/** How ground is told that a formula of geometry gives. */
function named(
  id: string,
  equation: 'ellipse-by-axes' | 'triangle-by-height' | 'trapezoid' | 'heron',
) {
  return { id, label: msg(`ground.${equation}`), source: 'geometry' } as const;
}

/** Length × width. */
export function rectangle(
  ctx: PlanContext,
  id: string,
  where: ShapeAt,
): { readonly area: SquareFeet; readonly sides: Sides } {
  const length = lengthOf(ctx, where, 'length');
  const width = lengthOf(ctx, where, 'width');
  const area = ctx.sheet.derive(
    'multiply',
    { id, label: msg('ground.rectangle'), source: 'geometry' },
    [length, width],
    (a, b) => squareFeet(a.value * b.value),
  );
  return { area, sides: { length, width } };
}

/** A circle by its diameter. */
export function circle(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const entry = { id, label: msg('ground.circle'), source: 'geometry' as const };
  return ctx.sheet.equation(entry, CIRCLE, [acrossOf(ctx, where, 'diameter')]);
}

/**
 * A ring by its two diameters; a hole that is as wide as the ring is a problem at its place.
 * @param hole where the inner diameter is typed
 */
export function ring(
  ctx: PlanContext,
  id: string,
  where: ShapeAt,
  hole: 'inner' | 'trunk',
): SquareFeet {
  const outer = acrossOf(ctx, where, 'diameter');
  const inner = acrossOf(ctx, where, hole);
  const entry = { id, label: msg('ground.ring'), source: 'geometry' as const };
  if (!('absent' in outer) && !('absent' in inner) && inner.value.value >= outer.value.value) {
    const reason = msg(hole === 'trunk' ? 'problem.trunkTooWide' : 'problem.holeTooWide');
    ctx.problems[`${where.at}/${hole}`] = reason;
    return ctx.sheet.absent(entry, reason, [outer.id, inner.id]);
  }
  return ctx.sheet.equation(entry, RING, [outer, inner]);
}

/** An ellipse by its two axes. */
export function ellipse(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  return ctx.sheet.equation(named(id, 'ellipse-by-axes'), ELLIPSE, [
    lengthOf(ctx, where, 'length'),
    lengthOf(ctx, where, 'width'),
  ]);
}

/** Half of base × height. */
export function triangleByHeight(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  return ctx.sheet.equation(named(id, 'triangle-by-height'), TRIANGLE, [
    lengthOf(ctx, where, 'length'),
    lengthOf(ctx, where, 'height'),
  ]);
}

/** Half the sum of the parallel sides × the distance between them. */
export function trapezoid(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  return ctx.sheet.equation(named(id, 'trapezoid'), TRAPEZOID, [
    lengthOf(ctx, where, 'sideA'),
    lengthOf(ctx, where, 'sideB'),
    lengthOf(ctx, where, 'height'),
  ]);
}

/** A triangle whose sides cannot meet has its problem at the longest of them. */
function triangle(
  ctx: PlanContext,
  id: string,
  where: ShapeAt,
  sides: readonly (readonly [Measure, Feet])[],
): SquareFeet {
  const known = sides.flatMap(([name, figure]) =>
    'absent' in figure ? [] : [{ name, feet: figure.value }],
  );
  const longest = known.reduce((a, b) => (b.feet.value > a.feet.value ? b : a), {
    name: 'sideA' as Measure,
    feet: quantity(0, 'ft', 'ground'),
  });
  const rest = known.reduce((sum, { feet }) => sum + feet.value, 0) - longest.feet.value;
  if (known.length === sides.length && longest.feet.value >= rest) {
    const most = quantity(rest, 'ft', 'ground');
    const reason = msg('problem.triangleOpen', { longest: longest.feet, most });
    ctx.problems[entryOf(where, longest.name).at] = reason;
    const entry = { id, label: msg('ground.heron'), source: 'geometry' as const };
    return ctx.sheet.absent(
      entry,
      reason,
      sides.map(([, figure]) => figure.id),
    );
  }
  return ctx.sheet.equation(
    named(id, 'heron'),
    HERON,
    sides.map(([, figure]) => figure),
  );
}

/** A triangle by its three sides. */
export function triangleBySides(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const sides = (['sideA', 'sideB', 'sideC'] as const).map(
    (name) => [name, lengthOf(ctx, where, name)] as const,
  );
  return triangle(ctx, id, where, sides);
}

/** Four sides in their order and the diagonal from where the first begins to where the second ends. */
export function fourSides(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const side = (name: Measure) => [name, lengthOf(ctx, where, name)] as const;
  const diagonal = side('diagonal');
  const halves = [
    triangle(ctx, `${id}/half-1`, where, [side('sideA'), side('sideB'), diagonal]),
    triangle(ctx, `${id}/half-2`, where, [side('sideC'), side('sideD'), diagonal]),
  ];
  const entry = { id, label: msg('ground.twoTriangles'), source: 'geometry' as const };
  return ctx.sheet.derive('add', entry, halves, (...values: readonly Quantity<'ft2', 'ground'>[]) =>
    squareFeet(values.reduce((sum, { value }) => sum + value, 0)),
  );
}

/** Square feet as somebody gave them. */
export function givenArea(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const entry = { ...entryOf(where, 'squareFeet'), id };
  return ctx.number(entry, where.shape.squareFeet, { above: 0, max: 10_000_000 }, 'ft2', 'ground');
}
