import { LEVELS, type Level } from '../../core/practice/task';

/** A set of practice cases: a level, and so many seeds from one on. */
export interface PracticeSet {
  readonly level: Level;
  readonly seed: number;
  readonly count: number;
}

/** Seeds that fit into an address that somebody reads aloud. */
export const MOST_SEED = 99_999;
export const MOST_COUNT = 30;

function whole(text: string | null, most: number): number | undefined {
  const value = Number(text);
  return text !== null && Number.isInteger(value) && value >= 1 && value <= most
    ? value
    : undefined;
}

/** The set of an address; nothing where it names none. */
export function setOf(params: { get: (name: string) => string | null }): PracticeSet | undefined {
  const level = LEVELS.find((each) => String(each) === params.get('level'));
  const seed = whole(params.get('seed'), MOST_SEED);
  if (!level || seed === undefined) return undefined;
  return { level, seed, count: whole(params.get('count'), MOST_COUNT) ?? 1 };
}

/**
 * The address of a set.
 * @example setAddress({ level: 2, seed: 417, count: 5 }) // '/practice?level=2&seed=417&count=5'
 */
export function setAddress({ level, seed, count }: PracticeSet): string {
  return `/practice?level=${level}&seed=${seed}&count=${count}`;
}
