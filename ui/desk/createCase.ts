import { nanoid } from 'nanoid';
import { newCase } from '../../core/casefile/newCase';
import { addCase } from '../../store/cases';
import { askToKeep } from '../../store/persistence';
import { localDay } from '../format/date';

/** Stores a new empty case and asks the browser to keep what is stored. Gives the case's id. */
export async function createCase(): Promise<string> {
  const id = nanoid(12);
  await addCase(newCase(id, localDay(new Date())), Date.now());
  void askToKeep();
  return id;
}
