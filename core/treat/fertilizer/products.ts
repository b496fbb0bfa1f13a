import type { Fertilizer } from '../../catalog/materials/types';
import type { FitFertilizer } from './fit';
import { isAcidLover, type Plant } from '../../catalog/plants/plants';
import type { Readings } from '../../site/report/types';
import { nutrientToProduct, percentToShare, productToNutrient } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { valueOf, type Figure } from '../../kernel/working/working';
import type { Nutrient } from '../../catalog/nutrients';

/** What a product of the plan is there for: one nutrient, all of them, or a side-dressing on rows. */
export type Role = 'p' | 'k' | 'n' | 'one' | 'row';

type Share<S extends Nutrient> = Figure<Quantity<'ratio', S>>;
export type Shares = { readonly [S in Nutrient]?: Share<S> };
export type ProductRate = Figure<Quantity<'lb/1000ft2', 'product'>>;

/** The nutrients of a product as shares of its weight; N only what the first season sets free. */
export function sharesOf(ctx: PlanContext, prefix: string, material: Fertilizer): Shares {
  const label = <S extends Nutrient>(nutrient: S): Share<S> => {
    const id = `${prefix}/share/${nutrient}`;
    const { source, standing } = material;
    const grade = ctx.constant(
      { id: `${id}/grade`, label: msg(`feed.grade.${nutrient as Nutrient}`), source, standing },
      material.grade[nutrient],
      '%',
      nutrient,
    );
    return ctx.sheet.derive('convert', { id, label: msg('feed.share') }, [grade], percentToShare);
  };
  const N = material.grade.N > 0 ? firstSeason(ctx, prefix, material, label('N')) : undefined;
  return {
    ...(N ? { N } : {}),
    ...(material.grade.P2O5 > 0 ? { P2O5: label('P2O5') } : {}),
    ...(material.grade.K2O > 0 ? { K2O: label('K2O') } : {}),
  };
}

/** Of an organic product only so much of the label's N counts for this season. */
function firstSeason(
  ctx: PlanContext,
  prefix: string,
  { firstSeasonN, organic }: Fertilizer,
  share: Share<'N'>,
): Share<'N'> {
  if (!organic) return share;
  const entry = { id: `${prefix}/first-season`, label: msg('feed.firstSeason') };
  const percent = ctx.constant({ ...entry, source: 'n-release' }, firstSeasonN * 100, '%', 'share');
  const part = ctx.sheet.derive(
    'convert',
    { id: `${entry.id}/share`, label: msg('feed.share') },
    [percent],
    percentToShare,
  );
  return ctx.sheet.multiply(
    { id: `${prefix}/available/N`, label: msg('feed.availableShare') },
    [share, part],
    'ratio',
    'N',
  );
}

/** Product for a need of one nutrient. */
export function productFor<S extends Nutrient>(
  ctx: PlanContext,
  id: string,
  need: Figure<Quantity<'lb/1000ft2', S>>,
  share: Share<S>,
): ProductRate {
  return ctx.sheet.derive(
    'divide',
    { id, label: msg('feed.productRate') },
    [need, share],
    nutrientToProduct,
  );
}

/** What a rate of a product delivers of a nutrient; nothing where it holds none. */
export function delivers<S extends Nutrient>(
  ctx: PlanContext,
  prefix: string,
  rate: ProductRate,
  nutrient: S,
  share: Share<S> | undefined,
): Figure<Quantity<'lb/1000ft2', S>> | undefined {
  return (
    share &&
    ctx.sheet.derive(
      'multiply',
      { id: `${prefix}/delivers/${nutrient}`, label: msg(`feed.delivers.${nutrient as Nutrient}`) },
      [rate, share],
      productToNutrient,
    )
  );
}

/** Whether lime on top of it drives ammonia off: urea and ammonium, not what is organic. */
export function losesAmmonia({ grade, organic }: Fertilizer): boolean {
  return grade.N > 0 && !organic;
}

/** Of what fits, the products that may serve a role: each nutrient by what brings no other that has its own. */
export function candidatesFor(
  role: 'n' | 'p' | 'k',
  fit: readonly FitFertilizer[],
): readonly FitFertilizer[] {
  return fit.filter(({ grade }) => {
    if (role === 'p') return grade.P2O5 > 0;
    if (grade.P2O5 > 0) return false;
    return role === 'k' ? grade.K2O > 0 : grade.N > 0 && grade.K2O === 0;
  });
}

/** Those that every shop has; all where it has none. */
export function usuallySold<M extends Fertilizer>(materials: readonly M[]): readonly M[] {
  const sold = materials.filter(({ rare }) => !rare);
  return sold.length > 0 ? sold : materials;
}

/** From this pH on nitrogen that acidifies is the better one for any plant. Common practice. */
const ALKALINE_FROM = 7.4;

/**
 * The nitrogen that is taken first: what comes slowly where all of the year should, what acidifies for acid-loving plants
 * and on alkaline soil, what brings sulfur for onions and their kin; else the first of the candidates.
 */
export function firstNitrogen(
  all: readonly FitFertilizer[],
  plant: Plant,
  { waterPh }: Readings,
  isSlowYear: boolean,
): FitFertilizer | undefined {
  const candidates = usuallySold(all);
  const slow = isSlowYear ? candidates.find(({ release }) => release === 'slow') : undefined;
  if (slow) return slow;
  const ph = valueOf(waterPh)?.value ?? 0;
  const wanted = isAcidLover(plant) || ph >= ALKALINE_FROM;
  const acidifying = candidates.find(
    ({ firstForAcidLoversFromPh: from = Infinity }) => wanted && ph >= from,
  );
  const withSulfur = plant.rules.includes('onion-feeding')
    ? candidates.find(({ also, organic }) => !organic && (also.S ?? 0) > 0)
    : undefined;
  return acidifying ?? withSulfur ?? candidates[0];
}
