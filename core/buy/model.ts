/** A variable of a model: a number within bounds, whole where it is counted. */
export interface Variable {
  readonly low: number;
  readonly high: number;
  readonly whole: boolean;
}

/** So much of each variable, by its place. */
export type Terms = readonly (readonly [variable: number, times: number])[];

/** What a sum of variables has to lie within. */
export interface Row {
  readonly terms: Terms;
  readonly low: number;
  readonly high: number;
}

/** A mixed-integer linear model: least of a sum, within rows. */
export interface Model {
  readonly variables: readonly Variable[];
  readonly rows: readonly Row[];
  readonly least: Terms;
}

/** What a solver makes of a model: the values of its variables, or why there are none. */
export type Solution =
  | { readonly kind: 'optimal' | 'time-out'; readonly values: readonly number[] }
  | { readonly kind: 'infeasible' }
  | { readonly kind: 'none'; readonly why: string };

/** Solves a model within so many seconds. A time-out may hold the best that was found. */
export type Solve = (model: Model, seconds: number) => Promise<Solution>;

/** The sum of terms at some values. */
export function sumAt(terms: Terms, values: readonly number[]): number {
  return terms.reduce((sum, [variable, times]) => sum + times * (values[variable] ?? 0), 0);
}

/** A point is held to lie within a row that it misses by no more than rounding. */
const TOLERANCE = 1e-5;

/** Whether values are within all bounds and rows of a model, and whole where they are counted. */
export function isWithin({ variables, rows }: Model, values: readonly number[]): boolean {
  const inside = (value: number, low: number, high: number): boolean =>
    value >= low - TOLERANCE * Math.max(1, Math.abs(low)) &&
    value <= high + TOLERANCE * Math.max(1, Math.abs(high));
  return (
    variables.every(({ low, high, whole }, at) => {
      const value = values[at] ?? NaN;
      return (
        inside(value, low, high) && (!whole || inside(value, Math.round(value), Math.round(value)))
      );
    }) && rows.every(({ terms, low, high }) => inside(sumAt(terms, values), low, high))
  );
}

/** The terms of a sum, each variable once. */
function gathered(terms: Terms): Terms {
  const times = new Map<number, number>();
  for (const [variable, each] of terms) times.set(variable, (times.get(variable) ?? 0) + each);
  return [...times].filter(([, each]) => each !== 0);
}

/** A number without an exponent, which not every reader of LP files knows. */
function plain(value: number): string {
  const text = String(value);
  if (!text.includes('e')) return text;
  return value.toLocaleString('en-US', { useGrouping: false, maximumSignificantDigits: 15 });
}

function sumText(terms: Terms): string {
  const parts = terms.map(
    ([variable, times]) => `${times < 0 ? '-' : '+'} ${plain(Math.abs(times))} x${variable}`,
  );
  return parts.length > 0 ? parts.join(' ') : '0 x0';
}

/** A line of an LP file is no longer than 500 signs or so to every reader of it. */
const TERMS_A_LINE = 12;

function wrapped(sum: Terms): string {
  const terms = gathered(sum);
  const lines: string[] = [];
  for (let at = 0; at < Math.max(1, terms.length); at += TERMS_A_LINE) {
    lines.push(sumText(terms.slice(at, at + TERMS_A_LINE)));
  }
  return lines.join('\n  ');
}

/**
 * A model in the LP format (CPLEX LP, as HiGHS and GLPK read it): variables are x0, x1 …, rows r0, r1 …
 * @example toLp({ variables: [{ low: 1, high: 3, whole: true }], rows: [], least: [[0, 2]] }).split('\n')[1] // ' + 2 x0'
 */
export function toLp({ variables, rows, least }: Model): string {
  const lines = ['Minimize', ` ${wrapped(least)}`, 'Subject To'];
  rows.forEach(({ terms, low, high }, at) => {
    const sum = wrapped(terms);
    if (low === high) lines.push(` r${at}: ${sum} = ${plain(low)}`);
    else {
      if (low > -Infinity) lines.push(` r${at}l: ${sum} >= ${plain(low)}`);
      if (high < Infinity) lines.push(` r${at}h: ${sum} <= ${plain(high)}`);
    }
  });
  lines.push('Bounds');
  variables.forEach(({ low, high }, at) => {
    lines.push(
      high < Infinity ? ` ${plain(low)} <= x${at} <= ${plain(high)}` : ` x${at} >= ${plain(low)}`,
    );
  });
  const whole = variables.flatMap((variable, at) => (variable.whole ? [`x${at}`] : []));
  if (whole.length > 0) lines.push('General', ...whole.map((name) => ` ${name}`));
  lines.push('End');
  return `${lines.join('\n')}\n`;
}

/** Collects variables and rows of a model. */
export class ModelBuilder {
  private readonly variables: Variable[] = [];
  private readonly rows: Row[] = [];

  /** @returns the place of the new variable */
  add(low: number, high: number, whole = false): number {
    this.variables.push({ low, high, whole });
    return this.variables.length - 1;
  }

  row(terms: Terms, low: number, high: number): void {
    this.rows.push({ terms, low, high });
  }

  toGetLeast(least: Terms): Model {
    return { variables: this.variables, rows: this.rows, least };
  }
}
