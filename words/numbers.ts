import { own } from '../core/kernel/typed/own';
import type { Unit } from '../core/kernel/units/quantity';

/** Whole pounds from 20 up, but a half or quarter stays one: two of it must make the whole again. */
function amountDecimals(value: number): number {
  if (value >= 20) return Number.isInteger(value * 2) ? 1 : 0;
  return value >= 2 && !Number.isInteger(value * 4) ? 1 : 2;
}

const DECIMALS: Readonly<Record<Unit, (value: number) => readonly [min: number, max: number]>> = {
  in: () => [0, 2],
  ft: () => [0, 2],
  m: (value) => [0, value < 10 ? 2 : 1],
  cm: () => [0, 1],
  '100ft': () => [0, 2],
  paces: () => [0, 1],
  m2: (value) => [0, value < 10 ? 1 : 0],
  ft2: (value) => [0, value < 10 ? 1 : 0],
  ft3: () => [0, 1],
  yd3: () => [0, 2],
  gal: () => [0, 1],
  '100ft2': () => [0, 2],
  '1000ft2': () => [0, 3],
  acre: () => [0, 3],
  ha: () => [0, 3],
  lb: (value) => [0, amountDecimals(value)],
  oz: () => [0, 2],
  cups: () => [0, 2],
  tbsp: () => [0, 2],
  'lb/ft3': () => [0, 0],
  'lb/100ft': () => [0, 2],
  'oz/100ft2': () => [0, 2],
  usd: () => [2, 2],
  'usd/bag': () => [2, 2],
  'lb/bag': () => [0, 1],
  'lb/ton': () => [0, 0],
  'lb/100ft2': () => [0, 2],
  'lb/1000ft2': (value) => [0, value >= 20 ? 1 : 2],
  'lb/acre': () => [0, 0],
  'ton/acre': () => [0, 2],
  ppm: (value) => [0, value < 10 ? 2 : 1],
  'kg/ha': () => [0, 0],
  't/ha': () => [0, 2],
  'mg/dm3': () => [0, 1],
  'g/cm3': () => [0, 2],
  'mg/L': () => [0, 1],
  'meq/L': () => [0, 2],
  'dS/m': () => [0, 2],
  'uS/cm': () => [0, 0],
  'g/eq': () => [0, 3],
  'meq/100g': () => [0, 1],
  '%': () => [0, 1],
  pH: () => [1, 2],
  ratio: () => [0, 3],
  bags: () => [0, 1],
  doses: () => [0, 0],
  strips: () => [0, 0],
  barrows: () => [0, 1],
  buckets: () => [0, 1],
  ton: () => [0, 2],
  'lb/yd3': () => [0, 0],
  'lb/gal': () => [0, 2],
  'oz/gal': () => [0, 2],
  'floz/gal': () => [0, 2],
  'tbsp/gal': () => [0, 2],
  'kg/L': () => [0, 2],
  'g/L': () => [0, 2],
  'mL/L': () => [0, 1],
  fillings: () => [0, 0],
  dial: () => [0, 2],
  months: () => [0, 0],
  years: () => [0, 0],
  days: () => [0, 0],
  day: () => [0, 0],
  degF: () => [0, 0],
  degC: () => [0, 0],
  // A scale for sacks shows tenths up to 20 kg, one in the kitchen whole grams.
  kg: (value) => [0, value >= 100 ? 0 : value >= 2 ? 1 : 2],
  g: (value) => [0, value < 10 ? 1 : 0],
  mL: () => [0, 0],
  L: (value) => [0, value < 10 ? 1 : 0],
  m3: () => [0, 2],
  'kg/m3': () => [0, 0],
  'g/m': (value) => [0, value < 10 ? 1 : 0],
  'g/m2': (value) => [0, value < 10 ? 1 : 0],
  'kg/100m2': (value) => [0, value >= 20 ? 1 : 2],
  'kg/bag': () => [0, 1],
  'kg/t': () => [0, 0],
};

/** Units that have words of their own for the client. */
const PLAIN_UNITS = [
  ...['in', 'ft', 'ft2', 'lb/1000ft2', 'lb/100ft', 'dial', 'yd3'],
  ...['cm', 'm', 'm2', 'kg/100m2', 'g/m'],
] as const;

export function isPlain(unit: Unit): unit is (typeof PLAIN_UNITS)[number] {
  return PLAIN_UNITS.some((each) => each === unit);
}

/** Quarters are read off a measuring cup, not as decimals. */
const QUARTERS: Readonly<Record<string, string>> = { '0.25': '¼', '0.5': '½', '0.75': '¾' };

function writeQuarters(value: number): string {
  const whole = Math.floor(value);
  const quarter = own(QUARTERS, String(value - whole)) ?? '';
  return quarter && whole === 0 ? quarter : `${whole}${quarter}`;
}

/** The units that a kitchen measures in. */
export function isSpooned(unit: Unit): boolean {
  return unit === 'cups' || unit === 'tbsp';
}

/**
 * Writes numbers of a language as their unit asks for, with a minus that lines up with the figures and no "−0". A
 * format takes long to make: each is made once.
 */
export function numberWriter(locale: string): (value: number, unit: Unit) => string {
  const formats = new Map<string, Intl.NumberFormat>();
  return (value, unit) => {
    if (isSpooned(unit) && Number.isInteger(value * 4)) return writeQuarters(value);
    const [minimumFractionDigits, maximumFractionDigits] = DECIMALS[unit](Math.abs(value));
    const key = `${minimumFractionDigits}-${maximumFractionDigits}`;
    let format = formats.get(key);
    if (!format) {
      format = new Intl.NumberFormat(locale, {
        minimumFractionDigits,
        maximumFractionDigits,
        signDisplay: 'negative',
      });
      formats.set(key, format);
    }
    return format.format(value).replace('-', '−');
  };
}
