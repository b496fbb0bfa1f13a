import type { CaseIndexRow } from '../../store/db';

/** Where a case goes on. */
export function caseAddress({ id, goesOnAt }: CaseIndexRow): string {
  return `/case?id=${id}&step=${goesOnAt}`;
}
