import type { DecisionKind } from '../../casefile/decisions';
import type { ProductPart } from './handOrder';

/** The decision that a product's role is chosen by; a side-dressing is its nitrogen. */
export function productDecision(role: ProductPart['role']): DecisionKind {
  return role === 'row' ? 'feed-n' : `feed-${role}`;
}
