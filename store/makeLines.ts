import type { CaseIndexRow } from '../core/plan/deskLine';
import type { StoredDocument } from '../core/plan/indexRow';

/** Works lines out: here, or in a worker. */
export type MakeLines = (
  documents: readonly StoredDocument[],
) => CaseIndexRow[] | Promise<CaseIndexRow[]>;

/** On the page itself. */
export async function makeLinesHere(documents: readonly StoredDocument[]): Promise<CaseIndexRow[]> {
  const { lineOf } = await import('../core/plan/indexRow');
  return documents.map(lineOf);
}
