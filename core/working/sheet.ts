import type { Quantity } from '../units/quantity';
import type { SourceId, Standing } from '../tables/sources';
import type { Msg } from './msg';
import type { Detail, Figure, Op, Override, Range, Working, WorkingId } from './working';

/** What an entry says of itself; the sheet adds op, inputs and value. */
export interface Entry {
  readonly id: WorkingId;
  readonly label: Msg;
  readonly standing?: Standing;
  readonly source?: SourceId;
  readonly detail?: Detail;
  readonly at?: string;
  readonly override?: Override;
}

type Figures<A extends readonly Quantity[]> = { readonly [K in keyof A]: Figure<A[K]> };

/** Every combination of the inputs' low and high ends; one row where no input has a range. */
function corners(figures: readonly Figure[]): Quantity[][] {
  return figures.reduce<Quantity[][]>(
    (rows, figure) => {
      if ('absent' in figure) return rows;
      const { value, range } = figure;
      const ends = range
        ? [range.low, range.high].map((end) => ({ ...value, value: end }))
        : [value];
      return rows.flatMap((row) => ends.map((end) => [...row, end]));
    },
    [[]],
  );
}

/**
 * The sheet of a plan: each helper computes a number and writes down how, in one call, so that
 * text and value cannot part. Ids are unique; writing one twice is a fault of the program.
 */
export class Sheet {
  readonly workings: Record<WorkingId, Working> = {};

  private write(working: Working): void {
    if (this.workings[working.id]) {
      throw new Error(`Sheet: the working '${working.id}' is written twice`);
    }
    this.workings[working.id] = working;
  }

  /** Writes a leaf: a number that came from outside the arithmetic. */
  leaf<Q extends Quantity>(
    op: 'typed' | 'constant' | 'decided',
    entry: Entry,
    value: Q,
  ): Figure<Q> {
    this.write({ ...entry, op, inputs: [], value });
    return { id: entry.id, value };
  }

  /** Writes a figure that is absent, with the reason and what it would have rested on. */
  absent(
    entry: Entry,
    reason: Msg,
    inputs: readonly WorkingId[] = [],
  ): { id: WorkingId; absent: Msg } {
    this.write({ id: entry.id, label: entry.label, inputs, absent: reason });
    return { id: entry.id, absent: reason };
  }

  /**
   * Computes a figure from others. An absent input makes the result absent with the same reason;
   * ranges are carried through by computing all their ends.
   */
  derive<const A extends readonly Quantity[], R extends Quantity>(
    op: Op,
    entry: Entry,
    inputs: Figures<A>,
    compute: (...values: A) => R,
  ): Figure<R> {
    const list: readonly Figure[] = inputs;
    const ids = list.map(({ id }) => id);
    const missing = list.find((figure) => 'absent' in figure);
    if (missing && 'absent' in missing) return this.absent(entry, missing.absent, ids);
    const values = list.flatMap((figure) => ('absent' in figure ? [] : [figure.value]));
    const value = compute(...(values as readonly Quantity[] as A));
    const rows = corners(list);
    if (rows.length === 1) {
      this.write({ ...entry, op, inputs: ids, value });
      return { id: entry.id, value };
    }
    const ends = rows.map((row) => compute(...(row as readonly Quantity[] as A)).value);
    const range: Range = { low: Math.min(...ends), high: Math.max(...ends) };
    this.write({ ...entry, op, inputs: ids, value, range });
    return { id: entry.id, value, range };
  }

  /** Gives a figure a range of ± a percentage of itself. */
  spread<Q extends Quantity>(
    entry: Entry,
    figure: Figure<Q>,
    percent: Figure<Quantity<'%'>>,
  ): Figure<Q> {
    const inputs = [figure.id, percent.id];
    if ('absent' in figure) return this.absent(entry, figure.absent, inputs);
    if ('absent' in percent) return this.absent(entry, percent.absent, inputs);
    const half = (figure.value.value * percent.value.value) / 100;
    const range = { low: figure.value.value - half, high: figure.value.value + half };
    this.write({ ...entry, op: 'spread', inputs, value: figure.value, range });
    return { id: entry.id, value: figure.value, range };
  }

  /** Takes the lower end of a figure's range: the safe one wherever the figure is an amount. */
  lowEnd<Q extends Quantity>(entry: Entry, figure: Figure<Q>): Figure<Q> {
    if ('absent' in figure) return this.absent(entry, figure.absent, [figure.id]);
    const value = { ...figure.value, value: figure.range?.low ?? figure.value.value };
    this.write({ ...entry, op: 'lowEnd', inputs: [figure.id], value });
    return { id: entry.id, value };
  }

  /** Takes the first of several figures; the others are named as what was not taken. */
  choose<Q extends Quantity>(
    entry: Entry,
    chosen: Figure<Q>,
    others: readonly Figure[],
  ): Figure<Q> {
    const inputs = [chosen.id, ...others.map(({ id }) => id)];
    if ('absent' in chosen) return this.absent(entry, chosen.absent, inputs);
    const { value, range } = chosen;
    this.write({ ...entry, op: 'choose', inputs, value, ...(range ? { range } : {}) });
    return { id: entry.id, value, ...(range ? { range } : {}) };
  }
}
