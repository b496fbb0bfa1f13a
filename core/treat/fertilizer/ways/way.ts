import type { Fertilizer } from '../../../catalog/materials/types';
import type { PlanContext } from '../../../kernel/working/context';
import type { FitFertilizer } from '../fit';
import type { Needs } from '../need';
import type { UndatedProduct } from '../requests';
import { own } from '../../../kernel/typed/own';
import type { FertilizerWayId, FertilizerInput, FertilizerOption } from '../types';

/** A way to feed but for the days of its products. */
export type UndatedOption = Omit<FertilizerOption, 'parts'> & {
  readonly parts: readonly UndatedProduct[];
};

/** The products that may serve each role: nothing that may not go on this ground is among them. */
export type Candidates = Readonly<Record<'n' | 'p' | 'k' | 'one', readonly FitFertilizer[]>>;

/** What a way chooses its products from. */
export interface WayInput extends FertilizerInput {
  readonly needs: Needs;
  /** Whether anything is to be put on. */
  readonly isDosed: boolean;
  /** All that may go on here. */
  readonly fit: readonly FitFertilizer[];
  readonly candidates: Candidates;
}

/** A way of choosing what to feed with: one file, one object. */
export interface FertilizerWay {
  readonly id: FertilizerWayId;
  /** Whether there is anything to choose from; asked before it is worked out. */
  readonly isHere: (input: WayInput) => boolean;
  /** Nothing where nothing can be fed so. */
  readonly option: (ctx: PlanContext, input: WayInput) => UndatedOption | undefined;
}

/** The decided one of the products for a role, else the first. */
export function pick(
  { file, candidates }: Pick<WayInput, 'file' | 'candidates'>,
  role: keyof Candidates,
  first: FitFertilizer | undefined,
): FitFertilizer | undefined {
  const decided = file.decisions[`feed-${role}`]?.value;
  return candidates[role].find(({ id }) => id === decided) ?? first;
}

/** Whether anything of a product lies in the client's shed. */
export function isOnHand({ file }: Pick<WayInput, 'file'>, { id }: Fertilizer): boolean {
  return Number(own(file.stock, id)?.onHand ?? '') > 0;
}
