import type { SourceId } from '../../kernel/sources';
import type { NutrientBands } from './pack';

/** Thresholds on which good practitioners differ: which of them an area is read by. */
export const OPINIONS = ['opinion-k', 'opinion-p', 'opinion-cu', 'opinion-mn'] as const;

export type OpinionId = (typeof OPINIONS)[number];

/** One of several thresholds that good practitioners hold. '' is the pack's, or the first printed. */
interface Opinion {
  readonly id: string;
  /** The level that counts as enough, ppm; for P nothing is given above it. */
  readonly enough: number;
  readonly source: SourceId;
}

/**
 * Thresholds on which practitioners differ, each by the extractant that it is for. Potassium: enough at 150,
 * others 200 ppm. Phosphorus by Bray-1: nothing above 25 ppm, others a small amount to keep it there.
 * Copper and manganese by DTPA: Lindsay & Norvell's 0.2 and 1, others 0.6 and 3.
 */
export const OPINION_VALUES: Readonly<
  Record<OpinionId, { readonly methods: readonly string[]; readonly others: readonly Opinion[] }>
> = {
  'opinion-k': {
    methods: ['ammonium-acetate', 'mehlich-3'],
    others: [
      { id: '150', enough: 150, source: 'practice' },
      { id: '200', enough: 200, source: 'practice' },
    ],
  },
  'opinion-p': { methods: ['bray-1'], others: [{ id: '25', enough: 25, source: 'practice' }] },
  'opinion-cu': { methods: ['dtpa'], others: [{ id: '0.6', enough: 0.6, source: 'practice' }] },
  'opinion-mn': { methods: ['dtpa'], others: [{ id: '3', enough: 3, source: 'practice' }] },
};

/** Above this many ppm over an enough of their own K is very high: what packs around a level have. */
const HIGH_ABOVE = 30;

/**
 * Years between two tests on which practitioners differ, beside the pack's: yearly for acid-loving plants under
 * treatment and after a large correction, two, or four where nothing moves. Common practice.
 */
export const RETEST_YEARS = ['1', '2', '4'] as const;

/** The opinion that an area follows for values of an extractant, if it is not the pack's. */
export function opinionOf(
  what: OpinionId,
  decided: string | undefined,
  method: string,
): Opinion | undefined {
  const { methods, others } = OPINION_VALUES[what];
  return methods.includes(method) ? others.find(({ id }) => id === decided) : undefined;
}

/** A pack's bands of K with another level in their middle: low below its half, high up to 30 ppm above. */
export function withEnough(bands: NutrientBands, { enough, source }: Opinion): NutrientBands {
  const { method, decimals } = bands;
  const upTo = [enough / 2, enough, enough + HIGH_ABOVE];
  return { method, decimals, standing: 'practice', source, upTo };
}
