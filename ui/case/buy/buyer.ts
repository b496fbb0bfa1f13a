import { proxy, wrap } from 'comlink';
import type { Job } from '../../../core/buy/job';
import type { Found } from '../../../core/buy/search';
import type { Buyer } from '../../../workers/buying.worker';

/** Searches the best ways to buy in a worker of its own, which ends with the search or when it is given up. */
export async function searchWays(
  job: Job,
  onward: (done: number, of: number) => void,
  givenUp: AbortSignal,
): Promise<Found> {
  const worker = new Worker(new URL('../../../workers/buying.worker.ts', import.meta.url), {
    type: 'module',
  });
  const broken = new Promise<never>((_resolve, reject) => {
    worker.onerror = (event) => reject(new Error(event.message));
    givenUp.addEventListener('abort', () => reject(new DOMException('', 'AbortError')));
  });
  try {
    return await Promise.race([wrap<Buyer>(worker).ways(job, proxy(onward)), broken]);
  } finally {
    worker.terminate();
  }
}
