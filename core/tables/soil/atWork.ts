/** A share of what an amount does in the end, with its range. */
export interface AtWork {
  readonly months: number;
  readonly low: number;
  readonly high: number;
}

/** How lime lies: worked in by how fine it is, or on top, where it is the sample of four inches that tells. */
export type LimeLies = 'fine' | 'ground' | 'on-top';

/** The share of the pH change of lime that a sample finds, by months. Common practice, recalled. */
export const LIME_AT_WORK: Readonly<Record<LimeLies, readonly AtWork[]>> = {
  fine: [
    { months: 0, low: 0, high: 0 },
    { months: 1, low: 0.15, high: 0.25 },
    { months: 3, low: 0.4, high: 0.5 },
    { months: 6, low: 0.65, high: 0.8 },
    { months: 12, low: 0.9, high: 1 },
    { months: 24, low: 1, high: 1 },
  ],
  ground: [
    { months: 0, low: 0, high: 0 },
    { months: 1, low: 0.08, high: 0.15 },
    { months: 3, low: 0.2, high: 0.3 },
    { months: 6, low: 0.35, high: 0.5 },
    { months: 12, low: 0.55, high: 0.7 },
    { months: 24, low: 0.75, high: 0.85 },
    { months: 48, low: 1, high: 1 },
  ],
  'on-top': [
    { months: 0, low: 0, high: 0 },
    { months: 3, low: 0.1, high: 0.15 },
    { months: 6, low: 0.2, high: 0.3 },
    { months: 12, low: 0.35, high: 0.5 },
    { months: 24, low: 0.55, high: 0.7 },
    { months: 36, low: 0.7, high: 0.85 },
  ],
};

/** How sulfur lies: a powder that is worked in, or prills on top. */
export type SulfurLies = 'worked-in' | 'on-top';

/** The share of its acid that sulfur has set free, by warm months. Common practice, recalled. */
export const SULFUR_AT_WORK: Readonly<Record<SulfurLies, readonly AtWork[]>> = {
  'worked-in': [
    { months: 0, low: 0, high: 0 },
    { months: 1, low: 0.1, high: 0.2 },
    { months: 2, low: 0.25, high: 0.4 },
    { months: 3, low: 0.4, high: 0.6 },
    { months: 6, low: 0.7, high: 0.9 },
    { months: 12, low: 1, high: 1 },
  ],
  'on-top': [
    { months: 0, low: 0, high: 0 },
    { months: 1, low: 0, high: 0.05 },
    { months: 2, low: 0.05, high: 0.1 },
    { months: 3, low: 0.1, high: 0.25 },
    { months: 6, low: 0.3, high: 0.5 },
    { months: 12, low: 0.6, high: 0.8 },
    { months: 24, low: 0.9, high: 1 },
  ],
};

/** The share after so many months: on a straight line between two rows, from the last one on as there. */
export function atWork(rows: readonly AtWork[], months: number): Omit<AtWork, 'months'> {
  const at = rows.findIndex((row) => row.months > months);
  const [before, after] = [rows[at - 1], rows[at]];
  const last = rows.at(-1);
  if (!before || !after) {
    return at < 0 && last ? { low: last.low, high: last.high } : { low: 0, high: 0 };
  }
  const part = (months - before.months) / (after.months - before.months);
  return {
    low: before.low + part * (after.low - before.low),
    high: before.high + part * (after.high - before.high),
  };
}
