import type { FertilizerTreatment } from './fertilizer/types';
import type { LimeTreatment } from './lime/types';
import type { SulfurTreatment } from './sulfur/types';

/** The treatments of a piece of ground, by kind. A new kind is a field here: every fold over them asks for it then. */
export interface Treatments {
  readonly lime: LimeTreatment;
  /** Nothing where sulfur is no question. */
  readonly sulfur: SulfurTreatment | undefined;
  readonly fertilizer: FertilizerTreatment;
}

type TreatmentKind = keyof Treatments;
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

/** Every kind, in the order in which they are told; one that is left out does not compile. */
const ORDER: Readonly<Record<TreatmentKind, true>> = { lime: true, sulfur: true, fertilizer: true };
const KINDS = Object.keys(ORDER) as readonly TreatmentKind[];

/** All treatments that there are, in the order in which they are told. */
export function treatmentsIn(treatments: Treatments): Treatment[] {
  return KINDS.flatMap((kind) => treatments[kind] ?? []);
}
