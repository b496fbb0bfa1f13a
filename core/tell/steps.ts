import { stepOfDecision } from '../casefile/decisions';
import { isOwn } from '../catalog/materials/named';
import { SHIPPED_MATERIALS } from '../catalog/materials/materials';
import type { AreaPlan } from '../area/areaPlan';
import type { Problems } from '../kernel/working/context';
import { STEPS, type Finding, type StepId } from '../kernel/working/finding';

/** A step's state follows from the plan; nobody ticks it off. */
export type StepState = 'not-begun' | 'decide' | 'done';

/** The steps that the page is made of: all but itself, and the diary of what comes after it. */
type Worked = Exclude<StepId, 'slip' | 'diary'>;

/** The step that Enter goes on to: who has a report at hand has no use for the sampling in between. */
export function followingStep(step: StepId): StepId | undefined {
  return step === 'ground' ? 'results' : STEPS[STEPS.indexOf(step) + 1];
}

/** The parts of the case file whose typed values belong to a step, as path beginnings. */
const TYPED_IN: Readonly<Record<Worked, RegExp>> = {
  ground: /^areas\/(?!.*\/site\/)/,
  sample: /^areas\/.*\/site\/|^sampling\//,
  results: /^(reports|samples|past|climate)\/|^planFrom/,
  reading: /^$/,
  ph: /^$/,
  feeding: /^(materials|stock|buying|bought)\//,
  calendar: /^(pins|rules)\//,
};

/** A label belongs where its bag is chosen: a fertilizer's to the feeding, any other to the pH. */
function labelStep(path: string): StepId | undefined {
  const [root, material] = path.split('/');
  if (root !== 'labels') return undefined;
  const isFertilizer =
    isOwn(material ?? '') || SHIPPED_MATERIALS.fertilizers.some(({ id }) => id === material);
  return isFertilizer ? 'feeding' : 'ph';
}

/** A decision belongs where it is shown. */
function decisionStep(path: string): StepId | undefined {
  const [root, key = ''] = path.split('/');
  return root === 'decisions' ? stepOfDecision(key) : undefined;
}

function hasProblem(step: Worked, problems: Problems): boolean {
  return Object.keys(problems).some(
    (path) => TYPED_IN[step].test(path) || labelStep(path) === step || decisionStep(path) === step,
  );
}

/** Whether a step has any input of its own. */
function begun(step: Worked, areas: readonly AreaPlan[]): boolean {
  return areas.some(({ area, readings, treatments: { lime, fertilizer }, sampled }) => {
    if (step === 'ground') {
      const { kind: _kind, ...measures } = area.shape;
      return area.shape.kind === 'unknown' || Object.values(measures).some((text) => text !== '');
    }
    if (step === 'sample') return sampled;
    if (step === 'results' || step === 'reading') return readings.begun || readings.untested;
    if (step === 'ph') return readings.untested || (readings.begun && lime.verdict !== 'absent');
    const isFed = (readings.begun || readings.untested) && fertilizer.verdict !== 'absent';
    return step === 'feeding' ? isFed : isFed || lime.verdict === 'dose';
  });
}

function missing(step: Worked, areas: readonly AreaPlan[]): boolean {
  return (
    step === 'ground' &&
    areas.some(
      ({ ground }) => (ground.known || ground.rows) && 'absent' in (ground.rows ?? ground.area),
    )
  );
}

/**
 * The state of every step: not begun without input of its own, wanting a decision while a problem
 * or an open finding stands, otherwise done. The slip is done when all before it is.
 */
export function stepStates(
  areas: readonly AreaPlan[],
  findings: readonly Finding[],
  problems: Problems,
): Record<StepId, StepState> {
  const open = new Set(
    findings.filter(({ severity }) => severity !== 'note').map(({ step }) => step),
  );
  const state = (step: Worked): StepState => {
    if (hasProblem(step, problems) || open.has(step)) return 'decide';
    if (!begun(step, areas)) return 'not-begun';
    return missing(step, areas) ? 'decide' : 'done';
  };
  const states = {
    ground: state('ground'),
    sample: state('sample'),
    results: state('results'),
    reading: state('reading'),
    ph: state('ph'),
    feeding: state('feeding'),
    calendar: state('calendar'),
  };
  const before = Object.values(states);
  const slip: StepState =
    states.results === 'not-begun'
      ? 'not-begun'
      : before.includes('decide') || states.ph === 'not-begun' || states.ground === 'not-begun'
        ? 'decide'
        : 'done';
  // The diary is never behind: it is kept for as long as somebody works the ground.
  const diary: StepState = areas.some(({ ledger }) => ledger.length > 0) ? 'done' : 'not-begun';
  return { ...states, slip, diary };
}

/** The step at which a case goes on: the first that wants something. */
export function stepToGoOnAt(steps: Readonly<Record<StepId, StepState>>): StepId {
  return (
    STEPS.find((step) => steps[step] === 'decide') ??
    // A report that is here needs no sampling any more.
    STEPS.find(
      (step) =>
        steps[step] === 'not-begun' &&
        step !== 'diary' &&
        (step !== 'sample' || steps.results === 'not-begun'),
    ) ??
    'slip'
  );
}
