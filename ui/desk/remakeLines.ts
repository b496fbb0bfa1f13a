import { wrap } from 'comlink';
import type { Progress } from '../../store/caseload';
import { db } from '../../store/db';
import { reindexOld } from '../../store/reindex';
import type { LineMaker } from '../../workers/deskLines.worker';

/** Makes lines anew in a worker, which ends with them. @throws what keeps the worker from its work */
async function remakeInWorker(onProgress: (progress: Progress) => void): Promise<void> {
  const worker = new Worker(new URL('../../workers/deskLines.worker.ts', import.meta.url), {
    type: 'module',
  });
  const broken = new Promise<never>((_resolve, reject) => {
    worker.onerror = (event) => reject(new Error(event.message));
  });
  try {
    const maker = wrap<LineMaker>(worker);
    await Promise.race([
      reindexOld(db, (documents) => maker.linesOf(documents), onProgress),
      broken,
    ]);
  } finally {
    worker.terminate();
  }
}

/** Makes lines anew that an older version of the program wrote; where no worker can, on the page. */
export async function remakeLines(onProgress: (progress: Progress) => void): Promise<void> {
  try {
    await remakeInWorker(onProgress);
  } catch {
    await reindexOld(db, undefined, onProgress);
  }
}
