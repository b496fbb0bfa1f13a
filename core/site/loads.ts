import type { AreaSlice } from '../casefile/slice';
import { onGround, type Load } from '../casefile/parts/organic';
import { SHIPPED_OTHERS } from '../catalog/materials/others';
import type { Bulk } from '../catalog/materials/types';
import { NUTRIENTS, type Nutrient, type NutrientRates } from '../catalog/nutrients';
import { daysBetween, type IsoDate } from '../kernel/typed/date';
import {
  cubicFeetToYards,
  feetToInches,
  lengthToFeet,
  totalToPerThousand,
} from '../kernel/units/convert';
import { CUBIC_FEET_PER_CUBIC_YARD, POUNDS_PER_TON } from '../kernel/units/factors';
import { quantity, type Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import { LATER_YEARS } from '../tables/fertilizer/laterYears';
import {
  BARROW_FT3,
  BUCKET_FT3,
  SALTS_FOR_ONE_DS,
  SALTS_OF_POTASH,
  SALTS_OFF_PERCENT,
  USUAL_BAG_FT3,
  WEIGHT_OFF_PERCENT,
} from '../tables/fertilizer/organics';
import type { Ground } from './ground/ground';

type Pounds = Figure<Quantity<'lb', 'product'>>;
type Yards = Figure<Quantity<'yd3', 'product'>>;
type Inches = Figure<Quantity<'in', 'depth'>>;
type Rate<S extends Nutrient> = Figure<Quantity<'lb/1000ft2', S>>;
type CubicFeet = Figure<Quantity<'ft3', 'product'>>;

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

const AMOUNT = { above: 0, max: 1_000_000 };
const BAG = { above: 0, max: 100 };

/** The cubic feet of a load that is told in volumes. */
function volumeOf(ctx: PlanContext, id: string, load: Load, ground: Ground): CubicFeet {
  const at = `loads/${load.id}/amount`;
  const entry = { id: `${id}/volume`, label: msg('load.volume') };
  const typed = { id: `${id}/amount`, label: msg(`loadMeasure.${load.measure}`), at };
  const times = (count: Figure<Quantity>, each: Figure<Quantity>): CubicFeet =>
    ctx.sheet.derive('multiply', entry, [count, each], (n, volume) =>
      quantity(n.value * volume.value, 'ft3', 'product'),
    );
  switch (load.measure) {
    case 'in': {
      if ('absent' in ground.counted) {
        return ctx.sheet.absent(entry, msg('absent.pastNeedsArea'), [ground.counted.id]);
      }
      const inches = ctx.number(typed, load.amount, AMOUNT, 'in', 'ground');
      const deep = ctx.sheet.derive(
        'convert',
        { id: `${id}/feet-deep`, label: msg('ground.inFeet'), source: 'definition' },
        [inches],
        lengthToFeet,
      );
      return times(ground.counted, deep);
    }
    case 'yd3': {
      const yards = ctx.number(typed, load.amount, AMOUNT, 'yd3', 'product');
      const each = {
        id: `${id}/in-a-yard`,
        label: msg('load.inAYard'),
        source: 'definition' as const,
      };
      return times(yards, ctx.constant(each, CUBIC_FEET_PER_CUBIC_YARD, 'ft3', 'product'));
    }
    case 'bags': {
      const bags = ctx.number(typed, load.amount, AMOUNT, 'bags', 'product');
      const bag = { id: `${id}/bag`, label: msg('load.bag') };
      const usual = load.bag.trim() === '';
      return times(
        bags,
        usual
          ? ctx.constant({ ...bag, source: 'practice' }, USUAL_BAG_FT3, 'ft3', 'product')
          : ctx.number({ ...bag, at: `loads/${load.id}/bag` }, load.bag, BAG, 'ft3', 'product'),
      );
    }
    case 'buckets': {
      const buckets = ctx.number(typed, load.amount, AMOUNT, 'buckets', 'product');
      const each = { id: `${id}/bucket`, label: msg('load.bucket'), source: 'practice' as const };
      return times(buckets, ctx.constant(each, BUCKET_FT3, 'ft3', 'product'));
    }
    case 'barrows': {
      const barrows = ctx.number(typed, load.amount, AMOUNT, 'barrows', 'product');
      const each = { id: `${id}/barrow`, label: msg('load.barrow'), source: 'practice' as const };
      const { low, value, high } = BARROW_FT3;
      return times(
        barrows,
        ctx.sheet.leaf('constant', each, quantity(value, 'ft3', 'product'), { low, high }),
      );
    }
    case 'lb':
    case 'ton':
      return ctx.sheet.absent(entry, msg('absent.noVolume'));
  }
}

/** Its yards and pounds: the one from the other by what a cubic yard weighs. */
function amountOf(
  ctx: PlanContext,
  id: string,
  load: Load,
  material: Bulk,
  ground: Ground,
): { readonly yards: Yards; readonly pounds: Pounds } {
  const { sheet } = ctx;
  const weighs = sheet.spread(
    { id: `${id}/weighs-about`, label: msg('load.weighs') },
    ctx.constant(
      { id: `${id}/weighs`, label: msg('load.weighs'), source: material.source },
      material.lbPerYd3,
      'lb/yd3',
      'product',
    ),
    ctx.constant(
      { id: `${id}/weighs-off`, label: msg('load.weighsOff'), source: 'practice' },
      WEIGHT_OFF_PERCENT,
      '%',
      'share',
    ),
  );
  if (load.measure === 'lb' || load.measure === 'ton') {
    const entry = {
      id: `${id}/amount`,
      label: msg(`loadMeasure.${load.measure}`),
      at: `loads/${load.id}/amount`,
    };
    const pounds =
      load.measure === 'lb'
        ? ctx.number(entry, load.amount, AMOUNT, 'lb', 'product')
        : sheet.derive(
            'multiply',
            { id: `${id}/pounds`, label: msg('load.pounds') },
            [
              ctx.number(entry, load.amount, AMOUNT, 'ton', 'product'),
              ctx.constant(
                { id: `${id}/ton`, label: msg('load.inATon'), source: 'definition' },
                POUNDS_PER_TON,
                'lb/ton',
                'product',
              ),
            ],
            (tons, each) => quantity(tons.value * each.value, 'lb', 'product'),
          );
    const yards = sheet.divide(
      { id: `${id}/yards`, label: msg('load.yards') },
      [pounds, weighs],
      'yd3',
      'product',
    );
    return { yards, pounds };
  }
  const yards = sheet.derive(
    'convert',
    { id: `${id}/yards`, label: msg('load.yards'), source: 'definition' },
    [volumeOf(ctx, id, load, ground)],
    cubicFeetToYards,
  );
  const pounds = sheet.multiply(
    { id: `${id}/pounds`, label: msg('load.pounds') },
    [yards, weighs],
    'lb',
    'product',
  );
  return { yards, pounds };
}

/** How deep it lies on this ground. */
function depthOf(ctx: PlanContext, id: string, yards: Yards, { counted }: Ground): Inches {
  const inAYard = { id: `${id}/cubic-feet-in-a-yard`, label: msg('load.inAYard') };
  const each = ctx.constant(
    { ...inAYard, source: 'definition' },
    CUBIC_FEET_PER_CUBIC_YARD,
    'ft3',
    'product',
  );
  const volume = ctx.sheet.derive(
    'multiply',
    { id: `${id}/cubic-feet`, label: msg('load.volume') },
    [yards, each],
    (count, feet) => quantity(count.value * feet.value, 'ft3', 'product'),
  );
  const feet = ctx.sheet.divide(
    { id: `${id}/deep-feet`, label: msg('load.deep') },
    [volume, counted],
    'ft',
    'depth',
  );
  const entry = { id: `${id}/deep`, label: msg('load.deep'), source: 'definition' as const };
  return ctx.sheet.derive('convert', entry, [feet], feetToInches);
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
