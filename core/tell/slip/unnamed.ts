import { decisionOf } from '../../casefile/decisions';
import { type CaseFile } from '../../casefile/casefile';

/** Whether the names of client and case stay off the client's page. */
export function isUnnamed(file: CaseFile): boolean {
  return decisionOf(file, 'case', 'slip-unnamed')?.value === 'yes';
}
