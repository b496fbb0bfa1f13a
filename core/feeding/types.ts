import type { DoseSet } from '../dosing/doses';
import type { Dose } from '../ph/types';
import type { Quantity } from '../units/quantity';
import type { Figure } from '../working/working';

export type FeedVerdict = 'absent' | 'none-needed' | 'dose';

export interface NitrogenRow {
  readonly id: string;
  readonly chosen: boolean;
  readonly grade: Figure<Quantity<'%', 'N'>>;
  readonly rate: Figure<Quantity<'lb/1000ft2', 'product'>>;
  readonly total: Figure<Quantity<'lb', 'product'>>;
  readonly bags: Figure<Quantity<'bags', 'product'>>;
}

/** A lawn's nitrogen for the season by one product. */
export interface FeedPlan {
  readonly verdict: FeedVerdict;
  /** N for the year as the pack has it, with its range where the clippings are not known. */
  readonly yearly: Figure<Quantity<'lb/1000ft2', 'N'>>;
  /** N already given this year. */
  readonly given: Figure<Quantity<'lb/1000ft2', 'N'>> | undefined;
  /** N still to give. */
  readonly need: Figure<Quantity<'lb/1000ft2', 'N'>>;
  readonly products: readonly NitrogenRow[];
  readonly chosenProduct: NitrogenRow;
  readonly set: DoseSet;
  readonly doses: readonly Dose[];
  readonly bagsToBuy: Figure<Quantity<'bags', 'product'>>;
  readonly digest: string;
}
