import type { CaseFile } from '../../core/casefile/casefile';
import { msg } from '../../core/working/msg';
import { readCaseDocument } from '../schemas/caseFile';
import type { Fault } from '../schemas/faults';

/** Most bytes of a request, deepest nesting, longest list or object. */
const MOST_BYTES = 1_000_000;
const DEEPEST = 16;
const MOST_ENTRIES = 5000;

const FORBIDDEN = new Set(['__proto__', 'constructor', 'prototype']);

export type PlanRequest =
  | { readonly kind: 'case'; readonly file: CaseFile }
  | { readonly kind: 'faults'; readonly faults: readonly Fault[] };

/** Reads a body and counts its bytes itself: no length, or a wrong one, makes no difference. */
export async function readBody(
  body: ReadableStream<Uint8Array> | null,
): Promise<Uint8Array | 'tooLarge'> {
  if (!body) return new Uint8Array();
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = body.getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > MOST_BYTES) {
      void reader.cancel().catch(() => undefined);
      return 'tooLarge';
    }
    chunks.push(value);
  }
  const all = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    all.set(chunk, at);
    at += chunk.byteLength;
  }
  return all;
}

/** The first place that is nested too deep, too long, or has a name that no document has. */
function monstrous(value: unknown, path: string, depth: number): Fault | undefined {
  if (typeof value !== 'object' || value === null) return undefined;
  const entries = Object.entries(value);
  if (depth > DEEPEST)
    return { path, got: '', expected: msg('expected.shallow', { most: DEEPEST }) };
  if (entries.length > MOST_ENTRIES) {
    const got = String(entries.length);
    return { path, got, expected: msg('expected.atMostEntries', { limit: MOST_ENTRIES }) };
  }
  for (const [key, inside] of entries) {
    const at = path === '' ? key : `${path}/${key}`;
    if (FORBIDDEN.has(key)) return { path: at, got: key, expected: msg('expected.nothing') };
    const found = monstrous(inside, at, depth + 1);
    if (found) return found;
  }
  return undefined;
}

function parse(bytes: Uint8Array): { readonly value: unknown } | Fault {
  try {
    const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    return { value: JSON.parse(text) as unknown };
  } catch (error) {
    const got = error instanceof Error ? error.message : '';
    return { path: '', got, expected: msg('expected.json') };
  }
}

/** Reads the bytes of a request as a case of any released schema, with every fault at its place. */
export function readPlanRequest(bytes: Uint8Array): PlanRequest {
  const parsed = parse(bytes);
  if (!('value' in parsed)) return { kind: 'faults', faults: [parsed] };
  const monster = monstrous(parsed.value, '', 1);
  if (monster) return { kind: 'faults', faults: [monster] };
  const read = readCaseDocument(parsed.value);
  if (read.kind === 'refused') {
    return { kind: 'faults', faults: [{ path: '', got: '', expected: read.reason }] };
  }
  return read.kind === 'invalid'
    ? { kind: 'faults', faults: read.faults }
    : { kind: 'case', file: read.file };
}
