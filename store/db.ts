import Dexie, { type EntityTable } from 'dexie';
import type { CaseFile } from '../core/casefile/casefile';
import type { Msg } from '../core/kernel/messages/msg';
import type { StepId } from '../core/kernel/working/finding';
import type { QueueFacts } from '../core/plan/queue';
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

/** The version of the Desk's lines; older ones are made anew when the Desk opens. */
export const INDEX_VERSION = 4;

/** What the Desk lists of a case, written in the same transaction as the case. */
export interface CaseIndexRow {
  id: string;
  title: string;
  client: string;
  place: string;
  changedAt: number;
  deletedAt: number;
  /** Which version of this program made the line; see INDEX_VERSION. */
  version: number;
  plants: readonly string[];
  /** Names of its samples, which no other case's may have. */
  samples: readonly string[];
  /** How many pieces of ground there are. */
  grounds: number;
  /** The step at which the case goes on. */
  goesOnAt: StepId;
  turnsOn: Msg;
  facts: QueueFacts;
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
