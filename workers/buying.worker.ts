import { expose } from 'comlink';
import type { Job } from '../core/buy/job';
import { waysToBuy, type Found } from '../core/buy/search';
import { loadSolver } from './highs';

/** The best ways to buy, searched off the page's own thread; whoever gives up ends the worker. */
const buyer = {
  async ways(job: Job, onward: (done: number, of: number) => void): Promise<Found> {
    return waysToBuy(job, await loadSolver(), onward);
  },
};

export type Buyer = typeof buyer;

expose(buyer);
