import { withUsedOnly, type CaseFile } from '../core/casefile/casefile';
import type { Travelling } from '../core/casefile/states';
import { msg } from '../core/kernel/messages/msg';
import {
  BACKUP_FORMAT,
  EntryReader,
  readHead,
  within,
  type BackupHead,
  type Refusal,
} from './backup';
import { locate, parseJson, refusedAtTop, type LocatedFault, type Origin } from './located';
import { readCaseDocument } from './schemas/caseFile';

export type ReadCases =
  | (Omit<BackupHead, 'schema'> & {
      readonly kind: 'cases';
      readonly cases: readonly Travelling<CaseFile>[];
      readonly backup: boolean;
    })
  | { readonly kind: 'refused'; readonly faults: readonly LocatedFault[] };

/** A case as the text of a file: JSON, two spaces, a newline at the end. */
export function writeCase(file: CaseFile): string {
  return `${JSON.stringify(withUsedOnly(file), null, 2)}\n`;
}

function readOne(text: string, raw: unknown): ReadCases {
  const read = readCaseDocument(raw);
  if (read.kind === 'refused') return refusedAtTop(read.reason);
  if (read.kind === 'invalid') return { kind: 'refused', faults: locate(text, read.faults) };
  return {
    kind: 'cases',
    cases: [{ file: read.file, states: [] }],
    gone: [],
    backup: false,
    archive: false,
  };
}

/** What is refused in a text, at its lines and columns. @param origin where the text begins in its file */
export function refusedIn(text: string, refusal: Refusal, origin?: Origin): LocatedFault[] {
  if (refusal.kind === 'faults') return locate(text, refusal.faults, origin);
  const { path, reason } = refusal;
  return locate(text, [{ path, got: '', expected: reason }], origin).map((fault) => ({
    ...fault,
    reason,
  }));
}

function readBackup(text: string, raw: Readonly<Record<string, unknown>>): ReadCases {
  const head = readHead(raw);
  if (head.kind !== 'read') return { kind: 'refused', faults: refusedIn(text, head) };
  const { schema, ...beside } = head.value;
  const entries = raw['cases'];
  if (!Array.isArray(entries)) {
    const fault = { path: 'cases', got: '', expected: msg('expected.list') };
    return { kind: 'refused', faults: locate(text, [fault]) };
  }
  const reader = new EntryReader(schema);
  const cases: Travelling<CaseFile>[] = [];
  for (const [index, entry] of entries.entries()) {
    const read = reader.read(entry);
    if (read.kind !== 'read') {
      return { kind: 'refused', faults: refusedIn(text, within(`cases/${index}`, read)) };
    }
    cases.push(read.value);
  }
  return { kind: 'cases', cases, backup: true, ...beside };
}

/**
 * Reads a file that holds one case or a backup of many, of any released schema. A file with any
 * fault is refused whole, with line, column and reason.
 */
export function readCases(text: string): ReadCases {
  const parsed = parseJson(text.replace(/^\uFEFF/, ''));
  if (parsed.kind === 'error') return { kind: 'refused', faults: [parsed.fault] };
  const raw = parsed.value;
  const isBackup =
    typeof raw === 'object' &&
    raw !== null &&
    (raw as Record<string, unknown>)['format'] === BACKUP_FORMAT;
  return isBackup ? readBackup(text, raw as Record<string, unknown>) : readOne(text, raw);
}
