import type { BUFFERS } from '../../catalog/analytes';
import type { SourceId, Standing } from '../../kernel/sources';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import type { Figure } from '../../kernel/working/working';
import type { Readings } from '../../site/report/types';
import type { Learned } from '../../reading/learned';
import type { Basis } from './basis';

/** A requirement as a method prints it: per acre, at the method's own depth. */
export type PerAcre = Quantity<'ton/acre', 'limestone'> | Quantity<'lb/acre', 'limestone'>;

export interface MethodInput {
  readonly readings: Readings;
  readonly target: Figure<Quantity<'pH', 'water'>>;
  /** What this ground's own tests took for a whole unit of pH; nothing where they teach nothing. */
  readonly learned: Pick<Learned, 'unit' | 'depth'> | undefined;
}

/** A lime requirement method: one file, one registered object. */
export interface RequirementMethod {
  readonly id:
    | 'smp'
    | 'tri-state'
    | 'sikora'
    | 'adams-evans'
    | 'mehlich'
    | 'woodruff'
    | 'acidity'
    | 'texture'
    | 'tri-state-organic'
    | 'learned';
  readonly source: SourceId;
  readonly standing: Standing;
  /** The soils that it was made for. */
  readonly soils: 'mineral' | 'organic';
  readonly basis: Basis;
  /** Depth of soil that its result limes, inches. */
  readonly depthIn: number;
  /** What the report has to hold for it to be asked at all; the usual ones are always asked. */
  readonly reads?: (typeof BUFFERS)[number] | 'acidity';
  /** It counts only where the advisor decides for it, with a reason. */
  readonly byDecision?: true;
  /** The targets that its source has a column or a line for; a target between two is answered by the next higher one. */
  readonly targets?: readonly number[];
  /** Writes the requirement under `prefix`; absent, with the reason, outside its validity. */
  readonly compute: (ctx: PlanContext, prefix: string, input: MethodInput) => Figure<PerAcre>;
}
