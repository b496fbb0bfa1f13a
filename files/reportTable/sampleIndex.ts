import { distance } from 'fastest-levenshtein';

/** A sample and the names that a laboratory may know it by. */
export interface NamedSample {
  readonly id: string;
  readonly names: readonly string[];
}

/** A sample that a name may stand for, by the name of its own that is near. */
export interface NearSample {
  readonly sampleId: string;
  readonly name: string;
}

/** So many letters of a name may differ for it to be near: one in four, and one at the least. */
const LETTERS_PER_SLIP = 4;

/** A name as it is compared: without case and spaces around. */
export function comparedName(name: string): string {
  return name.trim().toLowerCase();
}

/** Finds samples by their names, and holds what was said of names that nobody has. */
export class SampleIndex {
  /** By a name the sample that has it, or all that have it. */
  private readonly byName = new Map<string, string | string[]>();
  private readonly answers = new Map<string, string>();

  constructor(private readonly samples: readonly NamedSample[]) {
    for (const { id, names } of samples) for (const name of names) this.add(comparedName(name), id);
  }

  private add(key: string, id: string): void {
    const there = this.byName.get(key);
    if (there === undefined) this.byName.set(key, id);
    else if (typeof there === 'string' && there !== id) this.byName.set(key, [there, id]);
    else if (typeof there !== 'string' && !there.includes(id)) there.push(id);
  }

  /** Says whom a name stands for, by the name as it is compared; '' is nobody. */
  answer(key: string, sampleId: string): void {
    this.answers.set(key, sampleId);
  }

  /** The one sample of a name; '' where it was said to be nobody's, nothing where it is not known. */
  find(name: string): string | undefined {
    const key = comparedName(name);
    const answered = this.answers.get(key);
    if (answered !== undefined) return answered;
    const found = this.byName.get(key);
    return typeof found === 'string' ? found : undefined;
  }

  /** The samples that a name may stand for, the nearest first; of several of one name all of them. */
  near(key: string): NearSample[] {
    const same = this.byName.get(key);
    if (Array.isArray(same)) {
      return same.map((sampleId) => ({ sampleId, name: this.nameOf(sampleId) }));
    }
    if (key === '') return [];
    const most = Math.max(1, Math.floor(key.length / LETTERS_PER_SLIP));
    return this.samples
      .flatMap(({ id, names }) => {
        const close = names.filter((name) => Math.abs(name.trim().length - key.length) <= most);
        const measured = close.map((name) => ({ name, off: distance(key, comparedName(name)) }));
        const [best] = measured.sort((a, b) => a.off - b.off);
        return best && best.off <= most ? [{ sampleId: id, ...best }] : [];
      })
      .sort((a, b) => a.off - b.off)
      .map(({ sampleId, name }) => ({ sampleId, name }));
  }

  private nameOf(sampleId: string): string {
    return this.samples.find(({ id }) => id === sampleId)?.names[0] ?? '';
  }
}
