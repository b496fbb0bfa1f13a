/** A folder of the office's own that is kept as the browser's data are: what is to be written there, and what is known of it. */
import { db, type KeepingProblem, type KeepingRow } from './db';

const KEY = 'folder';

/** The folder that is kept current, if one was chosen. */
export function keptFolder(base = db): Promise<KeepingRow | undefined> {
  return base.keeping.get(KEY);
}

/** Keeps a folder current from now on, in place of the one before. */
export async function chooseFolder(handle: FileSystemDirectoryHandle, base = db): Promise<void> {
  await base.keeping.put({ key: KEY, handle });
}

/** Keeps no folder current any more; what is in it stays. */
export async function forgetFolder(base = db): Promise<void> {
  await base.keeping.delete(KEY);
}

/** Notes what was written, or why nothing was; nothing where another folder was chosen meanwhile. */
export async function noteKept(
  done:
    | { readonly writtenAt: number; readonly whole: NonNullable<KeepingRow['whole']> }
    | { readonly problem: KeepingProblem },
  base = db,
): Promise<void> {
  await base.transaction('rw', base.keeping, async () => {
    const row = await base.keeping.get(KEY);
    if (!row) return;
    const { problem: _past, ...rest } = row;
    await base.keeping.put({ ...rest, ...done });
  });
}

/** By the id of every case, a sign that changes whenever the case does. */
export type Marks = Readonly<Record<string, string>>;

/** The signs of all cases, without reading any of them. */
export async function presentMarks(base = db): Promise<Marks> {
  const keys: unknown = await base.cases.orderBy('[id+rev+deletedAt]').keys();
  const all = keys as readonly (readonly [id: string, rev: number, deletedAt: number])[];
  return Object.fromEntries(all.map(([id, rev, deletedAt]) => [id, `${rev}.${deletedAt}`]));
}
