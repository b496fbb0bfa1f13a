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
  let node = tree;
  for (const key of path === '' ? [] : path.split('/')) {
    const next = findNodeAtLocation(node, [node.type === 'array' ? Number(key) : key]);
    if (!next) break;
    node = next;
  }
  return node;
}

/** Where a text begins in the file that it was read from: its line, and its place inside the document. */
export interface Origin {
  readonly line: number;
  readonly path: string;
}

const TOP: Origin = { line: 1, path: '' };

/** Faults of a document at their lines and columns in the file that its text was read from. */
export function locate(
  text: string,
  faults: readonly Fault[],
  { line, path: above }: Origin = TOP,
): LocatedFault[] {
  const tree = parseTree(text);
  return faults.map(({ path: inside, got, expected }) => {
    const offset = tree ? nearest(tree, inside).offset : 0;
    const at = lineAndColumn(text, offset);
    const path = [above, inside].filter((each) => each !== '').join('/');
    const params = { path: path || '–', got: got || msg('expected.nothingThere'), expected };
    return { ...at, line: line + at.line - 1, path, reason: msg('file.fault', params) };
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
