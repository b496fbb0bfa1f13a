import { expose } from 'comlink';
import type { CaseIndexRow } from '../core/plan/deskLine';
import { lineOf, type StoredDocument } from '../core/plan/indexRow';

/** Lines of the Desk, a plan each, off the page's own thread. */
const maker = {
  linesOf(documents: readonly StoredDocument[]): CaseIndexRow[] {
    return documents.map(lineOf);
  },
};

export type LineMaker = typeof maker;

expose(maker);
