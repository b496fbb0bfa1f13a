import Dexie, { type EntityTable, type Table } from 'dexie';
import type { OwnMaterial } from '../core/casefile/parts/material';
import type { Attachment } from '../core/casefile/parts/attachment';
import type { CaseIndexRow } from '../core/plan/deskLine';
import type { Pack } from '../core/catalog/packs/pack';
import type { CaseFile } from '../core/casefile/casefile';
import { SCHEMA } from '../core/casefile/schema';
import { intoBuckets, type Bucket } from './buckets';
import type { Gone, State } from '../core/casefile/states';

/** A case as it lies in its table: of any released schema, and without its attachments. */
export interface StoredRow {
  readonly id: string;
  readonly rev: number;
  readonly schema: number;
  readonly deletedAt: number;
  /** Who deleted it, as the desk calls them. */
  readonly deletedBy?: string;
  readonly doc: Readonly<Record<string, unknown>> | Omit<CaseFile, 'attachments'>;
}

/** What is attached to a case, under `caseId/id`. */
export interface AttachmentRow {
  readonly key: string;
  readonly caseId: string;
  readonly attachment: Attachment;
}

/** A house pack in its newest version; a case keeps the version that it is read by in itself. */
export interface PackRow {
  id: string;
  pack: Pack;
  /** What was typed into it since, by place, and is not yet a version: kept as typed. */
  draft: Readonly<Record<string, string>>;
}

/** A state of a case: with all of them, any of its earlier documents can be told. */
export interface Revision extends State {
  readonly caseId: string;
  /** Counts from 1 in this browser. */
  readonly seq: number;
  /** It was given away by this name: what is changed from here on has another. */
  readonly left: boolean;
}

/** A case that is not here any more: deleted for good, or put away in a file. */
export interface GoneRow extends Gone {
  /** Other desks are told what was deleted, and nothing of what was put away. */
  readonly archived: boolean;
}

/** What can be written into without asking each time: a folder of this computer, as the browser gives it. */
export interface KeepingRow {
  readonly key: 'folder';
  readonly handle: FileSystemDirectoryHandle;
  /** The last file of the whole caseload: its name, when it was written, and which state of each case is in it. */
  readonly whole?: {
    readonly name: string;
    readonly at: number;
    readonly marks: Readonly<Record<string, string>>;
  };
  /** What is in the folder, whole file and changes together, in milliseconds and by its state. */
  readonly writtenAt?: number;
  /** Why the last try wrote nothing. */
  readonly problem?: KeepingProblem;
}

/** It asks for permission anew; the folder is no more; there is no space; or anything else. */
export type KeepingProblem = 'asks' | 'gone' | 'full' | 'failed';

interface SettingRow {
  key: string;
  value: string;
}

/** The browser's own database. Tables come with the parts that use them. */
export class AgrologosDb extends Dexie {
  cases!: EntityTable<StoredRow, 'id'>;
  attachments!: EntityTable<AttachmentRow, 'key'>;
  deskLines!: EntityTable<Bucket<CaseIndexRow>, 'bucket'>;
  packs!: EntityTable<PackRow, 'id'>;
  /** What this office typed from its bags. */
  materials!: EntityTable<OwnMaterial, 'id'>;
  revisions!: Table<Revision, [caseId: string, seq: number]>;
  gone!: EntityTable<GoneRow, 'id'>;
  keeping!: EntityTable<KeepingRow, 'key'>;
  settings!: EntityTable<SettingRow, 'key'>;

  constructor(name = 'agrologos') {
    // A cache would copy every line of a large Desk once more; nothing here reads the same rows twice.
    super(name, { cache: 'disabled' });
    this.version(1).stores({
      cases: 'id, deletedAt',
      caseIndex: 'id, deletedAt, changedAt',
      settings: 'key',
    });
    this.version(2)
      .stores({ deskLines: 'bucket' })
      .upgrade(async (change) => {
        const lines: CaseIndexRow[] = await change.table('caseIndex').toArray();
        await change.table('deskLines').bulkAdd(intoBuckets(lines));
      });
    this.version(3).stores({ caseIndex: null });
    this.version(4).stores({ packs: 'id' });
    // Outlines leave their documents when a case is next stored: its migration makes attachments of them.
    this.version(5)
      .stores({ attachments: 'key, caseId', deskLines: 'bucket, [bucket+rev]' })
      .upgrade((change) => change.table('deskLines').toCollection().modify({ rev: 1 }));
    this.version(6).stores({ materials: 'id' });
    // It counts with the schema of a case: a tab of an older program lets go when a newer one opens, and never meets its documents.
    this.version(SCHEMA).stores({
      cases: 'id, deletedAt, [id+rev+deletedAt]',
      revisions: '[caseId+seq], caseId',
      gone: 'id',
      keeping: 'key',
    });
  }
}

export const db = new AgrologosDb();
