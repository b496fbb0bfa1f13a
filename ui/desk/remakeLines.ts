import type { Progress } from '../../store/breath';
import { db } from '../../store/db';
import { reindexOld } from '../../store/reindex';
import { withLineMaker } from '../lines/lineMaker';

/** Makes lines anew that an older version of the program wrote; where no worker can, on the page. */
export async function remakeLines(onProgress: (progress: Progress) => void): Promise<void> {
  try {
    await withLineMaker((makeLines) => reindexOld(db, makeLines, onProgress));
  } catch {
    await reindexOld(db, undefined, onProgress);
  }
}
