/** Files into the Desk: a case, a backup, or a folder that was kept current. */
import '../format/desksWords';
import { nanoid } from 'nanoid';
import type { CaseFile } from '../../core/casefile/casefile';
import type { Office } from '../../core/casefile/office';
import type { Gone, Travelling } from '../../core/casefile/states';
import type { LocatedFault } from '../../files/located';
import { openCases, RefusedFile, type OpenedCases } from '../../files/openCases';
import { textOf } from '../../files/parts';
import { DamagedFile, isSealed, unsealed, WrongPassphrase } from '../../files/sealed';
import {
  compareOffice,
  putBesideBack,
  takeBeside,
  type Beside,
  type BesideTaken,
  type Copies,
} from '../../store/beside';
import type { Compared } from '../../store/compare';
import { db } from '../../store/db';
import type { MakeLines } from '../../store/makeLines';
import { lookThrough } from '../../store/lookThrough';
import { takeIn, usualChoice, type Decided, type Outcomes, type TakenIn } from '../../store/merge';
import { askToKeep } from '../../store/persistence';
import type { Together } from '../../store/threeWay';
import { takeBackIn } from '../../store/wayBack';
import { text } from '../format/text';
import { newestIn } from '../keeping/folder';
import { withLineMaker } from '../lines/lineMaker';
import { packName } from '../packs/packName';
import { copied } from '../packs/packs';
import type { LongWork } from './longWork';
import { backAgain, failureOf, type Undo } from './undo';

/** So many cases are planned on the page before anybody notices. */
const FEW = 10;

/** A file that was looked through: nothing of it is taken yet. */
export interface Looked {
  readonly name: string;
  readonly compared: readonly Compared[];
  /** Its cases were put away in it. */
  readonly archive: boolean;
  readonly beside: Beside;
  /** The offices, where both decided something and not the same. */
  readonly office: Together<Office> | undefined;
}

/** What was decided of a whole file. */
export interface DecidedAll {
  readonly cases: readonly Decided[];
  /** Places of the office whose value there is taken. */
  readonly office: readonly string[];
}

export type Imported =
  | { readonly kind: 'look'; readonly looked: Looked }
  | {
      readonly kind: 'in';
      readonly outcomes: Outcomes;
      /** The way back, while nothing of it was changed. */
      readonly undo: Undo;
    }
  | { readonly kind: 'refused'; readonly faults: readonly LocatedFault[] }
  /** Only a passphrase opens it; the one that was given, if any, does not. */
  | { readonly kind: 'sealed'; readonly wrong: boolean }
  | { readonly kind: 'damaged' }
  | { readonly kind: 'changed' }
  | { readonly kind: 'givenUp' }
  | { readonly kind: 'failed' };

/** What may be done with a single case without asking: whoever opens its file wants it here. */
function outright(compared: Compared): Decided | undefined {
  const { kind } = compared;
  const isAway = (kind === 'deletedHere' || kind === 'away') && !compared.changed;
  const wanted = kind === 'new' || isAway;
  if (wanted) return { compared, choice: 'take' };
  return kind === 'same' || kind === 'newerHere' ? { compared, choice: 'leave' } : undefined;
}

/** A file's text as it is read; how far it is in bytes. @throws DOMException where it is given up */
async function* textIn(file: Blob, { onProgress, givenUp }: LongWork): AsyncGenerator<string> {
  const onRead = (done: number): void => onProgress({ done, total: file.size });
  for await (const part of textOf(file, onRead)) {
    givenUp.throwIfAborted();
    yield part;
  }
}

/** What is said where a file or a folder could not be read to its end. */
function unreadable(error: unknown, { givenUp }: LongWork): Imported {
  if (givenUp.aborted) return { kind: 'givenUp' };
  if (error instanceof RefusedFile) return { kind: 'refused', faults: error.faults };
  if (error instanceof WrongPassphrase) return { kind: 'sealed', wrong: true };
  return { kind: error instanceof DamagedFile ? 'damaged' : 'failed' };
}

/**
 * Looks a case or a backup through; a file with any fault is refused whole. A single case that overwrites nothing is taken
 * at once.
 * @param work hears of the bytes that were read
 * @param passphrase of a file that was sealed by one; '' where nobody has given any
 */
export async function importFile(file: File, work: LongWork, passphrase = ''): Promise<Imported> {
  try {
    const isClosed = await isSealed(file);
    if (isClosed && passphrase === '') return { kind: 'sealed', wrong: false };
    const words = textIn(file, work);
    const opened = await openCases(isClosed ? unsealed(words, passphrase) : words);
    return await lookAt(file.name, opened, work);
  } catch (error) {
    return unreadable(error, work);
  }
}

type Arriving = Travelling<CaseFile>;

/** The cases of a whole file, without those of which a later file tells, and then the later ones. */
async function* renewed(
  whole: OpenedCases,
  later: readonly Arriving[],
  gone: readonly Gone[],
): AsyncGenerator<Arriving> {
  const told = new Set([...later.map(({ file }) => file.id), ...gone.map(({ id }) => id)]);
  for await (const each of whole.cases) if (!told.has(each.file.id)) yield each;
  yield* later;
}

/**
 * Looks a folder through that was kept current; nothing where none of its files is there.
 * @param work hears of the bytes that were read
 */
export async function importFolder(
  folder: FileSystemDirectoryHandle,
  work: LongWork,
): Promise<Imported | undefined> {
  try {
    const files = await newestIn(folder);
    if (!files) return undefined;
    const whole = await openCases(textIn(files.whole, work));
    if (!files.changes) return await lookAt(folder.name, whole, work);
    const changes = await openCases(textIn(files.changes, work));
    const later: Arriving[] = [];
    for await (const each of changes.cases) later.push(each);
    const opened = { ...changes, cases: renewed(whole, later, changes.gone) };
    return await lookAt(folder.name, opened, work);
  } catch (error) {
    return unreadable(error, work);
  }
}

async function lookAt(name: string, opened: OpenedCases, work: LongWork): Promise<Imported> {
  const { cases, gone, backup, archive, ...beside } = opened;
  const compared = await lookThrough(cases, gone);
  const office = await compareOffice(beside);
  const looked = { name, compared, archive, beside, office };
  const [first] = compared;
  const decided = !backup && first && outright(first);
  return decided
    ? takeLooked(looked, { cases: [decided], office: [] }, work)
    : { kind: 'look', looked };
}

/** What is decided where nobody decides anything. */
export function usually({ compared, archive }: Looked): DecidedAll {
  const cases = compared.map((each): Decided => ({
    compared: each,
    choice: usualChoice(each, archive),
  }));
  return { cases, office: [] };
}

/**
 * Takes what was decided of a file, all of it or nothing.
 * @param work hears of the cases that are done
 */
export async function takeLooked(
  { beside }: Looked,
  decided: DecidedAll,
  work: LongWork,
): Promise<Imported> {
  const titleOfCopy = (title: string): string => text('desk.copyOf', { title });
  const copyOf: Copies = {
    pack: (pack) => copied(pack, text('yardsticks.fromFile', { pack: packName(pack) })),
    material: (material) => ({ ...material, id: nanoid(12), name: titleOfCopy(material.name) }),
  };
  const bring = async (
    makeLines?: MakeLines,
  ): Promise<{ readonly taken: TakenIn; readonly also: BesideTaken | undefined }> => {
    let stored: BesideTaken | undefined;
    const also = async (): Promise<void> => {
      stored = await takeBeside(beside, decided.office, copyOf);
    };
    const lines = makeLines && { makeLines };
    const taken = await takeIn(decided.cases, Date.now(), titleOfCopy, {
      ...work,
      also,
      ...lines,
    });
    return { taken, also: stored };
  };
  // All or nothing comes in, so that a second attempt on the page can follow where there is no worker.
  const again = (error: unknown): ReturnType<typeof bring> => {
    if (work.givenUp.aborted || failureOf(error) === 'changed') throw error;
    return bring();
  };
  try {
    const many = decided.cases.filter(({ choice }) => choice !== 'leave').length > FEW;
    const { taken, also } = many ? await withLineMaker(bring).catch(again) : await bring();
    void askToKeep();
    const undo: Undo = () =>
      backAgain(() =>
        takeBackIn(taken, db, async () => {
          if (also) await putBesideBack(also);
        }),
      );
    return { kind: 'in', outcomes: taken.outcomes, undo };
  } catch (error) {
    return { kind: work.givenUp.aborted ? 'givenUp' : failureOf(error) };
  }
}

/** The last change of a case in a file: by whom, and when in milliseconds; nothing where the file does not tell. */
export function lastChange(
  arriving: Travelling<CaseFile>,
): { readonly by: string; readonly at: number } | undefined {
  const last = arriving.states.at(-1);
  return last && last.at > 0 ? last : undefined;
}
