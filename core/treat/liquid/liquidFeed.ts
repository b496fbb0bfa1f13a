import type { AreaSlice } from '../../casefile/slice';
import type { Area } from '../../casefile/parts/area';
import type { Materials } from '../../catalog/materials/materials';
import { SHIPPED_OTHERS } from '../../catalog/materials/others';
import type { Fertilizer, Liquid, NamedMaterial } from '../../catalog/materials/types';
import {
  FEED_NITROGEN,
  FEED_PER_GALLON,
  FEED_SALTS,
  FLUID_OUNCES,
  SPOONS,
} from '../../equations/fertilizer/liquidFeed';
import { totalToPerThousand } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { scooped } from '../shared/density';
import type { Ground } from '../../site/ground/ground';

type PerGallon = Figure<Quantity<'oz/gal', 'product'>>;

/** A feed in water: how strong it is, what goes into a gallon, what it brings. */
export interface LiquidFeed {
  readonly material: NamedMaterial;
  readonly ppm: Figure<Quantity<'ppm', 'N'>>;
  /** By weight, and as a spoon or a measuring glass tells it. */
  readonly perGallon: PerGallon;
  readonly measured:
    Figure<Quantity<'floz/gal', 'product'>> | Figure<Quantity<'tbsp/gal', 'product'>>;
  /** What is dissolved in a gallon of what a hose-end sprayer or a proportioner draws, where one is used. */
  readonly stock: PerGallon | undefined;
  /** At most what a meter shows of it. */
  readonly salts: Figure<Quantity<'dS/m', 'salts'>>;
  /** Product in all of the water, and the nitrogen that it brings on 1000 ft², where gallons are typed. */
  readonly product: Figure<Quantity<'oz', 'product'>> | undefined;
  readonly nitrogen: Figure<Quantity<'lb/1000ft2', 'N'>> | undefined;
}

/** The usual strength of a feed for pots, ppm of nitrogen: 100 to 200. Common practice. */
const USUAL_PPM = { low: 100, value: 150, high: 200 } as const;
const PPM = { min: 10, max: 2000 };
const GALLONS = { above: 0, max: 100_000 };
/** One part of what is drawn in so many parts of water. */
const RATIO = { min: 2, max: 500 };
/** Of what is drawn by a meter at least so much is seen: the urea in it is not. From memory. */
const SALTS_LEAST = 0.5;

/** Whether a fertilizer can be fed in water by its nitrogen. */
function isForWater({ soluble, grade, pesticide }: Fertilizer): boolean {
  return !!soluble && grade.N > 0 && !pesticide;
}

/** The solutions that bring nitrogen. */
const LIQUID_FEEDS: readonly Liquid[] = SHIPPED_OTHERS.liquids.filter(({ grade }) => grade.N > 0);

/** What can be fed in water: solutions, then what dissolves. */
export function feedsOf({
  fertilizers,
}: Pick<Materials, 'fertilizers'>): readonly (Liquid | Fertilizer)[] {
  return [...LIQUID_FEEDS, ...fertilizers.filter(isForWater)];
}

/** What goes into a gallon as it is measured: fluid ounces of a solution, spoons of what is dry. */
function asMeasured(
  ctx: PlanContext,
  id: string,
  perGallon: PerGallon,
  material: Liquid | Fertilizer,
): LiquidFeed['measured'] {
  const { source } = material;
  const entry = { id: `${id}/measured`, label: msg('liquid.measured') };
  if ('lbPerGal' in material) {
    const weighs = { id: `${id}/weighs`, label: msg('liquid.weighs'), source };
    return ctx.sheet.equation(entry, FLUID_OUNCES, [
      perGallon,
      ctx.constant(weighs, material.lbPerGal, 'lb/gal', 'product'),
    ]);
  }
  return ctx.sheet.equation(entry, SPOONS, [perGallon, scooped(ctx, `${id}/density`, material)]);
}

/** Product and nitrogen of all the water, where somebody says how much it is. */
function ofAll(
  ctx: PlanContext,
  id: string,
  { ppm, perGallon }: Pick<LiquidFeed, 'ppm' | 'perGallon'>,
  gallons: Figure<Quantity<'gal', 'water'>>,
  ground: Ground,
): Pick<LiquidFeed, 'product' | 'nitrogen'> {
  const product = ctx.sheet.derive(
    'multiply',
    { id: `${id}/product`, label: msg('liquid.product') },
    [perGallon, gallons],
    (each, all) => quantity(each.value * all.value, 'oz', 'product'),
  );
  if (!ground.known) return { product, nitrogen: undefined };
  const brought = ctx.sheet.equation(
    { id: `${id}/brought`, label: msg('liquid.nitrogen'), source: 'definition' },
    FEED_NITROGEN,
    [ppm, gallons],
  );
  const nitrogen = ctx.sheet.derive(
    'divide',
    { id: `${id}/nitrogen`, label: msg('school.perThousand') },
    [brought, ground.extent],
    totalToPerThousand,
  );
  return { product, nitrogen };
}

/**
 * A feed in water of the product that was chosen for it, by the strength of its nitrogen: nothing where none was chosen.
 */
export function liquidFeedOf(
  ctx: PlanContext,
  file: AreaSlice,
  area: Area,
  materials: Materials,
  ground: Ground,
): LiquidFeed | undefined {
  const chosen = file.decisions.liquid?.value ?? '';
  const material = feedsOf(materials).find(({ id }) => id === chosen);
  if (!material) return undefined;
  const id = `${area.id}/liquid`;
  const typed = (what: 'liquid-ppm' | 'liquid-gallons' | 'liquid-ratio'): string =>
    file.decisions[what]?.value ?? '';
  const at = (what: string): string => `decisions/${area.id}:${what}/value`;
  const strength = { id: `${id}/ppm`, label: msg('liquid.ppm') };
  const { low, value, high } = USUAL_PPM;
  const ppm =
    typed('liquid-ppm').trim() === ''
      ? ctx.sheet.middle(
          strength,
          ctx.sheet.leaf(
            'constant',
            { id: `${id}/usual-ppm`, label: msg('liquid.usualPpm'), source: 'practice' },
            quantity(value, 'ppm', 'N'),
            { low, high },
          ),
        )
      : ctx.number({ ...strength, at: at('liquid-ppm') }, typed('liquid-ppm'), PPM, 'ppm', 'N');
  const grade = { id: `${id}/grade`, label: msg('feed.grade.N'), source: material.source };
  const perGallon = ctx.sheet.equation(
    { id: `${id}/per-gallon`, label: msg('liquid.perGallon'), source: 'practice' },
    FEED_PER_GALLON,
    [ppm, ctx.constant(grade, material.grade.N, '%', 'N')],
  );
  const drawn = typed('liquid-ratio').trim() !== '';
  const ratio = { id: `${id}/ratio`, label: msg('liquid.ratio'), at: at('liquid-ratio') };
  const stock = drawn
    ? ctx.sheet.multiply(
        { id: `${id}/stock`, label: msg('liquid.stock') },
        [perGallon, ctx.number(ratio, typed('liquid-ratio'), RATIO, 'ratio', 'share')],
        'oz/gal',
        'product',
      )
    : undefined;
  const most = ctx.sheet.equation(
    { id: `${id}/salts-most`, label: msg('liquid.saltsMost'), source: 'practice' },
    FEED_SALTS,
    [perGallon],
  );
  const seen = { id: `${id}/salts-seen`, label: msg('liquid.saltsSeen') };
  const share = ctx.sheet.leaf('constant', seen, quantity(1, 'ratio', 'share'), {
    low: SALTS_LEAST,
    high: 1,
  });
  const salts = ctx.sheet.multiply(
    { id: `${id}/salts`, label: msg('liquid.salts') },
    [most, share],
    'dS/m',
    'salts',
  );
  const gallons = { id: `${id}/gallons`, label: msg('liquid.gallons'), at: at('liquid-gallons') };
  const all =
    typed('liquid-gallons').trim() === ''
      ? { product: undefined, nitrogen: undefined }
      : ofAll(
          ctx,
          id,
          { ppm, perGallon },
          ctx.number(gallons, typed('liquid-gallons'), GALLONS, 'gal', 'water'),
          ground,
        );
  const measured = asMeasured(ctx, id, perGallon, material);
  return { material, ppm, perGallon, measured, stock, salts, ...all };
}
