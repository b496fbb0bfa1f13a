import { wrap } from 'comlink';
import type { MakeLines } from '../../store/makeLines';
import type { LineMaker } from '../../workers/deskLines.worker';

/**
 * Runs something that needs many lines of the Desk with a worker that works them out, a plan each, off the page's own
 * thread; the worker ends with it.
 * @throws what keeps the worker from its work
 */
export async function withLineMaker<T>(run: (makeLines: MakeLines) => Promise<T>): Promise<T> {
  const worker = new Worker(new URL('../../workers/deskLines.worker.ts', import.meta.url), {
    type: 'module',
  });
  const broken = new Promise<never>((_resolve, reject) => {
    worker.onerror = (event) => reject(new Error(event.message));
  });
  const maker = wrap<LineMaker>(worker);
  const makeLines: MakeLines = (documents) =>
    Promise.race([maker.linesOf(documents), broken]) as ReturnType<MakeLines>;
  try {
    return await run(makeLines);
  } finally {
    worker.terminate();
  }
}
