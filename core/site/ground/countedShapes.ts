import { cubicFeetToGallons, cubicFeetToYards, feetToHundreds } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import {
  countOf,
  lengthOf,
  type Feet,
  type Parts,
  type ShapeAt,
  type SquareFeet,
} from './measures';
import { circle, rectangle, ring } from './plainShapes';

/** Ground that is counted in rows, beds, plants or containers. */
export interface Counted {
  readonly parts: Parts;
  /** Absent for rows without a distance between them. */
  readonly area: SquareFeet | undefined;
  /** Rows without a distance have a length but no area. */
  readonly rows?: Figure<Quantity<'100ft', 'row'>>;
  /** How wide the ground of each row is. */
  readonly across?: Feet;
  readonly volume?: Figure<Quantity<'ft3', 'ground'>>;
}

/** Rows further apart than this are a slip of the pen: 30 for 30 in. */
const ROW_SPACING = { above: 0, max: 20 };
const DEPTH = { above: 0, max: 20 };

function timesCount(
  ctx: PlanContext,
  id: string,
  label: 'plants' | 'containers',
  { count }: Parts,
  each: SquareFeet,
): SquareFeet {
  return ctx.sheet.multiply(
    { id, label: msg(`ground.${label}`), source: 'geometry' },
    [count, each],
    'ft2',
    'ground',
  );
}

/** Area × depth, where a depth is typed. */
function volumeOf(ctx: PlanContext, where: ShapeAt, area: SquareFeet): Pick<Counted, 'volume'> {
  if (where.shape.depth.trim() === '') return {};
  const entry = { id: `${where.prefix}/volume`, label: msg('ground.volume') };
  const depth = lengthOf(ctx, where, 'depth', DEPTH);
  const volume = ctx.sheet.multiply(
    { ...entry, source: 'geometry' },
    [area, depth],
    'ft3',
    'ground',
  );
  const yards = { id: `${entry.id}/yards`, label: msg('ground.volumeYards') };
  const gallons = { id: `${entry.id}/gallons`, label: msg('ground.volumeGallons') };
  if (where.shape.kind === 'raised-beds') {
    ctx.sheet.derive('convert', { ...yards, source: 'definition' }, [volume], cubicFeetToYards);
  } else {
    ctx.sheet.derive('convert', { ...gallons, source: 'definition' }, [volume], cubicFeetToGallons);
  }
  return { volume };
}

/** Raised beds, all alike. */
export function raisedBeds(ctx: PlanContext, id: string, where: ShapeAt): Counted {
  const parts = countOf(ctx, where, 'bed');
  const area = ctx.sheet.derive(
    'multiply',
    { id, label: msg('ground.raisedBeds'), source: 'geometry' },
    [parts.count, lengthOf(ctx, where, 'length'), lengthOf(ctx, where, 'width')],
    (n, a, b) => quantity(n.value * a.value * b.value, 'ft2', 'ground'),
  );
  return { parts, area, ...volumeOf(ctx, where, area) };
}

/** Plants by the circle of their roots, less the ring around the trunk where one is typed. */
export function plants(ctx: PlanContext, id: string, where: ShapeAt): Counted {
  const parts = countOf(ctx, where, 'plant');
  const circleId = `${where.prefix}/root-circle`;
  const each =
    where.shape.trunk.trim() === ''
      ? circle(ctx, circleId, where)
      : ring(ctx, circleId, where, 'trunk');
  return { parts, area: timesCount(ctx, id, 'plants', parts, each) };
}

/** Containers, all alike, by the surface of their mix. */
export function containers(ctx: PlanContext, id: string, where: ShapeAt): Counted {
  const parts = countOf(ctx, where, 'container');
  const one = `${where.prefix}/one`;
  const each =
    where.shape.kind === 'round-containers'
      ? circle(ctx, one, where)
      : rectangle(ctx, one, where).area;
  const area = timesCount(ctx, id, 'containers', parts, each);
  return { parts, area, ...volumeOf(ctx, where, area) };
}

/** How wide the ground of a row is: all from row to row, or the strip along it that is treated; nothing where neither is typed. */
function acrossRow(ctx: PlanContext, where: ShapeAt): Feet | undefined {
  const { spacing, strip } = where.shape;
  const read = (measure: 'spacing' | 'strip'): Feet => lengthOf(ctx, where, measure, ROW_SPACING);
  if (strip.trim() === '') return spacing.trim() === '' ? undefined : read('spacing');
  if (spacing.trim() === '') return read('strip');
  const entry = { id: `${where.prefix}/across-row`, label: msg('ground.acrossRow') };
  return ctx.sheet.cap(entry, [read('strip'), read('spacing')]);
}

/** The length of all rows, and their area where a spacing or a strip is typed. */
export function rows(ctx: PlanContext, id: string, where: ShapeAt): Counted {
  const parts = countOf(ctx, where, 'row');
  const total = ctx.sheet.multiply(
    { id: `${where.prefix}/row-length`, label: msg('ground.rowLength'), source: 'geometry' },
    [parts.count, lengthOf(ctx, where, 'length')],
    'ft',
    'row',
  );
  const across = acrossRow(ctx, where);
  if (!across) {
    const hundreds = ctx.sheet.derive(
      'convert',
      {
        id: `${where.prefix}/row-hundreds`,
        label: msg('ground.rowHundreds'),
        source: 'definition',
      },
      [total],
      feetToHundreds,
    );
    return { parts, area: undefined, rows: hundreds };
  }
  const area = ctx.sheet.multiply(
    { id, label: msg('ground.rowArea'), source: 'geometry' },
    [total, across],
    'ft2',
    'ground',
  );
  return { parts, area, across };
}
