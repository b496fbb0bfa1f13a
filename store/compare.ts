/** What a case of another desk is to the one that lies here: looked through before anything is taken. */
import { withUsedOnly, type CaseFile } from '../core/casefile/casefile';
import type { Gone, State, Travelling } from '../core/casefile/states';
import { isCase } from '../core/casefile/isCase';
import type { CaseRow } from './caseRows';
import { namesIn, statesOf } from './history';
import { same, type Json } from './patch';
import { together, type Together } from './threeWay';

/** A case of a file. */
export type Arriving = Travelling<CaseFile>;

/** A case that lies here, in the present schema. */
export interface Lying {
  readonly row: CaseRow;
  readonly states: readonly State[];
}

interface Met {
  /** What lay here when it was looked through. */
  readonly rev: number;
  readonly arriving: Arriving;
}

/** One case, compared. */
export type Compared =
  | { readonly kind: 'new'; readonly arriving: Arriving }
  /** Not here any more, since it was deleted or put away in a file; and changed there since or not. */
  | { readonly kind: 'away'; readonly changed: boolean; readonly arriving: Arriving }
  /** Nothing of the file is wanted of it. */
  | { readonly kind: 'same' | 'newerHere' }
  | ({ readonly kind: 'newerThere' } & Met)
  | ({
      readonly kind: 'both';
      readonly together: Together<CaseFile>;
      /** Whether a state is known that both came from: only then is it known who changed what. */
      readonly grounded: boolean;
    } & Met)
  /** Deleted here, and changed there since or not; the document is what comes back where it is brought back. */
  | ({
      readonly kind: 'deletedHere';
      readonly changed: boolean;
      readonly document: CaseFile;
    } & Met)
  /** Deleted there, and changed here since or not. */
  | {
      readonly kind: 'deletedThere';
      readonly gone: Gone;
      readonly rev: number;
      readonly title: string;
      readonly changed: boolean;
    };

/** A document as it leaves; one that is damaged as it is, rather than not at all. */
export function leavingDocument(document: unknown): CaseFile {
  return isCase(document) ? withUsedOnly(document) : (document as CaseFile);
}

/** Whether two cases hold the same, whatever of what was tried lies beside them. */
export function sameCase(a: CaseFile, b: CaseFile): boolean {
  return same(leavingDocument(a) as unknown as Json, leavingDocument(b) as unknown as Json);
}

/** A document without what is attached: that never changes, and goes along as it is. */
function plain({ attachments: _beside, ...rest }: CaseFile): Omit<CaseFile, 'attachments'> {
  return rest;
}

type Plain = ReturnType<typeof plain>;
type Side = { readonly document: Plain; readonly states: readonly State[] };
type Ground = 'here' | 'there' | { readonly was: Plain } | undefined;

/** The names of all that a state of a desk contains. */
function upTo(states: readonly State[], id: string): Set<string> {
  return namesIn(states.slice(0, states.findLastIndex((each) => each.id === id) + 1));
}

/** By the names of states: whose present state the other side contains, or the last one that both contain. */
function byName(here: Side, there: Side): Ground {
  const [ours, theirs] = [namesIn(here.states), namesIn(there.states)];
  const [ourHead, theirHead] = [here.states.at(-1)?.id, there.states.at(-1)?.id];
  if (theirHead !== undefined && ours.has(theirHead)) return 'there';
  if (ourHead !== undefined && theirs.has(ourHead)) return 'here';
  const inOurs = [...statesOf(here.document, here.states)].find(({ id }) => theirs.has(id));
  const inTheirs = [...statesOf(there.document, there.states)].find(({ id }) => ours.has(id));
  if (!inOurs || !inTheirs) return (inOurs ?? inTheirs) && { was: (inOurs ?? inTheirs)!.document };
  // The later of the two leaves less to be asked.
  const later = upTo(here.states, inOurs.id).has(inTheirs.id) ? inOurs : inTheirs;
  return { was: later.document };
}

/** Without names: a state of one side that is just so on the other. */
function byContent(here: Side, there: Side): Ground {
  const theirs = [...statesOf(there.document, there.states)];
  if (theirs.length === 0) theirs.push({ id: '', document: there.document });
  const ours = [...statesOf(here.document, here.states)];
  for (const [at, { document }] of ours.entries()) {
    const equal = theirs.findIndex((each) =>
      same(each.document as unknown as Json, document as unknown as Json),
    );
    if (equal === 0) return 'there';
    if (equal > 0) return at === 0 ? 'here' : { was: document };
  }
  return undefined;
}

function side(document: CaseFile, states: readonly State[]): Side {
  return { document: plain(document), states };
}

/** A case that does not lie here: new, or one that was here once. */
function compareAbsent(away: Gone | undefined, arriving: Arriving): Compared {
  if (!away) return { kind: 'new', arriving };
  const head = arriving.states.at(-1)?.id;
  return { kind: 'away', changed: head !== undefined && !away.states.includes(head), arriving };
}

/**
 * Compares a case of a file with what lies here of its id.
 * @param away what is known of one that is not here any more
 */
export function compareCase(lying: Lying | undefined, arriving: Arriving, away?: Gone): Compared {
  if (!lying) return compareAbsent(away, arriving);
  const { row } = lying;
  const { file, states } = arriving;
  const met = { rev: row.rev, arriving };
  const isSame = sameCase(row.doc, file);
  if (isSame && row.deletedAt === 0) return { kind: 'same' };
  const [here, there] = [side(row.doc, lying.states), side(file, states)];
  const ground = isSame ? 'there' : (byName(here, there) ?? byContent(here, there));
  const isDeleted = row.deletedAt > 0;
  if (ground === 'there') {
    return isDeleted
      ? { kind: 'deletedHere', changed: false, document: row.doc, ...met }
      : { kind: 'newerHere' };
  }
  if (ground === 'here') {
    return isDeleted
      ? { kind: 'deletedHere', changed: true, document: file, ...met }
      : { kind: 'newerThere', ...met };
  }
  const joined = together(ground, here.document, there.document);
  const attachments = { ...file.attachments, ...row.doc.attachments };
  const document = { ...joined.document, attachments } as CaseFile;
  if (isDeleted) return { kind: 'deletedHere', changed: true, document, ...met };
  const grounded = ground !== undefined;
  return { kind: 'both', together: { ...joined, document }, grounded, ...met };
}

/** Compares a case that was deleted there with what stands here; nothing where it does not stand here. */
export function compareGone(lying: Lying | undefined, gone: Gone): Compared | undefined {
  if (!lying || lying.row.deletedAt > 0) return undefined;
  const { row, states } = lying;
  const head = states.at(-1)?.id;
  const changed = head === undefined || !gone.states.includes(head);
  return { kind: 'deletedThere', gone, rev: row.rev, title: row.doc.title, changed };
}
