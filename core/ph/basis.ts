import { PURE_CARBONATE, TABLE_LIMESTONE_CCE, TABLE_LIMESTONE_ECCE } from '../tables/limeQuality';
import type { SourceId } from '../tables/sources';

/**
 * What a pound of a requirement is: limestone of a known quality, or a pound of whatever is spread
 * because the source does not say.
 */
export type Basis =
  | {
      readonly kind: 'limestone';
      readonly cce: number;
      readonly ecce: number;
      readonly source: SourceId;
    }
  | { readonly kind: 'unstated' };

/** The agricultural ground limestone that the SMP table and the Tri-State lines count in. */
export function agriculturalLimestone(source: SourceId): Basis {
  return { kind: 'limestone', cce: TABLE_LIMESTONE_CCE, ecce: TABLE_LIMESTONE_ECCE, source };
}

/** Pure, fully effective calcium carbonate. */
export const PURE_LIME: Basis = {
  kind: 'limestone',
  cce: PURE_CARBONATE,
  ecce: PURE_CARBONATE,
  source: 'definition',
};

export const UNSTATED: Basis = { kind: 'unstated' };
