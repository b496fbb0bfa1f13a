import type { AreaSlice } from '../../casefile/slice';
import type { AreaPlan } from '../../area/areaPlan';
import type { Materials } from '../../catalog/materials/materials';
import {
  findingOf,
  type Finding,
  type FindingName,
  type SeverityOf,
  type StepId,
  type Told,
} from '../../kernel/working/finding';
import type { Asked } from '../../site/questions';

/** What findings of an area are made from: what was worked out, and what the advisor decided. */
export interface FindInput {
  readonly file: AreaSlice;
  readonly plan: AreaPlan;
  readonly materials: Materials;
}

/** Collects what there is to say of one area, in the order in which it is said. */
export class Finder {
  readonly found: Finding[] = [];
  private readonly answered: readonly string[];

  constructor(
    file: AreaSlice,
    private readonly areaId: string,
  ) {
    this.answered = (file.decisions.checked?.value ?? '').split(' ');
  }

  /** Says something; see `findingOf`. */
  find<Name extends FindingName>(
    step: StepId,
    severity: SeverityOf<Name>,
    name: Name,
    ...told: Told<Name>
  ): void {
    this.found.push(findingOf(this.areaId, step, severity, name, ...told));
  }

  /** Asks what was not said to be right yet; each question is quiet until its value changes. */
  ask(asked: readonly Asked[]): void {
    this.found.push(...asked.filter(({ question }) => !this.answered.includes(question.token)));
  }
}
