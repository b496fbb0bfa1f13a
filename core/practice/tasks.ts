import type { AreaPlan } from '../area/areaPlan';
import type { CaseFile } from '../casefile/casefile';
import { decisionKey } from '../casefile/decisions';
import { SHIPPED_MATERIALS } from '../catalog/materials/materials';
import { RATINGS } from '../catalog/packs/pack';
import { msg, type NamesIn } from '../kernel/messages/msg';
import { valueOf, type Figure } from '../kernel/working/working';
import type { Workings } from '../kernel/working/workings';
import { planCase } from '../plan/plan';
import type { Plan } from '../plan/types';
import { headlinesOf } from '../tell/headlines';
import { runSum } from '../bench/runSum';
import { product } from '../bench/sums/product';
import { asTyped } from '../bench/smallCase';
import type { Accepted, AmountTask, ChoiceTask, Level, Task } from './task';

interface Asked {
  readonly file: CaseFile;
  readonly plan: Plan;
  readonly area: AreaPlan;
}

const isThere = (figure: Figure): boolean => (valueOf(figure)?.value ?? 0) > 0;
const accept = (figure: Figure, workings: Workings): Accepted => ({ id: figure.id, workings });

function choice({ plan }: Asked, task: Omit<ChoiceTask, 'kind' | 'workings'>): ChoiceTask {
  return { kind: 'choice', workings: plan.workings, ...task };
}

function ground({ plan, area }: Asked): Task | undefined {
  const { area: figure, parts } = area.ground;
  if (!isThere(figure)) return undefined;
  const plants = parts?.kind === 'plant' ? valueOf(parts.count)?.value : undefined;
  const task: AmountTask = {
    kind: 'amount',
    id: 'ground',
    step: 'ground',
    ask: msg('task.ground'),
    lesson: 'circle',
    unit: 'ft2',
    right: () => [accept(figure, plan.workings)],
    beside: plants === undefined ? {} : { plants },
  };
  return task;
}

function phClass(asked: Asked): Task | undefined {
  const { lime } = asked.area.treatments;
  if (lime.standing === 'unknown') return undefined;
  const options = (['acidic', 'right', 'high'] as const).map((id) => ({
    id,
    words: msg(`taskChoice.${id}`),
  }));
  const because = msg('taskBecause.range', {
    low: { working: asked.area.goal.edges.low.id },
    high: { working: asked.area.goal.edges.high.id },
  });
  const task = { id: 'phClass', step: 'reading', ask: msg('task.phClass') } as const;
  return choice(asked, { ...task, lesson: 'phFirst', options, right: [lime.standing], because });
}

type Act = 'lime' | 'sulfur' | 'nothing';

function actOf({ treatments: { lime, sulfur } }: AreaPlan): Act | undefined {
  if (sulfur?.verdict === 'dose') return 'sulfur';
  if (sulfur && sulfur.verdict !== 'none') return undefined;
  if (lime.verdict === 'dose') return lime.held ? undefined : 'lime';
  return lime.verdict === 'none-needed' ? 'nothing' : undefined;
}

function phAct(asked: Asked): Task | undefined {
  const act = actOf(asked.area);
  if (!act) return undefined;
  const options = (['lime', 'sulfur', 'nothing'] as const).map((id) => ({
    id,
    words: msg(`taskChoice.${id}`),
  }));
  const task = { id: 'phAct', step: 'ph', ask: msg('task.phAct') } as const;
  const because = headlinesOf(asked.area).ph;
  return choice(asked, { ...task, lesson: 'phFirst', options, right: [act], because });
}

/** The same case by every other method of lime that speaks of this soil: each is somebody's school. */
function otherPlans({ file, area }: Asked): Plan[] {
  const key = decisionKey(area.area.id, 'lime-method');
  const at = `${file.createdOn}T12:00:00Z`;
  return area.treatments.lime.methods
    .filter(({ chosen, option }) => !chosen && !('absent' in option.advised))
    .map(({ option }) => {
      const decision = { what: 'lime-method', value: option.id, reason: '', at } as const;
      return planCase({ ...file, decisions: { ...file.decisions, [key]: decision } });
    });
}

function phTotal(asked: Asked): Task | undefined {
  const { plan, area } = asked;
  const { lime, sulfur } = area.treatments;
  const common = { kind: 'amount', step: 'ph', beside: {} } as const;
  if (actOf(area) === 'lime') {
    return {
      ...common,
      id: 'limeTotal',
      ask: msg('task.limeTotal'),
      lesson: 'worth',
      unit: 'lb',
      right: () => [
        accept(lime.set.total, plan.workings),
        ...lime.methods.flatMap(({ total }) =>
          isThere(total) ? [accept(total, plan.workings)] : [],
        ),
      ],
    };
  }
  if (!sulfur || actOf(area) !== 'sulfur') return undefined;
  const { gross, options } = sulfur;
  return {
    ...common,
    id: 'sulfurTotal',
    ask: msg('task.sulfurTotal'),
    lesson: 'tenths',
    unit: 'lb/100ft2',
    right: () => [
      accept(gross, plan.workings),
      ...options.flatMap((each) =>
        isThere(each.gross) ? [accept(each.gross, plan.workings)] : [],
      ),
    ],
  };
}

function phOnce(asked: Asked): Task | undefined {
  const { plan, area } = asked;
  const { lime, sulfur } = area.treatments;
  const [first] = (sulfur ?? lime).applications;
  if (!first) return undefined;
  return {
    kind: 'amount',
    id: sulfur ? 'sulfurOnce' : 'limeOnce',
    step: 'calendar',
    ask: msg(sulfur ? 'task.sulfurOnce' : 'task.limeOnce'),
    lesson: sulfur ? 'label' : 'once',
    unit: 'lb',
    beside: {},
    right: () => [
      accept(first.amount.printed, plan.workings),
      ...(sulfur ? [] : otherPlans(asked)).flatMap(({ areas, workings }) => {
        const other = areas[0]?.treatments.lime.applications[0]?.amount.printed;
        return other ? [accept(other, workings)] : [];
      }),
    ],
  };
}

function times(asked: Asked): Task | undefined {
  const { lime, sulfur } = asked.area.treatments;
  if (sulfur) return undefined;
  const { count } = lime.set;
  if (!isThere(count)) return undefined;
  const others = otherPlans(asked).flatMap(
    ({ areas }) => areas[0]?.treatments.lime.set.count ?? [],
  );
  const right = [count, ...others];
  const most = 6;
  const options = Array.from({ length: most }, (_, at) => ({
    id: String(at + 1),
    words: msg('taskChoice.times', { n: at + 1 }),
  }));
  const numbers = right.flatMap((each) => {
    const value = valueOf(each)?.value;
    return value !== undefined && value <= most ? [String(value)] : [];
  });
  if (numbers.length === 0) return undefined;
  const because = msg('taskBecause.times', { total: { working: lime.set.total.id } });
  const task = { id: 'times', step: 'calendar', ask: msg('task.times') } as const;
  return choice(asked, { ...task, lesson: 'once', options, right: numbers, because });
}

function classOf(asked: Asked, of: 'p' | 'k'): Task | undefined {
  const { rating, sentence } = asked.area.soilTest[of];
  if (!rating) return undefined;
  const options = RATINGS.map((id) => ({ id, words: msg(`rating.${id}`) }));
  const id = of === 'p' ? 'pClass' : 'kClass';
  const task = { id, step: 'reading', ask: msg(`task.${id}`) } as const;
  return choice(asked, { ...task, lesson: 'classes', options, right: [rating], because: sentence });
}

/** Whether a nutrient is given at all: yes where any school that speaks of this soil gives some. */
function isGiven(asked: Asked, nutrient: 'P2O5' | 'K2O'): Task | undefined {
  const { need } = asked.area.treatments.fertilizer.needs;
  if ('absent' in need[nutrient]) return undefined;
  const given = isThere(need[nutrient]);
  const options = (['yes', 'no'] as const).map((id) => ({ id, words: msg(`taskChoice.${id}`) }));
  const id = nutrient === 'P2O5' ? 'phosphate' : 'potash';
  const because = msg(`taskBecause.${given ? 'needed' : 'enough'}`);
  const task = { id, step: 'feeding', ask: msg(`task.${id}`), lesson: 'pileUp' } as const;
  return choice(asked, { ...task, options, right: [given ? 'yes' : 'no'], because });
}

/** A product for a pound of nitrogen on this ground, as the bench works it out. */
function nitrogen({ file, area }: Asked): Task | undefined {
  const quick = SHIPPED_MATERIALS.fertilizers.filter(
    ({ grade, rare, pesticide, organic, nitrate }) =>
      grade.N > 20 && grade.P2O5 + grade.K2O === 0 && !rare && !pesticide && !organic && !nitrate,
  );
  // Another ground, another bag: nobody learns one grade by heart.
  const at = Math.floor(valueOf(area.ground.counted)?.value ?? 0);
  const material = quick[at % Math.max(1, quick.length)];
  if (!material) return undefined;
  const { N, P2O5, K2O } = material.grade;
  const typed = {
    nutrient: 'N',
    nutrientRate: '0.8',
    grade: `${N}-${P2O5}-${K2O}`,
    ground: asTyped(area.ground.counted),
  };
  const ran = runSum(product, typed, file.createdOn);
  const [answer] = ran.answers;
  return {
    kind: 'amount',
    id: 'nitrogen',
    step: 'feeding',
    ask: msg('task.nitrogen', { material: msg(`material.${material.id as NamesIn<'material'>}`) }),
    lesson: 'nutrientForProduct',
    unit: 'lb',
    beside: ran.beside(),
    right: () => [{ id: answer.figure.id, workings: ran.workings }],
  };
}

/** What each level asks, in the order of the work; a later one asks all of the one before. */
const BY_LEVEL: readonly (readonly ((asked: Asked) => Task | undefined)[])[] = [
  [ground, phClass, phAct],
  [phTotal, phOnce],
  [(asked) => classOf(asked, 'p'), (asked) => isGiven(asked, 'P2O5')],
  [(asked) => classOf(asked, 'k'), (asked) => isGiven(asked, 'K2O'), nitrogen],
];

/** Asked where it can be: how often, of lime alone. */
const MORE_FROM_THREE = [times] as const;

const ORDER = ['ground', 'reading', 'ph', 'feeding', 'calendar'] as const;

/** What is asked of a case at a level; nothing where the case does not have all that the level asks. */
export function tasksOf(file: CaseFile, plan: Plan, level: Level): readonly Task[] | undefined {
  const [area] = plan.areas;
  if (!area) return undefined;
  const asked = { file, plan, area };
  const wanted = BY_LEVEL.slice(0, level).flatMap((makers) => makers.map((make) => make(asked)));
  if (wanted.some((task) => task === undefined)) return undefined;
  const more = level < 3 ? [] : MORE_FROM_THREE.map((make) => make(asked));
  const tasks = [...wanted, ...more].filter((task) => task !== undefined);
  const at = ({ step }: Task): number => ORDER.findIndex((each) => each === step);
  return tasks.toSorted((a, b) => at(a) - at(b));
}
