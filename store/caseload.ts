import { nanoid } from 'nanoid';
import type { CaseFile } from '../core/casefile/casefile';
import { migrate } from '../core/casefile/migrate';
import { db, type CaseIndexRow, type CaseRow } from './db';
import { indexRow } from './indexRow';
import { putLines } from './lines';
import { same, type Json } from './patch';

/** How far long work has come. */
export interface Progress {
  readonly done: number;
  readonly total: number;
}

/** What became of cases that were brought in. */
export interface BroughtIn {
  /** New on the Desk. */
  readonly added: number;
  /** Stood there already, just so. */
  readonly unchanged: number;
  /** Lay among the deleted, just so, and stand on the Desk again. */
  readonly restored: number;
  /** Another version stands or lies here; the file's came beside it as a copy. */
  readonly copied: number;
  /** The case to go to, where a single one came in. */
  readonly id: string | undefined;
}

/** So many cases are worked on between two breaths of the page. */
const AT_ONCE = 25;

function breath(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve));
}

/** Every case that stands on the Desk, as documents of the present schema. */
export async function* allCases(
  onProgress: (progress: Progress) => void,
  base = db,
): AsyncGenerator<CaseFile> {
  const ids = await base.cases.where('deletedAt').equals(0).primaryKeys();
  for (let at = 0; at < ids.length; at += AT_ONCE) {
    const rows = await base.cases.bulkGet(ids.slice(at, at + AT_ONCE));
    for (const row of rows) {
      if (!row) continue;
      const migrated = migrate(row.doc);
      // A case that this version cannot read leaves as it is, rather than not at all.
      yield (migrated.kind === 'document' ? migrated.document : row.doc) as unknown as CaseFile;
    }
    onProgress({ done: Math.min(at + AT_ONCE, ids.length), total: ids.length });
    await breath();
  }
}

interface Arrival {
  readonly row: CaseRow;
  readonly line: CaseIndexRow;
}

function sameDocument(stored: CaseRow, file: CaseFile): boolean {
  const migrated = migrate(stored.doc);
  return migrated.kind === 'document' && same(migrated.document as Json, file as unknown as Json);
}

/**
 * Puts cases from a file onto the Desk, all of them or, where the browser refuses, none. Nothing that
 * stands here is overwritten: a case of the same id but other content comes in as a copy.
 *
 * @param copyTitle names a copy
 */
export async function bringIn(
  files: readonly CaseFile[],
  now: number,
  copyTitle: (title: string) => string,
  onProgress: (progress: Progress) => void = () => undefined,
  base = db,
): Promise<BroughtIn> {
  const counts = { added: 0, unchanged: 0, restored: 0, copied: 0 };
  const arrivals: Arrival[] = [];
  for (const [index, file] of files.entries()) {
    const stored = await base.cases.get(file.id);
    const arrive = (doc: CaseFile): void => {
      const row = { id: doc.id, rev: 1, schema: doc.schema, deletedAt: 0, doc };
      arrivals.push({ row, line: indexRow(doc, now, 0) });
    };
    if (!stored) {
      counts.added += 1;
      arrive(file);
    } else if (!sameDocument(stored, file)) {
      counts.copied += 1;
      arrive({ ...file, id: nanoid(12), title: copyTitle(file.title) });
    } else if (stored.deletedAt > 0) {
      counts.restored += 1;
      arrivals.push({
        row: { ...stored, deletedAt: 0, rev: stored.rev + 1, schema: file.schema, doc: file },
        line: indexRow(file, now, 0),
      });
    } else {
      counts.unchanged += 1;
    }
    if (index % AT_ONCE === 0) {
      onProgress({ done: index, total: files.length });
      await breath();
    }
  }
  await base.transaction('rw', base.cases, base.deskLines, async () => {
    await base.cases.bulkPut(arrivals.map(({ row }) => row));
    await putLines(
      base,
      arrivals.map(({ line }) => line),
    );
  });
  const only = files.length === 1 ? (arrivals[0]?.row.id ?? files[0]?.id) : undefined;
  return { ...counts, id: only };
}
