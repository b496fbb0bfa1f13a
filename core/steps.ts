import type { AreaPlan, StepState } from './planTypes';
import type { Finding, Problems, StepId } from './working/context';

export const STEPS: readonly StepId[] = ['ground', 'results', 'ph', 'feeding', 'slip'];

/** The parts of the case file whose typed values belong to a step, as path beginnings. */
const TYPED_IN: Readonly<Record<Exclude<StepId, 'slip'>, readonly string[]>> = {
  ground: ['areas/'],
  results: ['reports/', 'samples/', 'past/', 'planFrom'],
  ph: ['decisions/', 'labels/'],
  feeding: [],
};

function hasProblem(step: Exclude<StepId, 'slip'>, problems: Problems): boolean {
  return Object.keys(problems).some((path) =>
    TYPED_IN[step].some((begin) => path.startsWith(begin)),
  );
}

/** Whether a step has any input of its own. */
function begun(step: Exclude<StepId, 'slip'>, areas: readonly AreaPlan[]): boolean {
  return areas.some(({ area, readings, ground, lime, feed }) => {
    if (step === 'ground') {
      const { length, width, diameter, squareFeet } = area.shape;
      return !ground.known || [length, width, diameter, squareFeet].some((text) => text !== '');
    }
    if (step === 'results') return readings.begun;
    if (step === 'ph') return readings.begun && lime.verdict !== 'absent';
    return readings.begun && feed.verdict !== 'absent';
  });
}

function missing(step: Exclude<StepId, 'slip'>, areas: readonly AreaPlan[]): boolean {
  return step === 'ground' && areas.some(({ ground }) => ground.known && 'absent' in ground.area);
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
  const state = (step: Exclude<StepId, 'slip'>): StepState => {
    if (hasProblem(step, problems) || open.has(step)) return 'decide';
    if (!begun(step, areas)) return 'not-begun';
    return missing(step, areas) ? 'decide' : 'done';
  };
  const states = {
    ground: state('ground'),
    results: state('results'),
    ph: state('ph'),
    feeding: state('feeding'),
  };
  const before = Object.values(states);
  const slip: StepState =
    states.results === 'not-begun'
      ? 'not-begun'
      : before.includes('decide') || states.ph === 'not-begun' || states.ground === 'not-begun'
        ? 'decide'
        : 'done';
  return { ...states, slip };
}
