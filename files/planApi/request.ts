import type { CaseFile } from '../../core/casefile/casefile';
import { effortOfCase, MOST_EFFORT } from '../../core/casefile/effort';
import { msg } from '../../core/kernel/messages/msg';
import { boundsOf } from '../schemas/bounds';
import { readCaseDocument } from '../schemas/caseFile';
import type { Fault } from '../schemas/faults';

/** Its deepest nesting. */
const DEEPEST = 16;

export type PlanRequest =
  | { readonly kind: 'case'; readonly file: CaseFile }
  /** More than is worked out for anybody: what it would take, and what is allowed. */
  | { readonly kind: 'tooMuch'; readonly effort: number; readonly most: number }
  | { readonly kind: 'faults'; readonly faults: readonly Fault[] };

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
  const { fault } = boundsOf(parsed.value, DEEPEST);
  if (fault) return { kind: 'faults', faults: [fault] };
  const read = readCaseDocument(parsed.value);
  if (read.kind === 'refused') {
    return { kind: 'faults', faults: [{ path: '', got: '', expected: read.reason }] };
  }
  if (read.kind === 'invalid') return { kind: 'faults', faults: read.faults };
  const effort = Math.ceil(effortOfCase(read.file));
  return effort > MOST_EFFORT
    ? { kind: 'tooMuch', effort, most: MOST_EFFORT }
    : { kind: 'case', file: read.file };
}
