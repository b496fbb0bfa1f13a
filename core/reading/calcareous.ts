import type { AreaSlice } from '../casefile/slice';
import { LIMY_ABOVE_PH } from '../tables/soil/calcareous';
import type { Readings } from '../site/report/types';

/** Whether the soil holds free lime: it fizzed, or its pH says so. */
export function isCalcareous(file: AreaSlice, { waterPh }: Pick<Readings, 'waterPh'>): boolean {
  const fizz = file.decisions.fizz?.value;
  if (fizz === 'yes') return true;
  return !('absent' in waterPh) && waterPh.value.value > LIMY_ABOVE_PH;
}
