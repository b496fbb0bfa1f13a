import { NUTRIENTS, type Nutrient } from '../catalog/nutrients';
import type { NamedMaterial } from '../catalog/materials/types';
import type { BuyKind } from '../casefile/parts/bought';
import type { Job } from './job';
import { cheapestPacks, type PackCount } from '../treat/shared/packs';
import { LEFT_IN_THE_BAG, type PurchaseModel } from './purchaseModel';

/** So much of a product on one piece of ground, lb. */
interface AnswerAmount {
  readonly areaId: string;
  readonly material: NamedMaterial;
  readonly pounds: number;
}

/** What is bought of a product, and what is left of it. */
interface AnswerProduct {
  readonly material: NamedMaterial;
  readonly pounds: number;
  /** Pounds that lie there already and are used. */
  readonly fromShed: number;
  readonly packs: readonly PackCount[];
  readonly leftOver: number;
}

/** By how much a nutrient is short or over on a piece of ground, lb/1000 ft². */
interface AnswerMisfit {
  readonly areaId: string;
  readonly nutrient: Nutrient;
  readonly off: number;
}

/** One way to buy for the whole job. */
export interface Answer {
  /** What it is best at: one answer may be the best at several things. */
  readonly kinds: readonly BuyKind[];
  readonly amounts: readonly AnswerAmount[];
  readonly products: readonly AnswerProduct[];
  /** US dollars; nothing where the prices are not known. */
  readonly cost: number | undefined;
  readonly misfits: readonly AnswerMisfit[];
  /** The most trips that one piece of ground takes. */
  readonly trips: number;
  /** It is the best that was found in the time, and perhaps not the best there is. */
  readonly timedOut: boolean;
}

/** Less than this is nothing, lb. */
const NOTHING = 0.005;

/** Reads an answer out of the values of a job's variables. */
export function answerOf(
  kind: BuyKind,
  job: Job,
  { products, areas }: PurchaseModel,
  values: readonly number[],
  timedOut: boolean,
): Answer {
  const at = (variable: number): number => values[variable] ?? 0;
  const amounts = products.flatMap(({ product: { material }, on }) =>
    [...on].flatMap(([areaId, variable]): AnswerAmount[] => {
      const pounds = at(variable);
      return pounds > NOTHING ? [{ areaId, material, pounds }] : [];
    }),
  );
  const bought = products.flatMap(({ product }): AnswerProduct[] => {
    const { material, onHand } = product;
    const pounds = amounts
      .filter((amount) => amount.material.id === material.id)
      .reduce((sum, amount) => sum + amount.pounds, 0);
    if (pounds <= NOTHING) return [];
    const toBuy = pounds / (1 - LEFT_IN_THE_BAG) - onHand;
    const packs = toBuy > NOTHING ? cheapestPacks(product.packs, toBuy) : [];
    const inPacks = packs.reduce((sum, { pack, count }) => sum + pack.lb * count, 0);
    return [
      {
        material,
        pounds,
        fromShed: Math.min(onHand * (1 - LEFT_IN_THE_BAG), pounds),
        packs,
        leftOver: onHand + inPacks - pounds,
      },
    ];
  });
  return {
    kinds: [kind],
    amounts,
    products: bought,
    cost: job.money
      ? bought.reduce(
          (sum, { packs }) =>
            sum + packs.reduce((all, { pack, count }) => all + (pack.usd ?? 0) * count, 0),
          0,
        )
      : undefined,
    misfits: areas.flatMap(({ area }) =>
      NUTRIENTS.map((nutrient): AnswerMisfit => {
        const brought = amounts
          .filter(({ areaId }) => areaId === area.id)
          .reduce((sum, { material, pounds }) => {
            const product = job.products.find((each) => each.material.id === material.id);
            return sum + pounds * (product?.shares[nutrient] ?? 0);
          }, 0);
        return { areaId: area.id, nutrient, off: (brought - area.need[nutrient]) / area.thousands };
      }),
    ),
    // Whole numbers come out of a solver as good as whole.
    trips: Math.max(0, ...areas.map(({ trips }) => Math.round(at(trips)))),
    timedOut,
  };
}
