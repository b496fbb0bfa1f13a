import { parseNumber } from '../../kernel/typed/number';
import { own } from '../../kernel/typed/own';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Pack } from './pack';

type Node = Readonly<Record<string, unknown>>;

function isNode(value: unknown): value is Node {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function put(at: unknown, keys: readonly string[], value: number | string): unknown {
  const [key, ...rest] = keys;
  if (key === undefined) return value;
  if (Array.isArray(at)) {
    return at.map((each: unknown, index) =>
      String(index) === key ? put(each, rest, value) : each,
    );
  }
  if (!isNode(at)) return at;
  return { ...at, [key]: put(own(at, key), rest, value) };
}

/** Parts of a pack that say where they are printed: each table as one. */
const TABLES = ['soilTest', 'feeding', 'classes'];

/** A part of the pack with what it says of its standing changed; a part that has none stays as it is. */
function restand(pack: Pack, keys: readonly string[], told: Node): Pack {
  const node = keys.reduce<unknown>((at, key) => (isNode(at) ? own(at, key) : undefined), pack);
  if (!isNode(node) || !('standing' in node)) return pack;
  return Object.entries(told).reduce<Pack>(
    (changed, [key, value]) => put(changed, [...keys, key], value as string) as Pack,
    pack,
  );
}

/**
 * A pack with another value at one place. The value stands as the house's own, and so does the table that
 * it is printed in.
 * @param path where the value stands: keys with slashes
 */
export function withValue(pack: Pack, path: string, value: number | string): Pack {
  const keys = path.split('/');
  const next = put(pack, keys, value) as Pack;
  const changed = restand(next, keys.slice(0, -1), { standing: 'house' });
  if (TABLES.includes(keys[0] ?? '')) {
    return restand(changed, keys.slice(0, 2), { standing: 'house', source: 'house' });
  }
  // What has no standing of its own is remembered by its place.
  return changed === next && path !== 'name'
    ? { ...changed, changed: [...new Set([...(pack.changed ?? []), path])] }
    : changed;
}

/** A house pack made of another pack, in its first version. */
export function houseCopy({ copiedFrom: _before, ...pack }: Pack, id: string, name: string): Pack {
  const copiedFrom = { id: pack.id, version: pack.version };
  return { ...pack, id, version: 1, name, copiedFrom };
}

/** What cannot be read of what was typed into a pack, at its place. */
export interface DraftProblem {
  readonly path: string;
  readonly reason: Msg;
}

/**
 * The next version of a house pack: its values as they were typed since, by place.
 * @returns the pack, or what of the draft cannot be read; what the pack says against itself is for `faultsOfPack`
 */
export function nextVersion(
  pack: Pack,
  draft: Readonly<Record<string, string>>,
):
  | { readonly kind: 'pack'; readonly pack: Pack }
  | { readonly kind: 'problems'; readonly problems: readonly DraftProblem[] } {
  const problems: DraftProblem[] = [];
  let next: Pack = { ...pack, version: pack.version + 1 };
  for (const [path, typed] of Object.entries(draft)) {
    const before = path.split('/').reduce<unknown>((at, key) => own(at as Node, key), pack);
    if (typeof before === 'string') {
      next = withValue(next, path, typed.trim());
      continue;
    }
    const parsed = parseNumber(typed, { min: 0 });
    if (parsed.kind === 'value') next = withValue(next, path, parsed.value);
    else {
      const reason = parsed.kind === 'empty' ? msg('problem.packEmpty') : parsed.error;
      problems.push({ path, reason });
    }
  }
  return problems.length > 0 ? { kind: 'problems', problems } : { kind: 'pack', pack: next };
}

/** Whether a pack is a house's own. */
export function isHouse({ name }: Pick<Pack, 'name'>): boolean {
  return name !== undefined;
}
