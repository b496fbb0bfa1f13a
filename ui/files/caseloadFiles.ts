/** Files out of the Desk: the whole caseload, or old cases that are put away. */
import { sealed } from '../../files/sealed';
import { putAway } from '../../store/putAway';
import { writeSetting } from '../../store/settings';
import { takeBackIn } from '../../store/wayBack';
import { localDay } from '../format/date';
import { backupParts } from '../keeping/backupParts';
import { downloadBlob } from './download';
import type { LongWork } from './longWork';
import { backAgain, type Undo } from './undo';

/** So many parts of a file are handed to the browser at once, which keeps them outside of the page's memory. */
const PARTS = 500;

/** Parts as one file; nothing where it was given up. */
async function gathered(
  parts: AsyncIterable<string>,
  givenUp: AbortSignal,
): Promise<Blob | undefined> {
  const blobs: Blob[] = [];
  let some: string[] = [];
  for await (const part of parts) {
    if (givenUp.aborted) return undefined;
    some.push(part);
    if (some.length < PARTS) continue;
    blobs.push(new Blob(some));
    some = [];
  }
  return new Blob([...blobs, ...some], { type: 'application/json' });
}

/**
 * Saves the whole caseload as one file; gives how many cases are in it, or nothing where it was given up.
 * @param passphrase what alone opens the file; '' for one that anybody can open
 */
export async function backUp(
  { onProgress, givenUp }: LongWork,
  passphrase: string,
): Promise<number | undefined> {
  let count = 0;
  const parts = backupParts({ onProgress, count: (cases) => (count = cases) });
  const blob = await gathered(passphrase === '' ? parts : sealed(parts, passphrase), givenUp);
  if (!blob) return undefined;
  const now = new Date();
  const ending = passphrase === '' ? 'json' : 'sealed.json';
  downloadBlob(`agrologos-backup-${localDay(now)}.${ending}`, blob);
  await writeSetting('backedUpAt', String(now.getTime()));
  return count;
}

/** Saves cases as a file to put them away in; gives whether it was made. */
export async function saveArchive(
  ids: readonly string[],
  { onProgress, givenUp }: LongWork,
): Promise<boolean> {
  const blob = await gathered(backupParts({ onProgress, only: ids, archive: true }), givenUp);
  if (blob) downloadBlob(`agrologos-archive-${localDay(new Date())}.json`, blob);
  return blob !== undefined;
}

/** Takes cases that were saved in a file off the Desk; gives the way back. */
export async function takeOffDesk(ids: readonly string[]): Promise<Undo> {
  const taken = await putAway(ids, Date.now());
  return () => backAgain(() => takeBackIn(taken));
}
