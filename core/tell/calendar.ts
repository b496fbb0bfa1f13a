import type { AreaPlan } from '../area/areaPlan';
import type { MaterialId } from '../catalog/materials/types';
import type { Breach } from '../schedule/constraints';
import type { Because } from '../schedule/dates';
import type { IsoDate } from '../kernel/typed/date';
import { msg, type Msg } from '../kernel/messages/msg';
import type { LocalRule } from '../site/localRules';
import type { Application, TreatmentProduct } from '../treat/shared/treated';
import { treatmentsIn } from '../treat/treatments';
import { isTold, toldTreatments } from './told';

/** What lies on a day of the calendar. */
export type EntryKind = 'lime' | 'sulfur' | 'nitrogen' | 'phosphate' | 'potash' | 'test';

interface Entry {
  /** The same from run to run, and one of a kind in a case. */
  readonly key: string;
  readonly areaId: string;
  readonly kind: EntryKind;
  readonly date: IsoDate;
}

/** Something that is put on. */
interface PutOn extends Entry {
  readonly kind: Exclude<EntryKind, 'test'>;
  readonly materialId: MaterialId;
  readonly application: Application;
}

/** A sample that is taken again. */
interface TestAgain extends Entry {
  readonly kind: 'test';
}

export type CalendarEntry = PutOn | TestAgain;

/** What a product counts as, by what it is there for. */
const KIND_OF: Readonly<Record<TreatmentProduct['role'], PutOn['kind']>> = {
  lime: 'lime',
  sulfur: 'sulfur',
  n: 'nitrogen',
  one: 'nitrogen',
  row: 'nitrogen',
  p: 'phosphate',
  k: 'potash',
};

/** Everything that has a day on a piece of ground, in order: only what its page tells of. */
export function calendarOf(plan: AreaPlan): CalendarEntry[] {
  if (!isTold(plan)) return [];
  const areaId = plan.area.id;
  const putOn = toldTreatments(plan).flatMap(({ products }) =>
    products.flatMap(({ role, materialId, applications }) =>
      applications.map((application): PutOn => ({
        key: application.key,
        areaId,
        kind: KIND_OF[role],
        date: application.date,
        materialId,
        application,
      })),
    ),
  );
  const tests = treatmentsIn(plan.treatments).flatMap(({ kind, testOn }): TestAgain[] =>
    testOn ? [{ key: `${areaId}/test-${kind}`, areaId, kind: 'test', date: testOn }] : [],
  );
  return [...putOn, ...tests].sort((a, b) =>
    a.date === b.date ? (a.key < b.key ? -1 : 1) : a.date < b.date ? -1 : 1,
  );
}

/** Whether a day was set by hand. */
export function isPinned({ because }: Pick<Application, 'because'>): boolean {
  return because.some(({ kind }) => kind === 'pinned');
}

type Rules = readonly LocalRule[];

/** What a rule is told as: the office's own name of it, else that of its kind. */
export function ruleName(rules: Rules, id: string): Msg {
  const rule = rules.find((each) => each.id === id);
  if (!rule) return msg('ruled.unknown');
  return rule.name === '' ? msg(`rule.${rule.kind}`) : msg('ruled.named', { name: rule.name });
}

/** Why an application lies on its day, a sentence each. */
export function reasonsFor({ stage, because, within }: Application, rules: Rules): Msg[] {
  const meant =
    stage && within.slot
      ? [
          msg('because.stage', {
            stage: msg(`stage.${stage}`),
            from: { date: within.slot.from },
            to: { date: within.slot.to },
          }),
        ]
      : [];
  return [...meant, ...because.map((each) => reasonOf(each, rules))];
}

function reasonOf(because: Because, rules: Rules): Msg {
  switch (because.kind) {
    case 'pinned':
      return msg('because.pinned');
    case 'season':
      return msg('because.season');
    case 'interval':
      return msg('because.interval', { date: { date: because.since } });
    case 'kept-from': {
      const { days, other, what } = because;
      return msg('because.keptFrom', { days, what: msg(`kept.${what}`), date: { date: other } });
    }
    case 'closed':
      return because.why.kind === 'rule'
        ? msg('because.rule', { rule: ruleName(rules, because.why.rule) })
        : msg(`because.${because.why.kind}`);
  }
}

/** What a day would break, in a sentence. */
export function breachText(breach: Breach, rules: Rules): Msg {
  switch (breach.kind) {
    case 'closed':
      return breach.why.kind === 'rule'
        ? msg('breach.rule', { rule: ruleName(rules, breach.why.rule) })
        : msg(`breach.${breach.why.kind}`);
    case 'too-near': {
      const { days, other, what } = breach;
      return msg('breach.tooNear', { days, what: msg(`kept.${what}`), date: { date: other } });
    }
    case 'after-stop':
      return msg('breach.afterStop', { date: { date: breach.date } });
    case 'before-plan':
      return msg('breach.beforePlan', { date: { date: breach.date } });
    case 'too-early':
      return msg('breach.tooEarly', { date: { date: breach.date } });
    case 'too-late':
      return msg('breach.tooLate', { date: { date: breach.date } });
    case 'out-of-season':
      return msg('breach.outOfSeason');
  }
}

/** Whether nothing may pass what a day would break: a local rule. */
export function isForbidden(breaches: readonly Breach[]): boolean {
  return breaches.some((breach) => breach.kind === 'closed' && breach.why.kind === 'rule');
}
