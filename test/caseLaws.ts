/** What holds for every case that the schema takes, whatever was typed into it. */
import type { CaseFile } from '../core/casefile/casefile';
import type { DoseSet } from '../core/schedule/dosing/doses';
import { planCase, turnsOn } from '../core/plan/plan';
import type { Plan } from '../core/plan/types';
import { queueFacts } from '../core/plan/queue';
import { findingKey } from '../core/kernel/working/finding';
import type { Msg } from '../core/kernel/messages/msg';
import { valueOf, type Figure, type Working } from '../core/kernel/working/working';
import { planResponse } from '../files/planApi/response';
import { validateCaseFile } from '../files/schemas/caseFile';
import { createEnglish } from '../words/english';
import type { Voice } from '../words/voice';
import { slipText } from '../files/slip/slipText';

/** Figures that may lie below zero: what tells one thing from another, days to come, months of what was done before the plan. */
const MAY_BE_NEGATIVE =
  /difference|change|more|rounding|acid|off$|days$|dressed\/\d+$|verdict\/expected$|learned\/\w+\/noise$|habit.*(net|per-acre)$/;
const NEARLY = 1e-6;

function number(figure: Figure | undefined): number {
  return figure ? (valueOf(figure)?.value ?? NaN) : NaN;
}

/** What is wrong with a sentence as it is written: nothing in it, or a hole in it. */
function badWords(words: string): string | undefined {
  if (words.trim() === '') return 'an empty sentence';
  return /undefined|NaN|Infinity|\{[a-z]/.test(words)
    ? `a hole: ${words.slice(0, 120)}`
    : undefined;
}

function badNumber(entry: Working): string | undefined {
  if ('absent' in entry) {
    return entry.absent.id === 'absent.noNumber' ? `no number: ${entry.id}` : undefined;
  }
  const { value, range } = entry;
  const all = [value.value, ...(range ? [range.low, range.high] : [])];
  if (!all.every(Number.isFinite)) return `not finite: ${entry.id}`;
  if (range && range.low > range.high + NEARLY) return `range upside down: ${entry.id}`;
  const least = Math.min(...all);
  // Days of a year count down before its first.
  const mayBe = value.unit === 'day' || MAY_BE_NEGATIVE.test(entry.id);
  return least < -NEARLY && !mayBe ? `negative: ${entry.id}` : undefined;
}

/** Doses sum to the need and none passes its limit, printed as they are. */
function badDoses({ workings }: Plan, prefix: string, set: DoseSet): string[] {
  if (set.doses.length === 0) return [];
  const sum = (figures: readonly Figure[]): number =>
    figures.reduce((all, figure) => all + number(figure), 0);
  const total = number(set.total);
  const close = (a: number, b: number): boolean =>
    Math.abs(a - b) <= NEARLY * Math.max(1, Math.abs(a));
  const limit = workings.get(`${prefix}/dose/limit`);
  const most = limit && !('absent' in limit) ? limit.value.value : Infinity;
  const isDone = (figure: Figure): boolean => /\/done(\/|$)/.test(figure.id);
  const amounts = set.doses.map(({ amount }) => amount);
  // After another amount than was planned: what is left is shared by what is still to come, if anything is.
  const left = workings.get(`${prefix}/dose/left`);
  const isWhole = !left || (number(left) > NEARLY && !amounts.every(isDone));
  const printed = set.doses.map((dose) => dose.printed);
  return [
    ...(!isWhole || close(sum(amounts), total) ? [] : [`doses do not sum: ${prefix}`]),
    ...(close(sum(printed) - total, number(set.rounding)) ? [] : [`rounding: ${prefix}`]),
    ...(printed.every((each) => isDone(each) || number(each) <= most * (1 + NEARLY) + NEARLY)
      ? []
      : [`over its limit: ${prefix}`]),
  ];
}

function badAmounts(plan: Plan): string[] {
  return plan.areas.flatMap(({ area, treatments: { lime, sulfur, fertilizer: feed } }) => [
    ...badDoses(plan, `${area.id}/lime`, lime.set),
    ...(sulfur ? badDoses(plan, `${area.id}/sulfur`, sulfur.set) : []),
    ...feed.chosen.parts.flatMap(({ key, set }) => badDoses(plan, `${area.id}/feed/${key}`, set)),
    ...(feed.hold && feed.chosen.parts.length > 0 ? [`held and fed: ${area.id}`] : []),
  ]);
}

/** Sentences without figures as they were written: most are the same from case to case. */
const written = new Map<string, string>();
const english = createEnglish();

/** English that writes each message that no figure goes into once. */
const VOICE: Voice = {
  ...english,
  message: (message, how = {}) => {
    const key = `${how.plain}${JSON.stringify(message)}`;
    const words = written.get(key) ?? english.message(message, how);
    if (!key.includes('"working"')) written.set(key, words);
    return words;
  },
};

function badSentences(plan: Plan): string[] {
  const { workings } = plan;
  const say = (message: Msg): string => VOICE.message(message, { workings });
  const messages = [
    ...plan.findings.flatMap(({ message, turns }) => (turns ? [message, turns] : [message])),
    ...Object.values(plan.problems),
    ...plan.workings
      .all()
      .flatMap((entry) => ('absent' in entry ? [entry.label, entry.absent] : [entry.label])),
  ];
  return messages.flatMap((message) => {
    const bad = badWords(say(message));
    return bad ? [`${message.id}: ${bad}`] : [];
  });
}

/**
 * The laws that a case breaks, each in a few words; none for a sound one. It plans the case and writes its page, its
 * line on the Desk, what is sent and all sentences.
 */
export function brokenLaws(file: CaseFile): string[] {
  const valid = validateCaseFile(file);
  if (valid.kind !== 'valid') return [`not a case: ${JSON.stringify(valid.faults[0])}`];
  const plan = planCase(file);
  const keys = plan.findings.map(findingKey);
  const page = slipText(file, plan, VOICE);
  const line = VOICE.message(turnsOn(plan));
  queueFacts(file, plan);
  const sent = JSON.stringify(planResponse(file, plan, VOICE));
  return [
    ...plan.broken.map(({ fault, why }) => `broken: ${fault ?? why}`),
    ...(plan.findings.some(({ name }) => name === 'pageBroken') ? ['the page is broken'] : []),
    ...keys.filter((key, at) => keys.indexOf(key) !== at).map((key) => `twice: ${key}`),
    ...plan.workings.all().flatMap((entry) => badNumber(entry) ?? []),
    ...badAmounts(plan),
    ...badSentences(plan),
    ...[page, line].flatMap((words) => badWords(words) ?? []),
    ...(/\babout 0 .*/.exec(page) ?? []).map((words) => `nothing of it: ${words}`),
    ...(/NaN|Infinity|undefined/.test(sent) ? ['what is sent has a hole'] : []),
  ];
}

/** The seeds of a span, with the laws that their cases break; empty where all hold. */
export function brokenSeeds(
  from: number,
  to: number,
  caseOf: (seed: number) => CaseFile,
): Record<number, readonly string[]> {
  const broken: Record<number, readonly string[]> = {};
  for (let seed = from; seed < to; seed += 1) {
    try {
      const found = brokenLaws(caseOf(seed));
      if (found.length > 0) broken[seed] = found.slice(0, 3);
    } catch (error) {
      broken[seed] = [`threw: ${String(error)}`];
    }
  }
  return broken;
}
