import { msg } from '../messages/msg';
import type { Parsed } from './number';

/** A fertilizer's grade: N, available P2O5, soluble K2O, % by weight. */
export interface Grade {
  readonly N: number;
  readonly P2O5: number;
  readonly K2O: number;
}

const GRADE = /^(\d{1,2}(?:\.\d+)?)\s*[-–]\s*(\d{1,2}(?:\.\d+)?)\s*[-–]\s*(\d{1,2}(?:\.\d+)?)$/;

/**
 * Reads a grade as a label prints it. One whose three numbers come to nothing or to more than 100
 * is an error.
 * @example parseGrade('15.5-0-0') // { kind: 'value', value: { N: 15.5, P2O5: 0, K2O: 0 } }
 */
export function parseGrade(typed: string): Parsed<Grade> {
  const text = typed.trim();
  if (text === '') return { kind: 'empty' };
  const match = GRADE.exec(text);
  const [N = NaN, P2O5 = NaN, K2O = NaN] = (match?.slice(1) ?? []).map(Number);
  const sum = N + P2O5 + K2O;
  if (!(sum > 0 && sum <= 100)) {
    return { kind: 'error', error: msg('problem.notAGrade', { text }) };
  }
  return { kind: 'value', value: { N, P2O5, K2O } };
}
