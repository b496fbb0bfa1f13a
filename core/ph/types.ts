import type { Area, CaseFile } from '../casefile/casefile';
import type { DoseSet } from '../dosing/doses';
import type { Ground } from '../ground/ground';
import type { Materials } from '../materials/materials';
import type { Plant } from '../plants/plants';
import type { Readings } from '../report/types';
import type { IsoDate } from '../typed/date';
import type { Quantity } from '../units/quantity';
import type { Figure } from '../working/working';
import type { Pack } from '../yardsticks/pack';
import type { RequirementOption } from './options';
import type { Bag } from './quality';

type Product = Figure<Quantity<'lb', 'product'>>;
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
}

export interface MaterialRow {
  readonly id: string;
  readonly chosen: boolean;
  readonly bag: Bag;
  readonly rate: ProductRate;
  readonly total: Product;
  readonly bags: Figure<Quantity<'bags', 'product'>>;
}

/** One dressing on a date. The key is the same from run to run. */
export interface Dose {
  readonly key: string;
  readonly date: IsoDate;
  readonly state: 'firm' | 'conditional';
  readonly amount: DoseSet['doses'][number];
}

export interface LimePlan {
  readonly verdict: LimeVerdict;
  readonly standing: PhStanding;
  readonly target: Figure<Quantity<'pH', 'water'>>;
  readonly treatedDepth: Figure<Quantity<'in', 'depth'>>;
  readonly methods: readonly MethodRow[];
  readonly materials: readonly MaterialRow[];
  readonly chosenMaterial: MaterialRow;
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

export interface LimeInput {
  readonly file: CaseFile;
  readonly area: Area;
  readonly plant: Plant;
  readonly pack: Pack;
  readonly materials: Materials;
  readonly ground: Ground;
  readonly readings: Readings;
  readonly planFrom: IsoDate | undefined;
}
