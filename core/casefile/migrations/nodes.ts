import { own } from '../../kernel/typed/own';

/** A part of a plain document. */
export type Node = Readonly<Record<string, unknown>>;

/** Whether something is an object with names, and no list. */
export function isNode(value: unknown): value is Node {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Each entry of a record changed; what is no record stays, for the schema to refuse. */
export function overEach(record: unknown, change: (entry: Node) => Node): unknown {
  if (!isNode(record)) return record;
  return Object.fromEntries(
    Object.entries(record).map(([key, entry]) => [key, isNode(entry) ? change(entry) : entry]),
  );
}

/** A part of a document with more in it; what is no object stays, for the schema to refuse. */
export function withMore(owner: Node, part: string, more: Node): Node {
  const before = own(owner, part);
  return isNode(before) ? { ...owner, [part]: { ...before, ...more } } : owner;
}
