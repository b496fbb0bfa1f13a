import { proxy, wrap } from 'comlink';
import type { Job } from '../../../core/buy/job';
import type { Found } from '../../../core/buy/search';
import type { Buyer } from '../../../workers/buying.worker';

/**
 * A worker that says nothing for so long is gone, ms: a solve takes at most a few seconds, and its first word comes with the solver
 * over a slow line.
 */
const SILENT = 60_000;

/** Searches the best ways to buy in a worker of its own, which ends with the search or when it is given up. */
export async function searchWays(
  job: Job,
  onward: (done: number, of: number) => void,
  givenUp: AbortSignal,
): Promise<Found> {
  const worker = new Worker(new URL('../../../workers/buying.worker.ts', import.meta.url), {
    type: 'module',
  });
  let heard: () => void = () => undefined;
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const broken = new Promise<never>((_resolve, reject) => {
    heard = () => {
      clearTimeout(waiting);
      waiting = setTimeout(() => reject(new Error('The worker is silent.')), SILENT);
    };
    worker.onerror = (event) => reject(new Error(event.message));
    givenUp.addEventListener('abort', () => reject(new DOMException('', 'AbortError')));
  });
  const told = (done: number, of: number): void => {
    heard();
    onward(done, of);
  };
  heard();
  try {
    return await Promise.race([wrap<Buyer>(worker).ways(job, proxy(told)), broken]);
  } finally {
    clearTimeout(waiting);
    worker.terminate();
  }
}
