import { SCHEMA, type CaseFile } from '../core/casefile/casefile';
import { planCase } from '../core/plan/plan';
import type { Plan } from '../core/plan/types';
import { migrate } from '../core/casefile/migrations/migrate';
import type { Msg } from '../core/kernel/messages/msg';
import { restoreCase } from './desk';
import { caseTables, putRows, readRow, type CaseRow } from './caseRows';
import { db, type AgrologosDb } from './db';
import { indexRow } from '../core/plan/indexRow';
import { putLines } from './lines';
import { note } from './history';
import {
  applyPatches,
  differences,
  reachable,
  same,
  valueAt,
  type Json,
  type Patch,
} from './patch';

/** What became of a list of patches. */
export interface Applied {
  readonly row: CaseRow;
  /** Patches that found something else than they had seen; nothing was changed at their place. */
  readonly conflicts: readonly Patch[];
}

async function put(
  base: AgrologosDb,
  row: CaseRow,
  now: number,
  planOf: (doc: CaseFile) => Plan = planCase,
): Promise<void> {
  await putRows(base, [row]);
  await putLines(base, [indexRow(row.doc, now, row.deletedAt, planOf)]);
}

/** Stores a new case with its line on the Desk. */
export async function addCase(doc: CaseFile, now: number, base = db): Promise<void> {
  await base.transaction('rw', [...caseTables(base), base.deskLines], async () => {
    await put(base, { id: doc.id, rev: 1, schema: doc.schema, deletedAt: 0, doc }, now);
    await note(base, doc.id, { patches: [], at: now });
  });
}

/** Puts an open case back on the Desk that was deleted meanwhile, or removed for good. */
export async function putBack(doc: CaseFile, now: number, base = db): Promise<void> {
  await base.transaction('rw', [...caseTables(base), base.deskLines], async () => {
    if ((await base.cases.where('id').equals(doc.id).count()) > 0) await restoreCase(doc.id, base);
    else await addCase(doc, now, base);
  });
}

export type ReadCase =
  | { readonly kind: 'found'; readonly row: CaseRow; readonly raw: unknown }
  | { readonly kind: 'missing' }
  | { readonly kind: 'refused'; readonly reason: Msg; readonly raw: unknown };

/**
 * Reads a case. One of an older schema is brought to the present one where it is stored, so that
 * whoever follows the stored document sees what was read; a newer one is refused whole.
 */
export async function readCase(id: string, now: number, base = db): Promise<ReadCase> {
  return base.transaction('rw', [...caseTables(base), base.deskLines], async () => {
    const row = await readRow(base, id);
    if (!row || row.deletedAt > 0) return { kind: 'missing' };
    const migrated = migrate(row.doc);
    if (migrated.kind === 'refused') {
      return { kind: 'refused', reason: migrated.reason, raw: row.doc };
    }
    const present = inPresentSchema(row);
    if (present !== row) {
      await put(base, present, now);
      await note(base, id, { patches: changesOf(row, present), at: now });
    }
    return { kind: 'found', row: present, raw: migrated.document };
  });
}

/** A stored case with its document in the present schema; the row itself where it is already. */
export function inPresentSchema(row: CaseRow): CaseRow {
  if (row.schema === SCHEMA) return row;
  const migrated = migrate(row.doc);
  if (migrated.kind === 'refused') return row;
  const doc = migrated.document as unknown as CaseFile;
  return { ...row, schema: SCHEMA, rev: row.rev + 1, doc };
}

/** What was changed between two states of a stored case, what is attached apart: that lies beside its document. */
export function changesOf(before: CaseRow, after: CaseRow): Patch[] {
  const apart = ({ doc }: CaseRow): Json => {
    const { attachments: _beside, ...rest } = doc;
    return rest as unknown as Json;
  };
  return differences(apart(before), apart(after));
}

/** A stored case's document in the present schema. @throws Error where there is none */
export async function storedCase(id: string, base: AgrologosDb): Promise<CaseFile> {
  const row = await readRow(base, id);
  if (!row) throw new Error(`storedCase: there is no case '${id}'`);
  return inPresentSchema(row).doc;
}

/**
 * Applies patches to the **stored** document in one transaction. A patch whose place holds neither
 * what it had seen nor what it wants is not applied and comes back as a conflict.
 * @param planOf plans the document for its line on the Desk; an open case has most of its plan already
 */
export async function patchCase(
  id: string,
  patches: readonly Patch[],
  now: number,
  base = db,
  planOf: (doc: CaseFile) => Plan = planCase,
): Promise<Applied> {
  return base.transaction('rw', [...caseTables(base), base.deskLines], async () => {
    const stored = await readRow(base, id);
    if (!stored) throw new Error(`patchCase: there is no case '${id}'`);
    const row = inPresentSchema(stored);
    const conflicts: Patch[] = [];
    const applied: Patch[] = row === stored ? [] : changesOf(stored, row);
    const doc = patches.reduce((current, patch) => {
      const there = valueAt(current, patch.path);
      if (same(there, patch.value)) return current;
      if (same(there, patch.was) && reachable(current, patch.path)) {
        applied.push({ ...patch, was: there });
        return applyPatches(current, [patch]);
      }
      conflicts.push({ ...patch, was: there });
      return current;
    }, row.doc);
    if (doc === row.doc) return { row, conflicts };
    const next = { ...row, rev: row.rev + 1, doc };
    await put(base, next, now, planOf);
    await note(base, id, { patches: applied, at: now });
    return { row: next, conflicts };
  });
}
