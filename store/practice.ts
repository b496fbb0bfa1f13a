import { db } from './db';

/** A step of a practice case that was answered. */
export interface PracticeEntry {
  readonly seed: number;
  readonly level: number;
  readonly task: string;
  /** The first answer was right. */
  readonly first: boolean;
  /** When, in milliseconds. */
  readonly at: number;
}

const KEY = 'practice';
/** So many are kept, the newest. */
const MOST_ENTRIES = 5000;

/** What was practised here, the oldest first. */
export async function practised(base = db): Promise<readonly PracticeEntry[]> {
  const stored = (await base.settings.get(KEY))?.value;
  return stored ? (JSON.parse(stored) as PracticeEntry[]) : [];
}

/** Keeps what became of a step, in place of what was kept of the same step of the same case. */
export async function keepPractised(
  entry: Omit<PracticeEntry, 'at'>,
  now = Date.now(),
  base = db,
): Promise<void> {
  await base.transaction('rw', base.settings, async () => {
    const others = (await practised(base)).filter(
      ({ seed, level, task }) =>
        seed !== entry.seed || level !== entry.level || task !== entry.task,
    );
    const value = JSON.stringify([...others, { ...entry, at: now }].slice(-MOST_ENTRIES));
    await base.settings.put({ key: KEY, value });
  });
}

/** Forgets it all. */
export async function forgetPractised(base = db): Promise<void> {
  await base.settings.delete(KEY);
}
