import { msg, type Msg } from '../messages/msg';

/** What a typed number may be: the bounds are legal values, `above` is not. */
export interface NumberRule {
  readonly min?: number;
  readonly above?: number;
  readonly max?: number;
}

/** A typed text as a number, an error in words, or nothing typed yet. */
export type Parsed<T> =
  | { readonly kind: 'empty' }
  | { readonly kind: 'value'; readonly value: T }
  | { readonly kind: 'error'; readonly error: Msg };

/** Letters of what was typed that a sentence repeats. */
const LONGEST = 40;

const PLAIN = /^-?(\d+(\.\d+)?|\.\d+)$/;
const WITH_THOUSANDS = /^-?\d{1,3}(,\d{3})+(\.\d+)?$/;
const HALF_TYPED = /^-?\d*[.,]?$/;
const DECIMAL_COMMA = /^-?\d+,\d{1,2}$/;

/** What was typed, as far as a sentence has room for it. */
function shortened(text: string): string {
  return text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text;
}

function outOfBounds(text: string, value: number, rule: NumberRule): Msg | undefined {
  const { min, above, max } = rule;
  const tooLow = (min !== undefined && value < min) || (above !== undefined && value <= above);
  const tooHigh = max !== undefined && value > max;
  if (!tooLow && !tooHigh) return undefined;
  if (above !== undefined && max !== undefined) {
    return msg('problem.aboveAndUpTo', { text, above, max });
  }
  if (above !== undefined) return msg('problem.above', { text, above });
  if (min !== undefined && max !== undefined) {
    return msg('problem.between', { text, min, max });
  }
  return msg('problem.atLeast', { text, min: min ?? 0 });
}

/**
 * Reads a number as people type it: `6.1`, ` 6200 `, `6,200`. Refused with a reason: a decimal
 * comma (`6,1`), a number that is not finished (`6.`), exponents (`1e3`), words, and whatever lies outside the rule.
 *
 * @example parseNumber('6,200', { above: 0 }) // { kind: 'value', value: 6200 }
 */
export function parseNumber(typed: string, rule: NumberRule): Parsed<number> {
  const whole = typed.trim();
  if (whole === '') return { kind: 'empty' };
  // What is said of it has room for so much; four hundred digits are more than a number holds anyway.
  const text = shortened(whole);
  if (DECIMAL_COMMA.test(whole)) {
    return {
      kind: 'error',
      error: msg('problem.decimalComma', { text, instead: text.replace(',', '.') }),
    };
  }
  if (!PLAIN.test(whole) && !WITH_THOUSANDS.test(whole)) {
    if (HALF_TYPED.test(whole))
      return { kind: 'error', error: msg('problem.unfinished', { text }) };
    return { kind: 'error', error: msg('problem.notANumber', { text }) };
  }
  const value = Number(whole.replaceAll(',', ''));
  if (!Number.isFinite(value)) return { kind: 'error', error: msg('problem.tooLarge', { text }) };
  const error = outOfBounds(text, value, rule);
  return error ? { kind: 'error', error } : { kind: 'value', value };
}
