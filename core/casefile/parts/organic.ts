import { OUTCOMES } from './past';
import { id, number, object, oneOf, text, type Of } from '../../kernel/typed/spec';

/** In what a load of compost or manure is told. */
export const LOAD_MEASURES = ['in', 'yd3', 'bags', 'barrows', 'buckets', 'lb', 'ton'] as const;

/** Compost or manure that went on a piece of ground, or is going to; everything as typed. */
export const LOAD = object({
  id,
  areaId: id,
  order: number,
  /** A manure or compost of the catalogue. */
  material: text,
  measure: oneOf(LOAD_MEASURES),
  amount: text,
  /** Cubic feet in a bag; '' is one. */
  bag: text,
  /** '' is not decided: it is still to come. */
  on: text,
  /** What became of it, where it was to come: '' is still to come; else as in the diary. */
  outcome: oneOf(OUTCOMES),
});
export interface Load extends Of<typeof LOAD> {}

/** How a cover crop ended: worked in green, or killed and left on top; '' is not said. */
export const COVER_ENDS = ['', 'turned', 'left'] as const;

/** What grew on a piece of ground before and leaves nitrogen behind; everything as typed. */
export const COVER = object({
  id,
  areaId: id,
  order: number,
  /** A cover crop or former crop of the catalogue. */
  crop: text,
  ended: oneOf(COVER_ENDS),
  on: text,
  /** Pounds of dry tops from so many square feet that were cut, and their nitrogen in percent. */
  dry: text,
  cut: text,
  percent: text,
});
export interface Cover extends Of<typeof COVER> {}

/** What belongs to a piece of ground, in its order. */
export function onGround<T extends { readonly areaId: string; readonly order: number }>(
  all: Readonly<Record<string, T>>,
  areaId: string,
): T[] {
  return Object.values(all)
    .filter((each) => each.areaId === areaId)
    .sort((a, b) => a.order - b.order);
}
