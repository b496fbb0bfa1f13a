/** Milliseconds of this thread that something takes. */
export function timed(run: () => void): number {
  const started = performance.now();
  run();
  return performance.now() - started;
}

/** The middle of some numbers; nothing of none. */
export function median(times: readonly number[]): number {
  return [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;
}

/** Median times of several things that are run by turns, so that a busy machine is busy for all of them. */
export function byTurns(runs: number, things: readonly (() => void)[]): number[] {
  const turns = Array.from({ length: runs }, () => things.map(timed)).slice(runs / 4);
  return things.map((_thing, at) => median(turns.map((turn) => turn[at] ?? NaN)));
}

/** Prints a ratio with what is wanted of it. */
export function tell(words: string, ratio: number, atMost?: number): void {
  const wanted = atMost === undefined ? '' : ` (at most ${atMost})`;
  console.log(`${words}: ${ratio.toFixed(2)}${wanted}`);
}
