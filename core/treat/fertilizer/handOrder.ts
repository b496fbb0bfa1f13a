import type { FitFertilizer } from './fit';
import { isNeeded } from './isNeeded';
import { addRates } from '../../site/past';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { Nutrient, NutrientRates } from '../../catalog/nutrients';
import {
  delivers,
  productFor,
  sharesOf,
  type ProductRate,
  type Role,
  type Shares,
} from './products';

type Rate<S extends Nutrient> = Figure<Quantity<'lb/1000ft2', S>>;

/** A product of a feeding plan: so much of it, and what it brings. */
export interface ProductPart {
  readonly role: Role;
  /** What its figures and its applications are called by: its role, or what tells it from others of the same. */
  readonly key: string;
  readonly material: FitFertilizer;
  readonly shares: Shares;
  readonly rate: ProductRate;
  readonly delivers: { readonly [S in Nutrient]?: Rate<S> };
  /** It goes on in the same trips as others: what part of their nitrogen and potash together it brings. */
  readonly together?: { readonly N?: TripShare<'N'>; readonly K2O?: TripShare<'K2O'> };
}

type TripShare<S extends Nutrient> = Figure<Quantity<'ratio', S>>;

/** What a plan delivers of a nutrient against the need. */
export interface BalanceRow<S extends Nutrient = Nutrient> {
  readonly nutrient: S;
  readonly need: Rate<S>;
  readonly delivered: Rate<S>;
  readonly over: Rate<S>;
  readonly short: Rate<S>;
}

export type Balance = { readonly [S in Nutrient]: BalanceRow<S> };

/** One product for one need. */
function part<S extends Nutrient>(
  ctx: PlanContext,
  prefix: string,
  { role, key, material }: Pick<ProductPart, 'role' | 'key' | 'material'>,
  nutrient: S,
  need: Rate<S>,
): ProductPart {
  const id = `${prefix}/${key}`;
  const shares = sharesOf(ctx, id, material);
  const share = shares[nutrient] as Figure<Quantity<'ratio', S>> | undefined;
  if (!share) throw new Error(`handOrder: ${material.id} holds no ${nutrient}`);
  const rate = productFor(ctx, `${id}/rate`, need, share);
  return { role, key, material, shares, rate, delivers: broughtBy(ctx, id, rate, shares) };
}

/** All that a rate of a product brings. */
export function broughtBy(
  ctx: PlanContext,
  id: string,
  rate: ProductRate,
  shares: Shares,
): ProductPart['delivers'] {
  const N = delivers(ctx, id, rate, 'N', shares.N);
  const P2O5 = delivers(ctx, id, rate, 'P2O5', shares.P2O5);
  const K2O = delivers(ctx, id, rate, 'K2O', shares.K2O);
  return { ...(N ? { N } : {}), ...(P2O5 ? { P2O5 } : {}), ...(K2O ? { K2O } : {}) };
}

function deliveredBy<S extends Nutrient>(parts: readonly ProductPart[], nutrient: S): Rate<S>[] {
  return parts.flatMap((each) => each.delivers[nutrient] ?? []) as Rate<S>[];
}

/** A need less what the products before bring of it. */
export function stillNeeded<S extends Nutrient>(
  ctx: PlanContext,
  id: string,
  nutrient: S,
  need: Rate<S>,
  parts: readonly ProductPart[],
): Rate<S> {
  const credits = deliveredBy(parts, nutrient);
  if (credits.length === 0) return need;
  const inputs: [Rate<S>, ...Rate<S>[]] = [need, ...credits];
  return ctx.sheet.deduct({ id, label: msg(`feed.left.${nutrient as Nutrient}`) }, inputs);
}

/** The products that serve each need. */
export interface Chosen {
  readonly n: FitFertilizer | undefined;
  readonly p: FitFertilizer | undefined;
  readonly k: FitFertilizer | undefined;
}

/** What the hand order is put together of. */
interface HandOrder {
  readonly chosen: Chosen;
  /** What goes on already: it is credited. */
  readonly before?: readonly ProductPart[];
  /** What the keys of its parts begin with. */
  readonly called?: string;
}

/**
 * The hand order: phosphate first, then potash, topped up with nitrogen. What the phosphate source
 * brings of the others is credited. A nutrient that is not needed is skipped, one that nobody knows
 * the need of is not fed.
 */
export function handOrder(
  ctx: PlanContext,
  prefix: string,
  need: NutrientRates,
  { chosen, before = [], called = '' }: HandOrder,
): ProductPart[] {
  const parts = [...before];
  const serve = <S extends Nutrient>(role: 'n' | 'p' | 'k', nutrient: S, need: Rate<S>): void => {
    const key = `${called}${role}`;
    const still = stillNeeded(ctx, `${prefix}/${key}/left`, nutrient, need, parts);
    const material = chosen[role];
    if (material && isNeeded(still)) {
      parts.push(part(ctx, prefix, { role, key, material }, nutrient, still));
    }
  };
  serve('p', 'P2O5', need.P2O5);
  serve('k', 'K2O', need.K2O);
  serve('n', 'N', need.N);
  return parts;
}

function balanceRow<S extends Nutrient>(
  ctx: PlanContext,
  prefix: string,
  nutrient: S,
  need: Rate<S>,
  parts: readonly ProductPart[],
): BalanceRow<S> {
  const id = `${prefix}/balance/${nutrient}`;
  const entry = { id: `${id}/delivered`, label: msg(`feed.delivered.${nutrient as Nutrient}`) };
  const delivered = addRates(ctx, entry, deliveredBy(parts, nutrient), nutrient);
  const against = (name: 'over' | 'short', a: Rate<S>, b: Rate<S>): Rate<S> =>
    ctx.sheet.deduct({ id: `${id}/${name}`, label: msg(`feed.${name}`) }, [a, b]);
  return {
    nutrient,
    need,
    delivered,
    over: against('over', delivered, need),
    short: against('short', need, delivered),
  };
}

/** What the products deliver together, and by how much that is over or short of the needs. */
export function balanceOf(
  ctx: PlanContext,
  prefix: string,
  need: NutrientRates,
  parts: readonly ProductPart[],
): Balance {
  return {
    N: balanceRow(ctx, prefix, 'N', need.N, parts),
    P2O5: balanceRow(ctx, prefix, 'P2O5', need.P2O5, parts),
    K2O: balanceRow(ctx, prefix, 'K2O', need.K2O, parts),
  };
}

/**
 * Products that go on in the same trips: each is told what part of the nitrogen and potash of all of them it brings, so that they
 * share the caps of one date.
 */
export function inTheSameTrips(
  ctx: PlanContext,
  prefix: string,
  parts: readonly ProductPart[],
): ProductPart[] {
  const share = <S extends 'N' | 'K2O'>(
    { key, delivers: brought }: ProductPart,
    nutrient: S,
  ): TripShare<S> | undefined => {
    const mine = brought[nutrient] as Rate<S> | undefined;
    const all = deliveredBy(parts, nutrient);
    const [first, ...others] = all;
    if (!mine || !first || others.length === 0) return undefined;
    const id = `${prefix}/${key}/together/${nutrient}`;
    const label = msg(`feed.together.${nutrient as 'N' | 'K2O'}`);
    const sum = addRates(ctx, { id: `${id}/all`, label }, all, nutrient);
    return ctx.sheet.derive('divide', { id, label }, [mine, sum], (a, b) =>
      quantity(a.value / b.value, 'ratio', nutrient),
    );
  };
  return parts.map((each) => {
    const N = share(each, 'N');
    const K2O = share(each, 'K2O');
    return { ...each, together: { ...(N ? { N } : {}), ...(K2O ? { K2O } : {}) } };
  });
}
