import { nanoid } from 'nanoid';
import type { CaseFile } from '../../core/casefile/casefile';
import { newCase } from '../../core/casefile/newCase';
import { addCase } from '../../store/cases';
import { caseStart } from '../../core/casefile/office';
import { readOffice } from '../../store/office';
import { materialsForCases } from '../../store/materials';
import { housePack } from '../../store/packs';
import { askToKeep } from '../../store/persistence';
import { localDay } from '../format/date';

/**
 * Stores a new case and asks the browser to keep what is stored. Gives the case's id.
 * @param fill what is put into the empty case before it is stored
 */
export async function createCase(fill = (begun: CaseFile): CaseFile => begun): Promise<string> {
  const id = nanoid(12);
  const office = await readOffice();
  const start = caseStart(office, await housePack(office.packId), await materialsForCases());
  await addCase(fill(newCase(id, localDay(new Date()), start)), Date.now());
  void askToKeep();
  return id;
}
