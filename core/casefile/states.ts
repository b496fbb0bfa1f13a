/**
 * What is told of the states that a case went through, as it lies in a desk and travels between desks. The document itself knows
 * nothing of it.
 */

/** A plain value, as it is written in a file. */
export type Json =
  string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json | undefined };

/**
 * A change of one place of a document, named by its path (`areas/lawn/shape/width`): the value that was seen there, and the one
 * that came in its place; `undefined` stands for nothing there.
 */
export interface Patch {
  readonly path: string;
  readonly was: Json | undefined;
  readonly value: Json | undefined;
}

/** What one person changed of a case in one go, and the state that it came to. */
export interface State {
  /** A name that no other state of a case anywhere has. */
  readonly id: string;
  /** When it was changed last, in milliseconds, and by whom as the desk calls them; 0 and '' where that is not known. */
  readonly at: number;
  readonly by: string;
  /** What was changed since the state before. */
  readonly patches: readonly Patch[];
  /** States of other desks that are contained in this one, and older ones that are told no more. */
  readonly includes: readonly string[];
}

/** A case that was deleted, by the names of its states. */
export interface Gone {
  readonly id: string;
  readonly title: string;
  readonly at: number;
  readonly by: string;
  readonly states: readonly string[];
}

/** A case as it travels: with the states that its desk tells of it, or none where it travels alone. */
export interface Travelling<Document> {
  readonly file: Document;
  readonly states: readonly State[];
}
