import { db } from './db';

/** A sum that was worked out on the bench, with what was typed and what it came to in words. */
export interface BenchEntry {
  readonly id: string;
  readonly sum: string;
  readonly typed: Readonly<Record<string, string>>;
  readonly answer: string;
}

const KEY = 'bench';
/** So many are kept, the newest first. */
export const MOST_ENTRIES = 20;

/** The last sums of the bench, the newest first. */
export async function lastSums(base = db): Promise<readonly BenchEntry[]> {
  const stored = (await base.settings.get(KEY))?.value;
  return stored ? (JSON.parse(stored) as BenchEntry[]) : [];
}

/** Keeps a sum, in place of what was kept of the same go at it. */
export async function keepSum(entry: BenchEntry, base = db): Promise<void> {
  await base.transaction('rw', base.settings, async () => {
    const others = (await lastSums(base)).filter(({ id }) => id !== entry.id);
    const value = JSON.stringify([entry, ...others].slice(0, MOST_ENTRIES));
    await base.settings.put({ key: KEY, value });
  });
}

/** Forgets them all. */
export async function clearSums(base = db): Promise<void> {
  await base.settings.delete(KEY);
}
