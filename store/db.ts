import Dexie, { type EntityTable } from 'dexie';
import type { CaseFile } from '../core/casefile/casefile';
import type { Msg } from '../core/working/msg';
import type { StepState } from '../core/planTypes';
import type { StepId } from '../core/working/context';
import type { Working } from '../core/working/working';

/** A stored case. `deletedAt` is 0 for a case that stands on the Desk. */
export interface CaseRow {
  id: string;
  rev: number;
  schema: number;
  deletedAt: number;
  doc: CaseFile;
}

/** What the Desk lists of a case, written in the same transaction as the case. */
export interface CaseIndexRow {
  id: string;
  title: string;
  client: string;
  place: string;
  changedAt: number;
  deletedAt: number;
  steps: Readonly<Record<StepId, StepState>>;
  turnsOn: Msg;
  /** The workings that `turnsOn` needs to be opened. */
  workings: Readonly<Record<string, Working>>;
}

interface SettingRow {
  key: string;
  value: string;
}

/** The browser's own database. Tables come with the parts that use them. */
export class AgrologosDb extends Dexie {
  cases!: EntityTable<CaseRow, 'id'>;
  caseIndex!: EntityTable<CaseIndexRow, 'id'>;
  settings!: EntityTable<SettingRow, 'key'>;

  constructor(name = 'agrologos') {
    super(name);
    this.version(1).stores({
      cases: 'id, deletedAt',
      caseIndex: 'id, deletedAt, changedAt',
      settings: 'key',
    });
  }
}

export const db = new AgrologosDb();
