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
