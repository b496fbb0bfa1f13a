import { db } from './db';

/** Names of the samples of all other cases, deleted ones too: a bag may still be on its way. */
export async function namesElsewhere(caseId: string, base = db): Promise<ReadonlySet<string>> {
  const rows = await base.caseIndex.toArray();
  return new Set(rows.filter(({ id }) => id !== caseId).flatMap(({ samples }) => samples));
}
