import { patchCase } from './cases';
import { db } from './db';
import { leftovers, writeMirror, type Leftover } from './mirror';
import type { Patch } from './patch';

/** Stores one entry; gives what met another value in its place. */
async function replayOne(
  { caseId, page, patches }: Leftover,
  now: number,
  base: typeof db,
): Promise<readonly Patch[]> {
  const isThere = (await base.cases.where('id').equals(caseId).count()) > 0;
  const { conflicts } = isThere ? await patchCase(caseId, patches, now, base) : { conflicts: [] };
  writeMirror(caseId, page, conflicts);
  return conflicts;
}

/**
 * Stores what dead pages had typed but not stored. Patches that meet another value in their place
 * are returned by case, for the screen to show both values, and stay mirrored until someone chose. An entry that
 * cannot be stored stays mirrored too, and keeps no other from being stored.
 */
export async function replayPending(
  living: ReadonlySet<string>,
  now: number,
  base = db,
): Promise<ReadonlyMap<string, readonly Patch[]>> {
  const left = new Map<string, readonly Patch[]>();
  for (const entry of leftovers(living)) {
    const { caseId } = entry;
    const conflicts = await replayOne(entry, now, base).catch(() => []);
    if (conflicts.length > 0) left.set(caseId, [...(left.get(caseId) ?? []), ...conflicts]);
  }
  return left;
}

/** Forgets what dead pages had left for a case, once its page holds it itself. */
export function forgetLeftovers(caseId: string, living: ReadonlySet<string>): void {
  for (const entry of leftovers(living)) {
    if (entry.caseId === caseId) writeMirror(caseId, entry.page, []);
  }
}
