/**
 * Cases as they are stored and as everything else knows them: a document is stored without its attachments, which lie
 * in a table of their own, so that an edit never writes a map or a picture again. Every way in and out leads through here.
 */
import { isNode } from '../core/casefile/migrations/nodes';
import type { CaseFile } from '../core/casefile/casefile';
import type { Attachment } from '../core/casefile/parts/attachment';
import type { AgrologosDb, AttachmentRow, StoredRow } from './db';

/** A case with all of its document. `deletedAt` is 0 for a case that stands on the Desk. */
export interface CaseRow extends Omit<StoredRow, 'doc'> {
  readonly doc: CaseFile;
}

/** The tables that a transaction on cases has to name. */
export function caseTables({ cases, attachments, revisions }: AgrologosDb) {
  return [cases, attachments, revisions];
}

function keyOf(caseId: string, id: string): string {
  return `${caseId}/${id}`;
}

function rowOf(caseId: string, attachment: Attachment): AttachmentRow {
  return { key: keyOf(caseId, attachment.id), caseId, attachment };
}

/** The first schema whose documents have attachments; older ones have their outlines in themselves. */
const FIRST_WITH_ATTACHMENTS = 5;

function joined({ doc, ...row }: StoredRow, stored: readonly AttachmentRow[]): CaseRow {
  // What is no document at all stays as it is, for whoever reads it to say so.
  if (row.schema < FIRST_WITH_ATTACHMENTS || !isNode(doc))
    return { ...row, doc: doc as unknown as CaseFile };
  const entries = stored.map(({ attachment }) => [attachment.id, attachment]);
  return { ...row, doc: { ...doc, attachments: Object.fromEntries(entries) } as CaseFile };
}

/** Some cases, in the order of their ids; nothing in the place of one that is not there. */
export async function readRows(
  base: AgrologosDb,
  ids: readonly string[],
): Promise<(CaseRow | undefined)[]> {
  const rows = await base.cases.bulkGet([...ids]);
  const all = await base.attachments.where('caseId').anyOf(ids).toArray();
  return rows.map(
    (row) =>
      row &&
      joined(
        row,
        all.filter(({ caseId }) => caseId === row.id),
      ),
  );
}

/** One case, if it is there. */
export async function readRow(base: AgrologosDb, id: string): Promise<CaseRow | undefined> {
  const [row] = await readRows(base, [id]);
  return row;
}

/** Stores cases; attachments that lie here already are not written again, since none ever changes. */
export async function putRows(base: AgrologosDb, rows: readonly CaseRow[]): Promise<void> {
  const coming = rows.flatMap(({ id, doc }) =>
    Object.values(doc.attachments).map((attachment) => rowOf(id, attachment)),
  );
  if (coming.length > 0) {
    const keys = coming.map(({ key }) => key);
    const there = new Set(await base.attachments.where('key').anyOf(keys).primaryKeys());
    await base.attachments.bulkAdd(coming.filter(({ key }) => !there.has(key)));
  }
  await base.cases.bulkPut(
    rows.map(({ doc, ...row }): StoredRow => {
      const { attachments: _apart, ...rest } = doc;
      return { ...row, doc: rest };
    }),
  );
}

/** Keeps an attachment of a case, before anything in its document names it. */
export async function keepAttachment(
  base: AgrologosDb,
  caseId: string,
  attachment: Attachment,
): Promise<void> {
  await base.attachments.put(rowOf(caseId, attachment));
}

/** Removes cases for good, with what is attached to them. */
export async function deleteRows(base: AgrologosDb, ids: readonly string[]): Promise<void> {
  await base.attachments.where('caseId').anyOf(ids).delete();
  await base.revisions.where('caseId').anyOf(ids).delete();
  await base.cases.bulkDelete([...ids]);
}
