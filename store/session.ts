import { nanoid } from 'nanoid';
import type { CaseFile } from '../core/casefile/casefile';
import type { Attachment } from '../core/casefile/parts/attachment';
import type { Plan } from '../core/plan/types';
import { replan, type Run } from '../core/plan/replan';
import { patchCase, type Applied } from './cases';
import { keepAttachment, type CaseRow } from './caseRows';
import { db } from './db';
import { writeMirror } from './mirror';
import {
  applyPatches,
  overlap,
  reachable,
  same,
  valueAt,
  withPatch,
  type Json,
  type Patch,
} from './patch';
import { sharing } from './sharing';
import { UndoStack } from './undo';

/** Whether what is on the screen is stored, or waits for a choice between two values. */
export type SaveState = 'saved' | 'pending' | 'conflict' | 'failed' | 'full' | 'deleted';

/** Two values for one place: what was typed here and what came from elsewhere. */
interface Conflict {
  readonly mine: Json | undefined;
  readonly theirs: Json | undefined;
}

/** What the worksheet shows: the very same object as long as neither part of it changes. */
export interface Shown {
  /** The stored document with what is typed here on top. */
  readonly doc: CaseFile;
  readonly conflicts: Readonly<Record<string, Conflict>>;
}

export interface SessionState extends Shown {
  readonly save: SaveState;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** A change of one place, as a screen asks for it. */
export interface Edit {
  readonly path: string;
  readonly value: Json | undefined;
}

const NO_CONFLICTS: SessionState['conflicts'] = {};

const storeHere: NonNullable<Options['store']> = (id, patches, now, planOf) =>
  patchCase(id, patches, now, db, planOf);

const keepHere: NonNullable<Options['keep']> = (caseId, attachment) =>
  keepAttachment(db, caseId, attachment);

const COALESCE_MS = 300;
/** Who types without a pause waits no longer than this for what was typed to be stored. */
const LONGEST_WAIT_MS = 1000;
/** What could not be stored is tried again by itself, at first so soon, then after twice as long each time. */
const AGAIN_MS = 2000;
const LATEST_AGAIN_MS = 60_000;

/** Whether the browser refused for want of space; the database wraps the reason in its own error. */
function isFull(error: unknown): boolean {
  if (typeof error !== 'object' || error === null) return false;
  const { name, inner } = error as { name?: unknown; inner?: unknown };
  return name === 'QuotaExceededError' || isFull(inner);
}

interface Options {
  readonly page: string;
  readonly now?: () => number;
  readonly store?: (
    id: string,
    patches: readonly Patch[],
    now: number,
    planOf: (doc: CaseFile) => Plan,
  ) => Promise<Applied>;
  readonly keep?: (caseId: string, attachment: Attachment) => Promise<void>;
}

/**
 * An open case on one page. Edits show at once, are mirrored in the same tick, and are stored
 * about 300 ms later or on `flush`, one transaction at a time. Changes from elsewhere come in by
 * `follow`; a place that is in use or typed in here keeps its value and becomes a conflict.
 */
export class CaseSession {
  private stored: CaseRow;
  private pending: Patch[] = [];
  private held = new Map<string, Patch>();
  private inUse: { readonly path: string; readonly value: Json | undefined } | undefined;
  /** How many of the pending patches, from the first, are being written just now. */
  private sending = 0;
  private failed: 'failed' | 'full' | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** Since when something waits to be stored. */
  private waitingSince: number | undefined;
  private again = AGAIN_MS;
  /** The stored case is no more: somebody removed it for good. */
  private gone = false;
  private writing: Promise<void> | undefined;
  private readonly undoStack = new UndoStack();
  private readonly listeners = new Set<() => void>();
  private state: SessionState;
  private shown: Shown;
  private run: Run | undefined;
  private readonly page: string;
  private readonly now: () => number;
  private readonly store: NonNullable<Options['store']>;
  private readonly keep: NonNullable<Options['keep']>;

  constructor(row: CaseRow, { page, now = Date.now, store = storeHere, keep = keepHere }: Options) {
    this.stored = row;
    this.page = page;
    this.now = now;
    this.store = store;
    this.keep = keep;
    this.state = this.derive();
    this.shown = this.state;
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly getState = (): SessionState => this.state;

  readonly getShown = (): Shown => this.shown;

  /** The plan of a document of this case, taken over from the last one as far as nothing has changed. */
  readonly planOf = (doc: CaseFile): Plan => {
    this.run = replan(doc, this.run);
    return this.run.plan;
  };

  private derive(): SessionState {
    const overlay = [...this.pending, ...this.held.values()];
    const conflicts =
      this.held.size === 0
        ? NO_CONFLICTS
        : Object.fromEntries(
            [...this.held].map(([path, { value, was }]) => [path, { mine: value, theirs: was }]),
          );
    const { canUndo, canRedo } = this.undoStack;
    const doc = overlay.reduce(
      (current, patch) =>
        reachable(current, patch.path) ? applyPatches(current, [patch]) : current,
      this.stored.doc,
    );
    return { doc, save: this.saveState(), conflicts, canUndo, canRedo };
  }

  private saveState(): SaveState {
    if (this.gone || this.stored.deletedAt > 0) return 'deleted';
    if (this.failed) return this.failed;
    if (this.pending.length > 0) return 'pending';
    return this.held.size > 0 ? 'conflict' : 'saved';
  }

  private changed(): void {
    this.state = this.derive();
    const { doc, conflicts } = this.state;
    if (doc !== this.shown.doc || conflicts !== this.shown.conflicts) {
      this.shown = { doc, conflicts };
    }
    this.listeners.forEach((listener) => listener());
  }

  private mirror(): void {
    writeMirror(this.stored.id, this.page, [...this.pending, ...this.held.values()]);
  }

  /**
   * Marks the place whose field has the focus. What is typed there is a draft, and is kept until
   * the focus leaves; a field in which nothing was typed follows other pages.
   */
  use(path: string | undefined): void {
    this.inUse = path === undefined ? undefined : { path, value: valueAt(this.state.doc, path) };
  }

  /**
   * Keeps what is too large to be an edit, and gives its id for one. It is stored at once and by itself: neither the patches nor
   * their mirror ever carry it, and an undo only takes back that something names it.
   */
  async attach({ kind, text }: Omit<Attachment, 'id'>): Promise<string> {
    const attachment: Attachment = { id: nanoid(12), kind, text };
    await this.keep(this.stored.id, attachment);
    const { doc } = this.stored;
    const attachments = { ...doc.attachments, [attachment.id]: attachment };
    this.stored = { ...this.stored, doc: { ...doc, attachments } };
    this.changed();
    return attachment.id;
  }

  /** Changes places of the document. Edits of one group are undone together. */
  edit(edits: readonly Edit[], group: string): void {
    const { doc } = this.state;
    const patches = edits
      .map(({ path, value }): Patch => ({ path, was: valueAt(doc, path), value }))
      .filter(({ was, value }) => !same(was, value));
    if (patches.length === 0) return;
    this.undoStack.push(group, patches);
    this.queue(patches);
  }

  private queue(patches: readonly Patch[]): void {
    for (const patch of patches) {
      const held = this.held.get(patch.path);
      if (held) {
        this.held.set(patch.path, { ...held, value: patch.value });
        continue;
      }
      // What is being written must not be changed under the transaction.
      this.pending = withPatch(this.pending, patch, this.sending);
    }
    this.mirror();
    this.changed();
    clearTimeout(this.timer);
    this.waitingSince ??= this.now();
    const left = this.waitingSince + LONGEST_WAIT_MS - this.now();
    const wait = Math.max(0, Math.min(COALESCE_MS, left));
    this.timer = setTimeout(() => void this.flush(), wait);
  }

  /** Stores what is pending, now. Resolves when the transaction is complete. */
  async flush(): Promise<void> {
    clearTimeout(this.timer);
    while (this.writing) await this.writing;
    if (this.pending.length === 0) return;
    this.waitingSince = undefined;
    this.writing = this.write(this.pending.length);
    await this.writing;
  }

  private async write(count: number): Promise<void> {
    this.sending = count;
    try {
      const { row, conflicts } = await this.store(
        this.stored.id,
        this.pending.slice(0, count),
        this.now(),
        this.planOf,
      );
      this.pending = this.pending.slice(count);
      conflicts.forEach((patch) => this.held.set(patch.path, patch));
      this.adopt(row);
      this.failed = undefined;
      this.again = AGAIN_MS;
      this.mirror();
    } catch (error) {
      this.failed = isFull(error) ? 'full' : 'failed';
      this.tryLater();
    } finally {
      this.sending = 0;
      this.writing = undefined;
      this.changed();
    }
  }

  /** Tries once more by itself what could not be stored, as long as a page shows the case. */
  private tryLater(): void {
    if (this.listeners.size === 0) return;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), this.again);
    this.again = Math.min(2 * this.again, LATEST_AGAIN_MS);
  }

  /**
   * Takes in a newer stored document, written by another page; nothing where the case was removed for good. One that
   * was deleted elsewhere goes on being edited here, and says that it is off the Desk.
   */
  follow(row: CaseRow | undefined): void {
    if (this.gone !== !row) {
      this.gone = !row;
      this.changed();
    }
    if (!row || this.writing) return;
    const marked = row.deletedAt !== this.stored.deletedAt;
    if (row.rev < this.stored.rev || (row.rev === this.stored.rev && !marked)) return;
    this.adopt(row);
    this.mirror();
    this.changed();
  }

  /** Holds the draft of the field in use where the same place has changed elsewhere. */
  private keepDraft(shown: CaseFile, row: CaseRow): void {
    if (!this.inUse) return;
    const { path, value } = this.inUse;
    const [mine, theirs] = [valueAt(shown, path), valueAt(row.doc, path)];
    if (same(mine, theirs) || this.pending.some((patch) => overlap(patch.path, path))) return;
    if (same(mine, value)) this.inUse = { path, value: theirs };
    else if (!this.held.has(path)) this.held.set(path, { path, was: theirs, value: mine });
  }

  /** Makes a stored document the ground of this page; what is in use or typed here stays. */
  private adopt(row: CaseRow): void {
    const shown = this.state.doc;
    this.stored = { ...row, doc: sharing(shown, row.doc) };
    this.keepDraft(shown, row);
    // Each was typed onto those before it: what was added a moment ago is not in the stored document yet.
    let doc = row.doc;
    for (const patch of this.pending) {
      const theirs = valueAt(doc, patch.path);
      const meets = !same(theirs, patch.was) && !same(theirs, patch.value);
      if (meets) this.held.set(patch.path, { ...patch, was: theirs });
      else if (reachable(doc, patch.path)) doc = applyPatches(doc, [patch]);
    }
    this.pending = this.pending.filter(({ path: pending }) => !this.held.has(pending));
    this.held.forEach((patch, held) => {
      const theirs = valueAt(row.doc, held);
      if (same(theirs, patch.value)) this.held.delete(held);
      else this.held.set(held, { ...patch, was: theirs });
    });
  }

  /** Holds patches that a dead page had left and that met another value. */
  hold(patches: readonly Patch[]): void {
    patches.forEach((patch) => this.held.set(patch.path, patch));
    this.mirror();
    this.changed();
  }

  /** Ends a conflict: by storing this page's value over the other, or by taking the other. */
  resolve(path: string, keep: 'mine' | 'theirs'): void {
    const patch = this.held.get(path);
    if (!patch) return;
    this.held.delete(path);
    if (keep === 'mine') this.queue([patch]);
    this.mirror();
    this.changed();
  }

  /** Takes the last committed field back. */
  undo(): void {
    const patches = this.undoStack.undo();
    if (patches) this.queue(patches);
  }

  /** Does again what was undone. */
  redo(): void {
    const patches = this.undoStack.redo();
    if (patches) this.queue(patches);
  }
}
