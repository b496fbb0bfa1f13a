import {
  findNodeAtLocation,
  getLocation,
  parseTree,
  type Node,
  type ParseError,
} from 'jsonc-parser';
import { msg, type Msg } from '../core/kernel/messages/msg';
import { tooDeepAt } from './schemas/bounds';
import type { Fault } from './schemas/faults';

/** A fault of a file at its line and column, both from 1. */
export interface LocatedFault {
  readonly line: number;
  readonly column: number;
  /** The place inside the document; empty where the file could not be parsed. */
  readonly path: string;
  readonly reason: Msg;
}

/** A file that is refused for what it is as a whole. */
export function refusedAtTop(reason: Msg): {
  readonly kind: 'refused';
  readonly faults: readonly LocatedFault[];
} {
  return { kind: 'refused', faults: [{ line: 1, column: 1, path: '', reason }] };
}

function lineAndColumn(text: string, offset: number): { line: number; column: number } {
  const before = text.slice(0, offset).split('\n');
  return { line: before.length, column: (before.at(-1)?.length ?? 0) + 1 };
}

/** The node at a path, else the nearest one around it. */
function nearest(tree: Node, path: string): Node {
  const keys = path === '' ? [] : path.split('/');
  for (let length = keys.length; length > 0; length -= 1) {
    const at = keys.slice(0, length).map((key) => (/^\d+$/.test(key) ? Number(key) : key));
    const node = findNodeAtLocation(tree, at) ?? findNodeAtLocation(tree, keys.slice(0, length));
    if (node) return node;
  }
  return tree;
}

/** Faults of a document at their lines and columns in the text that it was read from. */
export function locate(text: string, faults: readonly Fault[]): LocatedFault[] {
  const tree = parseTree(text);
  return faults.map(({ path, got, expected }) => {
    const offset = tree ? nearest(tree, path).offset : 0;
    const params = { path: path || '–', got: got || msg('expected.nothingThere'), expected };
    return { ...lineAndColumn(text, offset), path, reason: msg('file.fault', params) };
  });
}

export type ParsedJson =
  | { readonly kind: 'value'; readonly value: unknown }
  | { readonly kind: 'error'; readonly fault: LocatedFault };

/** Parses JSON; what does not parse or is nested too deep is an error at its first line and column. */
export function parseJson(text: string): ParsedJson {
  const deep = tooDeepAt(text);
  if (deep !== undefined) {
    const fault = { ...lineAndColumn(text, deep), path: '', reason: msg('file.tooDeep') };
    return { kind: 'error', fault };
  }
  try {
    return { kind: 'value', value: JSON.parse(text) as unknown };
  } catch {
    const errors: ParseError[] = [];
    parseTree(text, errors, { disallowComments: true, allowTrailingComma: false });
    const offset = errors[0]?.offset ?? text.length;
    const path = getLocation(text, offset).path.join('/');
    const at = lineAndColumn(text, offset);
    return { kind: 'error', fault: { ...at, path, reason: msg('file.notJson') } };
  }
}
