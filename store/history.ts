/**
 * What was changed of each case, by whom and when: from it, any earlier state can be told, and two desks find the last state
 * that both know.
 */
import Dexie from 'dexie';
import { nanoid } from 'nanoid';
import type { State } from '../core/casefile/states';
import type { AgrologosDb, Revision } from './db';
import { applyPatches, inverse, withPatch, type Patch } from './patch';
import { whoIsHere } from './who';

/** Changes of one person with no longer pause than this are one revision. */
const PAUSE_MS = 30 * 60_000;
/** So many revisions of a case are told apart, with a folder kept current five hours of typing; of older ones only the names are kept. */
const MOST = 300;

/** The revisions of a case, the oldest first. */
export function revisionsOf(base: AgrologosDb, caseId: string): Promise<Revision[]> {
  return between(base, caseId).toArray();
}

function between({ revisions }: AgrologosDb, caseId: string) {
  return revisions.where('[caseId+seq]').between([caseId, Dexie.minKey], [caseId, Dexie.maxKey]);
}

/** The revisions of several cases, each case's the oldest first; a case that has none has none here. */
export async function revisionsByCase(
  base: AgrologosDb,
  ids: readonly string[],
): Promise<ReadonlyMap<string, readonly Revision[]>> {
  const all = await base.revisions.where('caseId').anyOf(ids).sortBy('seq');
  const byCase = new Map<string, Revision[]>();
  for (const each of all) {
    const known = byCase.get(each.caseId);
    if (known) known.push(each);
    else byCase.set(each.caseId, [each]);
  }
  return byCase;
}

/** The last of some revisions, the oldest first, that touched a place or anything in it. */
export function lastAt(revisions: readonly Revision[], place: string): Revision | undefined {
  const touches = ({ path }: Patch): boolean =>
    path === place || path.startsWith(`${place}/`) || place.startsWith(`${path}/`);
  return revisions.findLast(({ patches }) => patches.some(touches));
}

/** The name of every state that some revisions contain. */
export function namesIn(states: readonly Pick<State, 'id' | 'includes'>[]): Set<string> {
  return new Set(states.flatMap(({ id, includes }) => [id, ...includes]));
}

/** The oldest revision is told no more: the one after it keeps its names. */
async function forgetOldest(base: AgrologosDb, caseId: string): Promise<void> {
  const [oldest, next] = await between(base, caseId).limit(2).toArray();
  if (!oldest || !next) return;
  await base.revisions.delete([caseId, oldest.seq]);
  await base.revisions.put({
    ...next,
    includes: [...new Set([...next.includes, oldest.id, ...oldest.includes])],
  });
}

/** A change of a case. */
export interface Change {
  readonly patches: readonly Patch[];
  readonly at: number;
  /** Of another desk: the state that it became, and those that it contains. */
  readonly state?: {
    readonly id: string;
    readonly by: string;
    readonly includes: readonly string[];
  };
}

/** Notes a change of a case, in the transaction that stores it. */
export async function note(base: AgrologosDb, caseId: string, change: Change): Promise<void> {
  const { patches, at, state } = change;
  const last = await between(base, caseId).last();
  const by = state?.by ?? whoIsHere();
  // A clock that was set back makes no difference between before and after.
  if (last && !state && !last.left && last.by === by && Math.abs(at - last.at) < PAUSE_MS) {
    const all = patches.reduce<readonly Patch[]>(
      (before, each) => withPatch(before, each),
      last.patches,
    );
    await base.revisions.put({ ...last, at, patches: all });
    return;
  }
  const seq = (last?.seq ?? 0) + 1;
  const { id = nanoid(12), includes = [] } = state ?? {};
  await base.revisions.put({
    caseId,
    seq,
    id,
    at,
    by,
    patches,
    includes,
    left: state !== undefined,
  });
  if ((await between(base, caseId).count()) > MOST) await forgetOldest(base, caseId);
}

/** Puts the states of cases that came in whole in the place of what was known of them. */
export async function keepStates(
  base: AgrologosDb,
  cases: readonly { readonly caseId: string; readonly states: readonly State[] }[],
): Promise<void> {
  const ids = cases.map(({ caseId }) => caseId);
  await base.revisions.where('caseId').anyOf(ids).delete();
  const revisions = cases.flatMap(({ caseId, states }) =>
    states.map((state, at) => ({ ...state, caseId, seq: at + 1, left: true })),
  );
  await base.revisions.bulkPut(revisions);
}

/**
 * The states of cases as they leave: what is changed from here on has a name of its own. One of before changes were noted has a
 * single state from now on.
 */
export async function leaving(
  base: AgrologosDb,
  ids: readonly string[],
): Promise<ReadonlyMap<string, readonly State[]>> {
  const byCase = await revisionsByCase(base, ids);
  const sealed: Revision[] = [];
  const states = ids.map((caseId) => {
    const known = byCase.get(caseId) ?? [];
    const last = known.at(-1) ?? {
      ...{ caseId, seq: 1, id: nanoid(12), at: 0, by: '', patches: [], includes: [] },
      left: false,
    };
    if (!last.left) sealed.push({ ...last, left: true });
    return [caseId, [...known.slice(0, -1), last].map(stateOf)] as const;
  });
  if (sealed.length > 0) await base.revisions.bulkPut(sealed);
  return new Map(states);
}

function stateOf({ id, at, by, patches, includes }: Revision): State {
  return { id, at, by, patches, includes };
}

/** Every state of a document that its revisions still tell, the newest first, with its name. */
export function* statesOf<T>(
  document: T,
  states: readonly Pick<State, 'id' | 'patches'>[],
): Generator<{ readonly id: string; readonly document: T }> {
  let then = document;
  for (const { id, patches } of states.toReversed()) {
    yield { id, document: then };
    try {
      then = applyPatches(then, [...patches].reverse().map(inverse));
    } catch {
      // What does not fit its document tells nothing further back.
      return;
    }
  }
}
