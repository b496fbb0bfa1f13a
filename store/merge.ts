/**
 * Bringing the cases of another desk in: what was looked through is taken as was decided, all of it or nothing.
 */
import type { CaseIndexRow } from '../core/plan/deskLine';
import { nanoid } from 'nanoid';
import type { CaseFile } from '../core/casefile/casefile';
import { isCase } from '../core/casefile/isCase';
import { ChangedMeanwhile } from './changedMeanwhile';
import { breath, type Progress } from './breath';
import { putRows, type CaseRow } from './caseRows';
import { changesOf } from './cases';
import { sameCase, type Arriving, type Compared } from './compare';
import { db, type AgrologosDb } from './db';
import { keepStates, namesIn, note } from './history';
import { changeLines, putLines } from './lines';
import { makeLinesHere, type MakeLines } from './makeLines';
import { withTheirs } from './threeWay';
import { lyingBefore, tablesOf, type Before, type WayBack } from './wayBack';
import { whoIsHere } from './who';

/** So many cases are worked on between two breaths of the page. */
const AT_ONCE = 25;

/** What is done with a case: its own way in or out, nothing, or beside what lies here as a copy. */
export type Choice = 'take' | 'leave' | 'beside';

/** What was decided of a case. */
export interface Decided {
  readonly compared: Compared;
  readonly choice: Choice;
  /** Of places that both changed, those where the other side's value is taken. */
  readonly theirs?: readonly string[];
}

/**
 * What is taken unless somebody decides otherwise: whatever overwrites nothing that was done here.
 * @param archive the file is one of cases that were put away: who opens it wants them back
 */
export function usualChoice(compared: Compared, archive = false): Choice {
  switch (compared.kind) {
    case 'away':
      return archive ? 'take' : 'leave';
    case 'new':
    case 'newerThere':
      return 'take';
    case 'both':
      return isCase(compared.together.document) ? 'take' : 'beside';
    case 'deletedThere':
      return compared.changed ? 'leave' : 'take';
    default:
      return 'leave';
  }
}

/** What became of a case. */
type Outcome = 'added' | 'renewed' | 'joined' | 'copied' | 'restored' | 'deleted' | 'left';

/** How many of each. */
export type Outcomes = Readonly<Record<Outcome, number>>;

/** A case as it is to be stored, or taken off the Desk. */
type Work =
  | {
      readonly what: 'added' | 'renewed' | 'joined' | 'copied' | 'restored';
      readonly doc: CaseFile;
      readonly rev: number | undefined;
      readonly arriving: Arriving;
    }
  | { readonly what: 'deleted'; readonly id: string; readonly rev: number };

function beside({ file, states }: Arriving, title: (of: string) => string): Work {
  const doc = { ...file, id: nanoid(12), title: title(file.title) };
  return { what: 'copied', doc, rev: undefined, arriving: { file, states } };
}

function workOf(
  { compared, choice, theirs = [] }: Decided,
  title: (of: string) => string,
): Work | undefined {
  if (choice === 'leave') return undefined;
  if (compared.kind === 'deletedThere') {
    return { what: 'deleted', id: compared.gone.id, rev: compared.rev };
  }
  if (!('arriving' in compared)) return undefined;
  const { arriving } = compared;
  if (choice === 'beside') return beside(arriving, title);
  switch (compared.kind) {
    case 'new':
    case 'away':
      return { what: 'added', doc: arriving.file, rev: undefined, arriving };
    case 'newerThere':
      return { what: 'renewed', doc: arriving.file, rev: compared.rev, arriving };
    case 'deletedHere':
      return { what: 'restored', doc: compared.document, rev: compared.rev, arriving };
    case 'both': {
      const doc = withTheirs(compared.together, theirs);
      return isCase(doc)
        ? { what: 'joined', doc, rev: compared.rev, arriving }
        : beside(arriving, title);
    }
    default:
      return undefined;
  }
}

/** What came of taking something in. */
export interface TakenIn extends WayBack {
  readonly outcomes: Outcomes;
}

/** Notes what a case contains now that it came in: names of states travel with it, so that it is known again. */
async function noteArrival(
  base: AgrologosDb,
  work: Exclude<Work, { what: 'deleted' | 'added' }>,
  before: CaseRow | undefined,
  now: number,
): Promise<void> {
  const { what, doc, arriving } = work;
  const { states } = arriving;
  const last = states.at(-1);
  if (what === 'copied' || !before) return note(base, doc.id, { patches: [], at: now });
  const patches = changesOf(before, { ...before, doc });
  const names = namesIn(states);
  if (patches.length === 0) return undefined;
  if (last && sameCase(doc, arriving.file)) {
    // It is the very state of the other desk.
    names.delete(last.id);
    const { id, by } = last;
    return note(base, doc.id, { patches, at: last.at, state: { id, by, includes: [...names] } });
  }
  const state = { id: nanoid(12), by: last?.by ?? '', includes: [...names] };
  return note(base, doc.id, { patches, at: now, state });
}

/**
 * Takes in what was decided, in one transaction: all of it or, where anything is refused or was changed since it was looked
 * through, nothing.
 * @param also stores what else the file brings, in the same transaction
 * @throws ChangedMeanwhile
 */
export async function takeIn(
  decided: readonly Decided[],
  now: number,
  titleOfCopy: (title: string) => string,
  {
    onProgress = () => undefined,
    givenUp,
    base = db,
    makeLines = makeLinesHere,
    also = () => Promise.resolve(),
  }: {
    readonly onProgress?: (progress: Progress) => void;
    readonly givenUp?: AbortSignal | undefined;
    readonly base?: AgrologosDb;
    readonly makeLines?: MakeLines;
    readonly also?: () => Promise<void>;
  } = {},
): Promise<TakenIn> {
  const works = decided.flatMap((each) => workOf(each, titleOfCopy) ?? []);
  const coming = works.filter((work) => work.what !== 'deleted');
  // Lines take a plan each, and a transaction waits for nobody: they are made before it.
  const lines: CaseIndexRow[] = [];
  for (let at = 0; at < coming.length; at += AT_ONCE) {
    const documents = coming
      .slice(at, at + AT_ONCE)
      .map(({ doc }) => ({ id: doc.id, document: doc, changedAt: now, deletedAt: 0 }));
    givenUp?.throwIfAborted();
    lines.push(...(await makeLines(documents)));
    onProgress({ done: Math.min(at + AT_ONCE, coming.length), total: coming.length });
    await breath();
  }
  return base.transaction('rw', tablesOf(base), async () => {
    const ids = works.map((work) => (work.what === 'deleted' ? work.id : work.doc.id));
    const lying = await lyingBefore(base, ids);
    const before = lying.map((each, at): Before => {
      const work = works[at];
      if (each.row?.rev !== work?.rev) throw new ChangedMeanwhile();
      const rev = work?.what === 'deleted' ? work.rev : (work?.rev ?? 0) + 1;
      return { ...each, rev };
    });
    const rows = coming.map(({ doc, rev = 0 }): CaseRow => {
      const { id, schema } = doc;
      return { id, rev: rev + 1, schema, deletedAt: 0, doc };
    });
    await putRows(base, rows);
    await putLines(base, lines);
    await base.gone.bulkDelete(rows.map(({ id }) => id));
    const added = works.flatMap((work) =>
      work.what === 'added' ? { caseId: work.doc.id, states: work.arriving.states } : [],
    );
    await keepStates(base, added);
    for (const [at, work] of works.entries()) {
      givenUp?.throwIfAborted();
      if (work.what === 'deleted') {
        await base.cases.update(work.id, { deletedAt: now, deletedBy: whoIsHere() });
      } else if (work.what !== 'added') await noteArrival(base, work, before[at]?.row, now);
    }
    const off = works.flatMap((work) => (work.what === 'deleted' ? [work.id] : []));
    await changeLines(base, off, (line) => ({ ...line, deletedAt: now }));
    await also();
    const outcomes = {
      ...{ added: 0, renewed: 0, joined: 0, copied: 0, restored: 0, deleted: 0 },
      left: decided.length - works.length,
    };
    for (const { what } of works) outcomes[what] += 1;
    return { outcomes, before };
  });
}
