import type { CaseFile } from '../casefile/casefile';
import { sampleOf } from '../casefile/parts/sample';
import type { AreaPlan } from '../area/areaPlan';
import { msg, type Msg } from '../kernel/messages/msg';
import { daysBetween } from '../kernel/typed/date';
import { calendarOf, type CalendarEntry } from './calendar';
import type { SlipBlock } from './slip/document';

type Test = Extract<CalendarEntry, { readonly kind: 'test' }>;

interface Due {
  readonly plan: AreaPlan;
  readonly test: Test;
}

/** Ground whose test comes so soon after the first of a client's is told in the same letter, days. Common practice. */
const TOGETHER_DAYS = 90;

/** The tests of a client's ground that one letter asks for: the first, and what comes soon after it. */
function dueOf(areas: readonly AreaPlan[]): Due[] {
  const tests = areas
    .flatMap((plan) =>
      calendarOf(plan).flatMap((entry): Due[] =>
        entry.kind === 'test' ? [{ plan, test: entry }] : [],
      ),
    )
    .sort((a, b) => (a.test.date < b.test.date ? -1 : 1));
  const [first] = tests;
  return tests.filter(
    ({ test }) => first && daysBetween(first.test.date, test.date) <= TOGETHER_DAYS,
  );
}

function nameOf({ area, plant }: AreaPlan): Msg | string {
  return area.name.trim() === '' ? msg(`area.unnamed.${plant.form}`) : area.name.trim();
}

/** Why ground is tested then: to see what was put on do its work, or as its soil asks. */
function whyOf({ plan, test }: Due): string {
  if (test.why === 'routine') return plan.nextTest.why;
  if (test.why === 'first') return 'first';
  return test.key.endsWith('sulfur') ? 'sulfur' : 'lime';
}

function label(file: CaseFile, { plan }: Due): readonly Msg[] {
  const { sampling, area } = plan;
  const sample = sampleOf(file, area.id)?.name.trim() ?? '';
  const { depth } = sampling;
  return [
    msg('letter.is', { words: nameOf(plan) }),
    msg('letter.is', { words: sample }),
    'absent' in depth
      ? msg('letter.is', { words: '' })
      : msg('letter.depth', { depth: { working: depth.id } }),
    msg('letter.line'),
  ];
}

/**
 * The letter that reminds a client of the next soil test: what ground, around which day and why, how the sample is taken, what to
 * bring, and a label for each bag to cut off.
 * @returns nothing where no ground has a test to come
 */
export function reminderLetter(file: CaseFile, areas: readonly AreaPlan[]): SlipBlock[] {
  const due = dueOf(areas);
  if (due.length === 0) return [];
  const sentence = (text: Msg): SlipBlock => ({ kind: 'sentence', text });
  return [
    { kind: 'lead', text: msg('letter.lead') },
    ...due.map((each) =>
      sentence(
        msg('letter.test', {
          area: nameOf(each.plan),
          date: { date: each.test.date },
          why: whyOf(each),
        }),
      ),
    ),
    { kind: 'section', text: msg('letter.how') },
    ...(['letter.same', 'letter.mix', 'letter.wait'] as const).map((id) => sentence(msg(id))),
    { kind: 'section', text: msg('letter.bring') },
    ...(['letter.past', 'letter.question'] as const).map((id) => sentence(msg(id))),
    { kind: 'section', text: msg('letter.labels') },
    {
      kind: 'table',
      head: (['ground', 'sample', 'depth', 'taken'] as const).map((each) =>
        msg(`letter.head.${each}`),
      ),
      rows: due.map((each) => label(file, each)),
    },
  ];
}
