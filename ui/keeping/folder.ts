/**
 * What is written into a folder that is kept current: a file of the whole caseload now and then, and beside it a small one of what
 * changed since, each written whole before it takes the place of the one before. The last three of both stay.
 */
import { own } from '../../core/kernel/typed/own';
import type { KeepingRow, KeepingProblem } from '../../store/db';
import { db } from '../../store/db';
import { presentMarks, type Marks } from '../../store/keeping';
import { backupParts } from './backupParts';

const WHOLE = 'agrologos-whole-';
const CHANGES = 'agrologos-changes-';
/** So many files of the whole caseload stay, each with its changes. */
const ROTATED = 3;
/** A new whole file is written when it is a week old, or when so many cases, or so large a share of them, changed since. */
const OLDEST_MS = 7 * 86_400_000;
const MOST_CHANGED = 200;
const MOST_SHARE = 0.2;

type Whole = NonNullable<KeepingRow['whole']>;

/** A name by the moment, which sorts as moments do. */
function stampOf(now: number): string {
  return new Date(now).toISOString().replace(/[:.]/g, '-');
}

async function write(
  folder: FileSystemDirectoryHandle,
  name: string,
  parts: AsyncIterable<string>,
): Promise<void> {
  const handle = await folder.getFileHandle(name, { create: true });
  // What is written goes beside the file, and takes its place when it is closed.
  const stream = await handle.createWritable();
  try {
    for await (const part of parts) await stream.write(part);
    await stream.close();
  } catch (error) {
    await stream.abort().catch(() => undefined);
    throw error;
  }
}

/** The names of the whole files in a folder, the newest first. */
async function wholesIn(folder: FileSystemDirectoryHandle): Promise<string[]> {
  const names: string[] = [];
  for await (const name of folder.keys()) {
    if (name.startsWith(WHOLE) && name.endsWith('.json')) names.push(name);
  }
  return names.sort().reverse();
}

function changesOf(whole: string): string {
  return `${CHANGES}${whole.slice(WHOLE.length)}`;
}

async function rotate(folder: FileSystemDirectoryHandle): Promise<void> {
  for (const old of (await wholesIn(folder)).slice(ROTATED)) {
    await folder.removeEntry(old);
    await folder.removeEntry(changesOf(old)).catch(() => undefined);
  }
}

/** Ids of the cases that are not as they are in a whole file. */
function changedSince(before: Marks, present: Marks): string[] {
  return Object.entries(present).flatMap(([id, mark]) => (own(before, id) === mark ? [] : [id]));
}

/** Whether it is time for a new file of all cases. */
function wantsWhole(whole: Whole, changed: number, all: number, now: number): boolean {
  return (
    // A clock that was set back is no reason to wait.
    Math.abs(now - whole.at) > OLDEST_MS ||
    changed > MOST_CHANGED ||
    (changed > 10 && changed > all * MOST_SHARE)
  );
}

/** Brings a folder up to date; gives the whole file that stands in it since. */
export async function keepCurrent(
  folder: FileSystemDirectoryHandle,
  whole: Whole | undefined,
  now: number,
  base = db,
): Promise<Whole> {
  const marks = await presentMarks(base);
  const changed = whole ? changedSince(whole.marks, marks) : [];
  // Somebody may have taken the file away: changes alone give nothing back.
  const stands = whole && (await wholesIn(folder)).includes(whole.name);
  if (stands && !wantsWhole(whole, changed.length, Object.keys(marks).length, now)) {
    const standing = changed.filter((id) => own(marks, id)?.endsWith('.0'));
    await write(folder, changesOf(whole.name), backupParts({ only: standing, base }));
    return whole;
  }
  const name = `${WHOLE}${stampOf(now)}.json`;
  await write(folder, name, backupParts({ base }));
  await rotate(folder);
  return { name, at: now, marks };
}

/** The newest whole file, and that of what changed since where there is one; nothing where there is none. */
export async function newestIn(
  folder: FileSystemDirectoryHandle,
): Promise<{ readonly whole: File; readonly changes: File | undefined } | undefined> {
  const [newest] = await wholesIn(folder);
  if (newest === undefined) return undefined;
  const file = async (name: string): Promise<File> => (await folder.getFileHandle(name)).getFile();
  const changes = await file(changesOf(newest)).catch(() => undefined);
  return { whole: await file(newest), changes };
}

/** Why something could not be written, by the name that the browser gives it. */
export function problemOf(error: unknown): KeepingProblem {
  switch (error instanceof Error || error instanceof DOMException ? error.name : '') {
    case 'NotAllowedError':
    case 'SecurityError':
      return 'asks';
    case 'NotFoundError':
      return 'gone';
    case 'QuotaExceededError':
      return 'full';
    default:
      return 'failed';
  }
}
