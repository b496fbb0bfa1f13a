import type { AreaSlice } from '../casefile/slice';
import { onGround, type Load } from '../casefile/parts/organic';
import { SHIPPED_OTHERS } from '../catalog/materials/others';
import type { Bulk } from '../catalog/materials/types';
import { NUTRIENTS, type Nutrient, type NutrientRates } from '../catalog/nutrients';
import { daysBetween, type IsoDate } from '../kernel/typed/date';
import { totalToPerThousand } from '../kernel/units/convert';
import { POUNDS_PER_TON } from '../kernel/units/factors';
import { quantity, type Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import { LATER_YEARS } from '../tables/fertilizer/laterYears';
import {
  SALTS_FOR_ONE_DS,
  SALTS_OF_POTASH,
  SALTS_OFF_PERCENT,
} from '../tables/fertilizer/organics';
import type { Ground } from './ground/ground';
import { amountOf, depthOf, type Inches, type Pounds, type Yards } from './loadAmount';

type Rate<S extends Nutrient> = Figure<Quantity<'lb/1000ft2', S>>;

/** A load of compost or manure: how much it is, how deep it lies, and what it brings. */
export interface LoadRead {
  readonly load: Load;
  readonly material: Bulk;
  readonly on: IsoDate | undefined;
  /** It went on before the plan begins: this year, or the years before. */
  readonly when: 'this-year' | 'earlier' | 'to-come';
  readonly yards: Yards;
  readonly pounds: Pounds;
  readonly deep: Inches;
  /** The same as somebody with a rake can tell it: to a quarter of an inch. */
  readonly thick: Inches;
  /** All nutrients in it, lb/1000 ft², and the nitrogen that this season has of it. */
  readonly holds: NutrientRates;
  readonly seasonN: Rate<'N'>;
  /** Its salts, and by how much they raise the extract of the topsoil until rain or water takes them down. */
  readonly salts: Figure<Quantity<'lb/1000ft2', 'salts'>>;
  readonly saltsRise: Figure<Quantity<'dS/m', 'salts'>>;
}

/** What is in it of a nutrient, on 1000 ft² of this ground. */
function held<S extends Nutrient>(
  ctx: PlanContext,
  id: string,
  pounds: Pounds,
  material: Bulk,
  ground: Ground,
  nutrient: S,
): Rate<S> {
  const { source, standing } = material;
  const perTon = ctx.constant(
    { id: `${id}/${nutrient}/per-ton`, label: msg('load.perTon'), source, standing },
    material.perTon[nutrient],
    'lb/ton',
    nutrient,
  );
  const ton = ctx.constant(
    { id: `${id}/${nutrient}/ton`, label: msg('load.inATon'), source: 'definition' },
    POUNDS_PER_TON,
    'lb',
    'product',
  );
  const total = ctx.sheet.derive(
    'proportion',
    { id: `${id}/${nutrient}/total`, label: msg(`load.holds.${nutrient as Nutrient}`) },
    [pounds, perTon, ton],
    (all, each, whole) => quantity((all.value * each.value) / whole.value, 'lb', nutrient),
  );
  return ctx.sheet.derive(
    'divide',
    { id: `${id}/${nutrient}/rate`, label: msg('school.perThousand') },
    [total, ground.extent],
    totalToPerThousand,
  );
}

/** The share of its nitrogen that this season has of it: of an earlier year's load what its later years set free. */
function shareOfSeason(
  ctx: PlanContext,
  id: string,
  { firstYear, source, standing }: Bulk,
  when: LoadRead['when'],
): Figure<Quantity<'ratio', 'share'>> {
  const [low, high] =
    when === 'earlier'
      ? [LATER_YEARS.low, LATER_YEARS.high]
      : [firstYear.from / 100, firstYear.to / 100];
  const label = msg(when === 'earlier' ? 'load.laterShare' : 'load.firstShare');
  const entry = { id: `${id}/season-share`, label, source, standing };
  return ctx.sheet.leaf('constant', entry, quantity((low + high) / 2, 'ratio', 'share'), {
    low,
    high,
  });
}

/** Its salts by its potash, with what that may be off by, and what they do to the topsoil. */
function saltsOf(
  ctx: PlanContext,
  id: string,
  potash: Rate<'K2O'>,
): Pick<LoadRead, 'salts' | 'saltsRise'> {
  const { sheet } = ctx;
  const perPotash = ctx.constant(
    {
      id: `${id}/salts/per-potash`,
      label: msg('load.saltsOfPotash'),
      source: 'practice',
      standing: 'recalled',
    },
    SALTS_OF_POTASH,
    'ratio',
    'share',
  );
  const off = ctx.constant(
    {
      id: `${id}/salts/may-be-off-by`,
      label: msg('load.weighsOff'),
      source: 'practice',
      standing: 'recalled',
    },
    SALTS_OFF_PERCENT,
    '%',
    'share',
  );
  const middle = sheet.derive(
    'multiply',
    { id: `${id}/salts/middle`, label: msg('load.salts') },
    [potash, perPotash],
    (rate, times) => quantity(rate.value * times.value, 'lb/1000ft2', 'salts'),
  );
  const salts = sheet.spread({ id: `${id}/salts`, label: msg('load.salts') }, middle, off);
  const forOne = ctx.constant(
    { id: `${id}/salts/for-one`, label: msg('load.saltsForOne'), source: 'practice' },
    SALTS_FOR_ONE_DS,
    'lb/1000ft2',
    'salts',
  );
  const saltsRise = sheet.derive(
    'divide',
    { id: `${id}/salts/rise`, label: msg('load.saltsRise') },
    [salts, forOne],
    (rate, one) => quantity(rate.value / one.value, 'dS/m', 'salts'),
  );
  return { salts, saltsRise };
}

/** A load that the diary tells as done is on the ground, also after the start of the plan. */
function whenOf(
  on: IsoDate | undefined,
  planFrom: IsoDate | undefined,
  { outcome }: Load,
): LoadRead['when'] {
  if (!on || !planFrom || (on >= planFrom && outcome !== 'done')) return 'to-come';
  return on.slice(0, 4) < planFrom.slice(0, 4) ? 'earlier' : 'this-year';
}

/** Years before the plan that a load still counts for. Common practice: about three. */
const COUNTS_DAYS = 3 * 365;

function readLoad(
  ctx: PlanContext,
  load: Load,
  ground: Ground,
  planFrom: IsoDate | undefined,
): LoadRead[] {
  const material = SHIPPED_OTHERS.bulk.find(({ id }) => id === load.material);
  if (!material || load.amount.trim() === '' || load.outcome === 'left') return [];
  const on = ctx.date(`loads/${load.id}/on`, load.on);
  if (on && planFrom && daysBetween(on, planFrom) > COUNTS_DAYS) return [];
  const when = whenOf(on, planFrom, load);
  const id = `${load.areaId}/load/${load.id}`;
  const { yards, pounds } = amountOf(ctx, id, load, material, ground);
  const holds = Object.fromEntries(
    NUTRIENTS.map((nutrient) => [nutrient, held(ctx, id, pounds, material, ground, nutrient)]),
  ) as unknown as NutrientRates;
  const share = shareOfSeason(ctx, id, material, when);
  const seasonN = ctx.sheet.multiply(
    { id: `${id}/season-n`, label: msg('load.seasonN') },
    [holds.N, share],
    'lb/1000ft2',
    'N',
  );
  const deep = depthOf(ctx, id, yards, ground);
  const rounded = { id: `${id}/thick`, label: msg('load.thick'), detail: { step: 0.25 } };
  const thick = ctx.sheet.derive('round', rounded, [deep], ({ value }) =>
    quantity(Math.round(value * 4) / 4, 'in', 'depth'),
  );
  const salts = saltsOf(ctx, id, holds.K2O);
  return [{ load, material, on, when, yards, pounds, deep, thick, holds, seasonN, ...salts }];
}

/**
 * The loads of compost and manure of a piece of ground: amounts by what a cubic yard weighs (within a quarter), nutrients by what a
 * ton holds as it is spread; what was left out is none. Without an area of the ground nothing can be told per square foot.
 */
export function readLoads(
  ctx: PlanContext,
  { area, loads }: Pick<AreaSlice, 'area' | 'loads'>,
  ground: Ground,
  planFrom: IsoDate | undefined,
): LoadRead[] {
  return onGround(loads, area.id).flatMap((load) => readLoad(ctx, load, ground, planFrom));
}
