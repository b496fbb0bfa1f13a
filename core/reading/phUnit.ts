import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import { SQUARE_FEET_PER_ACRE, SQUARE_FEET_PER_THOUSAND } from '../kernel/units/factors';
import { quantity, type Quantity } from '../kernel/units/quantity';
import type { Figure } from '../kernel/working/working';
import {
  LIME_BY_TEXTURE_DEPTH_IN,
  LIME_BY_TEXTURE_ROWS,
  LIME_BY_TEXTURE_SPREAD_PERCENT,
  TEXTURES,
  type Texture,
} from '../tables/lime/byTexture';
import { SULFUR_ROWS, SULFUR_SOIL_OF, SULFUR_SOILS, SULFUR_SPREAD } from '../tables/sulfur';
import type { Mover } from './atWork';

/** Pounds to 1000 ft² that move the pH by a whole unit: of pure limestone, or of sulfur. */
export type PhUnit = Figure<Quantity<'lb/1000ft2', 'CaCO3' | 'S'>>;

/** The table's pH from which a whole unit of lime is told, and those between which one of sulfur is. */
const LIME_UNIT_FROM = 5.5;
const SULFUR_UNIT = { from: 7, to: 5 } as const;

/** What moves the pH of the table's depth by a whole unit, lb/1000 ft²: of pure limestone, or of sulfur. */
function poundsForUnit(does: Mover, texture: Texture): number {
  if (does === 'lime') {
    const row = LIME_BY_TEXTURE_ROWS.find(([ph]) => ph === LIME_UNIT_FROM);
    const perAcre = row?.[TEXTURES.indexOf(texture) + 1] ?? NaN;
    return (perAcre * SQUARE_FEET_PER_THOUSAND) / SQUARE_FEET_PER_ACRE;
  }
  const column = SULFUR_SOILS.indexOf(SULFUR_SOIL_OF[texture]) + 1;
  const at = (ph: number): number => SULFUR_ROWS.find(([each]) => each === ph)?.[column] ?? NaN;
  // The table is told for 100 ft².
  return ((at(SULFUR_UNIT.from) - at(SULFUR_UNIT.to)) / (SULFUR_UNIT.from - SULFUR_UNIT.to)) * 10;
}

/** What moves the pH of the ground's own depth by a whole unit, with what tables differ by. */
export function phUnitByTable(
  ctx: PlanContext,
  at: string,
  does: Mover,
  texture: Texture,
  depth: Figure<Quantity<'in', 'depth'>>,
): PhUnit {
  const of = does === 'lime' ? 'CaCO3' : 'S';
  const printed = ctx.constant(
    {
      id: `${at}/unit/printed`,
      label: msg(`verdict.unit.${does}`),
      source: does === 'lime' ? 'knott' : 'practice',
      standing: 'recalled',
    },
    poundsForUnit(does, texture),
    'lb/1000ft2',
    of,
  );
  const apart = ctx.constant(
    { id: `${at}/unit/apart`, label: msg('outlook.schoolsApart'), source: 'practice' },
    does === 'lime' ? LIME_BY_TEXTURE_SPREAD_PERCENT : SULFUR_SPREAD,
    '%',
    'share',
  );
  const wide = ctx.sheet.spread(
    { id: `${at}/unit/table`, label: msg(`verdict.unit.${does}`) },
    printed,
    apart,
  );
  // Sulfur's tables are told for the roots of what is planted, whatever their depth.
  if (does === 'sulfur') return wide;
  const tabled = ctx.constant(
    { id: `${at}/unit/depth`, label: msg('verdict.tableDepth'), source: 'knott' },
    LIME_BY_TEXTURE_DEPTH_IN,
    'in',
    'depth',
  );
  return ctx.sheet.derive(
    'proportion',
    { id: `${at}/unit`, label: msg('verdict.unitHere') },
    [wide, depth, tabled],
    (pounds, here, table) =>
      quantity((pounds.value * here.value) / table.value, 'lb/1000ft2', 'CaCO3'),
  );
}
