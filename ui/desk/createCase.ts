import { nanoid } from 'nanoid';
import { newCase } from '../../core/casefile/newCase';
import { addCase } from '../../store/cases';
import { askPersistence } from '../../store/persistence';

/** Today on this computer's calendar, `YYYY-MM-DD`. */
function today(): string {
  const now = new Date();
  const two = (value: number): string => String(value).padStart(2, '0');
  return [now.getFullYear(), two(now.getMonth() + 1), two(now.getDate())].join('-');
}

/** Stores a new empty case and asks the browser to keep what is stored. Gives the case's id. */
export async function createCase(): Promise<string> {
  const id = nanoid(12);
  await addCase(newCase(id, today()), Date.now());
  void askPersistence();
  return id;
}
