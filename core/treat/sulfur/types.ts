import type { Application, Treated } from '../shared/treated';
import type { NamedMaterial } from '../../catalog/materials/types';
import type { PlantId } from '../../catalog/plants/plants';
import type { Quantity } from '../../kernel/units/quantity';
import type { Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { DoseSet } from '../../schedule/dosing/doses';
import type { Product, ProductRate } from '../shared/amounts';
import type { SulfurOption, SulfurSchool } from './schools/school';

/**
 * What becomes of sulfur: a dose, none at all, not in this soil, a question first, or wait for what is at work.
 */
export type SulfurVerdict = 'none' | 'refused' | 'ask' | 'wait' | 'dose';

/** What a bag of sulfur is worth. */
export interface SulfurBag {
  /** Sulfur in it, or how many pounds of a sulfate do as much as a pound of sulfur. */
  readonly worth: Figure<Quantity<'%', 'S'>> | Figure<Quantity<'ratio', 'product'>>;
  readonly share: Figure<Quantity<'ratio', 'S'>>;
  readonly size: Figure<Quantity<'lb/bag', 'product'>>;
  readonly density: Figure<Quantity<'lb/ft3', 'density'>>;
  /** The percentage stands on the bag at hand. */
  readonly fromLabel: boolean;
}

export interface SulfurMaterialRow extends NamedMaterial {
  /** The label has to say how much of its sulfur is elemental. */
  readonly mixed: boolean;
  /** It works by its acid at once, not by what becomes of sulfur. */
  readonly sulfate: boolean;
  /** It poisons what grows there. */
  readonly refused: boolean;
  readonly chosen: boolean;
  readonly bag: SulfurBag;
  /** Most of the material itself at once, where it has a limit of its own. */
  readonly most: ProductRate | undefined;
  /** Product of the first dose. */
  readonly rate: ProductRate;
  readonly total: Product;
  readonly bags: Figure<Quantity<'bags', 'product'>>;
}

/** A bed of its own mix, and plants that fit the soil as it is. */
export interface SulfurInstead {
  readonly mixCubicFeet: Figure<Quantity<'ft3', 'ground'>>;
  readonly mixCubicYards: Figure<Quantity<'yd3', 'ground'>>;
  /** Plants of the same kind whose range holds the soil's pH. */
  readonly plants: readonly PlantId[];
}

export interface SulfurTreatment extends Treated<'sulfur'> {
  readonly verdict: SulfurVerdict;
  /** Why there is no dose. */
  readonly why: Msg | undefined;
  /** What is aimed at first. */
  readonly target: Figure<Quantity<'pH', 'water'>>;
  /** The pH that the amount is worked out from: of a range its lower end. */
  readonly from: Figure<Quantity<'pH', 'water'>>;
  /** Sulfur in all by each school; never one dose. */
  readonly options: readonly SulfurOption[];
  /** By the school that is dosed from, and what the plan goes by: that, or the advisor's own. */
  readonly bySchool: Figure<Quantity<'lb/1000ft2', 'S'>>;
  readonly gross: Figure<Quantity<'lb/1000ft2', 'S'>>;
  /** Why the advisor puts an amount of their own in place of the schools'. */
  readonly ownReason: string | undefined;
  /** How much more that is than a school asks for, by school. */
  readonly ownMore: Readonly<Partial<Record<SulfurSchool, Figure<Quantity<'%', 'share'>>>>>;
  /** Sulfur that each inch of watering takes merely to stand still; nothing where the water's alkalinity is not known. */
  readonly standStill: Figure<Quantity<'lb/1000ft2', 'S'>> | undefined;
  /** What can be done in this soil's stead. */
  readonly instead: SulfurInstead;
  /** Elemental sulfur of the one dose that is safe now. */
  readonly first: Figure<Quantity<'lb/1000ft2', 'S'>>;
  readonly materials: readonly SulfurMaterialRow[];
  readonly chosenMaterial: SulfurMaterialRow;
  readonly set: DoseSet<ProductRate>;
  readonly applications: readonly Application[];
  readonly bagsToBuy: Figure<Quantity<'bags', 'product'>>;
}
