import { decisionOf, type Decision } from '../casefile/decisions';
import { type CaseFile } from '../casefile/casefile';
import { toCome } from '../treat/shared/treated';
import { treatmentsIn } from '../treat/treatments';
import type { Plan } from './types';
import { addDays, addMonths, daysBetween, parseDate, type IsoDate } from '../kernel/typed/date';
import { parseNumber } from '../kernel/typed/number';
import { fingerprint } from '../kernel/typed/fingerprint';
import { own } from '../kernel/typed/own';

/** Where a case waits: for a second person, the advisor, the laboratory, the post, the field, a new test, or nobody. */
export const QUEUES = ['review', 'decide', 'laboratory', 'send', 'field', 'test', 'rest'] as const;
export type Queue = (typeof QUEUES)[number];

/** What is stored of a case to tell, on any later day, where it waits. */
export interface QueueFacts {
  /** Every step is done, so that the slip can go out. */
  readonly finished: boolean;
  /** Since when the advisor has had what there is to decide by. */
  readonly since: IsoDate;
  /** When soil went to the laboratory that nothing has come back of. */
  readonly sampledOn: IsoDate | undefined;
  /** When its report is expected. */
  readonly expectedOn: IsoDate | undefined;
  /** When this very slip went out. */
  readonly sentOn: IsoDate | undefined;
  readonly doses: readonly IsoDate[];
  /** Since when a second person is to look it over. */
  readonly reviewOn: IsoDate | undefined;
  /** When to test again. */
  readonly testOn: IsoDate | undefined;
}

/** A case's queue on a day, with the day that it waits since, or is due on. */
export interface Queued {
  readonly queue: Queue;
  readonly on: IsoDate | undefined;
  /** Days that a report is overdue. */
  readonly overdue?: number;
}

/** What of a plan goes out to the client. */
type Told = Pick<Plan, 'areas' | 'slip'>;

/** What a slip that was sent stands for: its amounts and their days; it is to be sent again when this changes. */
export function slipDigest(plan: Told): string {
  return `${amountsDigest(plan)}|@${fingerprint(datesOf(plan).join(' '))}`;
}

/** Whether this very slip was sent. One of before went by its amounts alone. */
export function isSent(plan: Told, { value }: Pick<Decision, 'value'>): boolean {
  return value === slipDigest(plan) || value === amountsDigest(plan);
}

/** The days of all firm applications, in order. */
function datesOf({ areas }: Pick<Plan, 'areas'>): IsoDate[] {
  const products = areas.flatMap(({ treatments }) =>
    treatmentsIn(treatments).flatMap((treatment) => treatment.products),
  );
  return products
    .flatMap(({ applications }) => toCome(applications).filter(({ state }) => state === 'firm'))
    .map(({ date }) => date)
    .sort();
}

function amountsDigest({ areas, slip }: Told): string {
  const sums = areas.map(({ area, treatments }) =>
    [area.id, ...treatmentsIn(treatments).map(({ digest }) => digest)].join(' '),
  );
  const words = slip.blocks.flatMap((block) =>
    block.kind !== 'table' && block.text.id === 'slip.paragraph'
      ? String(block.text.params?.['words'])
      : [],
  );
  words.push(...slip.lines.flatMap(({ what, key }) => (what === 'struck' && key ? [key] : [])));
  return [...sums, ...(words.length > 0 ? [fingerprint(words.join('\n'))] : [])].join('|');
}

function dateOf(text: string): IsoDate | undefined {
  const parsed = parseDate(text);
  return parsed.kind === 'value' ? parsed.value : undefined;
}

function earliest(dates: readonly (IsoDate | undefined)[]): IsoDate | undefined {
  return dates.flatMap((date) => date ?? []).sort()[0];
}

/** Samples that were taken and of which nothing has been read yet, by a laboratory, a kit or a probe. */
function atLaboratory(file: CaseFile): IsoDate | undefined {
  const out = Object.values(file.samples).filter(
    ({ id }) =>
      !Object.values(file.reports).some(
        ({ results, readings }) =>
          Object.values(own(results, id) ?? {}).some((value) => value.text.trim() !== '') ||
          Object.values(readings).some(({ sampleId }) => sampleId === id),
      ),
  );
  return earliest(out.map(({ takenOn }) => dateOf(takenOn)));
}

/** A report that nobody said the time of is expected after two weeks; common practice. */
export const USUAL_DAYS = 14;

function expected(file: CaseFile, sampledOn: IsoDate): IsoDate {
  const days = parseNumber(file.sampling.days, { min: 1, max: 365 });
  return addDays(sampledOn, days.kind === 'value' ? Math.round(days.value) : USUAL_DAYS);
}

function testAgain(file: CaseFile, plan: Plan): IsoDate | undefined {
  const from = dateOf(file.planFrom);
  return earliest(
    plan.areas.map(
      ({ treatments, nextTest, readings }) =>
        treatmentsIn(treatments).find(({ testOn }) => testOn)?.testOn ??
        (from && !readings.untested ? addMonths(from, 12 * nextTest.years) : undefined),
    ),
  );
}

/** The facts of a case and its plan. */
export function queueFacts(file: CaseFile, plan: Plan): QueueFacts {
  const sampledOn = atLaboratory(file);
  const reported = Object.values(file.reports)
    .filter(({ source }) => source === 'laboratory')
    .flatMap(({ date }) => dateOf(date) ?? [])
    .sort();
  const sent = decisionOf(file, 'case', 'slip-sent');
  return {
    finished: plan.steps.slip === 'done',
    since: reported.at(-1) ?? file.createdOn,
    sampledOn,
    expectedOn: sampledOn && expected(file, sampledOn),
    sentOn: sent && isSent(plan, sent) ? sent.at.slice(0, 10) : undefined,
    doses: [...new Set(datesOf(plan))],
    reviewOn:
      file.review.state === 'waiting' ? (dateOf(file.review.on) ?? file.createdOn) : undefined,
    testOn: testAgain(file, plan),
  };
}

/** A dressing is due until so many days after its date; common practice. */
const DUE_FOR_DAYS = 14;
/** A test is announced so many days before; common practice. */
const TEST_AHEAD_DAYS = 60;

/**
 * Tells where a case waits on a day. What a second person is to look over comes first; a sample at the laboratory comes before what could be
 * decided without it; what was sent waits for its next dressing, then for its test. A caseload is asked about
 * in one go, so that the day is reckoned with once.
 */
export function queueOn(today: IsoDate): (facts: QueueFacts) => Queued {
  const testBy = addDays(today, TEST_AHEAD_DAYS);
  const dueFrom = addDays(today, -DUE_FOR_DAYS);
  return ({ finished, since, sampledOn, expectedOn, sentOn, doses, testOn, reviewOn }) => {
    if (reviewOn) return { queue: 'review', on: reviewOn };
    if (sampledOn) {
      const late = expectedOn && expectedOn < today ? daysBetween(expectedOn, today) : 0;
      return { queue: 'laboratory', on: sampledOn, ...(late > 0 ? { overdue: late } : {}) };
    }
    if (!finished) return { queue: 'decide', on: since };
    if (!sentOn) return { queue: 'send', on: since };
    if (testOn && testOn <= testBy) return { queue: 'test', on: testOn };
    const next = doses.find((date) => date >= dueFrom);
    if (next) return { queue: 'field', on: next };
    return { queue: 'rest', on: testOn };
  };
}
