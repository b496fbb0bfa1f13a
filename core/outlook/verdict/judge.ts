import { OTHER_SEASON_MONTHS, TESTS_DIFFER } from '../../reading/twoTests';

/** Whether what was put on did what was expected of it, by a new test. */
export type VerdictKind =
  'as-hoped' | 'faster' | 'slower' | 'overshoot' | 'no-effect' | 'cannot-tell';

/** Why a new test cannot tell. */
export type Untold = 'method' | 'laboratory' | 'season' | 'too-soon' | 'both' | 'unknown';

/** What a result that was not hoped for may come from, as far as data tell. */
export type Reason =
  | 'left-out'
  | 'too-soon'
  | 'coarse'
  | 'free-lime'
  | 'water'
  | 'cold'
  | 'depth'
  | 'shallow'
  | 'double'
  | 'feed'
  | 'season'
  | 'spot';

/** Everything that a verdict follows from, in plain numbers: changes in pH, months. */
export interface Facts {
  readonly does: 'lime' | 'sulfur';
  /** The change that was expected by now, down to up. */
  readonly expected: { readonly low: number; readonly middle: number; readonly high: number };
  readonly measured: number;
  /** The pH now, and what the plants do well in. */
  readonly now: number;
  readonly window: { readonly low: number; readonly high: number };
  /** Since the last of it went on; of sulfur warm months. */
  readonly months: number;
  readonly sameMethod: boolean;
  readonly sameLaboratory: boolean;
  /** Months of the year between the two samples, 0 to 6. */
  readonly seasonApart: number;
  readonly signs: Readonly<
    Partial<Record<Exclude<Reason, 'too-soon' | 'season' | 'spot'>, boolean>>
  >;
}

export interface Judged {
  readonly kind: VerdictKind;
  readonly untold: Untold | undefined;
  /** The two likeliest. */
  readonly reasons: readonly Reason[];
}

/** A change that is smaller than this nobody can see by now. */
const TO_BE_SEEN = 0.2;
/** Samples of other seasons differ by so much. Common practice: 0.2 to 0.5, lowest in a dry late summer. */
const SEASON = 0.5;
/** Tenths of pH add up to tenths. */
const SAME = 1e-9;
/** What was expected by so much more would have been seen in any case. */
const PLAIN = 0.4;

/** Months by which most of it has worked. Common practice. */
const WORKED = { lime: 12, sulfur: 6 } as const;

function reasonsFor({ does, months, seasonApart, signs }: Facts, less: boolean): Reason[] {
  const candidates: readonly (readonly [Reason, boolean])[] = less
    ? [
        ['left-out', signs['left-out'] ?? false],
        ['free-lime', does === 'sulfur' && (signs['free-lime'] ?? false)],
        ['water', does === 'sulfur' && (signs.water ?? false)],
        ['too-soon', months < WORKED[does]],
        ['cold', does === 'sulfur' && (signs.cold ?? false)],
        ['coarse', does === 'lime' && (signs.coarse ?? false)],
        ['feed', does === 'lime' && (signs.feed ?? false)],
        ['depth', signs.depth ?? false],
        ['season', seasonApart >= OTHER_SEASON_MONTHS],
        ['spot', true],
      ]
    : [
        ['double', signs.double ?? false],
        ['shallow', signs.shallow ?? false],
        ['feed', does === 'sulfur' && (signs.feed ?? false)],
        ['water', does === 'lime' && (signs.water ?? false)],
        ['season', seasonApart >= OTHER_SEASON_MONTHS],
        ['spot', true],
      ];
  return candidates.flatMap(([reason, holds]) => (holds ? [reason] : [])).slice(0, 2);
}

/**
 * Judges a new test by what was expected, with the uncertainty of both: within it all is as hoped; beyond it slower or faster, past
 * what the plants bear an overshoot, hardly anything no effect at all. By another method, of another laboratory, much too soon, or
 * where another season may be all of the difference, nobody can tell.
 */
export function judge(facts: Facts): Judged {
  const { does, expected, measured, now, window, seasonApart } = facts;
  const untold = (why: Untold): Judged => ({ kind: 'cannot-tell', untold: why, reasons: [] });
  if (!facts.sameMethod) return untold('method');
  if (!facts.sameLaboratory) return untold('laboratory');
  // What lime lifts and sulfur lowers, both as gains.
  const sign = does === 'lime' ? 1 : -1;
  const [hoped, came] = [sign * expected.middle, sign * measured];
  const ends = [sign * expected.low, sign * expected.high];
  const [low, high] = [
    Math.min(...ends, hoped - TESTS_DIFFER),
    Math.max(...ends, hoped + TESTS_DIFFER),
  ];
  const isFar = came < low - SAME || came > high + SAME;
  if (hoped < TO_BE_SEEN && came <= high + SAME) return untold('too-soon');
  const beyond = Math.max(low - came, came - high);
  if (isFar && seasonApart >= OTHER_SEASON_MONTHS && beyond <= SEASON - TESTS_DIFFER)
    return untold('season');
  const passed = does === 'lime' ? now > window.high : now < window.low;
  if (came > high + SAME) {
    return {
      kind: passed ? 'overshoot' : 'faster',
      untold: undefined,
      reasons: reasonsFor(facts, false),
    };
  }
  if (came >= low - SAME) return { kind: 'as-hoped', untold: undefined, reasons: [] };
  const kind = came <= TESTS_DIFFER + SAME && hoped >= PLAIN ? 'no-effect' : 'slower';
  return { kind, untold: undefined, reasons: reasonsFor(facts, true) };
}
