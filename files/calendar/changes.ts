import { pinKey } from '../../core/casefile/parts/pin';
import { WITHDRAWN, type Exported } from '../../core/casefile/parts/exported';
import { own } from '../../core/kernel/typed/own';

/** What is written of an entry, besides its words: its key from run to run, and what it stands for now. */
export interface Outgoing {
  readonly key: string;
  readonly digest: string;
}

/** An entry with the number by which whoever imports it knows it for newer. */
export type Numbered<E> = E & { readonly sequence: number };

/** What goes out now, what is taken back, and what is to be remembered of both. */
export interface Changes<E extends Outgoing> {
  readonly entries: readonly Numbered<E>[];
  readonly withdrawn: readonly Numbered<{ readonly key: string }>[];
  readonly remembered: Readonly<Record<string, Exported>>;
}

/**
 * What changed since the calendar last went out: an entry that stands for something else has a higher number, one that is
 * no more is taken back, and keeps being so, for whoever imports only the last file.
 * @param speaksFor whether the calendar that goes out would hold an entry of that key: what it says nothing of stays
 */
export function changesOf<E extends Outgoing>(
  entries: readonly E[],
  before: Readonly<Record<string, Exported>>,
  speaksFor: (key: string) => boolean = () => true,
): Changes<E> {
  const numbered = entries.map((entry) => {
    const last = own(before, pinKey(entry.key));
    const sequence = last ? last.sequence + (last.digest === entry.digest ? 0 : 1) : 0;
    return { ...entry, sequence };
  });
  const here = new Set(entries.map(({ key }) => pinKey(key)));
  const withdrawn = Object.entries(before)
    .filter(([key]) => !here.has(key) && speaksFor(key))
    .map(([key, { sequence, digest }]) => ({
      key,
      sequence: sequence + (digest === WITHDRAWN ? 0 : 1),
    }));
  return {
    entries: numbered,
    withdrawn,
    remembered: {
      ...before,
      ...Object.fromEntries(
        numbered.map(({ key, digest, sequence }) => [pinKey(key), { digest, sequence }]),
      ),
      ...Object.fromEntries(
        withdrawn.map(({ key, sequence }) => [key, { sequence, digest: WITHDRAWN }]),
      ),
    },
  };
}
