import type { DecisionKind, Settlement } from '../../casefile/decisions';
import type { StageId } from '../../catalog/programmes/programme';
import type { NamedMaterial } from '../../catalog/materials/types';
import type { Kept } from '../../site/diary';
import type { IsoDate } from '../../kernel/typed/date';
import type { Quantity } from '../../kernel/units/quantity';
import type { Figure } from '../../kernel/working/working';
import type { DoseSet } from '../../schedule/dosing/doses';
import type { DoseRate } from '../../schedule/dosing/oneDose';
import type { Constraints } from '../../schedule/constraints';
import type { Origin } from '../../schedule/climate/calendar';
import type { Because } from '../../schedule/dates';
import type { DateRequest, DatesOf } from '../../schedule/requests';

/** One application on a date. The key is the same from run to run. */
export interface Application {
  readonly key: string;
  readonly date: IsoDate;
  readonly state: 'firm' | 'conditional';
  /** What the plant is at then, where its programme says; the day then stands for its week. */
  readonly stage?: StageId;
  /** What the days of that stage are counted from. */
  readonly origin?: Origin;
  /** So much of its nitrogen should come slowly, %. */
  readonly slow?: number | undefined;
  readonly amount: DoseSet['doses'][number];
  /** Why it lies on this day, and all that binds it. */
  readonly because: readonly Because[];
  readonly within: Constraints;
  /** What the diary says became of it; nothing while it is still to come. */
  readonly kept: Kept | undefined;
}

/** Those that are neither done nor left out. */
export function toCome<A extends Application>(applications: readonly A[]): A[] {
  return applications.filter(({ kept }) => !kept);
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
  /** What its figures and applications are called by: its role, or what tells it from others of the same. */
  readonly key: string;
  readonly material: NamedMaterial;
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
  /** The decision that settles it, and what that stands for: it lapses when the digest changes. */
  readonly settledBy: Settlement;
  readonly digest: string;
  /** What was chosen, decided for or not: a settlement writes it down. */
  readonly stands: Readonly<Partial<Record<DecisionKind, string>>>;
}

/**
 * A treatment that is worked out but for its days: what it asks of the scheduler, and what it comes to with the
 * days that come back.
 */
export interface Proposal<T> {
  readonly requests: readonly DateRequest[];
  readonly dated: (dates: DatesOf) => T;
}
