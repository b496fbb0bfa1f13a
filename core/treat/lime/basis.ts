import type { SchemeId } from '../../tables/lime/fineness';
import { PURE_CARBONATE, TABLE_LIMESTONE_CCE, tableLimestoneBy } from '../../tables/lime/quality';
import type { SourceId } from '../../kernel/sources';

/**
 * What a pound of a requirement is: limestone of a known quality, limestone of whatever quality is
 * sold because the source does not say, or a pound of the very product that is spread.
 */
export type Basis =
  | {
      readonly kind: 'limestone';
      readonly cce: number;
      /** As fine as the tables’ limestone, or all of it fine. */
      readonly fineness: 'table' | 'full';
      readonly source: SourceId;
    }
  | { readonly kind: 'unstated' }
  /** Times a factor that stands for limestone as sold, for which what the label says is put where there is one. */
  | { readonly kind: 'asSold'; readonly effective: number; readonly source: SourceId }
  | { readonly kind: 'product' };

/** The agricultural ground limestone that the SMP table and the Tri-State lines count in. */
export function agriculturalLimestone(source: SourceId): Basis {
  return { kind: 'limestone', cce: TABLE_LIMESTONE_CCE, fineness: 'table', source };
}

/** Pure, fully effective calcium carbonate. */
export const PURE_LIME: Basis = {
  kind: 'limestone',
  cce: PURE_CARBONATE,
  fineness: 'full',
  source: 'definition',
};

export const UNSTATED: Basis = { kind: 'unstated' };

/** An amount that was typed for the product at hand. */
export const OF_PRODUCT: Basis = { kind: 'product' };

/** Effective CCE of a basis by a scheme of fineness, %. */
export function effectiveCce(
  { fineness, cce }: Extract<Basis, { kind: 'limestone' }>,
  scheme: SchemeId,
): number {
  return fineness === 'full' ? cce : tableLimestoneBy(scheme);
}
