import type { FertilizerSchool } from './school';

/** The amounts that the laboratory recommends itself. */
export const laboratory: FertilizerSchool = {
  id: 'laboratory',
  rates: (_ctx, _input, printed) => printed.laboratory,
};
