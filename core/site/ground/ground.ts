import type { CaseFile } from '../../casefile/casefile';
import { outlineText } from '../../casefile/parts/attachment';
import { partsOf, type Area, type GroundPart } from '../../casefile/parts/area';
import { NEGLIGIBLE_ERROR, USUAL_ERROR } from '../../tables/ground/measuring';
import { own } from '../../kernel/typed/own';
import { squareFeetToThousands } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { Feet, Pace, Parts, ShapeAt, Sides, SquareFeet } from './measures';
import { noArea, shapeArea, type Shaped } from './shapeArea';

type Thousands = Figure<Quantity<'1000ft2', 'ground'>>;

export interface Ground {
  /** Absent where the area is not known; with its range where that matters. */
  readonly area: SquareFeet;
  /** What amounts are worked out for: the area, or the smaller end of it where it is not sure. */
  readonly counted: SquareFeet;
  /** That in thousands of ft², or one thousand where no area is known. */
  readonly extent: Thousands;
  /** The whole range in thousands of ft², where the area is not sure. */
  readonly unsure: Thousands | undefined;
  /** False where the amounts are for one thousand square feet. */
  readonly known: boolean;
  /** Rows, beds, plants or containers. */
  readonly parts: Parts | undefined;
  /** Rows without a spacing have a length but no area. */
  readonly rows: Figure<Quantity<'100ft', 'row'>> | undefined;
  /** How wide the ground of each row is, where it is rows with an area. */
  readonly across: Feet | undefined;
  /** Length and width of a rectangle without parts: how strips lie on it. */
  readonly sides: Sides | undefined;
  /** Of beds and containers whose depth is typed. */
  readonly volume: Figure<Quantity<'ft3', 'ground'>> | undefined;
}

const PERCENT = { min: 0, max: 90 };
const PACE = { min: 1, max: 6 };

function sum(values: readonly Quantity<'ft2', 'ground'>[]): Quantity<'ft2', 'ground'> {
  return quantity(
    values.reduce((all, { value }) => all + value, 0),
    'ft2',
    'ground',
  );
}

function paceOf(ctx: PlanContext, { id, pace }: Area): Pace {
  const entry = { id: `${id}/ground/pace`, label: msg('ground.pace'), at: `areas/${id}/pace` };
  let read: ReturnType<Pace> | undefined;
  return () => (read ??= ctx.length(entry, pace, PACE, 'pace'));
}

/** Ground without an area: amounts stand for one thousand square feet. */
function unmeasured(
  ctx: PlanContext,
  id: string,
  area: SquareFeet,
  shaped: Partial<Shaped>,
): Ground {
  const extent = { id: `${id}/ground/extent`, label: msg('ground.oneThousand') };
  return {
    area,
    counted: area,
    extent: ctx.constant(extent, 1, '1000ft2', 'ground'),
    unsure: undefined,
    known: false,
    parts: shaped.parts,
    rows: shaped.rows,
    across: undefined,
    sides: undefined,
    volume: shaped.volume,
  };
}

/** How far the area may be off, where that is more than hands could tell. */
function errorOf(
  ctx: PlanContext,
  { id, measuredBy, offBy }: Area,
): Figure<Quantity<'%'>> | undefined {
  const entry = { id: `${id}/ground/off-by`, label: msg('ground.offBy') };
  if (offBy.trim() !== '') {
    const typed = { ...entry, at: `areas/${id}/offBy` };
    const figure = ctx.number(typed, offBy, PERCENT, '%', 'share');
    return 'absent' in figure || figure.value.value <= NEGLIGIBLE_ERROR ? undefined : figure;
  }
  if (measuredBy === '' || USUAL_ERROR[measuredBy] <= NEGLIGIBLE_ERROR) return undefined;
  return ctx.constant({ ...entry, source: 'practice' }, USUAL_ERROR[measuredBy], '%', 'share');
}

function inThousands(ctx: PlanContext, id: string, area: SquareFeet): Thousands {
  const entry = { id, label: msg('ground.thousands'), source: 'definition' as const };
  return ctx.sheet.derive('convert', entry, [area], squareFeetToThousands);
}

function measured(
  ctx: PlanContext,
  piece: Area,
  exact: SquareFeet,
  shaped: Partial<Shaped>,
): Ground {
  const { id } = piece;
  const error = errorOf(ctx, piece);
  const shared = {
    ...{ known: true, parts: shaped.parts, rows: undefined, volume: shaped.volume },
    across: shaped.across,
    sides: shaped.sides,
  };
  const label = msg('ground.measured');
  const area = error
    ? ctx.sheet.spread({ id: `${id}/ground/measured`, label }, exact, error)
    : exact;
  // Parts that are not sure make the whole unsure too.
  if ('absent' in area || !area.range) {
    const extent = inThousands(ctx, `${id}/ground/extent`, area);
    return { area, counted: area, extent, unsure: undefined, ...shared };
  }
  const counted = smallerEnd(ctx, piece, area);
  return {
    area,
    counted,
    extent: inThousands(ctx, `${id}/ground/extent`, counted),
    unsure: 'absent' in counted ? undefined : inThousands(ctx, `${id}/ground/unsure`, area),
    ...shared,
  };
}

/** The smaller end of an area; none where nothing of it might be left. */
function smallerEnd(ctx: PlanContext, { id }: Area, area: SquareFeet): SquareFeet {
  const entry = { id: `${id}/ground/counted`, label: msg('ground.counted') };
  if ('absent' in area || !area.range || area.range.low > 0) return ctx.sheet.lowEnd(entry, area);
  const reason = msg('problem.maybeNothing');
  ctx.problems[`areas/${id}/parts`] = reason;
  return ctx.sheet.absent(entry, reason, [area.id]);
}

/** Measures the ground of a case: each piece once, those that others are parts of first. */
export class Survey {
  private readonly done = new Map<string, Ground>();
  private readonly begun = new Set<string>();

  constructor(
    private readonly ctx: PlanContext,
    private readonly file: Pick<CaseFile, 'areas' | 'attachments'>,
  ) {}

  /**
   * The area in square feet and the extent that amounts are worked out for. An area that is not
   * known is no error: amounts then stand for one thousand square feet.
   */
  ground(area: Area): Ground {
    const known = this.done.get(area.id);
    if (known) return known;
    this.begun.add(area.id);
    const ground = this.measure(area);
    this.done.set(area.id, ground);
    return ground;
  }

  private measure(area: Area): Ground {
    const { ctx } = this;
    const { id } = area;
    const parts = partsOf(area);
    const pace = paceOf(ctx, area);
    const { shape } = area;
    const outline = outlineText(this.file, shape.outline);
    const where = { shape, prefix: `${id}/ground`, at: `areas/${id}/shape`, pace, outline };
    const total = `${id}/ground/area`;
    const shaped = shapeArea(ctx, parts.length > 0 ? `${id}/ground/base` : total, where);
    if (!shaped?.area) {
      return unmeasured(ctx, id, noArea(ctx, total, shaped?.rows !== undefined), shaped ?? {});
    }
    if (parts.length === 0) return measured(ctx, area, shaped.area, shaped);
    const whole = this.composed(area, total, shaped.area, pace);
    // A bed less a path is no bed like the others any more.
    return measured(ctx, area, whole, {});
  }

  /** The base with what is added to it, less what is taken out. */
  private composed(area: Area, total: string, base: SquareFeet, pace: Pace): SquareFeet {
    const { ctx } = this;
    const { id } = area;
    const sized = (sign: GroundPart['sign']): SquareFeet[] =>
      partsOf(area)
        .filter((part) => part.sign === sign)
        .map((part) => this.part(area, part, pace));
    const added = sized('add');
    const less = sized('less');
    const all = (
      name: 'withParts' | 'added' | 'takenOut',
      figures: readonly SquareFeet[],
      as: string,
    ): SquareFeet =>
      ctx.sheet.derive(
        'add',
        { id: as, label: msg(`ground.${name}`) },
        figures,
        (...values: readonly Quantity<'ft2', 'ground'>[]) => sum(values),
      );
    const label = { id: total, label: msg('ground.withParts') };
    if (less.length === 0) return all('withParts', [base, ...added], total);
    const before = added.length > 0 ? all('added', [base, ...added], `${id}/ground/added`) : base;
    const out = all('takenOut', less, `${id}/ground/taken-out`);
    if (!('absent' in before) && !('absent' in out) && out.value.value >= before.value.value) {
      const reason = msg('problem.nothingLeft', { out: out.value, of: before.value });
      ctx.problems[`areas/${id}/parts`] = reason;
      return ctx.sheet.absent(label, reason, [before.id, out.id]);
    }
    return ctx.sheet.subtract(label, [before, out]);
  }

  private part(area: Area, { id, areaId, shape }: GroundPart, pace: Pace): SquareFeet {
    const { ctx } = this;
    const prefix = `${area.id}/ground/part/${id}`;
    const at = `areas/${area.id}/parts/${id}`;
    const total = `${prefix}/area`;
    if (areaId === '') {
      const outline = outlineText(this.file, shape.outline);
      const where: ShapeAt = { shape, prefix, at: `${at}/shape`, pace, outline };
      return shapeArea(ctx, total, where)?.area ?? noArea(ctx, total, false);
    }
    const other = own(this.file.areas, areaId);
    const label = msg('ground.otherPiece');
    const circular = other && this.begun.has(areaId) && !this.done.has(areaId);
    if (!other || circular) {
      const reason = msg(circular ? 'problem.circular' : 'problem.noSuchGround');
      ctx.problems[`${at}/areaId`] = reason;
      return ctx.sheet.absent({ id: total, label }, reason);
    }
    return ctx.sheet.choose({ id: total, label }, this.ground(other).area, []);
  }
}
