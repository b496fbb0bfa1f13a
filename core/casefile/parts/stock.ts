import { id, object, oneOf, record, text, type Of } from '../../kernel/typed/spec';

/** A pack of a shop: pounds and US dollars as typed. */
const SHOP_PACK = object({ id, pounds: text, price: text });

/** What of a material lies in the shed, and whether and how a shop has it. */
export const STOCK = object({
  /** Pounds on hand, as typed. */
  onHand: text,
  /** '' is not said. */
  had: oneOf(['', 'yes', 'no']),
  packs: record(SHOP_PACK, 12),
});
export interface Stock extends Of<typeof STOCK> {}

/** Nothing is known of a material. */
export const NO_STOCK: Stock = { onHand: '', had: '', packs: {} };
