import type { CaseFile } from '../../core/casefile/casefile';
import { writeCase } from '../../files/caseJson';
import { download, fileName } from './download';

/** Saves a case as a file. */
export function exportCase(doc: CaseFile): void {
  download(`${fileName(doc.title, 'case')}.agrologos.json`, [writeCase(doc)], 'application/json');
}
