import { msg, type Msg } from '../../kernel/messages/msg';
import { FORMAT, SCHEMA } from '../casefile';
import { isNode } from './nodes';
import { toSchema2 } from './toSchema2';
import { toSchema3 } from './toSchema3';
import { toSchema4 } from './toSchema4';
import { toSchema5 } from './toSchema5';
import { toSchema6 } from './toSchema6';
import { toSchema7 } from './toSchema7';
import { toSchema8 } from './toSchema8';
import { toSchema9 } from './toSchema9';
import { toSchema10 } from './toSchema10';

/** A step from one schema to the next: a pure function on the plain document. */
export interface Migration {
  readonly from: number;
  readonly up: (document: Readonly<Record<string, unknown>>) => Record<string, unknown>;
}

/** The steps in order, 1 → 2 → 3 … */
const MIGRATIONS: readonly Migration[] = [
  { from: 1, up: toSchema2 },
  { from: 2, up: toSchema3 },
  { from: 3, up: toSchema4 },
  { from: 4, up: toSchema5 },
  { from: 5, up: toSchema6 },
  { from: 6, up: toSchema7 },
  { from: 7, up: toSchema8 },
  { from: 8, up: toSchema9 },
  { from: 9, up: toSchema10 },
];

export type Migrated =
  | { readonly kind: 'document'; readonly document: Readonly<Record<string, unknown>> }
  | { readonly kind: 'refused'; readonly reason: Msg };

/**
 * Brings a stored or imported document to this version's schema. A newer schema, another format
 * and a document without a schema are refused whole, with a reason. The shape itself is checked
 * by the schemas of `files/`.
 */
export function migrate(
  raw: unknown,
  migrations: readonly Migration[] = MIGRATIONS,
  schema: number = SCHEMA,
): Migrated {
  if (!isNode(raw) || raw['format'] !== FORMAT) {
    return { kind: 'refused', reason: msg('refused.notACase') };
  }
  const found = raw['schema'];
  if (typeof found !== 'number' || !Number.isInteger(found) || found < 1) {
    return { kind: 'refused', reason: msg('refused.noSchema') };
  }
  if (found > schema) {
    return { kind: 'refused', reason: msg('refused.newer', { found, known: schema }) };
  }
  let document: Readonly<Record<string, unknown>> = raw;
  for (let version = found; version < schema; version += 1) {
    const step = migrations.find(({ from }) => from === version);
    if (!step) throw new Error(`migrate: no migration from schema ${version}`);
    document = { ...step.up(document), schema: version + 1 };
  }
  return { kind: 'document', document };
}
