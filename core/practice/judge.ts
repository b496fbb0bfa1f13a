import { secondLook, type Look } from '../look/secondLook';
import { BASES, inUnit, isOfFamily, type UnitFamily } from '../kernel/units/families';
import type { Quantity } from '../kernel/units/quantity';
import type { AmountTask, ChoiceTask, Task } from './task';

/** What becomes of an answer. */
export interface Judged {
  readonly verdict: 'unread' | 'right' | 'otherSchool' | 'wrong';
  /** Of an amount: how it stands against what is right. */
  readonly look: Look | undefined;
}

function judgeChoice({ right }: ChoiceTask, said: string): Judged {
  if (said === '') return { verdict: 'unread', look: undefined };
  const at = right.indexOf(said);
  return { verdict: at < 0 ? 'wrong' : at === 0 ? 'right' : 'otherSchool', look: undefined };
}

function judgeAmount({ right, unit, beside }: AmountTask, said: string): Judged {
  // What is typed without a unit is in the one that stands behind the field.
  const typed = /[a-z²%]/i.test(said) || said.trim() === '' ? said : `${said.trim()} ${unit}`;
  const [own, ...others] = right();
  const look = secondLook(own.workings, own.id, typed, beside);
  if (look.verdict === 'right' || look.verdict === 'unread') return { verdict: look.verdict, look };
  const other = others
    .map(({ workings, id }) => secondLook(workings, id, typed, beside))
    .find(({ verdict }) => verdict === 'right');
  return other ? { verdict: 'otherSchool', look: other } : { verdict: 'wrong', look };
}

/** Judges an answer: right by the plan, right by another school, or wrong, with what explains it. */
export function judge(task: Task, said: string): Judged {
  return task.kind === 'choice' ? judgeChoice(task, said) : judgeAmount(task, said);
}

const FAMILIES = Object.keys(BASES) as UnitFamily[];

/** What is right of an amount, in the unit that it is asked in: the plan's own first, then what other schools say. */
export function rightAmounts({ right, unit }: AmountTask): Quantity[] {
  return right().flatMap(({ id, workings }) => {
    const working = workings.get(id);
    if (!working || 'absent' in working) return [];
    const { value } = working;
    const family = FAMILIES.find((each) => isOfFamily(each, unit) && isOfFamily(each, value.unit));
    return [family ? inUnit(family, value, unit) : value];
  });
}
