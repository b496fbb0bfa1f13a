import { NUTRIENTS, type Nutrient } from '../catalog/nutrients';
import type { Job, JobArea, JobProduct } from './job';
import { EACH_PACK_LB, type Pack } from '../treat/shared/packs';
import { ModelBuilder, type Model, type Terms } from './model';

/**
 * Of a pack so much stays behind or is lost in measuring out, a share. Common practice; it also leaves room for rounding to what
 * hands can measure, so that no further bag is opened for an ounce.
 */
export const LEFT_IN_THE_BAG = 0.02;

/** No job takes more packs of one size. */
const MOST_PACKS = 2000;

interface Placed {
  readonly product: JobProduct;
  /** Pounds on each piece of ground that it may go on, by its id. */
  readonly on: ReadonlyMap<string, number>;
  /** How many of each pack, in their order. */
  readonly packs: readonly number[];
  /** Whether it is used at all. */
  readonly used: number;
}

interface PlacedArea {
  readonly area: JobArea;
  readonly short: Readonly<Record<Nutrient, number>>;
  readonly over: Readonly<Record<Nutrient, number>>;
  readonly trips: number;
}

/** The variables of a job's model by what they stand for, and its sums that may be made least. */
export interface PurchaseModel {
  readonly products: readonly Placed[];
  readonly areas: readonly PlacedArea[];
  readonly sums: {
    /** US dollars, or what there is to carry where there are no prices. */
    readonly cost: Terms;
    /** Pounds in packs. */
    readonly bought: Terms;
    /** Pounds short and over, each by the size of its ground. */
    readonly misfit: Terms;
    readonly products: Terms;
    readonly trips: Terms;
    /** What is worth a little, in dollars: acid on acidic soil, salts on what suffers from them, magnesium where it is short. */
    readonly soft: Terms;
    /** What the limits are passed by. */
    readonly passed: Terms;
  };
  readonly model: (least: Terms) => Model;
}

/** A pound of lime costs about so much, and makes up for so much acid; what salts and magnesium are worth. US dollars, from memory. */
const SOFT = { acid: 0.1, salt: 0.05, mg: 0.5 } as const;

/** What a product is bought in: whole packs, or by the pound where nobody knows a price and packs are counted afterwards. */
function boughtIn({ packs }: JobProduct, { money }: Job): readonly Pack[] {
  return money || packs.length === 0 ? packs : [{ lb: 1, usd: undefined }];
}

/**
 * So many of a pack at most: where as many would cost more than a larger one and hold no more than it, the larger one is bought.
 */
function mostPacks(pack: Pack, packs: readonly Pack[]): number {
  const { lb, usd = 0 } = pack;
  const instead = packs
    .filter((larger) => larger.lb > lb && usd > 0)
    .flatMap((larger) => {
      const count = Math.ceil((larger.usd ?? 0) / usd);
      return count * lb <= larger.lb ? [count - 1] : [];
    });
  return Math.min(MOST_PACKS, ...instead);
}

/** The most of a product on a piece of ground that is within what may be over, lb. */
export function mostOn(product: JobProduct, { most }: JobArea): number {
  const { shares } = product;
  const by = NUTRIENTS.filter((nutrient) => shares[nutrient] > 0).map(
    (nutrient) => most[nutrient] / shares[nutrient],
  );
  return Math.min(...by);
}

/**
 * The model of a job: pounds of each product on each piece of ground, whole packs, what is short and over within its limits, products and trips
 * counted. What lies there already costs nothing.
 * @param passing the limits may be passed, at a price that `passed` counts: tells which of them to relax where nothing fits
 */
export function purchaseModel(job: Job, passing = false): PurchaseModel {
  const builder = new ModelBuilder();
  const beyond = passing ? Infinity : 0;
  const passed: [number, number][] = [];

  const areas = job.areas.map((area): PlacedArea => {
    const limit = (nutrient: Nutrient, way: 'short' | 'over'): number => {
      const allowed =
        way === 'short'
          ? area.need[nutrient] - area.least[nutrient]
          : area.most[nutrient] - area.need[nutrient];
      const variable = builder.add(
        0,
        allowed + (way === 'over' && nutrient === 'P2O5' ? 0 : beyond),
      );
      return variable;
    };
    const each = (way: 'short' | 'over'): Record<Nutrient, number> => ({
      N: limit('N', way),
      P2O5: limit('P2O5', way),
      K2O: limit('K2O', way),
    });
    const short = each('short');
    const over = each('over');
    // What needs anything takes a trip.
    const trips = builder.add(1, job.mostTrips + beyond, true);
    return { area, short, over, trips };
  });

  const products = job.products.map((product): Placed => {
    const here = job.areas.filter(({ fit }) => fit.includes(product.material.id));
    const on = new Map(
      here.map((area) => [area.id, builder.add(0, passing ? Infinity : mostOn(product, area))]),
    );
    const packs = boughtIn(product, job).map((pack) =>
      builder.add(0, passing ? MOST_PACKS : mostPacks(pack, product.packs), job.money),
    );
    return { product, on, packs, used: builder.add(0, 1, true) };
  });

  for (const { area, short, over, trips } of areas) {
    const brought = (nutrient: Nutrient, counted: (product: JobProduct) => boolean): Terms =>
      products.flatMap(({ product, on }) => {
        const variable = on.get(area.id);
        const share = product.shares[nutrient];
        return variable === undefined || share === 0 || !counted(product)
          ? []
          : [[variable, share] as const];
      });
    for (const nutrient of NUTRIENTS) {
      const isIdle = ({ material }: JobProduct): boolean =>
        nutrient === 'P2O5' && area.idle.includes(material.id);
      const need = area.need[nutrient];
      builder.row(
        [...brought(nutrient, (product) => !isIdle(product)), [short[nutrient], 1]],
        need,
        Infinity,
      );
      builder.row([...brought(nutrient, () => true), [over[nutrient], -1]], -Infinity, need);
    }
    const within = (most: number | undefined, terms: Terms): void => {
      if (most !== undefined && terms.length > 0) {
        builder.row([...terms, [trips, -most]], -Infinity, 0);
      }
    };
    within(
      area.trip.quickN,
      brought('N', ({ quick }) => quick),
    );
    within(
      area.trip.slowN,
      brought('N', ({ quick }) => !quick),
    );
    within(
      area.trip.K2O,
      brought('K2O', () => true),
    );
  }

  for (const { product, on, packs, used } of products) {
    const pounds = [...on.values()].map((variable) => [variable, 1] as const);
    if (pounds.length === 0) continue;
    const usable = 1 - LEFT_IN_THE_BAG;
    const packed = boughtIn(product, job).map(
      ({ lb }, at) => [packs[at] ?? 0, -lb * usable] as const,
    );
    builder.row([...pounds, ...packed], -Infinity, product.onHand * usable);
    if (!passing) {
      // Piece by piece, and a pack at least: a solver sees sooner what cannot be.
      for (const area of job.areas) {
        const variable = on.get(area.id);
        if (variable === undefined) continue;
        builder.row(
          [
            [variable, 1],
            [used, -mostOn(product, area)],
          ],
          -Infinity,
          0,
        );
      }
      if (product.onHand === 0) {
        builder.row([...packs.map((pack) => [pack, 1] as const), [used, -1]], 0, Infinity);
      }
    }
  }
  if (!passing) {
    builder.row(
      products.map(({ used }) => [used, 1] as const),
      -Infinity,
      job.mostProducts,
    );
  } else {
    for (const { area, short, over } of areas) {
      for (const nutrient of NUTRIENTS) {
        const per = 1 / area.thousands;
        for (const [variable, allowed] of [
          [short[nutrient], area.need[nutrient] - area.least[nutrient]],
          [over[nutrient], area.most[nutrient] - area.need[nutrient]],
        ] as const) {
          const past = builder.add(0, Infinity);
          builder.row(
            [
              [variable, 1],
              [past, -1],
            ],
            -Infinity,
            allowed,
          );
          passed.push([past, per]);
        }
      }
    }
  }

  const inPacks = (of: (pack: Pack) => number): Terms =>
    products.flatMap(({ product, packs }) =>
      boughtIn(product, job).map((pack, at) => [packs[at] ?? 0, of(pack)] as const),
    );
  const bought = inPacks(({ lb }) => lb);
  const opened = products.map(({ used }) => [used, EACH_PACK_LB] as const);
  return {
    products,
    areas,
    sums: {
      cost: job.money ? inPacks(({ usd = 0 }) => usd) : [...bought, ...opened],
      bought,
      misfit: areas.flatMap(({ area, short, over }) =>
        NUTRIENTS.flatMap((nutrient) => [
          [short[nutrient], 1 / area.thousands] as const,
          [over[nutrient], 1 / area.thousands] as const,
        ]),
      ),
      products: products.map(({ used }) => [used, 1] as const),
      trips: areas.map(({ trips }) => [trips, 1] as const),
      soft: products.flatMap(({ product, on }) =>
        [...on].flatMap(([id, variable]) => {
          const area = job.areas.find((each) => each.id === id);
          if (!area) return [];
          const each =
            (area.acidic ? SOFT.acid * Math.max(0, product.acid) : 0) +
            (area.saltSensitive ? SOFT.salt * product.salt : 0) -
            (area.shortOfMg ? SOFT.mg * product.mg : 0);
          return [[variable, each] as const];
        }),
      ),
      passed,
    },
    model: (least) => builder.toGetLeast(least),
  };
}
