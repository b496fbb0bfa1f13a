import type { Over, Times } from '../units/products';
import { NotFinite, quantity, type Quantity, type Substance, type Unit } from '../units/quantity';
import type { SourceId, Standing } from '../sources';
import { rangeBy } from './interval';
import { msg, type Msg } from '../messages/msg';
import type { SheetEntries } from './workings';
import type { Equation } from './equation';
import type {
  Detail,
  EntryDetail,
  Figure,
  Op,
  Override,
  PresentWorking,
  Range,
  Working,
  WorkingId,
} from './working';

/** What an entry says of itself; the sheet adds op, inputs and value. */
export interface Entry {
  readonly id: WorkingId;
  readonly label: Msg;
  readonly standing?: Standing;
  readonly source?: SourceId;
  readonly detail?: EntryDetail;
  readonly at?: string;
  readonly override?: Override;
}

type Figures<A extends readonly Quantity[]> = { readonly [K in keyof A]: Figure<A[K]> };

/** The ranges of present figures; of a sure one its value twice. */
function rangesOf(figures: readonly Figure[]): Range[] {
  return figures.flatMap((figure) =>
    'absent' in figure
      ? []
      : [figure.range ?? { low: figure.value.value, high: figure.value.value }],
  );
}

function valueFrom({ value }: Quantity): number {
  return value;
}

/** Ops whose arithmetic is the caller's; of an equation it stands with the name. */
type FreeOp = Exclude<Op, 'equation'>;

/** An entry with what is written of its arithmetic. */
type Named = Omit<Entry, 'detail'> & { readonly detail?: Detail };

type Writable<T> = { -readonly [K in keyof T]: T[K] };

/**
 * An entry as a Working. Written out field by field: spreading objects took four fifths of the
 * time of a plan.
 */
function present(
  id: WorkingId,
  entry: Named,
  op: Op,
  inputs: readonly WorkingId[],
  value: Quantity,
  range?: Range,
): PresentWorking {
  const working: Writable<PresentWorking> = { id, label: entry.label, op, inputs, value };
  if (range) working.range = range;
  if (entry.detail) working.detail = entry.detail;
  if (entry.standing) working.standing = entry.standing;
  if (entry.source) working.source = entry.source;
  if (entry.at) working.at = entry.at;
  if (entry.override) working.override = entry.override;
  return working;
}

/**
 * The sheet of a plan: each helper computes a number and writes down how, in one call, so that
 * text and value cannot part. Ids are unique; writing one twice is a fault of the program.
 */
export class Sheet {
  /**
   * @param scope set off from the id of every figure that is written, so that what has been reckoned once may be
   * reckoned again beside it; empty for the first time
   */
  constructor(
    private readonly scope = '',
    private readonly entries = new Map<WorkingId, Working>(),
  ) {}

  /** A sheet of the same plan whose figures have ids of their own. */
  scoped(scope: string): Sheet {
    return new Sheet(`${this.scope}~${scope}`, this.entries);
  }

  private idOf({ id }: Pick<Entry, 'id'>): WorkingId {
    return id + this.scope;
  }

  /** Everything that was written, by id. */
  get workings(): SheetEntries {
    return this.entries;
  }

  private write(working: Working): void {
    if (this.entries.has(working.id)) {
      throw new Error(`Sheet: the working '${working.id}' is written twice`);
    }
    this.entries.set(working.id, working);
  }

  private put<Q extends Quantity>(
    entry: Named,
    op: Op,
    inputs: readonly WorkingId[],
    value: Q,
    range?: Range,
  ): Figure<Q> {
    const id = this.idOf(entry);
    this.write(present(id, entry, op, inputs, value, range));
    return range ? { id, value, range } : { id, value };
  }

  /** Writes a leaf: a number that came from outside the arithmetic. */
  leaf<Q extends Quantity>(
    op: 'typed' | 'constant' | 'decided',
    entry: Entry,
    value: Q,
    range?: Range,
  ): Figure<Q> {
    return this.put(entry, op, [], value, range);
  }

  /** Writes a figure that is absent, with the reason and what it would have rested on. */
  absent(
    entry: Pick<Entry, 'id' | 'label'>,
    reason: Msg,
    inputs: readonly WorkingId[] = [],
  ): { id: WorkingId; absent: Msg } {
    const id = this.idOf(entry);
    this.write({ id, label: entry.label, inputs, absent: reason });
    return { id, absent: reason };
  }

  /**
   * Computes a figure from others. An absent input makes the result absent with the same reason, and so
   * does a result that is no number; ranges are carried through by the operation's own rule.
   */
  derive<const A extends readonly Quantity[], R extends Quantity>(
    op: FreeOp,
    entry: Entry,
    inputs: Figures<A>,
    compute: (...values: A) => R,
  ): Figure<R> {
    return this.computed(op, entry, inputs, compute);
  }

  /** Computes a figure by an equation of `core/equations`: its name and its arithmetic in one. */
  equation<A extends readonly Quantity[], R extends Quantity>(
    entry: Omit<Entry, 'detail'>,
    { id, compute }: Equation<A, R>,
    inputs: Figures<NoInfer<A>>,
  ): Figure<R> {
    return this.computed('equation', { ...entry, detail: { equation: id } }, inputs, compute);
  }

  private computed<A extends readonly Quantity[], R extends Quantity>(
    op: Op,
    entry: Named,
    inputs: Figures<A>,
    compute: (...values: A) => R,
  ): Figure<R> {
    const list: readonly Figure[] = inputs;
    const ids: WorkingId[] = [];
    const values: Quantity[] = [];
    let ranged = false;
    for (const figure of list) {
      ids.push(figure.id);
      if ('absent' in figure) {
        const rest = list.slice(ids.length).map(({ id }) => id);
        return this.absent(entry, figure.absent, [...ids, ...rest]);
      }
      values.push(figure.value);
      ranged ||= figure.range !== undefined;
    }
    const at = (all: readonly Quantity[]): R => compute(...(all as readonly Quantity[] as A));
    try {
      const value = at(values);
      if (!ranged) {
        return this.put(entry, op, ids, value);
      }
      const range = rangeBy(op, rangesOf(list), (numbers) =>
        valueFrom(at(values.map((each, n) => ({ ...each, value: numbers[n] ?? NaN })))),
      );
      if (!Number.isFinite(range.low) || !Number.isFinite(range.high)) throw new NotFinite('range');
      return this.put(entry, op, ids, value, range);
    } catch (error) {
      // Nothing to divide by is no fault of the program: the figure is absent, and says so.
      if (error instanceof NotFinite) return this.absent(entry, msg('absent.noNumber'), ids);
      throw error;
    }
  }

  /** Adds figures of one unit up; nothing to add comes to zero. */
  add<U extends Unit, S extends Substance>(
    entry: Entry,
    figures: readonly Figure<Quantity<NoInfer<U>, Substance>>[],
    unit: U,
    of: S,
  ): Figure<Quantity<U, S>> {
    return this.derive('add', entry, figures, (...all: readonly Quantity[]) =>
      quantity(
        all.reduce((sum, { value }) => sum + value, 0),
        unit,
        of,
      ),
    );
  }

  /** The first figure less the second. */
  subtract<Q extends Quantity>(
    entry: Entry,
    figures: readonly [from: Figure<Q>, less: Figure<NoInfer<Q>>],
  ): Figure<Q> {
    return this.combined('subtract', entry, figures, ([from = NaN, less = NaN]) => from - less);
  }

  /** The first figure less all others, never below zero. */
  deduct<Q extends Quantity>(
    entry: Entry,
    figures: readonly [from: Figure<Q>, ...less: Figure<NoInfer<Q>>[]],
  ): Figure<Q> {
    return this.combined('deduct', entry, figures, ([from = NaN, ...less]) =>
      Math.max(
        0,
        less.reduce((left, value) => left - value, from),
      ),
    );
  }

  /** The smallest of several figures. */
  cap<Q extends Quantity>(entry: Entry, figures: readonly Figure<Q>[]): Figure<Q> {
    return this.combined('cap', entry, figures, (values) => Math.min(...values));
  }

  /** Figures of one unit put together into another of it. */
  private combined<Q extends Quantity>(
    op: FreeOp,
    entry: Entry,
    figures: readonly Figure<Q>[],
    compute: (values: readonly number[]) => number,
  ): Figure<Q> {
    if (figures.length === 0) return this.absent(entry, msg('absent.noNumber'));
    return this.derive(op, entry, figures, (...values: readonly Q[]) => {
      const { unit, of } = values[0] as Q;
      return quantity(compute(values.map(({ value }) => value)), unit, of) as Q;
    });
  }

  /** The product of two figures, in the unit that theirs come to. */
  multiply<
    A extends Quantity,
    B extends Quantity,
    U extends Times<A['unit'], B['unit']>,
    S extends Substance,
  >(
    entry: Entry,
    figures: readonly [Figure<A>, Figure<B>],
    unit: U,
    of: S,
  ): Figure<Quantity<U, S>> {
    return this.derive('multiply', entry, figures, (a, b) => quantity(a.value * b.value, unit, of));
  }

  /** One figure over another, in the unit that theirs come to. */
  divide<
    A extends Quantity,
    B extends Quantity,
    U extends Over<A['unit'], B['unit']>,
    S extends Substance,
  >(
    entry: Entry,
    figures: readonly [Figure<A>, Figure<B>],
    unit: U,
    of: S,
  ): Figure<Quantity<U, S>> {
    return this.derive('divide', entry, figures, (a, b) => quantity(a.value / b.value, unit, of));
  }

  /**
   * The mean of several readings of one thing, with the range from the lowest less `half` of the
   * scale's step to the highest and `half` more. Absent readings do not count.
   */
  mean<Q extends Quantity>(entry: Entry, readings: readonly Figure<Q>[], half: number): Figure<Q> {
    const found = readings.filter((each) => !('absent' in each));
    const values = found.flatMap((each) => ('absent' in each ? [] : each.value));
    const [first] = values;
    if (!first) {
      const missing = readings.find((each) => 'absent' in each);
      const reason = missing && 'absent' in missing ? missing.absent : undefined;
      return this.absent(entry, reason ?? msg('absent.noReading'));
    }
    const numbers = values.map(({ value }) => value);
    const value = { ...first, value: numbers.reduce((a, b) => a + b, 0) / numbers.length };
    const range = { low: Math.min(...numbers) - half, high: Math.max(...numbers) + half };
    const ids = found.map(({ id }) => id);
    return this.put(entry, 'mean', ids, value, range);
  }

  /** Gives a figure a range of ± a percentage of itself, on top of a range that it has already. */
  spread<Q extends Quantity>(
    entry: Entry,
    figure: Figure<Q>,
    percent: Figure<Quantity<'%'>>,
  ): Figure<Q> {
    const inputs = [figure.id, percent.id];
    if ('absent' in figure) return this.absent(entry, figure.absent, inputs);
    if ('absent' in percent) return this.absent(entry, percent.absent, inputs);
    const { low, high } = figure.range ?? { low: figure.value.value, high: figure.value.value };
    const part = percent.value.value / 100;
    const range = { low: low - Math.abs(low) * part, high: high + Math.abs(high) * part };
    return this.put(entry, 'spread', inputs, figure.value, range);
  }

  /** Takes the lower end of a figure's range: the safe one wherever the figure is an amount. */
  lowEnd<Q extends Quantity>(entry: Entry, figure: Figure<Q>): Figure<Q> {
    if ('absent' in figure) return this.absent(entry, figure.absent, [figure.id]);
    const { value: middle, unit, of } = figure.value;
    const value = { value: figure.range?.low ?? middle, unit, of } as Q;
    return this.put(entry, 'lowEnd', [figure.id], value);
  }

  /** Takes what stands in the middle of a figure's range, where that is what is meant and the ends are how far it may be off. */
  middle<Q extends Quantity>(entry: Entry, figure: Figure<Q>): Figure<Q> {
    if ('absent' in figure) return this.absent(entry, figure.absent, [figure.id]);
    return this.put(entry, 'middle', [figure.id], figure.value);
  }

  /** Takes the upper end of a figure's range: of a pH the safe one where lime is worked out. */
  highEnd<Q extends Quantity>(entry: Entry, figure: Figure<Q>): Figure<Q> {
    if ('absent' in figure) return this.absent(entry, figure.absent, [figure.id]);
    const { value: middle, unit, of } = figure.value;
    const value = { value: figure.range?.high ?? middle, unit, of } as Q;
    return this.put(entry, 'highEnd', [figure.id], value);
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
    return this.put(entry, 'choose', inputs, value, range);
  }
}
