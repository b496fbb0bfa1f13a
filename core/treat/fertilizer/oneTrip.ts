import type { Fertilizer } from '../../catalog/materials/types';
import { nutrientToProduct } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { ApplicationLimits } from '../../catalog/packs/pack';
import type { FitFertilizer } from './fit';
import { isNeeded } from './isNeeded';
import { broughtBy, type ProductPart } from './handOrder';
import { NUTRIENTS, type Nutrient, type NutrientRates } from '../../catalog/nutrients';
import { productFor, sharesOf, usuallySold, type ProductRate, type Shares } from './products';

/** The need as a plain number; what nobody knows counts as none. */
function needed(need: Figure): number {
  return 'absent' in need ? 0 : need.value.value;
}

/** The products that one trip may be made with: those that hold something of what is needed. */
export function oneTripCandidates(
  need: NutrientRates,
  fit: readonly FitFertilizer[],
): readonly FitFertilizer[] {
  return fit.filter(({ grade }) =>
    NUTRIENTS.some((nutrient) => grade[nutrient] > 0 && isNeeded(need[nutrient])),
  );
}

/** The nutrient that the trip is measured by: nitrogen, else phosphate, else potash. */
function leading({ grade }: Fertilizer, need: NutrientRates): Nutrient | undefined {
  return NUTRIENTS.find((nutrient) => grade[nutrient] > 0 && isNeeded(need[nutrient]));
}

/** Pounds per 1000 ft² of nutrients over and short, were the trip made with this product. */
function misfit(material: Fertilizer, need: NutrientRates, rules: ApplicationLimits): number {
  const { grade, firstSeasonN, release } = material;
  const share = { N: grade.N * firstSeasonN, P2O5: grade.P2O5, K2O: grade.K2O };
  const lead = leading(material, need);
  if (!lead) return Infinity;
  const { quickN, slowN, quickK2O } = rules;
  const most = Math.min(
    needed(need[lead]) / share[lead],
    share.N > 0 ? (release === 'slow' ? slowN : quickN).value / share.N : Infinity,
    quickK2O && share.K2O > 0 ? quickK2O.value / share.K2O : Infinity,
  );
  return NUTRIENTS.reduce(
    (sum, nutrient) => sum + Math.abs(most * share[nutrient] - needed(need[nutrient])),
    0,
  );
}

/** The candidate that leaves least over and short; nothing where nothing is needed. */
export function bestForOneTrip(
  candidates: readonly FitFertilizer[],
  need: NutrientRates,
  rules: ApplicationLimits,
): FitFertilizer | undefined {
  const fits = usuallySold(candidates).map((material) => ({
    material,
    off: misfit(material, need, rules),
  }));
  return fits.sort((a, b) => a.off - b.off)[0]?.material;
}

/** Most of a product on one date, by the caps on its nutrients; nothing where none applies. */
export function capsOf(
  ctx: PlanContext,
  prefix: string,
  {
    material: { release, source },
    shares,
    together,
  }: Pick<ProductPart, 'material' | 'shares' | 'together'>,
  rules: ApplicationLimits,
): ProductRate[] {
  const cap = <S extends 'N' | 'K2O'>(
    nutrient: S,
    limit: ApplicationLimits['quickN'],
    share: Figure<Quantity<'ratio', S>>,
  ): ProductRate => {
    const most = ctx.constant(
      {
        id: `${prefix}/cap/${nutrient}`,
        label: msg(`feed.cap.${nutrient as 'N' | 'K2O'}.${release}`),
        source: 'practice',
        standing: limit.standing,
      },
      limit.value,
      'lb/1000ft2',
      nutrient,
    );
    const part = together?.[nutrient] as Figure<Quantity<'ratio', S>> | undefined;
    const mine = part
      ? ctx.sheet.multiply(
          {
            id: `${prefix}/cap/${nutrient}/together`,
            label: msg(`feed.together.${nutrient as 'N' | 'K2O'}`),
          },
          [most, part],
          'lb/1000ft2',
          nutrient,
        )
      : most;
    return ctx.sheet.derive(
      'divide',
      { id: `${prefix}/cap/${nutrient}/product`, label: msg('feed.productCap'), source },
      [mine, share],
      (amount, fraction) => nutrientToProduct<S>(amount, fraction),
    );
  };
  const { quickN, slowN, quickK2O } = rules;
  return [
    ...(shares.N ? [cap('N', release === 'slow' ? slowN : quickN, shares.N)] : []),
    ...(shares.K2O && quickK2O ? [cap('K2O', quickK2O, shares.K2O)] : []),
  ];
}

/** The smallest of some rates of product. */
export function smallestRate(
  ctx: PlanContext,
  entry: { readonly id: string; readonly label: ReturnType<typeof msg> },
  rates: readonly ProductRate[],
): ProductRate {
  return ctx.sheet.cap(entry, rates);
}

/**
 * One product in one trip: as much as meets the leading need (nitrogen, where it holds any), at most
 * what the caps allow on one date. What it leaves over and short is the balance's to say.
 */
export function oneTrip(
  ctx: PlanContext,
  prefix: string,
  need: NutrientRates,
  material: FitFertilizer,
  rules: ApplicationLimits,
): ProductPart | undefined {
  const lead = leading(material, need);
  if (!lead) return undefined;
  const id = `${prefix}/one`;
  const shares = sharesOf(ctx, id, material);
  const wanted = wantedFor(ctx, id, need, shares, lead);
  if (!wanted) return undefined;
  const caps = capsOf(ctx, id, { material, shares }, rules);
  const rate = smallestRate(ctx, { id: `${id}/rate`, label: msg('feed.oneTripRate') }, [
    wanted,
    ...caps,
  ]);
  return {
    role: 'one',
    key: 'one',
    material,
    shares,
    rate,
    delivers: broughtBy(ctx, id, rate, shares),
  };
}

function wantedFor<S extends Nutrient>(
  ctx: PlanContext,
  id: string,
  need: NutrientRates,
  shares: Shares,
  lead: S,
): ProductRate | undefined {
  const share = shares[lead] as Figure<Quantity<'ratio', S>> | undefined;
  const rate = need[lead] as Figure<Quantity<'lb/1000ft2', S>>;
  return share && productFor(ctx, `${id}/wanted`, rate, share);
}
