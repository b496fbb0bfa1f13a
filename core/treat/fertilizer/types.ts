import type { Treated, TreatmentProduct } from '../shared/treated';
import type { DoseSet } from '../../schedule/dosing/doses';
import type { IsoDate } from '../../kernel/typed/date';
import type { Quantity } from '../../kernel/units/quantity';
import type { Figure } from '../../kernel/working/working';
import type { NamedMaterial } from '../../catalog/materials/types';
import type { Balance, ProductPart } from './handOrder';
import type { ApplicationLimits } from '../../catalog/packs/pack';
import type { FitFertilizer } from './fit';
import type { FertilizerHold } from './hold';
import type { Needs } from './need';
import type { NeedInput } from './needInput';

/**
 * What the season's feeding comes to: nobody knows, held back by what the soil holds, nothing is needed, nothing is
 * needed as far as anybody measured, or products on dates.
 */
export type FertilizerVerdict = 'absent' | 'held' | 'none-needed' | 'none-known' | 'dose';

/**
 * By need: each nutrient by its own product. One trip: one product, once. Organic: by need, of what organic growers may use.
 * On hand: first what lies in the shed. Best buy: as it was chosen for the whole job.
 */
export const FERTILIZER_WAYS = ['by-need', 'one-trip', 'organic', 'on-hand', 'best-buy'] as const;
export type FertilizerWayId = (typeof FERTILIZER_WAYS)[number];

export interface FertilizerInput extends NeedInput {
  /** Days on which lime went on top already: feed keeps its distance. */
  readonly limedOn: readonly IsoDate[];
}

/** A product of the plan in dressings on dates. */
export interface FertilizerProduct extends TreatmentProduct {
  readonly role: ProductPart['role'];
  readonly material: FitFertilizer;
  readonly set: DoseSet;
  /** It goes on in the same trips as others; see `inTheSameTrips`. */
  readonly together?: ProductPart['together'];
  readonly bags: Figure<Quantity<'bags', 'product'>>;
  /** The season's rate along a row, where the ground is rows with an area. */
  readonly perRow: Figure<Quantity<'lb/100ft', 'product'>> | undefined;
  /** Ground that one bag goes over; nothing on rows without an area. */
  readonly reach: Figure<Quantity<'ft2', 'ground'>> | undefined;
}

/** The products that may serve each role. */
export type Offers = Readonly<Record<'n' | 'p' | 'k' | 'one', readonly NamedMaterial[]>>;

/** One way to feed: its products, and what they bring against the needs. */
export interface FertilizerOption {
  readonly way: FertilizerWayId;
  readonly parts: readonly FertilizerProduct[];
  /** What each select of its products may offer; nothing where they are not chosen one by one. */
  readonly offers: Offers | undefined;
  /** Nothing on rows without an area, where only nitrogen is counted. */
  readonly balance: Balance | undefined;
}

/** An area's feeding for the season. */
export interface FertilizerTreatment extends Treated<'fertilizer'> {
  readonly verdict: FertilizerVerdict;
  /** What keeps all of it off the ground for now. */
  readonly hold: FertilizerHold | undefined;
  readonly needs: Needs;
  readonly chosen: FertilizerOption;
  /** Every way that there is here, the chosen one among them: by need first. */
  readonly options: readonly [FertilizerOption, ...FertilizerOption[]];
  /** What may go on this ground and brings something of what it needs, and the most of one trip. */
  readonly fit: readonly FitFertilizer[];
  readonly limits: ApplicationLimits;
  /** The products that may serve each role, whatever way was chosen. */
  readonly candidates: Offers;
  /** The ways that are there for this ground, and are not worked out until one is chosen. */
  readonly otherWays: readonly FertilizerWayId[];
}
