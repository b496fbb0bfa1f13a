import type { MaterialId } from '../catalog/materials/types';
import type { IsoDate } from '../kernel/typed/date';
import type { Quantity } from '../kernel/units/quantity';
import type { Figure } from '../kernel/working/working';
import type { DateRequest, DatesOf } from '../schedule/requests';
import type { DoseRate, DoseSet } from '../schedule/dosing/doses';
import type { FertilizerTreatment } from './fertilizer/types';
import type { LimeTreatment } from './lime/types';
import type { SulfurTreatment } from './sulfur/types';

/** One application on a date. The key is the same from run to run. */
export interface Application {
  readonly key: string;
  readonly date: IsoDate;
  readonly state: 'firm' | 'conditional';
  readonly amount: DoseSet['doses'][number];
}

/** A hazard that something put on the ground raises; its words stand in the catalogue under `caution.<id>`. */
export const TREATMENT_CAUTIONS = [
  'caustic',
  'dust',
  'sulfate',
  'oxidizer',
  'pets',
  'burn',
  'water',
  'localCode',
] as const;
export type TreatmentCaution = (typeof TREATMENT_CAUTIONS)[number];

/** What a treatment puts on of one material, whatever kind of treatment it is. */
export interface TreatmentProduct {
  readonly role: 'lime' | 'sulfur' | 'n' | 'p' | 'k' | 'one' | 'row';
  readonly materialId: MaterialId;
  readonly bag: Figure<Quantity<'lb/bag', 'product'>>;
  /** Product in all; along rows without an area per 100 ft of row. */
  readonly rate: DoseRate;
  readonly applications: readonly Application[];
}

/** What every treatment tells in the same way, so that whoever adds them up need not know their kinds. */
export interface Treated<Kind extends string> {
  readonly kind: Kind;
  readonly step: 'ph' | 'feeding';
  /** Something is to be put on. */
  readonly isDosed: boolean;
  readonly products: readonly TreatmentProduct[];
  /** Hazards of what is put on; none where nothing is. */
  readonly cautions: readonly TreatmentCaution[];
  /** When a new test tells whether more is due. */
  readonly testOn: IsoDate | undefined;
  /** What a settlement of it stands for; it lapses when this changes. */
  readonly digest: string;
}

/** The treatments of a piece of ground, by kind. A new kind is a field here: every fold over them asks for it then. */
export interface Treatments {
  readonly lime: LimeTreatment;
  /** Nothing where sulfur is no question. */
  readonly sulfur: SulfurTreatment | undefined;
  readonly fertilizer: FertilizerTreatment;
}

export type TreatmentKind = keyof Treatments;
export type Treatment = NonNullable<Treatments[TreatmentKind]>;

/** What is made of each kind. */
export type ByKind<R> = {
  readonly [Kind in TreatmentKind]: (treatment: NonNullable<Treatments[Kind]>) => R;
};

/** What is made of one treatment by its kind. */
export function madeOf<R>(treatment: Treatment, by: ByKind<R>): R {
  switch (treatment.kind) {
    case 'lime':
      return by.lime(treatment);
    case 'sulfur':
      return by.sulfur(treatment);
    case 'fertilizer':
      return by.fertilizer(treatment);
  }
}

/** One of each kind, in the order in which they are told. */
export function foldTreatments<R>(treatments: Treatments, by: ByKind<R>): R[] {
  return treatmentsIn(treatments).map((treatment) => madeOf(treatment, by));
}

/** All treatments that there are, in the order in which they are told. */
export function treatmentsIn({ lime, sulfur, fertilizer }: Treatments): Treatment[] {
  return [lime, ...(sulfur ? [sulfur] : []), fertilizer];
}

/**
 * A treatment that is worked out but for its days: what it asks of the scheduler, and what it comes to with the
 * days that come back.
 */
export interface Proposal<T> {
  readonly requests: readonly DateRequest[];
  readonly dated: (dates: DatesOf) => T;
}
