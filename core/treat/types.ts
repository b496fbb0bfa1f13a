import type { Area, CaseFile } from '../casefile/casefile';
import type { DoseSet } from '../schedule/dosing/doses';
import type { Ground } from '../site/ground/ground';
import type { Materials } from '../catalog/materials/materials';
import type { MaterialId } from '../catalog/materials/types';
import type { AreaGoal } from '../site/goal';
import type { Plant, PlantId } from '../catalog/plants/plants';
import type { Readings } from '../site/report/types';
import type { IsoDate } from '../kernel/typed/date';
import type { Quantity } from '../kernel/units/quantity';
import type { Figure } from '../kernel/working/working';
import type { Pack } from '../catalog/packs/pack';
import type { RequirementOption } from './lime/options';
import type { Bag } from './lime/quality';
import type { SulfurOption, SulfurSchool } from './sulfur/need';
import type { Msg } from '../kernel/working/msg';

type Product = Figure<Quantity<'lb', 'product'>>;
type Money = Figure<Quantity<'usd', 'money'>>;
export type ProductRate = Figure<Quantity<'lb/1000ft2', 'product'>>;

/** What the pH step comes to. */
export type LimeVerdict = 'absent' | 'none-needed' | 'at-work' | 'not-worth-a-trip' | 'dose';

/** Where the measured pH lies: lime is for sour soil only. */
export type PhStanding = 'unknown' | 'sour' | 'right' | 'high';

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

export interface MaterialRow {
  readonly id: MaterialId;
  readonly chosen: boolean;
  readonly bag: Bag;
  readonly rate: ProductRate;
  readonly total: Product;
  readonly bags: Figure<Quantity<'bags', 'product'>>;
  /** What the whole job costs in whole bags; nothing without a price. */
  readonly cost: Money | undefined;
  /** It costs less than every other bag with a price. */
  readonly cheapest: boolean;
  /** Why it is not for this ground. */
  readonly refused: Msg | undefined;
}

/** One dressing on a date. The key is the same from run to run. */
export interface Dose {
  readonly key: string;
  readonly date: IsoDate;
  readonly state: 'firm' | 'conditional';
  readonly amount: DoseSet['doses'][number];
}

/** Calcium and magnesium that come with all of the lime, and the lime in tons per acre. */
export interface LimeBrings {
  readonly ca: Figure<Quantity<'lb/1000ft2', 'Ca'>>;
  readonly mg: Figure<Quantity<'lb/1000ft2', 'Mg'>>;
  readonly tonsPerAcre: Figure<Quantity<'ton/acre', 'product'>>;
}

export interface LimePlan {
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
  readonly doses: readonly Dose[];
  /** Whole bags for the dressings that are firm. */
  readonly bagsToBuy: Figure<Quantity<'bags', 'product'>>;
  /** When to sample before a conditional dressing. */
  readonly testBefore: IsoDate | undefined;
  /** What a settlement of this step stands for; it lapses when this changes. */
  readonly digest: string;
}

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

export interface SulfurMaterialRow {
  readonly id: MaterialId;
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

export interface SulfurPlan {
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
  /** What can be done in this soil's stead. */
  readonly instead: SulfurInstead;
  /** Elemental sulfur of the one dose that is safe now. */
  readonly first: Figure<Quantity<'lb/1000ft2', 'S'>>;
  readonly materials: readonly SulfurMaterialRow[];
  readonly chosenMaterial: SulfurMaterialRow;
  readonly set: DoseSet<ProductRate>;
  readonly doses: readonly Dose[];
  readonly bagsToBuy: Figure<Quantity<'bags', 'product'>>;
  /** When a new test tells whether more is due. */
  readonly testOn: IsoDate | undefined;
  /** What a settlement of it stands for. */
  readonly digest: string;
}

export interface LimeInput {
  readonly file: CaseFile;
  readonly area: Area;
  readonly plant: Plant;
  /** What pH all that grows there wants. */
  readonly goal: AreaGoal;
  readonly pack: Pack;
  readonly materials: Materials;
  readonly ground: Ground;
  readonly readings: Readings;
  readonly planFrom: IsoDate | undefined;
}
