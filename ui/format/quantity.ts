import type { Quantity, Unit } from '../../core/units/quantity';
import { text } from './text';

/** A Quantity as it is written: the number, and its unit before or after it. */
export interface FormattedQuantity {
  readonly before: string;
  readonly number: string;
  readonly after: string;
}

/** Whole pounds from 20 up, but a half stays a half: two of it must make the whole again. */
function amountDecimals(value: number): number {
  if (value >= 20) return Number.isInteger(value * 2) ? 1 : 0;
  return value >= 2 ? 1 : 2;
}

const DECIMALS: Readonly<Record<Unit, (value: number) => readonly [min: number, max: number]>> = {
  in: () => [0, 2],
  ft: () => [0, 2],
  ft2: () => [0, 0],
  '1000ft2': () => [0, 3],
  lb: (value) => [0, amountDecimals(value)],
  'lb/bag': () => [0, 1],
  'lb/100ft2': () => [0, 2],
  'lb/1000ft2': (value) => [0, value >= 20 ? 1 : 2],
  'lb/acre': () => [0, 0],
  'ton/acre': () => [0, 2],
  ppm: () => [0, 1],
  'meq/100g': () => [0, 1],
  '%': () => [0, 1],
  pH: () => [1, 2],
  ratio: () => [0, 3],
  bags: () => [0, 1],
  doses: () => [0, 0],
  months: () => [0, 0],
  days: () => [0, 0],
};

/** Units that have words of their own for the client. */
const PLAIN_UNITS: ReadonlySet<Unit> = new Set(['in', 'ft2', 'lb/1000ft2']);

/** A minus that lines up with the figures; no "−0". */
function writeNumber(value: number, unit: Unit): string {
  const [minimumFractionDigits, maximumFractionDigits] = DECIMALS[unit](Math.abs(value));
  const written = new Intl.NumberFormat('en-US', {
    minimumFractionDigits,
    maximumFractionDigits,
    signDisplay: 'negative',
  }).format(value);
  return written.replace('-', '−');
}

/**
 * A Quantity as text parts. The only place where a Quantity becomes text.
 * @param plain words for the client instead of symbols ("square feet" for "ft²")
 */
export function formatQuantity({ value, unit }: Quantity, plain = false): FormattedQuantity {
  const number = writeNumber(value, unit);
  if (unit === 'pH') return { before: text('unit.pH'), number, after: '' };
  const id = plain && PLAIN_UNITS.has(unit) ? `unit.${unit}.plain` : `unit.${unit}`;
  return { before: '', number, after: text(id, { n: value }) };
}

/** A Quantity as one text. */
export function quantityText(quantity: Quantity, plain = false): string {
  const { before, number, after } = formatQuantity(quantity, plain);
  return [before, number, after].filter((part) => part !== '').join(' ');
}
