import { NUTRIENTS, type Nutrient } from '../catalog/nutrients';
import type { Besides, Job, JobArea, JobProduct } from './job';
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
    /** What is worth a little, in dollars: acid on acidic soil, salts on what suffers from them, secondary nutrients where they are short. */
    readonly soft: Terms;
    /** What the limits are passed by. */
    readonly passed: Terms;
  };
  readonly model: (least: Terms) => Model;
}

/** A pound of lime costs about so much, and makes up for so much acid; what salts are worth. US dollars, from memory. */
const SOFT = { acid: 0.1, salt: 0.05 } as const;

/** What a pound of an element costs about in what is sold for its sake, where the soil is short of it. US dollars, from memory. */
const WORTH: Readonly<Record<Besides, number>> = { Ca: 0.2, Mg: 0.5, S: 0.5 };

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

/** How far a nutrient may be short or over on a piece of ground within its limits, lb. */
export function allowedOff(area: JobArea, nutrient: Nutrient, way: 'short' | 'over'): number {
  return way === 'short'
    ? area.need[nutrient] - area.least[nutrient]
    : area.most[nutrient] - area.need[nutrient];
}

const WAYS = ['short', 'over'] as const;

/** A job's model while it is put together. */
class Placing {
  private readonly builder = new ModelBuilder();
  private readonly areas: readonly PlacedArea[];
  private readonly products: readonly Placed[];

  /** @param passing the limits of nutrients and trips may be passed */
  constructor(
    private readonly job: Job,
    private readonly passing: boolean,
  ) {
    this.areas = job.areas.map((area) => this.placedArea(area));
    this.products = job.products.map((product) => this.placedProduct(product));
  }

  private placedArea(area: JobArea): PlacedArea {
    const beyond = this.passing ? Infinity : 0;
    const off = (nutrient: Nutrient, way: 'short' | 'over'): number => {
      // More phosphate than is allowed is passed for nothing.
      const isHeld = way === 'over' && nutrient === 'P2O5';
      return this.builder.add(0, allowedOff(area, nutrient, way) + (isHeld ? 0 : beyond));
    };
    const each = (way: 'short' | 'over'): Readonly<Record<Nutrient, number>> => ({
      N: off('N', way),
      P2O5: off('P2O5', way),
      K2O: off('K2O', way),
    });
    // What needs anything takes a trip.
    const trips = this.builder.add(1, this.job.mostTrips + beyond, true);
    return { area, short: each('short'), over: each('over'), trips };
  }

  private placedProduct(product: JobProduct): Placed {
    const { job, passing, builder } = this;
    const here = job.areas.filter(({ fit }) => fit.includes(product.material.id));
    const on = new Map(
      here.map((area) => [area.id, builder.add(0, passing ? Infinity : mostOn(product, area))]),
    );
    const packs = boughtIn(product, job).map((pack) =>
      builder.add(0, passing ? MOST_PACKS : mostPacks(pack, product.packs), job.money),
    );
    return { product, on, packs, used: builder.add(0, 1, true) };
  }

  /** What products bring of a nutrient to a piece of ground. */
  private brought(
    area: JobArea,
    nutrient: Nutrient,
    counted: (product: JobProduct) => boolean,
  ): Terms {
    return this.products.flatMap(({ product, on }) => {
      const variable = on.get(area.id);
      const share = product.shares[nutrient];
      return variable === undefined || share === 0 || !counted(product)
        ? []
        : [[variable, share] as const];
    });
  }

  /** Each need is met but for what is short, and passed by no more than what is over. */
  needs(): void {
    for (const { area, short, over } of this.areas) {
      for (const nutrient of NUTRIENTS) {
        const need = area.need[nutrient];
        const works = ({ material }: JobProduct): boolean =>
          nutrient !== 'P2O5' || !area.idle.includes(material.id);
        const useful = this.brought(area, nutrient, works);
        const all = this.brought(area, nutrient, () => true);
        this.builder.row([...useful, [short[nutrient], 1]], need, Infinity);
        this.builder.row([...all, [over[nutrient], -1]], -Infinity, need);
      }
    }
  }

  /** No more on one trip than its limits, of quick and of slow nitrogen and of potash. */
  trips(): void {
    for (const { area, trips } of this.areas) {
      const within = (most: number | undefined, terms: Terms): void => {
        if (most === undefined || terms.length === 0) return;
        this.builder.row([...terms, [trips, -most]], -Infinity, 0);
      };
      const { quickN, slowN, K2O } = area.trip;
      const nitrogen = (isQuick: boolean): Terms =>
        this.brought(area, 'N', ({ quick }) => quick === isQuick);
      const potash = this.brought(area, 'K2O', () => true);
      within(quickN, nitrogen(true));
      within(slowN, nitrogen(false));
      within(K2O, potash);
    }
  }

  /** No more of a product than lies there and is bought; what is used counts as a product and takes a pack. */
  packs(): void {
    const usable = 1 - LEFT_IN_THE_BAG;
    for (const { product, on, packs, used } of this.products) {
      if (on.size === 0) continue;
      const pounds = [...on.values()].map((variable) => [variable, 1] as const);
      const packed = boughtIn(product, this.job).map(
        ({ lb }, at) => [packs[at] ?? 0, -lb * usable] as const,
      );
      this.builder.row([...pounds, ...packed], -Infinity, product.onHand * usable);
      if (this.passing) continue;
      // Piece by piece, and a pack at least: a solver sees sooner what cannot be.
      for (const area of this.job.areas) {
        const variable = on.get(area.id);
        if (variable === undefined) continue;
        const row: Terms = [
          [variable, 1],
          [used, -mostOn(product, area)],
        ];
        this.builder.row(row, -Infinity, 0);
      }
      if (product.onHand > 0) continue;
      this.builder.row([...packs.map((pack) => [pack, 1] as const), [used, -1]], 0, Infinity);
    }
    if (this.passing) return;
    const used = this.products.map((each) => [each.used, 1] as const);
    this.builder.row(used, -Infinity, this.job.mostProducts);
  }

  /** By how much the limits of nutrients are passed, lb/1000 ft² in all. */
  passed(): Terms {
    if (!this.passing) return [];
    return this.areas.flatMap((placed) =>
      NUTRIENTS.flatMap((nutrient) =>
        WAYS.map((way) => {
          const past = this.builder.add(0, Infinity);
          const row: Terms = [
            [placed[way][nutrient], 1],
            [past, -1],
          ];
          this.builder.row(row, -Infinity, allowedOff(placed.area, nutrient, way));
          return [past, 1 / placed.area.thousands] as const;
        }),
      ),
    );
  }

  private inPacks(of: (pack: Pack) => number): Terms {
    return this.products.flatMap(({ product, packs }) =>
      boughtIn(product, this.job).map((pack, at) => [packs[at] ?? 0, of(pack)] as const),
    );
  }

  private soft(): Terms {
    return this.products.flatMap(({ product, on }) =>
      this.job.areas.flatMap((area) => {
        const variable = on.get(area.id);
        if (variable === undefined) return [];
        const worth =
          (area.acidic ? SOFT.acid * Math.max(0, product.acid) : 0) +
          (area.saltSensitive ? SOFT.salt * product.salt : 0) -
          area.shortOf.reduce((sum, each) => sum + WORTH[each] * product.besides[each], 0);
        return [[variable, worth] as const];
      }),
    );
  }

  finish(passed: Terms): PurchaseModel {
    const { areas, products, builder, job } = this;
    const used = products.map((each) => [each.used, 1] as const);
    const bought = this.inPacks(({ lb }) => lb);
    const opened = used.map(([variable]) => [variable, EACH_PACK_LB] as const);
    return {
      products,
      areas,
      sums: {
        cost: job.money ? this.inPacks(({ usd = 0 }) => usd) : [...bought, ...opened],
        bought,
        misfit: areas.flatMap((placed) =>
          NUTRIENTS.flatMap((nutrient) =>
            WAYS.map((way) => [placed[way][nutrient], 1 / placed.area.thousands] as const),
          ),
        ),
        products: used,
        trips: areas.map(({ trips }) => [trips, 1] as const),
        soft: this.soft(),
        passed,
      },
      model: (least) => builder.toGetLeast(least),
    };
  }
}

/**
 * The model of a job: pounds of each product on each piece of ground, whole packs, what is short and over within its limits, products and trips
 * counted. What lies there already costs nothing.
 * @param passing the limits may be passed, at a price that `passed` counts: tells which of them to relax where nothing fits
 */
export function purchaseModel(job: Job, passing = false): PurchaseModel {
  const placing = new Placing(job, passing);
  placing.needs();
  placing.trips();
  placing.packs();
  return placing.finish(placing.passed());
}
