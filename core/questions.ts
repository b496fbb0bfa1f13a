import { decisionOf, type CaseFile } from './casefile/casefile';
import type { PlanContext, Question, StepId } from './working/context';
import type { Msg } from './working/msg';
import type { Figure } from './working/working';

/** Something typed that is more likely a slip than a fact. */
export interface Asked {
  readonly name: string;
  readonly params?: Msg['params'];
  readonly restsOn?: readonly Figure[];
  readonly question: Question;
}

/** Asks what was not said to be right yet; each question is quiet until its value changes. */
export function ask(
  ctx: PlanContext,
  file: CaseFile,
  areaId: string,
  step: StepId,
  asked: readonly Asked[],
): void {
  const answered = (decisionOf(file, areaId, 'checked')?.value ?? '').split(' ');
  for (const { name, params = {}, restsOn = [], question } of asked) {
    if (answered.includes(question.token)) continue;
    ctx.find(areaId, step, 'decide', name, params, restsOn, question);
  }
}
