import Dexie, { type EntityTable } from 'dexie';
import type { CaseFile } from '../core/casefile/casefile';
import type { CaseIndexRow } from '../core/plan/deskLine';
import type { Pack } from '../core/catalog/packs/pack';
import { intoBuckets, type Bucket } from './buckets';

/** A stored case. `deletedAt` is 0 for a case that stands on the Desk. */
export interface CaseRow {
  id: string;
  rev: number;
  schema: number;
  deletedAt: number;
  doc: CaseFile;
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
  cases!: EntityTable<CaseRow, 'id'>;
  deskLines!: EntityTable<Bucket<CaseIndexRow>, 'bucket'>;
  packs!: EntityTable<PackRow, 'id'>;
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
  }
}

export const db = new AgrologosDb();
