/** A soil whose exchange capacity holds more sodium than this is sodic, percent. Handbook 60, recalled. */
export const SODIC_ABOVE_ESP = 15;
