import type { PresentWorking, Working } from './working';
import type { Workings } from './workings';

const LEAVES = new Set(['typed', 'constant', 'decided']);

function isPresent(working: Working | undefined): working is PresentWorking {
  return working !== undefined && !('absent' in working);
}

function isLeaf({ op }: PresentWorking): boolean {
  return LEAVES.has(op);
}

/**
 * The sum of a working, first step first: every computed figure that it rests on, then itself. A
 * leaf is its own and only step. Of a choice only the chosen way is followed, and on the way to
 * another figure the choosing itself is no step.
 *
 * @param seen what was shown before and need not be shown again; grows by what this shows
 */
export function stepsOf(
  id: string,
  workings: Workings,
  seen: Set<string> = new Set(),
): readonly PresentWorking[] {
  const steps: PresentWorking[] = [];
  const visit = (at: string): void => {
    const working = workings.get(at);
    if ((seen.has(at) && at !== id) || !isPresent(working)) return;
    seen.add(at);
    const ways = working.op === 'choose' ? working.inputs.slice(0, 1) : working.inputs;
    ways.forEach(visit);
    const silent = isLeaf(working) || working.op === 'choose';
    if (!silent || at === id) steps.push(working);
  };
  visit(id);
  return steps;
}

/** Between which signs the inputs of an op stand; undefined where the label says it all. */
const SIGNS: Partial<Record<PresentWorking['op'], readonly string[]>> = {
  add: ['+'],
  subtract: ['−'],
  deduct: ['−'],
  multiply: ['×'],
  divide: ['÷'],
  proportion: ['×', '÷'],
  count: ['÷'],
  equation: [';'],
};

/** A step's inputs with the sign that stands before each (none before the first). */
export function expressionOf(
  step: PresentWorking,
  workings: Workings,
): readonly { readonly sign: string; readonly input: PresentWorking }[] {
  const inputs = step.inputs.map((id) => workings.get(id)).filter(isPresent);
  const signs = SIGNS[step.op];
  if (!signs) return inputs.slice(0, 1).map((input) => ({ sign: '', input }));
  return inputs.map((input, index) => ({
    sign: index === 0 ? '' : (signs[index - 1] ?? signs[signs.length - 1] ?? ''),
    input,
  }));
}
