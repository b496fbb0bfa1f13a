import type { CaseIndexRow } from '../core/plan/deskLine';
import { bucketOf, intoBuckets, type Bucket } from './buckets';
import type { AgrologosDb } from './db';

/** Every line, in no order. */
export async function allLines(base: AgrologosDb): Promise<CaseIndexRow[]> {
  return (await base.deskLines.toArray()).flatMap(({ lines }) => lines);
}

/** Reads every line again and again, but from the database only those of records that have changed. */
export class LineReader {
  private known = new Map<number, Bucket<CaseIndexRow>>();

  /** Every line, in no order; those that have not changed are the very same objects. */
  async read(base: AgrologosDb): Promise<CaseIndexRow[]> {
    const keys: unknown = await base.deskLines.orderBy('[bucket+rev]').keys();
    const present = keys as readonly (readonly [bucket: number, rev: number])[];
    const changed = present.filter(([bucket, rev]) => this.known.get(bucket)?.rev !== rev);
    const read = await base.deskLines.bulkGet(changed.map(([bucket]) => bucket));
    const fresh = new Map(read.flatMap((each) => (each ? [[each.bucket, each] as const] : [])));
    const next = present.flatMap(([bucket]) => {
      const each = fresh.get(bucket) ?? this.known.get(bucket);
      return each ? [[bucket, each] as const] : [];
    });
    this.known = new Map(next);
    return next.flatMap(([, { lines }]) => lines);
  }
}

/** Writes lines, each in the place of the one of the same id. Within a transaction of the caller. */
export async function putLines(base: AgrologosDb, lines: readonly CaseIndexRow[]): Promise<void> {
  const arriving = intoBuckets(lines);
  const stored = await base.deskLines.bulkGet(arriving.map(({ bucket }) => bucket));
  const next = arriving.map(({ bucket, lines: fresh }, at): Bucket<CaseIndexRow> => {
    const ids = new Set(fresh.map(({ id }) => id));
    const staying = (stored[at]?.lines ?? []).filter(({ id }) => !ids.has(id));
    return { bucket, rev: (stored[at]?.rev ?? 0) + 1, lines: [...staying, ...fresh] };
  });
  await base.deskLines.bulkPut(next);
}

/** Changes lines of these ids; an answer of nothing takes the line away. Within a transaction. */
export async function changeLines(
  base: AgrologosDb,
  ids: readonly string[],
  change: (line: CaseIndexRow) => CaseIndexRow | undefined,
): Promise<void> {
  const wanted = new Set(ids);
  const stored = await base.deskLines.bulkGet([...new Set(ids.map(bucketOf))]);
  const next = stored.flatMap((found) => {
    if (!found) return [];
    const lines = found.lines.flatMap((line) =>
      wanted.has(line.id) ? (change(line) ?? []) : line,
    );
    return { ...found, rev: found.rev + 1, lines };
  });
  await base.deskLines.bulkPut(next);
}
