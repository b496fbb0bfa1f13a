import type { Op, Range } from './working';

/** More inputs with a range than this no formula of the plan has: each of their ends is tried with each. */
const MOST_RANGED = 6;

function times(a: Range, b: Range): Range {
  const ends = [a.low * b.low, a.low * b.high, a.high * b.low, a.high * b.high];
  return { low: Math.min(...ends), high: Math.max(...ends) };
}

/** Nothing to divide by where the range holds zero: its ends are not finite then. */
function over(a: Range, b: Range): Range {
  if (b.low <= 0 && b.high >= 0) return { low: -Infinity, high: Infinity };
  return times(a, { low: 1 / b.high, high: 1 / b.low });
}

function sum(all: readonly Range[]): Range {
  return all.reduce((a, b) => ({ low: a.low + b.low, high: a.high + b.high }), { low: 0, high: 0 });
}

/** The formula at every end of the inputs that have a range. */
function atEnds(inputs: readonly Range[], compute: (values: readonly number[]) => number): Range {
  const ranged = inputs.flatMap(({ low, high }, at) => (low === high ? [] : [at]));
  if (ranged.length > MOST_RANGED) {
    throw new RangeError(
      `atEnds: ${ranged.length} inputs have a range, at most ${MOST_RANGED} may`,
    );
  }
  let [low, high] = [Infinity, -Infinity];
  for (let which = 0; which < 2 ** ranged.length; which += 1) {
    const values = inputs.map((input) => input.low);
    ranged.forEach((at, bit) => {
      if (which & (1 << bit)) values[at] = inputs[at]?.high ?? NaN;
    });
    const value = compute(values);
    low = Math.min(low, value);
    high = Math.max(high, value);
  }
  return { low, high };
}

const ZERO: Range = { low: 0, high: 0 };

/**
 * The range of a result from those of its inputs, by each operation's own rule, so that the work grows with the
 * number of inputs and not with its power. Formulas of a few inputs, all of them monotonous in each, are tried at
 * their ends.
 * @param compute the operation itself, for what has no rule of its own
 * @returns ends that are not finite where the inputs leave nothing to divide by
 * @throws RangeError where a formula has more than six inputs with a range
 */
export function rangeBy(
  op: Op,
  inputs: readonly Range[],
  compute: (values: readonly number[]) => number,
): Range {
  const [a = ZERO, b = ZERO, c = ZERO] = inputs;
  switch (op) {
    case 'add':
      return sum(inputs);
    case 'subtract':
      return { low: a.low - b.high, high: a.high - b.low };
    case 'deduct': {
      const rest = sum(inputs.slice(1));
      return { low: Math.max(0, a.low - rest.high), high: Math.max(0, a.high - rest.low) };
    }
    case 'multiply':
      return inputs.reduce(times, { low: 1, high: 1 });
    case 'divide':
      return over(a, b);
    case 'proportion':
      return over(times(a, b), c);
    case 'cap':
      return {
        low: Math.min(...inputs.map(({ low }) => low)),
        high: Math.min(...inputs.map(({ high }) => high)),
      };
    default:
      return atEnds(inputs, compute);
  }
}
