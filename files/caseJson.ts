import { withUsedOnly, type CaseFile } from '../core/casefile/casefile';
import type { Office } from '../core/casefile/office';
import { OWN_MATERIAL, type OwnMaterial } from '../core/casefile/parts/material';
import { list } from '../core/kernel/typed/spec';
import { joiOf } from './schemas/joiOf';
import { msg } from '../core/kernel/messages/msg';
import type { Pack } from '../core/catalog/packs/pack';
import { locate, parseJson, refusedAtTop, type LocatedFault } from './located';
import { readCaseDocument } from './schemas/caseFile';
import { faultsOf, type Fault } from './schemas/faults';
import { readOfficeDocument } from './schemas/office';
import { validatePack } from './schemas/pack';

export type ReadCases =
  | {
      readonly kind: 'cases';
      readonly files: readonly CaseFile[];
      readonly backup: boolean;
      /** What the office of the backup had decided. */
      readonly office?: Partial<Office>;
      /** Packs of the office's own. */
      readonly packs?: readonly Pack[];
      /** What the office typed from its bags. */
      readonly materials?: readonly OwnMaterial[];
    }
  | { readonly kind: 'refused'; readonly faults: readonly LocatedFault[] };

const BACKUP_FORMAT = 'agrologos-backup';
/** The schema number of the backups that this version writes. */
const BACKUP_SCHEMA = 1;

/** A case as the text of a file: JSON, two spaces, a newline at the end. */
export function writeCase(file: CaseFile): string {
  return `${JSON.stringify(withUsedOnly(file), null, 2)}\n`;
}

/**
 * A whole caseload as the parts of one file, a case a part, so that no part is large.
 * @param kept what the office had decided, and the packs and materials of its own, if any
 */
export function* writeBackup(
  files: Iterable<CaseFile>,
  madeAt: string,
  kept: {
    readonly office?: Office;
    readonly packs?: readonly Pack[];
    readonly materials?: readonly OwnMaterial[];
  } = {},
): Generator<string> {
  const head = { format: BACKUP_FORMAT, schema: BACKUP_SCHEMA, madeAt, ...kept };
  yield `${JSON.stringify(head).slice(0, -1)},"cases":[`;
  let before = '\n';
  for (const file of files) {
    yield `${before}${JSON.stringify(file)}`;
    before = ',\n';
  }
  yield '\n]}\n';
}

function readOne(text: string, raw: unknown): ReadCases {
  const read = readCaseDocument(raw);
  if (read.kind === 'refused') return refusedAtTop(read.reason);
  if (read.kind === 'invalid') return { kind: 'refused', faults: locate(text, read.faults) };
  return { kind: 'cases', files: [read.file], backup: false };
}

/** The packs of a backup, with every fault of the first that has any. */
function readPacks(
  packs: unknown,
):
  | { readonly kind: 'packs'; readonly packs: readonly Pack[] }
  | { readonly kind: 'invalid'; readonly faults: readonly Fault[] } {
  if (!Array.isArray(packs)) {
    return {
      kind: 'invalid',
      faults: [{ path: 'packs', got: '', expected: msg('expected.list') }],
    };
  }
  const read: Pack[] = [];
  for (const [index, document] of packs.entries()) {
    const checked = validatePack(document);
    if (checked.kind === 'invalid') {
      const faults = checked.faults.map((fault) => ({
        ...fault,
        path: `packs/${index}/${fault.path}`,
      }));
      return { kind: 'invalid', faults };
    }
    read.push(checked.pack);
  }
  return { kind: 'packs', packs: read };
}

const SHED = joiOf(list(OWN_MATERIAL, 1000));

/** The materials of a backup, with every fault of them. */
function readShed(
  materials: unknown,
):
  | { readonly kind: 'materials'; readonly materials: readonly OwnMaterial[] }
  | { readonly kind: 'invalid'; readonly faults: readonly Fault[] } {
  const faults = faultsOf(SHED, materials);
  return faults.length > 0
    ? {
        kind: 'invalid',
        faults: faults.map((fault) => ({
          ...fault,
          path: fault.path === '' ? 'materials' : `materials/${fault.path}`,
        })),
      }
    : { kind: 'materials', materials: materials as readonly OwnMaterial[] };
}

function readBackup(text: string, raw: Readonly<Record<string, unknown>>): ReadCases {
  const { schema, cases, office, packs, materials } = raw;
  if (typeof schema !== 'number' || schema > BACKUP_SCHEMA) {
    return refusedAtTop(msg('refused.newerBackup'));
  }
  if (!Array.isArray(cases)) {
    const fault = { path: 'cases', got: '', expected: msg('expected.list') };
    return { kind: 'refused', faults: locate(text, [fault]) };
  }
  const decided = office === undefined ? undefined : readOfficeDocument(office);
  if (decided?.kind === 'invalid') {
    const faults = decided.faults.map((fault) => ({ ...fault, path: `office/${fault.path}` }));
    return { kind: 'refused', faults: locate(text, faults) };
  }
  const own = packs === undefined ? undefined : readPacks(packs);
  if (own?.kind === 'invalid') return { kind: 'refused', faults: locate(text, own.faults) };
  const shed = materials === undefined ? undefined : readShed(materials);
  if (shed?.kind === 'invalid') return { kind: 'refused', faults: locate(text, shed.faults) };
  const files: CaseFile[] = [];
  const ids = new Set<string>();
  for (const [index, document] of cases.entries()) {
    const read = readCaseDocument(document);
    const at = `cases/${index}`;
    if (read.kind === 'refused') {
      const [fault] = locate(text, [{ path: at, got: '', expected: read.reason }]);
      return { kind: 'refused', faults: fault ? [{ ...fault, reason: read.reason }] : [] };
    }
    if (read.kind === 'invalid') {
      const faults = read.faults.map((fault) => ({ ...fault, path: `${at}/${fault.path}` }));
      return { kind: 'refused', faults: locate(text, faults) };
    }
    if (ids.has(read.file.id)) {
      const fault = {
        path: `${at}/id`,
        got: JSON.stringify(read.file.id),
        expected: msg('expected.idOnce'),
      };
      return { kind: 'refused', faults: locate(text, [fault]) };
    }
    ids.add(read.file.id);
    files.push(read.file);
  }
  return {
    kind: 'cases',
    files,
    backup: true,
    ...(decided && { office: decided.office }),
    ...(own && { packs: own.packs }),
    ...(shed && { materials: shed.materials }),
  };
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
