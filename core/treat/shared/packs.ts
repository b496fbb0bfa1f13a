import type { CaseFile } from '../../casefile/casefile';
import type { Fertilizer } from '../../catalog/materials/types';
import { own } from '../../kernel/typed/own';
import { parseNumber, type NumberRule } from '../../kernel/typed/number';

/** Packs that garden shops have of fertilizers, lb. Common practice. */
export const SHOP_PACKS_LB: readonly number[] = [5, 10, 20, 25, 40, 50];

/** No shop has a pack of more pounds; what is typed above it is none. */
const LARGEST_LB = 2500;

/**
 * The packs that an office's shops have, as it typed them; the usual ones where it typed none.
 * @example packsOf({ packs: '4, 8 and 25 lb' }) // [4, 8, 25]
 */
export function packsOf({ packs }: { readonly packs: string }): readonly number[] {
  const typed = (packs.match(/\d+(?:\.\d+)?/g) ?? [])
    .map(Number)
    .filter((pounds) => pounds > 0 && pounds <= LARGEST_LB);
  return typed.length > 0 ? [...new Set(typed)].sort((a, b) => a - b) : SHOP_PACKS_LB;
}

/** The smallest pack that a job needs, so that a small one is not sent home with a sack; a large one goes by the usual bag. */
export function packFor(pounds: number, usual: number, packs: readonly number[]): number {
  return packs.find((pack) => pack >= pounds && pack <= usual) ?? usual;
}

/** A pack that can be bought: pounds, and US dollars where somebody typed its price. */
export interface Pack {
  readonly lb: number;
  readonly usd: number | undefined;
}

/** A pack that somebody listed: where, and its price as typed. */
export interface ListedPack extends Pack {
  readonly at: string;
  readonly price: string;
}

/** What may be typed of stock: pounds on hand, pounds in a pack, dollars for one. */
export const STOCK_RULES = {
  onHand: { min: 0, max: 100_000 },
  pack: { above: 0, max: LARGEST_LB },
  price: { min: 0, max: 10_000 },
} as const;

function value(text: string, rule: NumberRule): number | undefined {
  const parsed = parseNumber(text, rule);
  return parsed.kind === 'value' ? parsed.value : undefined;
}

/** The packs of a material that somebody listed with what the shops have. */
export function listedPacks({ stock }: Pick<CaseFile, 'stock'>, id: string): ListedPack[] {
  return Object.values(own(stock, id)?.packs ?? {}).flatMap((each): ListedPack[] => {
    const lb = value(each.pounds, STOCK_RULES.pack);
    const at = `stock/${id}/packs/${each.id}`;
    return lb === undefined
      ? []
      : [{ lb, usd: value(each.price, STOCK_RULES.price), at, price: each.price }];
  });
}

/** The packs of a material that somebody typed, the smallest first; none where only the usual ones are known. */
function typedPacks(
  file: Pick<CaseFile, 'stock' | 'labels'>,
  { id, bagsLb }: Pick<Fertilizer, 'id' | 'bagsLb'>,
): Pack[] {
  const listed = listedPacks(file, id);
  const label = own(file.labels, id);
  const bag =
    label && (value(label.bag, STOCK_RULES.pack) ?? (label.price === '' ? undefined : bagsLb[0]));
  // What is listed stands for itself: a bag in hand is one of them.
  const inHand =
    bag === undefined || listed.length > 0
      ? []
      : [{ lb: bag, usd: value(label?.price ?? '', STOCK_RULES.price) }];
  return [...listed, ...inHand].sort((a, b) => a.lb - b.lb);
}

/** The packs that a material may be bought in: as typed, else as shops usually have them. */
export function packsToBuy(
  file: Pick<CaseFile, 'stock' | 'labels' | 'shop'>,
  material: Pick<Fertilizer, 'id' | 'bagsLb'>,
): readonly Pack[] {
  const typed = typedPacks(file, material);
  if (typed.length > 0) return typed;
  const [usual] = material.bagsLb;
  const small = packsOf(file.shop).filter((lb) => lb < usual);
  // The smallest, the one in the middle and the usual bag: more sizes than that change no advice.
  const some = [...new Set([small[0], small[Math.floor(small.length / 2)]])];
  return [...some.flatMap((lb) => (lb === undefined ? [] : [lb])), usual].map((lb) => ({
    lb,
    usd: undefined,
  }));
}

/** So many packs of one size. */
export interface PackCount<P extends Pack = Pack> {
  readonly pack: P;
  readonly count: number;
}

/** What somebody who knows no price minds: pounds to carry, and a pack as much as so many, since small ones are dear. From memory. */
export const EACH_PACK_LB = 4;

/** What a pack counts for where packs are compared: its price, else what there is to carry. */
function burdenOf({ lb, usd }: Pack): number {
  return usd ?? lb + EACH_PACK_LB;
}

/**
 * The packs that hold so many pounds for the least money, or the least to carry where not all of them have a price. Exact, unless a
 * job is so large, or packs are so small and alike, that it takes more tries than a plan has time for: then the best that was found.
 * @example cheapestPacks([{ lb: 50, usd: 30 }, { lb: 5, usd: 9 }], 54).map(({ count }) => count) // [1, 1]
 */
export function cheapestPacks<P extends Pack>(
  packs: readonly P[],
  pounds: number,
): readonly PackCount<P>[] {
  const priced = packs.every(({ usd }) => usd !== undefined);
  const worth = ({ lb, usd }: Pack): number => burdenOf({ lb, usd: priced ? usd : undefined });
  // The best by the pound first: then a bound tells soon that the others cannot be better.
  const sorted = [...packs].sort((a, b) => worth(a) / a.lb - worth(b) / b.lb);
  let tries = 0;
  let best: { readonly counts: readonly number[]; readonly cost: number } | undefined;
  const search = (at: number, left: number, counts: readonly number[], cost: number): void => {
    if (left <= LITTLE) {
      if (!best || cost < best.cost - LITTLE) best = { counts, cost };
      return;
    }
    const pack = sorted[at];
    if (!pack) return;
    if (best && cost + (left * worth(pack)) / pack.lb >= best.cost - LITTLE) return;
    for (let count = Math.ceil(left / pack.lb - LITTLE); count >= 0; count -= 1) {
      // The first way down, by the best pack alone, is always there.
      if ((tries += 1) > MOST_TRIES) return;
      search(at + 1, left - count * pack.lb, [...counts, count], cost + count * worth(pack));
    }
  };
  search(0, pounds, [], 0);
  return (best?.counts ?? []).flatMap((count, at) => {
    const pack = sorted[at];
    return pack && count > 0 ? [{ pack, count }] : [];
  });
}

const LITTLE = 1e-9;
/** A usual job takes some dozens. */
const MOST_TRIES = 20_000;
