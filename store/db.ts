import Dexie, { type EntityTable } from 'dexie';
import type { CaseFile } from '../core/casefile/casefile';
import type { OwnMaterial } from '../core/casefile/parts/material';
import type { Attachment } from '../core/casefile/parts/attachment';
import type { CaseIndexRow } from '../core/plan/deskLine';
import type { Pack } from '../core/catalog/packs/pack';
import { intoBuckets, type Bucket } from './buckets';

/** A case as it lies in its table: of any released schema, and without its attachments. */
export interface StoredRow {
  readonly id: string;
  readonly rev: number;
  readonly schema: number;
  readonly deletedAt: number;
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
  }
}

export const db = new AgrologosDb();
