import type { Fertilizer } from '../../catalog/materials/types';
import type { Plant } from '../../catalog/plants/plants';
import type { Figure } from '../../kernel/working/working';
import { isNeeded } from './isNeeded';

/** Why a product may not go on a piece of ground. */
type Unfit =
  'pesticide' | 'chloride' | 'nitrate' | 'organic' | 'slow' | 'phosphate' | 'potting-mix';

/** What decides which products may go on a piece of ground, whoever chooses them and however. */
export interface FitFor {
  readonly plant: Plant;
  /** Only what organic growers may use. */
  readonly organicOnly: boolean;
  /** A local rule asks for slow nitrogen. */
  readonly mustBeSlow: boolean;
  /** The ground is a mix in tubs. */
  readonly pottingMix: boolean;
  /** The phosphate that is still needed; nobody knows where it is absent. */
  readonly phosphate: Figure;
}

/** In a mix quick nitrogen as strong as this burns roots at any rate that hands can measure, % N. Common practice. */
const TOO_STRONG_FOR_TUBS = 30;

/** Whether an organic grower may use it. */
export function isForOrganic({ organic, mined, sludge }: Fertilizer): boolean {
  return (organic && !sludge) || !!mined;
}

/** Whether a plant bears a product: some bear no chloride, some take no nitrate. */
function unborne({ chloride, rules }: Plant, material: Fertilizer): Unfit | undefined {
  const salty = material.chloride === true || (material.also.Cl ?? 0) > 0;
  if (chloride === 'sensitive' && salty) return 'chloride';
  return material.nitrate && rules.includes('no-nitrate') ? 'nitrate' : undefined;
}

/** The one check of what may go on a piece of ground: every way of choosing chooses from what passes it. */
function unfitBecause(material: Fertilizer, here: FitFor): Unfit | undefined {
  const { grade, release, pesticide } = material;
  if (pesticide) return 'pesticide';
  const unborneFor = unborne(here.plant, material);
  if (unborneFor) return unborneFor;
  if (here.organicOnly && !isForOrganic(material)) return 'organic';
  if (here.mustBeSlow && grade.N > 0 && release !== 'slow') return 'slow';
  if (grade.P2O5 > 0 && !isNeeded(here.phosphate)) return 'phosphate';
  if (here.pottingMix && release === 'quick' && grade.N >= TOO_STRONG_FOR_TUBS)
    return 'potting-mix';
  return undefined;
}

declare const checked: unique symbol;

/** A fertilizer that may go on the ground that is planned: nothing but `fitFor` makes one of any. */
export type FitFertilizer = Fertilizer & { readonly [checked]: true };

/** The products that may go on a piece of ground. */
export function fitFor(fertilizers: readonly Fertilizer[], here: FitFor): FitFertilizer[] {
  return fertilizers.filter(
    (material): material is FitFertilizer => unfitBecause(material, here) === undefined,
  );
}
