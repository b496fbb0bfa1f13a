import type { CaseFile } from '../casefile/casefile';
import type { IsoDate } from '../kernel/typed/date';
import { own } from '../kernel/typed/own';
import { inUnit, isOfFamily } from '../kernel/units/families';
import type { Unit } from '../kernel/units/quantity';
import type { Problems } from '../kernel/working/context';
import type { Msg } from '../kernel/messages/msg';
import { valueOf, type Figure, type Working, type WorkingId } from '../kernel/working/working';
import { workingsOf, type Workings } from '../kernel/working/workings';
import type { Beside } from '../look/missteps';
import { BenchSheet, type Typed } from './benchSheet';
import { FIELDS, type FieldId } from './fields';
import type { BenchAnswer, BenchSum } from './sum';

/** An answer in the unit in which somebody wants to read it. */
export interface ShownAnswer extends BenchAnswer {
  readonly shown: Figure;
}

/** A sum worked out, with all that is shown of it. */
export interface Ran {
  readonly sum: BenchSum;
  /** What stands in the fields: what was typed, else what is usual. */
  readonly typed: Typed;
  readonly fields: readonly FieldId[];
  readonly answers: readonly [ShownAnswer, ...ShownAnswer[]];
  readonly says: readonly Msg[];
  readonly inAll: BenchAnswer | undefined;
  readonly beside: () => Beside;
  readonly workings: Workings;
  /** What cannot be read, by field. */
  readonly problems: Problems;
  readonly file: CaseFile | undefined;
}

/** The key under which the unit of an answer stands. */
export function answerUnitKey(at: number): string {
  return `answer${at}.unit`;
}

function shownAs(sheet: BenchSheet, typed: Typed, answer: BenchAnswer, at: number): ShownAnswer {
  const { family, figure, label } = answer;
  const wanted = own(typed, answerUnitKey(at)) as Unit | undefined;
  const unit = valueOf(figure)?.unit;
  if (!family || !wanted || wanted === unit || !isOfFamily(family, wanted)) {
    return { ...answer, shown: figure };
  }
  const shown = sheet.ctx.sheet.derive(
    'convert',
    { id: sheet.id(`answer${at}`), label, source: 'definition' },
    [figure],
    (value) => inUnit(family, value, wanted),
  );
  return { ...answer, shown };
}

/** Problems of the small case at the fields that were typed for it: the last part of a place names its field. */
function problemsOf(sheet: BenchSheet, small: Problems): Problems {
  const places = Object.entries(small).flatMap(([place, problem]) => {
    const field = place.slice(place.lastIndexOf('/') + 1);
    return own(FIELDS as Readonly<Record<string, unknown>>, field) ? [[field, problem]] : [];
  });
  return { ...(Object.fromEntries(places) as Problems), ...sheet.ctx.problems };
}

/**
 * Works a sum out.
 * @param today the day that the doses of a small case are dated from
 */
export function runSum(sum: BenchSum, given: Typed, today: IsoDate): Ran {
  const typed: Typed = { ...sum.usual, ...given };
  const sheet = new BenchSheet(typed);
  const { answers, says, inAll, beside = () => ({}), file, plan } = sum.work(sheet, today);
  const [first, ...rest] = answers;
  const shown: Ran['answers'] = [
    shownAs(sheet, typed, first, 0),
    ...rest.map((answer, at) => shownAs(sheet, typed, answer, at + 1)),
  ];
  const entries = new Map<WorkingId, Working>(sheet.ctx.sheet.workings);
  for (const working of plan?.workings.all() ?? []) entries.set(working.id, working);
  return {
    sum,
    typed,
    fields: sum.fields(sheet),
    answers: shown,
    says,
    inAll,
    beside,
    workings: workingsOf(entries),
    problems: problemsOf(sheet, plan?.problems ?? {}),
    file,
  };
}

/**
 * What the next sum begins with: each field that an answer of this one gives, or that both ask, keeps its value.
 */
export function carriedInto(ran: Ran, next: BenchSum): Typed {
  const fields = next.fields(new BenchSheet({ ...next.usual, ...ran.typed }));
  const kept = fields.flatMap((id): [string, string][] => {
    const answer = ran.answers.find(
      ({ carries, figure }) => carries === id && !('absent' in figure),
    );
    const value = answer && valueOf(answer.figure);
    if (value) return [[id, String(Number(value.value.toPrecision(6)))]];
    const typed = own(ran.typed, id);
    return typed === undefined || !ran.fields.includes(id) ? [] : [[id, typed]];
  });
  const units = kept.flatMap(([id]): [string, string][] => {
    const unit = own(ran.typed, `${id}.unit`);
    const isAnswer = ran.answers.some(({ carries }) => carries === id);
    return unit === undefined || isAnswer ? [] : [[`${id}.unit`, unit]];
  });
  return Object.fromEntries([...kept, ...units]);
}
