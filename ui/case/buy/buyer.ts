import { wrap } from 'comlink';
import type { Job } from '../../../core/buy/job';
import type { Found } from '../../../core/buy/search';
import type { Buyer } from '../../../workers/buying.worker';
import { untilAnswered, type Onward } from '../../files/untilAnswered';

/**
 * A worker that says nothing for so long is gone, ms: a solve takes at most a few seconds, and its first word comes with the solver
 * over a slow line.
 */
const SILENT = 60_000;

/** Searches the best ways to buy in a worker of its own, which ends with the search or when it is given up. */
export async function searchWays(job: Job, onward: Onward, givenUp: AbortSignal): Promise<Found> {
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
  heard();
  try {
    return await untilAnswered(
      (done, of) => {
        heard();
        onward(done, of);
      },
      (told) => Promise.race([wrap<Buyer>(worker).ways(job, told), broken]),
    );
  } finally {
    clearTimeout(waiting);
    worker.terminate();
  }
}
