import { ALSO } from '../../catalog/materials/types';
import { id, number, object, oneOf, some, text, type Of } from '../../kernel/typed/spec';

export const MATERIAL_KINDS = ['fertilizer', 'lime', 'sulfur'] as const;

/** What is asked of a bag with yes or no; '' is not said, which counts as no. */
export const MATERIAL_FLAGS = ['organic', 'chloride', 'nitrate', 'pesticide', 'retired'] as const;

/** What is printed on a bag in numbers, and typed as printed. */
export const MATERIAL_NUMBERS = [
  /** N-P2O5-K2O. */
  'grade',
  /** "Slowly available nitrogen", % of the bag. */
  'slowN',
  /** Phosphate in all, %, where it is more than the available. */
  'totalP2O5',
  /** CCE of a lime, elemental sulfur of a sulfur, %. */
  'percent',
  /** Pounds in the bag. */
  'bag',
  /** Square feet that the label says the bag covers. */
  'covers',
  /** Ounces that a level cup of it weighs. */
  'cup',
  /** Pounds in a cubic foot of it, where that is told. */
  'density',
  /** lb/1000 ft² by the label of a pesticide combination. */
  'labelRate',
] as const;
export type MaterialNumber = (typeof MATERIAL_NUMBERS)[number];

/** A material typed from its bag: everything as it is printed, read when it is used. */
export const OWN_MATERIAL = object({
  id,
  order: number,
  kind: oneOf(MATERIAL_KINDS),
  name: text,
  printed: some(MATERIAL_NUMBERS, text),
  /** Secondary nutrients and micronutrients, %. */
  also: some(ALSO, text),
  /** Whether a lime's percent is its CCE alone, or its score with fineness in it. */
  score: oneOf(['CCE', 'ECCE']),
  flags: some(MATERIAL_FLAGS, oneOf(['', 'yes', 'no'])),
  note: text,
});
export interface OwnMaterial extends Of<typeof OWN_MATERIAL> {}

/** A material of which nothing has been typed yet. */
export function newMaterial(
  materialId: string,
  order: number,
  kind: OwnMaterial['kind'] = 'fertilizer',
): OwnMaterial {
  return {
    id: materialId,
    order,
    kind,
    name: '',
    printed: {},
    also: {},
    score: 'CCE',
    flags: {},
    note: '',
  };
}
