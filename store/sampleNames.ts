import { db } from './db';
import { allLines } from './lines';

/** Names of the samples of all other cases, deleted ones too: a bag may still be on its way. */
export async function namesElsewhere(caseId: string, base = db): Promise<ReadonlySet<string>> {
  const rows = await allLines(base);
  return new Set(rows.filter(({ id }) => id !== caseId).flatMap(({ samples }) => samples));
}
