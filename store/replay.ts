import { patchCase } from './cases';
import { db } from './db';
import { leftovers, writeMirror } from './mirror';
import type { Patch } from './patch';

/**
 * Stores what dead pages had typed but not stored. Patches that meet another value in their place
 * are returned by case, for the screen to show both values, and stay mirrored until someone chose.
 */
export async function replayPending(
  living: ReadonlySet<string>,
  now: number,
  base = db,
): Promise<ReadonlyMap<string, readonly Patch[]>> {
  const left = new Map<string, readonly Patch[]>();
  for (const { caseId, page, patches } of leftovers(living)) {
    const row = await base.cases.get(caseId);
    const { conflicts } = row ? await patchCase(caseId, patches, now, base) : { conflicts: [] };
    writeMirror(caseId, page, conflicts);
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
