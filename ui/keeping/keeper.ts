import Dexie from 'dexie';
import { db } from '../../store/db';
import { MAPPINGS_KEY } from '../../store/mappings';
import { OFFICE_KEY } from '../../store/office';
import { keptFolder, noteKept, presentMarks } from '../../store/keeping';
import { keepCurrent, problemOf } from './folder';

/** One tab writes for all; the next one takes over when it is closed. */
const LOCK = 'agrologos:keeper';
/** Whatever was stored is in the folder within a minute, mostly sooner. */
const EVERY_MS = 15_000;

/** A handle whose browser asks again in a later visit; one that never asks lacks both. */
export interface AskingHandle extends FileSystemDirectoryHandle {
  readonly queryPermission?: (mode: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (mode: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
}

/** A sign that changes whenever anything does that is written into the folder. */
async function signOf(): Promise<string> {
  const settings = db.settings.bulkGet([OFFICE_KEY, MAPPINGS_KEY]);
  const beside = [db.packs.toArray(), db.materials.toArray(), settings];
  return JSON.stringify([await presentMarks(), ...(await Promise.all(beside))]);
}

class Keeper {
  private stored = true;
  private written = '';
  private busy = false;

  /** Something was stored, here or in another tab. */
  readonly changed = (): void => {
    this.stored = true;
  };

  /** Writes what changed since it last wrote. */
  readonly write = async (): Promise<void> => {
    if (!this.stored || this.busy) return;
    this.busy = true;
    this.stored = false;
    try {
      const row = await keptFolder();
      if (!row) return;
      const content = `${row.handle.name} ${await signOf()}`;
      // After a fault it is written once more, though nothing was changed.
      if (content === this.written && !row.problem) return;
      const handle: AskingHandle = row.handle;
      const state = await handle.queryPermission?.({ mode: 'readwrite' });
      if (state !== undefined && state !== 'granted') {
        if (row.problem !== 'asks') await noteKept({ problem: 'asks' });
        return;
      }
      const now = Date.now();
      const whole = await keepCurrent(handle, row.whole, now);
      this.written = content;
      await noteKept({ writtenAt: now, whole });
    } catch (error) {
      this.stored = true;
      await noteKept({ problem: problemOf(error) }).catch(() => undefined);
    } finally {
      this.busy = false;
    }
  };
}

/** Keeps the chosen folder current for as long as this page stands; gives what ends that. */
export function startKeeper(): () => void {
  const keeper = new Keeper();
  const stop = new AbortController();
  const hidden = (): void => {
    if (document.visibilityState === 'hidden') void keeper.write();
  };
  const work = (): Promise<void> =>
    new Promise((resolve) => {
      Dexie.on('storagemutated', keeper.changed);
      document.addEventListener('visibilitychange', hidden);
      void keeper.write();
      const timer = setInterval(() => void keeper.write(), EVERY_MS);
      stop.signal.addEventListener('abort', () => {
        clearInterval(timer);
        document.removeEventListener('visibilitychange', hidden);
        Dexie.on('storagemutated').unsubscribe(keeper.changed);
        resolve();
      });
    });
  navigator.locks.request(LOCK, { signal: stop.signal }, work).catch(() => undefined);
  return () => stop.abort();
}
