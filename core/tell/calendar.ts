import type { AreaPlan } from '../area/areaPlan';
import type { NamedMaterial } from '../catalog/materials/types';
import type { Breach } from '../schedule/constraints';
import type { Because } from '../schedule/dates';
import { momentOfOrigin, momentOfReason } from '../area/moments';
import { addMonths, type IsoDate } from '../kernel/typed/date';
import { own } from '../kernel/typed/own';
import type { WorkingId } from '../kernel/working/working';
import type { Origin } from '../schedule/climate/calendar';
import { momentKey, type ClimateMoment } from '../schedule/climate/dayFigures';
import type { DatedLoad } from '../treat/organics/plan';
import type { DatedWork } from '../treat/fieldWork/plan';
import { msg, type Msg } from '../kernel/messages/msg';
import type { LocalRule } from '../site/localRules';
import { toCome, type Application, type TreatmentProduct } from '../treat/shared/treated';
import { treatmentsIn } from '../treat/treatments';
import { isTold, toldTreatments } from './told';

/** What lies on a day of the calendar. */
export type EntryKind =
  'lime' | 'sulfur' | 'nitrogen' | 'phosphate' | 'potash' | 'organic' | 'work' | 'test';

interface Entry {
  /** The same from run to run, and one of a kind in a case. */
  readonly key: string;
  readonly areaId: string;
  readonly kind: EntryKind;
  readonly date: IsoDate;
}

/** How the day of an entry came about, and what binds it. */
export type Placing = Pick<Application, 'stage' | 'origin' | 'slow' | 'because' | 'within'>;

/** Something that is put on. */
interface PutOn extends Entry {
  readonly kind: Exclude<EntryKind, 'test' | 'work' | 'organic'>;
  readonly material: NamedMaterial;
  readonly application: Application;
  readonly placing: Placing;
}

/** Compost or manure. */
interface LoadSpread extends Entry {
  readonly kind: 'organic';
  readonly load: DatedLoad;
  readonly material: NamedMaterial;
  readonly placing: Placing;
}

/** Work on the ground: sowing, mowing, a harvest. */
interface WorkDone extends Entry {
  readonly kind: 'work';
  readonly work: DatedWork;
  readonly placing: Placing;
}

/** A sample that is taken, for the first time or again. */
interface Test extends Entry {
  readonly kind: 'test';
  readonly why: 'first' | 'worked' | 'routine';
  /** Nothing moves it: it follows from what is put on. */
  readonly placing: undefined;
}

export type CalendarEntry = PutOn | LoadSpread | WorkDone | Test;

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

/** When the ground is tested: now where it never was, by what was put on, else after the usual years. */
function testsOf(plan: AreaPlan): Test[] {
  const { area, treatments, readings, planFrom, nextTest } = plan;
  const test = (name: string, why: Test['why'], date: IsoDate): Test => ({
    key: `${area.id}/test-${name}`,
    areaId: area.id,
    kind: 'test',
    why,
    date,
    placing: undefined,
  });
  if (readings.untested) return planFrom ? [test('first', 'first', planFrom)] : [];
  const worked = treatmentsIn(treatments).flatMap(({ kind, testOn }) =>
    testOn ? [test(kind, 'worked', testOn)] : [],
  );
  if (worked.length > 0 || !planFrom) return worked;
  return [test('routine', 'routine', addMonths(planFrom, 12 * nextTest.years))];
}

/** Everything that has a day on a piece of ground, in order: only what its page tells of. */
export function calendarOf(plan: AreaPlan): CalendarEntry[] {
  if (!isTold(plan)) return [];
  const areaId = plan.area.id;
  const putOn = toldTreatments(plan).flatMap(({ products }) =>
    products.flatMap(({ role, material, applications }) =>
      toCome(applications).map((application): PutOn => ({
        key: application.key,
        areaId,
        kind: KIND_OF[role],
        date: application.date,
        material,
        application,
        placing: application,
      })),
    ),
  );
  const works = plan.works.map((work): WorkDone => ({
    key: work.key,
    areaId,
    kind: 'work',
    date: work.date,
    work,
    placing: work,
  }));
  const loads = plan.comingLoads.map((load): LoadSpread => ({
    key: load.key,
    areaId,
    kind: 'organic',
    date: load.date,
    load,
    material: load.material,
    placing: load,
  }));
  return [...putOn, ...loads, ...works, ...testsOf(plan)].sort((a, b) =>
    a.date === b.date ? (a.key < b.key ? -1 : 1) : a.date < b.date ? -1 : 1,
  );
}

/** Whether an entry only goes on if a test still says so. */
export function isConditional(entry: CalendarEntry): boolean {
  return 'application' in entry && entry.application.state === 'conditional';
}

/** Whether a day was set by hand. */
export function isPinned({ placing }: CalendarEntry): boolean {
  return !!placing && placing.because.some(({ kind }) => kind === 'pinned');
}

type Rules = readonly LocalRule[];

/** What a rule is told as: the office's own name of it, else that of its kind. */
export function ruleName(rules: Rules, id: string): Msg {
  const rule = rules.find((each) => each.id === id);
  if (!rule) return msg('ruled.unknown');
  return rule.name === '' ? msg(`rule.${rule.kind}`) : msg('ruled.named', { name: rule.name });
}

/** Why an entry lies on its day: a sentence, and the day of the climate that it rests on, whose sum can be opened. */
export interface Reason {
  readonly says: Msg;
  readonly day?: WorkingId;
}

function originReason(origin: Origin): Msg {
  switch (origin.kind) {
    case 'climate': {
      const { anchor, weeks, end } = origin.moment;
      return msg('origin.climate', {
        anchor: msg(`anchor.${anchor}`),
        weeks: Math.abs(weeks),
        way: weeks < 0 ? 'before' : 'after',
        end: end ? 'yes' : 'no',
      });
    }
    case 'planted':
      return msg('origin.planted', {
        days: Math.abs(origin.days),
        way: origin.days < 0 ? 'before' : 'after',
        date: { date: origin.on },
      });
    case 'printed':
      return msg('origin.printed');
  }
}

/** Why an entry lies on its day, one after another. */
export function reasonsFor(
  { stage, origin, slow, because, within }: Placing,
  { moments, allowed: { rules } }: Pick<AreaPlan, 'moments' | 'allowed'>,
): Reason[] {
  const { slot } = within;
  const withDay = (says: Msg, moment: ClimateMoment | undefined): Reason => {
    const figure = moment && own(moments, momentKey(moment));
    return figure ? { says, day: figure.id } : { says };
  };
  const meant: Reason[] =
    stage && slot
      ? [
          {
            says: msg('because.stage', {
              stage: msg(`stage.${stage}`),
              from: { date: slot.from },
              to: { date: slot.to },
            }),
          },
        ]
      : [];
  return [
    ...meant,
    ...(origin ? [withDay(originReason(origin), momentOfOrigin(origin))] : []),
    ...(slow ? [{ says: msg('because.slow', { slow }) }] : []),
    ...because.map((each) => withDay(reasonOf(each, rules), momentOfReason(each))),
  ];
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

/** What nobody may pass: a local rule, and raw manure before a harvest. */
const FORBIDDEN: ReadonlySet<string> = new Set(['rule', 'manure']);

/** Whether nothing may pass what a day would break. */
export function isForbidden(breaches: readonly Breach[]): boolean {
  return breaches.some((breach) => breach.kind === 'closed' && FORBIDDEN.has(breach.why.kind));
}
