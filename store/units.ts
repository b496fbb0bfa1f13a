import { UNIT_SYSTEMS, type UnitSystem } from '../core/kernel/units/metric';

const KEY = 'agrologos-units';

/**
 * The units that this browser shows everything in. The office's own word stands in its record; this copy is there before
 * anything is read of the store, since the first words that are shown have units in them.
 */
export function unitsHere(): UnitSystem {
  try {
    const kept = globalThis.localStorage?.getItem(KEY);
    return UNIT_SYSTEMS.find((each) => each === kept) ?? 'us';
  } catch {
    // A browser that lets nothing be kept shows US units.
    return 'us';
  }
}

/** Keeps the units for what is shown from the next page on. */
export function keepUnits(units: UnitSystem): void {
  try {
    globalThis.localStorage?.setItem(KEY, units);
  } catch {
    // See above: then everything stays in US units.
  }
}
