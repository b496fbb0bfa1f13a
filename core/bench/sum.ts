import type { CaseFile } from '../casefile/casefile';
import type { IsoDate } from '../kernel/typed/date';
import type { UnitFamily } from '../kernel/units/families';
import type { Msg, NamesIn } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import type { Plan } from '../plan/types';
import type { Beside } from '../look/missteps';
import type { BenchSheet, Typed } from './benchSheet';
import type { FieldId } from './fields';

export type SumId = NamesIn<'bench.sum'>;

/** What a sum comes to. */
export interface BenchAnswer {
  readonly label: Msg;
  readonly figure: Figure;
  /** The units that it may be shown in; none where there is only its own. */
  readonly family?: UnitFamily;
  /** The field of another sum that takes it. */
  readonly carries?: FieldId;
}

export interface Worked {
  /** What was asked for first. */
  readonly answers: readonly [BenchAnswer, ...BenchAnswer[]];
  /** What has to be said with it: what is in all and never at once, cautions, why there is none. */
  readonly says: readonly Msg[];
  /** What it is in all, where no day has all of it: never one dose, and what others say is held against it too. */
  readonly inAll?: BenchAnswer;
  /** What is known of it that no step says. */
  readonly beside?: () => Beside;
  /** The case that it was worked out with; none where it is of no ground. */
  readonly file?: CaseFile;
  readonly plan?: Plan;
}

/** A sum without a case: one line of fields, one answer. It is worked out by what works out a case. */
export interface BenchSum {
  readonly id: SumId;
  /** The fields, in the order in which they are said on the telephone; some turn on what was chosen. */
  readonly fields: (sheet: BenchSheet) => readonly FieldId[];
  /** What stands in a field until something is typed. */
  readonly usual: Typed;
  readonly work: (sheet: BenchSheet, today: IsoDate) => Worked;
}
