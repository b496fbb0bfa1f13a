import type { FertilizerSchool } from './school';

/** Sufficiency: the rates that the pack prints for the classes of the soil test. */
export const pack: FertilizerSchool = {
  id: 'pack',
  rates: (_ctx, _input, printed) => printed.pack,
};
