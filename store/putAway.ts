import { deleteRows } from './caseRows';
import { db } from './db';
import { goneOf } from './gone';
import { changeLines } from './lines';
import { lyingBefore, tablesOf, type Before, type WayBack } from './wayBack';
import { whoIsHere } from './who';

/**
 * Takes cases off the Desk that were put away in a file: nothing is left of them here but their names, so that they are known when
 * they come again. Gives the way back.
 */
export async function putAway(ids: readonly string[], now: number, base = db): Promise<WayBack> {
  return base.transaction('rw', tablesOf(base), async () => {
    const before = (await lyingBefore(base, ids)).map((each): Before => ({
      ...each,
      rev: undefined,
    }));
    const gone = await goneOf(base, ids);
    const away = { at: now, by: whoIsHere(), archived: true };
    await base.gone.bulkPut(gone.map((each) => ({ ...each, ...away })));
    await deleteRows(base, ids);
    await changeLines(base, ids, () => undefined);
    return { before };
  });
}
