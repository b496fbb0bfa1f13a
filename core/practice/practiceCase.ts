import { newCase } from '../casefile/newCase';
import type { CaseFile } from '../casefile/casefile';
import { EMPTY_LABEL } from '../casefile/parts/label';
import { EMPTY_SHAPE } from '../casefile/parts/shape';
import { emptyResult, type Typed } from '../casefile/parts/typed';
import { decisionKey, type DecisionKind } from '../casefile/decisions';
import type { Analyte } from '../catalog/analytes';
import { msg, type Msg } from '../kernel/messages/msg';
import { planCase } from '../plan/plan';
import type { Plan } from '../plan/types';
import { USUAL_LIME, USUAL_SULFUR } from '../bench/usual';
import { Dice } from './dice';
import { plausibleBuffer, PRACTICE_SOILS, type PracticeSoil } from './soils';
import { STAGES, type PracticeStage } from './stages';
import type { Level, Task } from './task';
import { tasksOf } from './tasks';

/** A case to learn on: what the client says, what the report says, and what is asked, in the order of the work. */
export interface PracticeCase {
  readonly seed: number;
  readonly level: Level;
  readonly file: CaseFile;
  readonly plan: Plan;
  /** The client's own words. */
  readonly voice: Msg;
  readonly tasks: readonly Task[];
}

/** Cases are of one day, so that a seed stays the same case; an early fall day, on which lime and feed can go on. */
const DAY = '2027-09-01';
const AREA = 'lawn';
/** So many attempts at a case that asks all that its level asks. */
const ATTEMPTS = 60;

type Results = Partial<Record<Analyte, Typed>>;

const within = (dice: Dice, [low, high]: readonly [number, number], decimals: number): string =>
  (low + dice.next() * (high - low)).toFixed(decimals);

/** A report of this soil under these plants. */
function reportOf(dice: Dice, soil: PracticeSoil, stage: PracticeStage, level: Level): Results {
  // Where an amount is asked, there has to be something to give.
  const sour = level > 1 || dice.chance(0.6);
  const ph = stage.acid
    ? within(dice, [5.6, 7], 1)
    : within(dice, sour ? soil.acid : soil.limed, 1);
  const cec = within(dice, soil.cec, 1);
  const said = (analyte: Analyte, text: string, method?: string): [Analyte, Typed] => [
    analyte,
    { ...emptyResult(analyte), text, ...(method ? { method } : {}) },
  ];
  const buffer = plausibleBuffer(Number(ph), Number(cec)).toFixed(1);
  return Object.fromEntries([
    said('ph-water', ph),
    ...(Number(ph) < 6.5 && !stage.acid ? [said('ph-smp', buffer)] : []),
    said('om', within(dice, soil.om, 1)),
    said('cec', cec),
    said('texture', soil.texture),
    said('p', within(dice, soil.p, 0), 'bray-1'),
    said('k', within(dice, soil.k, 0), 'ammonium-acetate'),
  ]);
}

function decided(file: CaseFile, kind: DecisionKind, value: string): CaseFile['decisions'] {
  const decision = { what: kind, value, reason: '', at: `${DAY}T12:00:00Z` };
  return { ...file.decisions, [decisionKey(AREA, kind)]: decision };
}

function fileOf(dice: Dice, seed: number, level: Level, stage: PracticeStage): CaseFile {
  const base = newCase(`practice-${level}-${seed}`, DAY);
  const area = base.areas[AREA];
  const report = base.reports['r1'];
  if (!area || !report) throw new Error('fileOf: a new case has changed');
  const results = reportOf(dice, dice.one(PRACTICE_SOILS), stage, level);
  const bag = stage.acid ? USUAL_SULFUR : USUAL_LIME;
  const percent = stage.acid
    ? dice.one(['90', '90', '85', '99'])
    : dice.one(['80', '85', '90', '95']);
  const file: CaseFile = {
    ...base,
    areas: {
      [AREA]: {
        ...area,
        plant: stage.plant,
        situation: stage.situation,
        clippings: 'removed',
        shape: { ...EMPTY_SHAPE, ...stage.shape(dice) },
      },
    },
    reports: { r1: { ...report, results: { s1: results } } },
    labels: { [bag]: { ...EMPTY_LABEL, percent } },
  };
  return {
    ...file,
    decisions: decided(file, stage.acid ? 'sulfur-material' : 'lime-material', bag),
  };
}

/** What the client says: the measures of the ground, and what the bag at hand says. */
function voiceOf(file: CaseFile, { id }: PracticeStage): Msg {
  const shape = file.areas[AREA]?.shape ?? EMPTY_SHAPE;
  const { length, width, diameter, height, number } = shape;
  const [label] = Object.values(file.labels);
  const percent = label?.percent ?? '';
  return msg(`voice.${id}`, { length, width, diameter, height, number, percent });
}

function attempt(dice: Dice, seed: number, level: Level): PracticeCase | undefined {
  const stage = dice.one(STAGES);
  const file = fileOf(dice, seed, level, stage);
  const plan = planCase(file);
  if (plan.findings.some(({ severity }) => severity === 'stop')) return undefined;
  const tasks = tasksOf(file, plan, level);
  return tasks && { seed, level, file, plan, voice: voiceOf(file, stage), tasks };
}

/**
 * The case of a seed and a level: the same for everybody who asks for it.
 * @throws Error where no attempt gives a case that asks all that its level asks, which is a fault of the program
 */
export function practiceCase(seed: number, level: Level): PracticeCase {
  const dice = new Dice(seed * 4 + level);
  for (let count = 0; count < ATTEMPTS; count += 1) {
    const made = attempt(dice, seed, level);
    if (made) return made;
  }
  throw new Error(`practiceCase: no case of level ${level} for seed ${seed}`);
}
