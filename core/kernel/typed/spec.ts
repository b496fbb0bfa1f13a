import { own } from './own';

/** A text of at most so many characters, of a pattern if there is one. */
interface TextSpec {
  readonly kind: 'text';
  readonly most?: number;
  readonly pattern?: RegExp;
}

interface NumberSpec {
  readonly kind: 'number';
  readonly whole: boolean;
}

interface OneOfSpec<V extends string | number = string | number> {
  readonly kind: 'oneOf';
  readonly values: readonly V[];
}

interface ListSpec<S = unknown> {
  readonly kind: 'list';
  readonly of: S;
  readonly most: number;
}

/** Entries under keys of one's own, at most so many. */
interface RecordSpec<S = unknown> {
  readonly kind: 'record';
  readonly of: S;
  readonly most: number;
}

type Parts = Readonly<Record<string, unknown>>;

/** An object of just these parts. */
interface ObjectSpec<P extends Parts = Parts> {
  readonly kind: 'object';
  readonly parts: P;
}

/** An object of any of these parts. */
interface SomeSpec<P extends Parts = Parts> {
  readonly kind: 'some';
  readonly parts: P;
}

/** Something that has a schema of its own elsewhere, by its name, or nothing. */
interface OtherSpec<T = unknown> {
  readonly kind: 'otherOrNull';
  readonly name: string;
  /** No value has it: it carries the type. */
  readonly type?: T;
}

/**
 * What a part of a document is made of, said once: its type follows from it (`Of`), the check that needs nothing else
 * (`fits`), and the validator that names faults.
 */
export type Spec =
  | TextSpec
  | NumberSpec
  | OneOfSpec
  | ListSpec<Spec>
  | RecordSpec<Spec>
  | ObjectSpec<Readonly<Record<string, Spec>>>
  | SomeSpec<Readonly<Record<string, Spec>>>
  | OtherSpec;

/** The type of what a spec describes. */
export type Of<S> =
  S extends OneOfSpec<infer V>
    ? V
    : S extends TextSpec
      ? string
      : S extends NumberSpec
        ? number
        : S extends ListSpec<infer E>
          ? readonly Of<E>[]
          : S extends RecordSpec<infer E>
            ? Readonly<Record<string, Of<E>>>
            : S extends ObjectSpec<infer P>
              ? { readonly [K in keyof P]: Of<P[K]> }
              : S extends SomeSpec<infer P>
                ? { readonly [K in keyof P]?: Of<P[K]> }
                : S extends OtherSpec<infer T>
                  ? T | null
                  : never;

/** Anything that was typed, up to a length that no field needs. */
const LONGEST_TYPED = 4000;
export const text: TextSpec = { kind: 'text', most: LONGEST_TYPED };
/** An id that can lead nowhere else. */
export const id: TextSpec = { kind: 'text', pattern: /^[A-Za-z0-9_-]{1,64}$/ };
/** A calendar day that the program has written. */
export const day: TextSpec = { kind: 'text', pattern: /^\d{4}-\d{2}-\d{2}$/ };
export const number: NumberSpec = { kind: 'number', whole: false };
export const wholeNumber: NumberSpec = { kind: 'number', whole: true };

/** A text of at most so many characters. */
export function longText(most: number): TextSpec {
  return { kind: 'text', most };
}

/** One of some values. */
export function oneOf<const V extends string | number>(values: readonly V[]): OneOfSpec<V> {
  return { kind: 'oneOf', values };
}

/** A list of at most so many entries. */
export function list<const S extends Spec>(of: S, most: number): ListSpec<S> {
  return { kind: 'list', of, most };
}

/** Entries under keys of one's own, at most so many. */
export function record<const S extends Spec>(of: S, most: number): RecordSpec<S> {
  return { kind: 'record', of, most };
}

/** An object of just these parts. */
export function object<const P extends Readonly<Record<string, Spec>>>(parts: P): ObjectSpec<P> {
  return { kind: 'object', parts };
}

/** An object of any of these names, each with the same of it. */
export function some<const K extends string, const S extends Spec>(
  names: readonly K[],
  of: S,
): SomeSpec<{ readonly [N in K]: S }> {
  const parts = Object.fromEntries(names.map((name) => [name, of]));
  return { kind: 'some', parts: parts as { readonly [N in K]: S } };
}

/** What has a schema of its own elsewhere, or nothing. */
export function otherOrNull<T>(name: string): OtherSpec<T> {
  return { kind: 'otherOrNull', name };
}

/** Keys of entries: of areas, of decisions (`lawn:lime-method`), of analytes. */
export const KEY = /^[A-Za-z0-9_:.-]{1,128}$/;

type Node = Readonly<Record<string, unknown>>;

function isNode(value: unknown): value is Node {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/**
 * Whether a value is what a spec describes. It tells no faults, and of what has a schema elsewhere it knows nothing but
 * that there is none: whoever is told no asks the validator, which names the place.
 */
export function fits(spec: Spec, value: unknown): boolean {
  switch (spec.kind) {
    case 'text':
      return (
        typeof value === 'string' &&
        value.length <= (spec.most ?? Infinity) &&
        (spec.pattern?.test(value) ?? true)
      );
    case 'number':
      return Number.isFinite(value) && (!spec.whole || Number.isInteger(value));
    case 'oneOf':
      return spec.values.some((each) => each === value);
    case 'list':
      return (
        Array.isArray(value) &&
        value.length <= spec.most &&
        value.every((each) => fits(spec.of, each))
      );
    case 'record': {
      if (!isNode(value)) return false;
      const entries = Object.entries(value);
      return (
        entries.length <= spec.most &&
        entries.every(([key, each]) => KEY.test(key) && fits(spec.of, each))
      );
    }
    case 'object':
    case 'some': {
      if (!isNode(value)) return false;
      const { kind, parts } = spec;
      const entries = Object.entries(value);
      const known = ([name, each]: (typeof entries)[number]): boolean => {
        const part = own(parts, name);
        return part !== undefined && fits(part, each);
      };
      return (
        entries.every(known) && (kind === 'some' || entries.length === Object.keys(parts).length)
      );
    }
    case 'otherOrNull':
      return value === null;
  }
}
