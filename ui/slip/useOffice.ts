import { useLiveQuery } from 'dexie-react-hooks';
import { USUAL_OFFICE, type Office } from '../../core/casefile/office';
import { readOffice } from '../../store/office';

/** The office whose slips these are. */
export function useOffice(): Office {
  return useLiveQuery(() => readOffice()) ?? USUAL_OFFICE;
}
