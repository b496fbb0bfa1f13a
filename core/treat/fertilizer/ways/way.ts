import type { Fertilizer } from '../../../catalog/materials/types';
import type { PlanContext } from '../../../kernel/working/context';
import type { Needs } from '../need';
import type { UndatedProduct } from '../requests';
import type { FertilizerWayId, FertilizerInput, FertilizerOption } from '../types';

/** A way to feed but for the days of its products. */
export type UndatedOption = Omit<FertilizerOption, 'parts'> & {
  readonly parts: readonly UndatedProduct[];
};

/** What a way chooses its products from. */
export interface WayInput extends FertilizerInput {
  readonly needs: Needs;
  /** Whether anything is to be put on. */
  readonly isDosed: boolean;
  /** The products that may serve each role. */
  readonly candidates: Readonly<Record<'n' | 'p' | 'k' | 'one', readonly Fertilizer[]>>;
}

/** A way of choosing what to feed with: one file, one object. */
export interface FertilizerWay {
  readonly id: FertilizerWayId;
  /** Nothing where nothing can be fed so. */
  readonly option: (ctx: PlanContext, input: WayInput) => UndatedOption | undefined;
}

/** The decided one of the products for a role, else the first. */
export function pick(
  { file, candidates }: WayInput,
  role: keyof WayInput['candidates'],
  first: Fertilizer | undefined,
): Fertilizer | undefined {
  const decided = file.decisions[`feed-${role}`]?.value;
  return candidates[role].find(({ id }) => id === decided) ?? first;
}
