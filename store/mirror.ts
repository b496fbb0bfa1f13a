import { nanoid } from 'nanoid';
import type { Patch } from './patch';

/**
 * What is typed but not yet stored, mirrored synchronously so that a crash loses nothing. One
 * entry a case and page; a page holds a lock on its name while it lives, so that another page only
 * takes over what a dead one has left.
 */
const PREFIX = 'agrologos:pending:';
const LOCK = 'agrologos:page:';

function keyOf(caseId: string, page: string): string {
  return `${PREFIX}${caseId}:${page}`;
}

/** Claims a name for this page until it ends. */
export function claimPage(): string {
  const page = nanoid();
  void navigator.locks?.request(`${LOCK}${page}`, () => new Promise(() => undefined));
  return page;
}

/** The pages that are alive, this one included. */
export async function livingPages(): Promise<ReadonlySet<string>> {
  const { held = [] } = (await navigator.locks?.query()) ?? {};
  return new Set(
    held.flatMap(({ name }) => (name?.startsWith(LOCK) ? [name.slice(LOCK.length)] : [])),
  );
}

/**
 * Writes what is pending; an empty list removes the entry. A browser without room for the mirror
 * still stores the edits themselves, only a crash before that would lose them.
 */
export function writeMirror(caseId: string, page: string, patches: readonly Patch[]): void {
  const key = keyOf(caseId, page);
  try {
    if (patches.length === 0) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(patches));
  } catch {
    localStorage.removeItem(key);
  }
}

/** Whether anything that was typed, on whatever page, waits to be stored or for a choice between two values. */
export function hasPending(): boolean {
  return Object.keys(localStorage).some((key) => key.startsWith(PREFIX));
}

function isPatch(value: unknown): value is Patch {
  return typeof value === 'object' && value !== null && typeof (value as Patch).path === 'string';
}

function parse(text: string | null): Patch[] {
  try {
    const read: unknown = JSON.parse(text ?? '[]');
    return Array.isArray(read) ? read.filter(isPatch) : [];
  } catch {
    return [];
  }
}

/** An entry that a dead page has left behind. */
export interface Leftover {
  readonly caseId: string;
  readonly page: string;
  readonly patches: readonly Patch[];
}

/** The entries of pages that are no longer alive. */
export function leftovers(living: ReadonlySet<string>): Leftover[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX))
    .map((key) => {
      const name = key.slice(PREFIX.length);
      const cut = name.lastIndexOf(':');
      const patches = parse(localStorage.getItem(key));
      return { caseId: name.slice(0, cut), page: name.slice(cut + 1), patches };
    })
    .filter(({ page }) => !living.has(page));
}
