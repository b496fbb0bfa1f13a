/** Packs that garden shops have of fertilizers, lb. Common practice. */
const SHOP_PACKS_LB = [5, 10, 20, 25, 40, 50];

/** The smallest pack that a job needs, so that a small one is not sent home with a sack; a large one goes by the usual bag. */
export function packFor(pounds: number, usual: number): number {
  return SHOP_PACKS_LB.find((pack) => pack >= pounds && pack <= usual) ?? usual;
}
