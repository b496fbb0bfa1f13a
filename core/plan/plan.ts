import type { CaseFile } from '../casefile/casefile';
import { msg, type Msg } from '../kernel/messages/msg';
import { isTold } from '../tell/told';
import { replan, type PlanWith } from './replan';
import type { Plan } from './types';

/**
 * The plan of a case from scratch; see `replan`. The same case file gives the same plan.
 *
 * @param file a valid case file of the present schema; values in it may be anything typed
 */
export function planCase(file: CaseFile, by?: PlanWith): Plan {
  return replan(file, undefined, by).plan;
}

/**
 * The one thing that a case turns on, for lists, and without a figure: that something typed cannot be
 * read, else its first open finding (a stop before a decision), else that the report is still to be typed, else that nothing is open.
 */
export function turnsOn({ findings, problems, areas }: Plan): Msg {
  if (Object.keys(problems).length > 0) return msg('turns.problem');
  const open =
    findings.find(({ severity }) => severity === 'stop') ??
    findings.find(({ severity }) => severity === 'decide');
  if (open?.turns) return open.turns;
  return msg(areas.some(isTold) ? 'turns.nothing' : 'turns.report');
}
