import type { Application, Treated } from '../shared/treated';
import type { LimeLimit, NamedMaterial } from '../../catalog/materials/types';
import type { Quantity } from '../../kernel/units/quantity';
import type { Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { DoseSet } from '../../schedule/dosing/doses';
import type { Money, Product, ProductRate } from '../shared/amounts';
import type { RequirementOption } from './options';
import type { Bag } from './quality';

/** What the pH step comes to. */
export type LimeVerdict = 'absent' | 'none-needed' | 'at-work' | 'not-worth-a-trip' | 'dose';

/** Where the measured pH lies: lime is for acidic soil only. */
export type PhStanding = 'unknown' | 'acidic' | 'right' | 'high';

export interface MethodRow {
  readonly option: RequirementOption;
  readonly chosen: boolean;
  readonly rate: ProductRate;
  readonly total: Product;
  /** Product here, more or less than by the chosen method. */
  readonly difference: Product;
  /** The same in money, by whole bags; nothing without a price. */
  readonly costDifference: Money | undefined;
}

export interface MaterialRow extends NamedMaterial {
  readonly chosen: boolean;
  readonly bag: Bag;
  readonly rate: ProductRate;
  readonly total: Product;
  readonly bags: Figure<Quantity<'bags', 'product'>>;
  /** What the whole job costs in whole bags; nothing without a price. */
  readonly cost: Money | undefined;
  /** It costs less than every other bag with a price. */
  readonly cheapest: boolean;
  /** Sold nearly everywhere. */
  readonly isUsual: boolean;
  /** Where it does not belong. */
  readonly limit: LimeLimit | undefined;
  /** Why it is not for this ground. */
  readonly refused: Msg | undefined;
}

/** Calcium and magnesium that come with all of the lime, and the lime in tons per acre. */
export interface LimeBrings {
  readonly ca: Figure<Quantity<'lb/1000ft2', 'Ca'>>;
  readonly mg: Figure<Quantity<'lb/1000ft2', 'Mg'>>;
  readonly tonsPerAcre: Figure<Quantity<'ton/acre', 'product'>>;
}

export interface LimeTreatment extends Treated<'lime'> {
  readonly verdict: LimeVerdict;
  readonly standing: PhStanding;
  readonly target: Figure<Quantity<'pH', 'water'>>;
  readonly treatedDepth: Figure<Quantity<'in', 'depth'>>;
  readonly methods: readonly MethodRow[];
  readonly materials: readonly MaterialRow[];
  readonly chosenMaterial: MaterialRow;
  /** Why nothing of the chosen material is dosed; its reason where the advisor passes the advice. */
  readonly held: Msg | undefined;
  readonly passedBy: string | undefined;
  /** The chosen material burns skin and eyes. */
  readonly caustic: boolean;
  /** Lime of before that is still to react, as the tables' limestone. */
  readonly credit: Figure<Quantity<'lb/1000ft2', 'limestone'>> | undefined;
  /** The pH that the amount is worked out from: of a range its upper end. */
  readonly from: Figure<Quantity<'pH', 'water'>>;
  /** Why the advisor puts an amount of their own in place of what is advised. */
  readonly ownReason: string | undefined;
  /** The chosen material is one for soil that is short of magnesium. */
  readonly forMagnesium: boolean;
  readonly brings: LimeBrings;
  /** So much that half goes on before the ground is worked and half after. */
  readonly inHalves: boolean;
  /** Months until most of it has worked. */
  readonly worksIn: { readonly from: number; readonly to: number };
  readonly rate: ProductRate;
  readonly set: DoseSet<ProductRate>;
  readonly applications: readonly Application[];
  /** Whole bags for the dressings that are firm. */
  readonly bagsToBuy: Figure<Quantity<'bags', 'product'>>;
}
