import type { Area } from '../casefile/casefile';
import { squareFeetToThousands } from '../units/convert';
import { quantity, type Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { Figure } from '../working/working';

type SquareFeet = Figure<Quantity<'ft2', 'ground'>>;

export interface Ground {
  /** Absent where the area is not known. */
  readonly area: SquareFeet;
  /** What rates are multiplied by: thousands of ft², or one thousand where no area is known. */
  readonly extent: Figure<Quantity<'1000ft2', 'ground'>>;
  /** False where the amounts are for one thousand square feet. */
  readonly known: boolean;
}

const LENGTH = { above: 0, max: 10_000 };

function rectangle(ctx: PlanContext, { id, shape }: Area): SquareFeet {
  const at = `areas/${id}/shape`;
  const [length, width] = (['length', 'width'] as const).map((name) =>
    ctx.number(
      { id: `${id}/ground/${name}`, label: msg(`ground.${name}`), at: `${at}/${name}` },
      shape[name],
      LENGTH,
      'ft',
      'ground',
    ),
  ) as [Figure<Quantity<'ft', 'ground'>>, Figure<Quantity<'ft', 'ground'>>];
  return ctx.sheet.derive(
    'multiply',
    { id: `${id}/ground/area`, label: msg('ground.rectangle'), source: 'geometry' },
    [length, width],
    (a, b) => quantity(a.value * b.value, 'ft2', 'ground'),
  );
}

function circle(ctx: PlanContext, { id, shape }: Area): SquareFeet {
  const diameter = ctx.number(
    {
      id: `${id}/ground/diameter`,
      label: msg('ground.diameter'),
      at: `areas/${id}/shape/diameter`,
    },
    shape.diameter,
    LENGTH,
    'ft',
    'diameter',
  );
  return ctx.sheet.derive(
    'equation',
    {
      id: `${id}/ground/area`,
      label: msg('ground.circle'),
      source: 'geometry',
      detail: { equation: 'circle-by-diameter' },
    },
    [diameter],
    ({ value }) => quantity((Math.PI * value * value) / 4, 'ft2', 'ground'),
  );
}

function typedArea(ctx: PlanContext, { id, shape }: Area): SquareFeet {
  return ctx.number(
    {
      id: `${id}/ground/area`,
      label: msg('ground.squareFeet'),
      at: `areas/${id}/shape/squareFeet`,
    },
    shape.squareFeet,
    { above: 0, max: 10_000_000 },
    'ft2',
    'ground',
  );
}

/**
 * The area in square feet and the extent that amounts are worked out for.
 * An area that is not known is no error: amounts then stand for one thousand square feet.
 */
export function measureGround(ctx: PlanContext, area: Area): Ground {
  const { kind } = area.shape;
  if (kind === 'unknown') {
    const entry = { id: `${area.id}/ground/area`, label: msg('ground.squareFeet') };
    const extentEntry = { id: `${area.id}/ground/extent`, label: msg('ground.oneThousand') };
    return {
      area: ctx.sheet.absent(entry, msg('absent.areaUnknown')),
      extent: ctx.constant(extentEntry, 1, '1000ft2', 'ground'),
      known: false,
    };
  }
  const measured =
    kind === 'rectangle'
      ? rectangle(ctx, area)
      : kind === 'circle'
        ? circle(ctx, area)
        : typedArea(ctx, area);
  const extent = ctx.sheet.derive(
    'convert',
    { id: `${area.id}/ground/extent`, label: msg('ground.thousands'), source: 'definition' },
    [measured],
    squareFeetToThousands,
  );
  return { area: measured, extent, known: true };
}
