/** The backup: a head, then a case a line. */
import type { Schema } from 'joi';
import type { CaseFile } from '../core/casefile/casefile';
import type { Office } from '../core/casefile/office';
import { OWN_MATERIAL, type OwnMaterial } from '../core/casefile/parts/material';
import type { Gone, State, Travelling } from '../core/casefile/states';
import type { Pack } from '../core/catalog/packs/pack';
import type { Mapping } from '../core/site/report/mapping';
import { msg, type Msg } from '../core/kernel/messages/msg';
import { list } from '../core/kernel/typed/spec';
import { readCaseDocument } from './schemas/caseFile';
import { faultsOf, type Fault } from './schemas/faults';
import { joiOf } from './schemas/joiOf';
import { readOfficeDocument } from './schemas/office';
import { validatePack } from './schemas/pack';
import { MAPPINGS } from './schemas/mappings';
import { GONE, STATES } from './schemas/states';

export const BACKUP_FORMAT = 'agrologos-backup';
/** The schema number of the backups that this version writes; the first had documents alone. */
const BACKUP_SCHEMA = 2;

/** What a backup keeps beside its cases, as far as there is any. */
export interface KeptBeside {
  readonly office?: Office;
  readonly packs?: readonly Pack[];
  readonly materials?: readonly OwnMaterial[];
  readonly gone?: readonly Gone[];
  /** How tables of laboratories were read before. */
  readonly mappings?: Readonly<Record<string, Mapping>>;
  /** Its cases were put away in it. */
  readonly archive?: true;
}

/** How a backup begins: what the office had decided, the packs and materials of its own, and what was deleted. */
export function backupStart(madeAt: string, kept: KeptBeside = {}): string {
  const head = { format: BACKUP_FORMAT, schema: BACKUP_SCHEMA, madeAt, ...kept };
  return `${JSON.stringify(head).slice(0, -1)}${CASES_BEGIN}\n`;
}

/** What ends the first line of a backup that was written part by part. */
const CASES_BEGIN = ',"cases":[';

/** A case of a backup: a line of its own, so that no part of a large file is large. */
export function backupCase({ file, states }: Travelling<CaseFile>, isFirst: boolean): string {
  return `${isFirst ? '' : ',\n'}${JSON.stringify({ case: file, states })}`;
}

/** The last line of a backup. */
const CASES_END = ']}';

/** How a backup ends. */
export const BACKUP_END = `\n${CASES_END}\n`;

/** What a backup has beside its cases. */
export interface BackupHead {
  readonly schema: number;
  /** What was deleted where it was made. */
  readonly gone: readonly Gone[];
  /** Its cases were put away in it: who opens it wants them back. */
  readonly archive: boolean;
  readonly office?: Partial<Office>;
  readonly packs?: readonly Pack[];
  readonly materials?: readonly OwnMaterial[];
  readonly mappings?: Readonly<Record<string, Mapping>>;
}

/** Why a part of a file is refused: its faults by their places in it, or one reason at a place. */
export type Refusal =
  | { readonly kind: 'faults'; readonly faults: readonly Fault[] }
  | { readonly kind: 'reason'; readonly path: string; readonly reason: Msg };

/** What was wanted of a part of a file, or why it is refused. */
type Checked<T> = { readonly kind: 'read'; readonly value: T } | Refusal;

function under(place: string, faults: readonly Fault[]): Fault[] {
  return faults.map((fault) => ({
    ...fault,
    path: fault.path === '' ? place : `${place}/${fault.path}`,
  }));
}

/** A refusal of a part, in what holds the part. */
export function within(place: string, refusal: Refusal): Refusal {
  if (refusal.kind === 'faults') return { ...refusal, faults: under(place, refusal.faults) };
  return { ...refusal, path: [place, refusal.path].filter((each) => each !== '').join('/') };
}

/** The packs of a backup, or every fault of the first that has any. */
function readPacks(packs: unknown): Checked<readonly Pack[]> {
  if (!Array.isArray(packs)) {
    const fault = { path: 'packs', got: '', expected: msg('expected.list') };
    return { kind: 'faults', faults: [fault] };
  }
  const read: Pack[] = [];
  for (const [index, document] of packs.entries()) {
    const checked = validatePack(document);
    if (checked.kind === 'invalid') {
      return { kind: 'faults', faults: under(`packs/${index}`, checked.faults) };
    }
    read.push(checked.pack);
  }
  return { kind: 'read', value: read };
}

const SHED = joiOf(list(OWN_MATERIAL, 1000));

function fitting<T>(place: string, schema: Schema, value: unknown): Checked<T> {
  const faults = under(place, faultsOf(schema, value));
  return faults.length > 0 ? { kind: 'faults', faults } : { kind: 'read', value: value as T };
}

function readOffice(office: unknown): Checked<Partial<Office>> {
  const read = readOfficeDocument(office);
  return read.kind === 'invalid'
    ? { kind: 'faults', faults: under('office', read.faults) }
    : { kind: 'read', value: read.office };
}

/** Reads what a backup has beside its cases, of any schema that was released. */
export function readHead(raw: Readonly<Record<string, unknown>>): Checked<BackupHead> {
  const { schema, archive, office: decided, packs: own, materials: shed, gone: deleted = [] } = raw;
  if (typeof schema !== 'number' || schema > BACKUP_SCHEMA) {
    return { kind: 'reason', path: '', reason: msg('refused.newerBackup') };
  }
  const office = decided === undefined ? undefined : readOffice(decided);
  if (office && office.kind !== 'read') return office;
  const packs = own === undefined ? undefined : readPacks(own);
  if (packs && packs.kind !== 'read') return packs;
  const materials =
    shed === undefined ? undefined : fitting<readonly OwnMaterial[]>('materials', SHED, shed);
  if (materials && materials.kind !== 'read') return materials;
  const gone = fitting<readonly Gone[]>('gone', GONE, deleted);
  if (gone.kind !== 'read') return gone;
  const { mappings: tables } = raw;
  const mappings =
    tables === undefined
      ? undefined
      : fitting<Readonly<Record<string, Mapping>>>('mappings', MAPPINGS, tables);
  if (mappings && mappings.kind !== 'read') return mappings;
  const value: BackupHead = {
    schema,
    gone: gone.value,
    archive: archive === true,
    ...(office && { office: office.value }),
    ...(packs && { packs: packs.value }),
    ...(materials && { materials: materials.value }),
    ...(mappings && { mappings: mappings.value }),
  };
  return { kind: 'read', value };
}

/** Reads the cases of a backup one after the other; none may come twice. */
export class EntryReader {
  private readonly ids = new Set<string>();

  /** @param schema that of the backup: the first had documents alone, without states */
  constructor(private readonly schema: number) {}

  /** Reads a case; places of faults are those inside the entry. */
  read(entry: unknown): Checked<Travelling<CaseFile>> {
    const isDocument = this.schema === 1;
    const { case: inside, states = [] } = (isDocument ? { case: entry } : (entry ?? {})) as {
      readonly case?: unknown;
      readonly states?: unknown;
    };
    const at = isDocument ? '' : 'case';
    const inCase = (faults: readonly Fault[]): readonly Fault[] =>
      isDocument ? faults : under(at, faults);
    const told = fitting<readonly State[]>('states', STATES, states);
    if (told.kind !== 'read') return told;
    const read = readCaseDocument(inside);
    if (read.kind === 'refused') return { kind: 'reason', path: at, reason: read.reason };
    if (read.kind === 'invalid') return { kind: 'faults', faults: inCase(read.faults) };
    const { id } = read.file;
    if (this.ids.has(id)) {
      const fault = { path: 'id', got: JSON.stringify(id), expected: msg('expected.idOnce') };
      return { kind: 'faults', faults: inCase([fault]) };
    }
    this.ids.add(id);
    return { kind: 'read', value: { file: read.file, states: told.value } };
  }
}

/** The text of the head of a backup that was written part by part, from its first line; nothing of any other line. */
export function headIn(line: string): string | undefined {
  const isHead = line.startsWith(`{"format":"${BACKUP_FORMAT}"`) && line.endsWith(CASES_BEGIN);
  return isHead ? `${line}${CASES_END}` : undefined;
}

/** The text of the case in a line after the head, and whether more are to follow; nothing where the line ends the backup. */
export function caseIn(
  line: string,
): { readonly text: string; readonly more: boolean } | undefined {
  if (line === CASES_END) return undefined;
  return line.endsWith(',') ? { text: line.slice(0, -1), more: true } : { text: line, more: false };
}
