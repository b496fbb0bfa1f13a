import type { CaseIndexRow } from '../../core/plan/deskLine';

/** Where a case goes on. */
export function caseAddress({ id, goesOnAt }: CaseIndexRow): string {
  return `/case?id=${id}&step=${goesOnAt}`;
}
