/** How much a load of compost or manure is: its volume, its weight, and how deep it lies. */
import type { Load } from '../casefile/parts/organic';
import type { Bulk } from '../catalog/materials/types';
import { cubicFeetToYards, feetToInches, lengthToFeet } from '../kernel/units/convert';
import { CUBIC_FEET_PER_CUBIC_YARD, POUNDS_PER_TON } from '../kernel/units/factors';
import { quantity, type Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import {
  BARROW_FT3,
  BUCKET_FT3,
  USUAL_BAG_FT3,
  WEIGHT_OFF_PERCENT,
} from '../tables/fertilizer/organics';
import type { Ground } from './ground/ground';

export type Pounds = Figure<Quantity<'lb', 'product'>>;
export type Yards = Figure<Quantity<'yd3', 'product'>>;
export type Inches = Figure<Quantity<'in', 'depth'>>;
type CubicFeet = Figure<Quantity<'ft3', 'product'>>;

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
export function amountOf(
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
export function depthOf(ctx: PlanContext, id: string, yards: Yards, { counted }: Ground): Inches {
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
