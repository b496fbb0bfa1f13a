import { parseLength } from '../../kernel/typed/length';
import { parseNumber } from '../../kernel/typed/number';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import { squareMetresToSquareFeet } from '../../kernel/units/convert';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { crossing, type Corner } from './crossing';
import { entryOf, lengthOf, type Feet, type ShapeAt, type SquareFeet } from './measures';
import { readOutline } from './outlineArea';
import { SHOELACE } from '../../equations/ground/shoelace';
import { SIMPSON } from '../../equations/ground/simpson';
import { TRAPEZOIDS } from '../../equations/ground/trapezoids';
import { outlineOf } from '../../equations/ground/outline';

const MOST_OFFSETS = 200;
const MOST_CORNERS = 200;

function refused(ctx: PlanContext, where: ShapeAt, id: string, reason: Msg): SquareFeet {
  const { label, at } = entryOf(where, where.shape.kind === 'offsets' ? 'offsets' : 'points');
  ctx.problems[at] = reason;
  return ctx.sheet.absent({ id, label }, reason);
}

/** Typed widths, with commas, semicolons, lines or, where they are plain numbers, spaces between. */
export function splitOffsets(typed: string): string[] {
  const parted = /[,;\n]/.test(typed) ? typed.split(/[,;\n]+/) : typed.split(/\s+/);
  return parted.map((each) => each.trim()).filter((each) => each !== '');
}

function offsetFigures(ctx: PlanContext, where: ShapeAt): Feet[] | Msg {
  const typed = splitOffsets(where.shape.offsets);
  if (typed.length < 3) return msg('problem.fewOffsets');
  if (typed.length > MOST_OFFSETS) return msg('problem.manyOffsets', { most: MOST_OFFSETS });
  for (const each of typed) {
    const parsed = parseLength(each, { min: 0, max: 10_000 });
    if (parsed.kind !== 'value') {
      return parsed.kind === 'error' ? parsed.error : msg('problem.notALength', { text: each });
    }
  }
  const { at } = entryOf(where, 'offsets');
  return typed.map((each, index) => {
    const entry = {
      id: `${where.prefix}/offset/${index + 1}`,
      label: msg('ground.offset', { n: index + 1 }),
      at,
    };
    return ctx.length(entry, each, { min: 0, max: 10_000 }, 'ground', where.pace);
  });
}

/**
 * Irregular ground by widths at equal distances along a base line: by the trapezoidal rule and by
 * Simpson's, of which the smaller counts.
 */
export function offsetsArea(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const apart = lengthOf(ctx, where, 'spacing');
  if (where.shape.offsets.trim() === '') {
    const { label } = entryOf(where, 'offsets');
    return ctx.sheet.absent({ id, label }, msg('absent.notTyped', { what: label }), [apart.id]);
  }
  const offsets = offsetFigures(ctx, where);
  if (!Array.isArray(offsets)) return refused(ctx, where, id, offsets as Msg);
  const by = (rule: 'trapezoids' | 'simpson', equation: typeof SIMPSON): SquareFeet => {
    const entry = { id: `${where.prefix}/${rule}`, label: msg(`ground.offsets-${rule}`) };
    return ctx.sheet.equation({ ...entry, source: 'geometry' }, equation, [apart, ...offsets]);
  };
  const both = [by('trapezoids', TRAPEZOIDS), by('simpson', SIMPSON)];
  return ctx.sheet.cap({ id, label: msg('ground.smallerRule') }, both);
}

/** Corners as typed, `x, y` a line; an error names the line. */
export function parseCorners(typed: string): readonly Corner[] | Msg {
  const lines = typed.split('\n').filter((line) => line.trim() !== '');
  if (lines.length > MOST_CORNERS) return msg('problem.manyCorners', { most: MOST_CORNERS });
  const corners: Corner[] = [];
  for (const [index, line] of lines.entries()) {
    const numbers = line
      .trim()
      .split(/[\s,;]+/)
      .map((each) => parseNumber(each, { min: -100_000, max: 100_000 }));
    const [x, y, more] = numbers;
    if (x?.kind !== 'value' || y?.kind !== 'value' || more) {
      return msg('problem.corner', { line: index + 1, text: line.trim() });
    }
    corners.push([x.value, y.value]);
  }
  if (corners.length < 3) return msg('problem.fewCorners');
  const [first, last] = [corners[0], corners.at(-1)];
  const closed = corners.length > 3 && first?.[0] === last?.[0] && first?.[1] === last?.[1];
  const open = closed ? corners.slice(0, -1) : corners;
  const crossed = crossing(open);
  return crossed ? msg('problem.crossing', { one: crossed[0] + 1, other: crossed[1] + 1 }) : open;
}

/** Ground by the coordinates of its corners, in feet. */
export function cornersArea(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const { label, at } = entryOf(where, 'points');
  if (where.shape.points.trim() === '') {
    return ctx.sheet.absent({ id, label }, msg('absent.notTyped', { what: label }));
  }
  const corners = parseCorners(where.shape.points);
  if (!Array.isArray(corners)) return refused(ctx, where, id, corners as Msg);
  const figures = (corners as readonly Corner[]).flatMap((corner, index) =>
    corner.map((value, axis): Feet => {
      const entry = {
        id: `${where.prefix}/corner/${index + 1}/${axis === 0 ? 'x' : 'y'}`,
        label: msg(axis === 0 ? 'ground.cornerX' : 'ground.cornerY', { n: index + 1 }),
        at,
      };
      return ctx.sheet.leaf('typed', entry, quantity(value, 'ft', 'ground'));
    }),
  );
  const entry = { id, label: msg('ground.shoelace'), source: 'geometry' as const };
  return ctx.sheet.equation(entry, SHOELACE, figures);
}

/** Ground by the outline of a map: square metres on the ellipsoid, then square feet. */
export function mapArea(ctx: PlanContext, id: string, where: ShapeAt): SquareFeet {
  const at = `${where.at}/outline`;
  const entry = { id: `${where.prefix}/square-metres`, label: msg('ground.outlineArea'), at };
  const outline = readOutline(where.outline);
  const size = outline?.squareMetres ?? 0;
  const metres: Figure<Quantity<'m2', 'ground'>> =
    size > 0
      ? ctx.sheet.equation({ ...entry, source: 'outline' }, outlineOf(size), [])
      : ctx.sheet.absent(entry, msg(outline ? 'problem.outlineHoles' : 'absent.noOutline'));
  if (where.outline !== '' && size <= 0) {
    ctx.problems[at] = msg(outline ? 'problem.outlineHoles' : 'problem.outline');
  }
  return ctx.sheet.derive(
    'convert',
    { id, label: msg('ground.inSquareFeet'), source: 'definition' },
    [metres],
    squareMetresToSquareFeet,
  );
}
