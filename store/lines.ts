import type { CaseIndexRow } from '../core/plan/deskLine';
import { bucketOf, intoBuckets, type Bucket } from './buckets';
import type { AgrologosDb } from './db';

/** Every line, in no order. */
export async function allLines(base: AgrologosDb): Promise<CaseIndexRow[]> {
  return (await base.deskLines.toArray()).flatMap(({ lines }) => lines);
}

/** Writes lines, each in the place of the one of the same id. Within a transaction of the caller. */
export async function putLines(base: AgrologosDb, lines: readonly CaseIndexRow[]): Promise<void> {
  const arriving = intoBuckets(lines);
  const stored = await base.deskLines.bulkGet(arriving.map(({ bucket }) => bucket));
  const next = arriving.map(({ bucket, lines: fresh }, at): Bucket<CaseIndexRow> => {
    const ids = new Set(fresh.map(({ id }) => id));
    const staying = (stored[at]?.lines ?? []).filter(({ id }) => !ids.has(id));
    return { bucket, lines: [...staying, ...fresh] };
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
    return { ...found, lines };
  });
  await base.deskLines.bulkPut(next);
}
