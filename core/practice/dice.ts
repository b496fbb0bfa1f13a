/** A row of numbers that is the same for the same seed (mulberry32). */
export class Dice {
  private state: number;

  constructor(seed: number) {
    this.state = seed + 1;
  }

  /** From 0 up to, but without, 1. */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  below(count: number): number {
    return Math.floor(this.next() * count);
  }

  chance(share: number): boolean {
    return this.next() < share;
  }

  one<T>(list: readonly T[]): T {
    const item = list[this.below(list.length)];
    if (item === undefined) throw new Error('Dice.one: an empty list');
    return item;
  }

  some<T>(list: readonly T[], share: number): T[] {
    return list.filter(() => this.chance(share));
  }
}
