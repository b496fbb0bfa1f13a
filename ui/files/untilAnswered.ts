import { proxy } from 'comlink';

/** What a worker tells on its way: how much of how much is done. */
export type Onward = (done: number, of: number) => void;

/**
 * Asks a worker that tells how far it is. Its words come by a port of their own, so that the last one may arrive after the answer:
 * nothing is passed on once it is here, lest a finished search be shown as one that goes on.
 * @param onward is told on the way; @param ask asks, with what the worker is to tell
 */
export async function untilAnswered<T>(
  onward: Onward,
  ask: (told: Onward) => Promise<T>,
): Promise<T> {
  let isAnswered = false;
  try {
    return await ask(
      proxy((done: number, of: number) => {
        if (!isAnswered) onward(done, of);
      }),
    );
  } finally {
    isAnswered = true;
  }
}
