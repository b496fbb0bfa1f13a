import { id, number, object, oneOf, record, text, type Of } from '../../kernel/typed/spec';

/** The ways of judging what is the best buy. */
export const BUY_KINDS = [
  'cheapest',
  'closest',
  'products',
  'trips',
  'organic',
  'on-hand',
] as const;
export type BuyKind = (typeof BUY_KINDS)[number];

/** Limits of the best buy, as typed; '' is as usual. */
export const BUYING = object({
  /** How far a nutrient may be short and over, % of the need. */
  short: text,
  over: text,
  /** Most products for the whole job, most trips on one area. */
  products: text,
  trips: text,
});
export interface Buying extends Of<typeof BUYING> {}
export const USUAL_BUYING: Buying = { short: '', over: '', products: '', trips: '' };

/** What an answer puts on one area of one material, lb. */
const BOUGHT_AMOUNT = object({ areaId: id, materialId: text, pounds: number });

/** The answer that was chosen: what it stands for, and what it was made from. */
export const BOUGHT = object({
  /** '' where none was chosen. */
  kind: oneOf(['', ...BUY_KINDS]),
  /** What it was made from, in short: it says so when that has changed. */
  madeFrom: text,
  /** By `areaId:materialId`. */
  amounts: record(BOUGHT_AMOUNT, 800),
});
export interface Bought extends Of<typeof BOUGHT> {}
export const NOT_BOUGHT: Bought = { kind: '', madeFrom: '', amounts: {} };
