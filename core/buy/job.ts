import type { AreaPlan } from '../area/areaPlan';
import type { CaseFile } from '../casefile/casefile';
import type { Nutrient } from '../catalog/nutrients';
import type { Fertilizer, NamedMaterial } from '../catalog/materials/types';
import { nameOf } from '../catalog/materials/named';
import { own } from '../kernel/typed/own';
import { parseNumber } from '../kernel/typed/number';
import { isShort } from '../judge/carriers';
import { valueOf, type Figure } from '../kernel/working/working';
import { LIME_FOR_POUND_OF_N } from '../tables/fertilizer/acidity';
import { SALT_INDEX } from '../tables/fertilizer/saltIndex';
import { isForOrganic } from '../treat/fertilizer/fit';
import { isNeeded } from '../treat/fertilizer/isNeeded';
import { usuallySold } from '../treat/fertilizer/products';
import { BUY_RULES } from './typed';
import { packsToBuy, type Pack } from '../treat/shared/packs';

/** Secondary nutrients, which a fertilizer may bring besides those of its grade. */
export const BESIDES = ['Ca', 'Mg', 'S'] as const;
export type Besides = (typeof BESIDES)[number];

const ANALYTE = { Ca: 'ca', Mg: 'mg', S: 's' } as const;

type ByNutrient = Readonly<Record<Nutrient, number>>;

/** A piece of ground that is bought for. Amounts in lb. */
export interface JobArea {
  readonly id: string;
  /** Its size in 1000 ft². */
  readonly thousands: number;
  /** Least and most of each nutrient, lb. */
  readonly least: ByNutrient;
  readonly need: ByNutrient;
  readonly most: ByNutrient;
  /** What one trip may bring at most, lb; nothing where there is no limit. */
  readonly trip: {
    readonly quickN: number;
    readonly slowN: number;
    readonly K2O: number | undefined;
  };
  /** Its soil is too acidic already: acid costs the lime that undoes it. */
  readonly acidic: boolean;
  /** Its plants suffer from salts. */
  readonly saltSensitive: boolean;
  /** What else its soil is short of and gets no lime that brings it. */
  readonly shortOf: readonly Besides[];
  /** The products that may go on it. */
  readonly fit: readonly string[];
  /** Phosphate that is idle in its soil counts towards the most and not towards the least. */
  readonly idle: readonly string[];
}

/** A product that can be had. */
export interface JobProduct {
  readonly material: NamedMaterial;
  /** Shares of its weight that count in a season. */
  readonly shares: ByNutrient;
  readonly quick: boolean;
  readonly organic: boolean;
  /** lb CaCO3 that undo the acid of a pound of it. */
  readonly acid: number;
  /** Salt index over 100, by weight; 0 where nobody knows. */
  readonly salt: number;
  /** Shares of its weight of what is no nutrient of the grade. */
  readonly besides: Readonly<Record<Besides, number>>;
  readonly packs: readonly Pack[];
  /** lb that lie there already. */
  readonly onHand: number;
}

/** Everything that the best buy follows from, in plain numbers. */
export interface Job {
  readonly areas: readonly JobArea[];
  readonly products: readonly JobProduct[];
  /** Every pack has a price: what is least is money. Without prices it is pounds to carry. */
  readonly money: boolean;
  readonly mostProducts: number;
  readonly mostTrips: number;
  /** Products that could serve and are left out, since they have no price and others have. */
  readonly unpriced: readonly NamedMaterial[];
}

/** How far an answer may be short and over where nobody says, as a share of the need. Common practice. */
const SHORT = 0.1;
const OVER = 0.1;
/** What may be over in any case, lb/1000 ft²: less than a spreader is off. Common practice. */
const SLACK: ByNutrient = { N: 0.1, P2O5: 0.1, K2O: 0.3 };
const MOST_PRODUCTS = 4;
const MOST_TRIPS = 6;

const { percent: PERCENT, count: COUNT, onHand: POUNDS } = BUY_RULES;

function typed(
  text: string,
  rule: { readonly min: number; readonly max: number },
): number | undefined {
  const parsed = parseNumber(text, rule);
  return parsed.kind === 'value' ? parsed.value : undefined;
}

function byNutrient(of: (nutrient: Nutrient) => number): ByNutrient {
  return { N: of('N'), P2O5: of('P2O5'), K2O: of('K2O') };
}

function jobArea({ buying }: Pick<CaseFile, 'buying'>, plan: AreaPlan): JobArea | undefined {
  const { area, plant, goal, ground, readings } = plan;
  const { fertilizer } = plan.treatments;
  const thousands = valueOf(ground.extent)?.value;
  const { needs, fit, limits, isDosed } = fertilizer;
  if (!isDosed || !ground.known || ground.rows || thousands === undefined) return undefined;
  const short = (typed(buying.short, PERCENT) ?? SHORT * 100) / 100;
  const over = (typed(buying.over, PERCENT) ?? OVER * 100) / 100;
  const rate = (nutrient: Nutrient): number => {
    const need: Figure = needs.need[nutrient];
    return isNeeded(need) ? (valueOf(need)?.value ?? 0) : 0;
  };
  const ph = valueOf(readings.waterPh)?.value;
  const idle = fit.filter(({ idleAbovePh = Infinity }) => (ph ?? 0) > idleAbovePh);
  return {
    id: area.id,
    thousands,
    least: byNutrient((nutrient) => rate(nutrient) * (1 - short) * thousands),
    need: byNutrient((nutrient) => rate(nutrient) * thousands),
    most: byNutrient(
      (nutrient) => (rate(nutrient) + Math.max(rate(nutrient) * over, SLACK[nutrient])) * thousands,
    ),
    trip: {
      quickN: limits.quickN.value * thousands,
      slowN: limits.slowN.value * thousands,
      K2O: limits.quickK2O ? limits.quickK2O.value * thousands : undefined,
    },
    acidic: ph !== undefined && ph < goal.limeBelow && !goal.acid,
    saltSensitive: plant.salt === 'sensitive',
    shortOf: BESIDES.filter((element) => isShort(plan, ANALYTE[element])),
    fit: fit.map(({ id }) => id),
    idle: idle.map(({ id }) => id),
  };
}

function jobProduct(
  file: Pick<CaseFile, 'stock' | 'labels' | 'shop'>,
  material: Fertilizer,
): JobProduct {
  const { id, grade, firstSeasonN, release, also } = material;
  return {
    material: nameOf(material),
    shares: byNutrient(
      (nutrient) => ((nutrient === 'N' ? firstSeasonN : 1) * grade[nutrient]) / 100,
    ),
    quick: release === 'quick',
    organic: isForOrganic(material),
    acid: ((LIME_FOR_POUND_OF_N[id] ?? 0) * grade.N) / 100,
    salt: (SALT_INDEX[id] ?? 0) / 100,
    besides: {
      Ca: (also.Ca ?? 0) / 100,
      Mg: (also.Mg ?? 0) / 100,
      S: (also.S ?? 0) / 100,
    },
    packs: packsToBuy(file, material),
    onHand: typed(own(file.stock, id)?.onHand ?? '', POUNDS) ?? 0,
  };
}

/** What the shops have: what is said to be had, or has a price, or lies there; where nothing is said, what is usually sold. */
function toBeHad(
  { stock, labels }: Pick<CaseFile, 'stock' | 'labels'>,
  materials: readonly Fertilizer[],
): readonly Fertilizer[] {
  const left = materials.filter(({ id }) => own(stock, id)?.had !== 'no');
  const isSaid = ({ id }: Fertilizer): boolean => {
    const known = own(stock, id);
    return (
      known?.had === 'yes' ||
      Object.keys(known?.packs ?? {}).length > 0 ||
      (typed(known?.onHand ?? '', POUNDS) ?? 0) > 0 ||
      (own(labels, id)?.price ?? '') !== ''
    );
  };
  const said = left.filter(isSaid);
  const bought = said.filter(({ id }) => (typed(own(stock, id)?.onHand ?? '', POUNDS) ?? 0) === 0);
  return bought.length > 0 ? said : [...usuallySold(left), ...said.filter(({ rare }) => rare)];
}

/**
 * The job of a case: the ground that is fed, and the products that can be had for it.
 * @param file the case; @param areas what was worked out of it
 */
export function jobOf(file: CaseFile, areas: readonly AreaPlan[]): Job {
  const here = areas.flatMap((plan) => jobArea(file, plan) ?? []);
  const fit = new Map(
    areas.flatMap(({ treatments }) =>
      treatments.fertilizer.fit.map((material) => [material.id, material] as const),
    ),
  );
  const serving = [...fit.values()].filter(({ id }) => here.some((area) => area.fit.includes(id)));
  const all = toBeHad(file, serving).map((material) => jobProduct(file, material));
  const anyPrice = all.some(({ packs }) => packs.some(({ usd }) => usd !== undefined));
  const products = anyPrice
    ? all
        .map((product) => ({
          ...product,
          packs: product.packs.filter(({ usd }) => usd !== undefined),
        }))
        .filter(({ packs, onHand }) => packs.length > 0 || onHand > 0)
    : all;
  const kept = new Set(products.map(({ material }) => material.id));
  return {
    areas: here,
    products,
    money: anyPrice,
    mostProducts: typed(file.buying.products, COUNT) ?? MOST_PRODUCTS,
    mostTrips: typed(file.buying.trips, COUNT) ?? MOST_TRIPS,
    unpriced: all.flatMap(({ material }) => (kept.has(material.id) ? [] : [material])),
  };
}

const MOD = 2 ** 32;

/** A job in short: two that are alike have the same, so that a chosen answer can tell that its job is another now. */
export function inShort(job: Job): string {
  const rounded = JSON.stringify(job, (_key, value: unknown) =>
    typeof value === 'number' ? Number(value.toPrecision(5)) : value,
  );
  let [a, b] = [0x811c9dc5, 0x01000193];
  for (let at = 0; at < rounded.length; at += 1) {
    const code = rounded.charCodeAt(at);
    a = Math.imul(a ^ code, 0x01000193);
    b = Math.imul(b ^ code, 0x85ebca6b);
  }
  return [a, b].map((part) => ((part + MOD) % MOD).toString(16).padStart(8, '0')).join('');
}
