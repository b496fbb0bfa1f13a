import { inverse, type Patch } from './patch';

interface Entry {
  readonly group: string;
  readonly patches: readonly Patch[];
}

/** Undo and redo of one case: a stack of inverse patches, one entry a committed field. */
export class UndoStack {
  private done: Entry[] = [];
  private undone: Entry[] = [];

  /** Notes an edit; edits of one group (a field while it has the focus) are one entry. */
  push(group: string, patches: readonly Patch[]): void {
    this.undone = [];
    const top = this.done.at(-1);
    if (top?.group !== group) {
      this.done.push({ group, patches });
      return;
    }
    const merged = patches.map((patch) => {
      const first = top.patches.find(({ path }) => path === patch.path);
      return first ? { ...patch, was: first.was } : patch;
    });
    const others = top.patches.filter(({ path }) => !patches.some((patch) => patch.path === path));
    this.done[this.done.length - 1] = { group, patches: [...others, ...merged] };
  }

  /** The patches that take the last entry back. */
  undo(): readonly Patch[] | undefined {
    const entry = this.done.pop();
    if (!entry) return undefined;
    this.undone.push(entry);
    return [...entry.patches].reverse().map(inverse);
  }

  /** The patches of the entry that was undone last. */
  redo(): readonly Patch[] | undefined {
    const entry = this.undone.pop();
    if (!entry) return undefined;
    this.done.push(entry);
    return entry.patches;
  }

  get canUndo(): boolean {
    return this.done.length > 0;
  }

  get canRedo(): boolean {
    return this.undone.length > 0;
  }
}
