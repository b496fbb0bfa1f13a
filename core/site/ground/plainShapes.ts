import type { Measure } from '../../casefile/casefile';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { acrossOf, entryOf, lengthOf, type Feet, type ShapeAt, type SquareFeet } from './measures';

type FeetValue = Quantity<'ft', 'ground'>;

function squareFeet(value: number): Quantity<'ft2', 'ground'> {
  return quantity(value, 'ft2', 'ground');
}

function byEquation(
  ctx: PlanContext,
  id: string,
  equation: 'ellipse-by-axes' | 'triangle-by-height' | 'trapezoid' | 'heron',
  inputs: readonly Feet[],
  compute: (...feet: readonly number[]) => number,
): SquareFeet {
  const entry = {
    id,
    label: msg(`ground.${equation}`),
    source: 'geometry' as const,
    detail: { equation },
  };
  return ctx.sheet.derive('equation', entry, inputs, (...values: readonly FeetValue[]) =>
    squareFeet(compute(...values.map(({ value }) => value))),
  );
}

/** Length × width. */
export function rectangle(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  return ctx.sheet.derive(
    'multiply',
    { id, label: msg('ground.rectangle'), source: 'geometry' },
    [lengthOf(ctx, where, 'length'), lengthOf(ctx, where, 'width')],
    (a, b) => squareFeet(a.value * b.value),
  );
}

/** A circle by its diameter. */
export function circle(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const detail = { equation: 'circle-by-diameter' };
  return ctx.sheet.derive(
    'equation',
    { id, label: msg('ground.circle'), source: 'geometry', detail },
    [acrossOf(ctx, where, 'diameter')],
    ({ value }) => squareFeet((Math.PI * value * value) / 4),
  );
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
  const detail = { equation: 'ring-by-diameters' };
  const entry = { id, label: msg('ground.ring'), source: 'geometry' as const, detail };
  if (!('absent' in outer) && !('absent' in inner) && inner.value.value >= outer.value.value) {
    const reason = msg(hole === 'trunk' ? 'problem.trunkTooWide' : 'problem.holeTooWide');
    ctx.problems[`${where.at}/${hole}`] = reason;
    return ctx.sheet.absent(entry, reason, [outer.id, inner.id]);
  }
  return ctx.sheet.derive('equation', entry, [outer, inner], (o, i) =>
    squareFeet((Math.PI * (o.value ** 2 - i.value ** 2)) / 4),
  );
}

/** An ellipse by its two axes. */
export function ellipse(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const axes = [lengthOf(ctx, where, 'length'), lengthOf(ctx, where, 'width')];
  return byEquation(ctx, id, 'ellipse-by-axes', axes, (a = 0, b = 0) => (Math.PI * a * b) / 4);
}

/** Half of base × height. */
export function triangleByHeight(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const inputs = [lengthOf(ctx, where, 'length'), lengthOf(ctx, where, 'height')];
  return byEquation(ctx, id, 'triangle-by-height', inputs, (base = 0, height = 0) => {
    return (base * height) / 2;
  });
}

/** Half the sum of the parallel sides × the distance between them. */
export function trapezoid(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const inputs = (['sideA', 'sideB', 'height'] as const).map((name) => lengthOf(ctx, where, name));
  return byEquation(ctx, id, 'trapezoid', inputs, (a = 0, b = 0, height = 0) => {
    return ((a + b) / 2) * height;
  });
}

/** Heron's formula in Kahan's order, which stays exact for needles. */
function heron(...sides: readonly number[]): number {
  const [a = 0, b = 0, c = 0] = [...sides].sort((x, y) => y - x);
  const product = (a + (b + c)) * (c - (a - b)) * (c + (a - b)) * (a + (b - c));
  return Math.sqrt(Math.max(0, product)) / 4;
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
  return byEquation(
    ctx,
    id,
    'heron',
    sides.map(([, figure]) => figure),
    heron,
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
