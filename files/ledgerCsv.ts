import Papa from 'papaparse';
import type { Ledger } from '../core/outlook/ledger';
import { LEDGER_COLUMNS } from '../core/site/records';
import { valueOf } from '../core/kernel/working/working';

/** What of a ledger is written: its year, and pounds on 1000 ft² of each column. */
const FIELDS = ['year', ...LEDGER_COLUMNS.map((column) => `${column} lb/1000 sq ft`)];

/** A ledger as a table for a spreadsheet: numbers alone, so that no cell can be a formula. */
export function writeLedgerCsv(ledger: Ledger): string {
  const data = ledger.map(({ year, sums }) => [
    year,
    ...LEDGER_COLUMNS.map((column) => {
      const sum = sums[column];
      const value = sum && valueOf(sum)?.value;
      return value === undefined ? '' : String(Number(value.toPrecision(6)));
    }),
  ]);
  return `${Papa.unparse({ fields: FIELDS, data }, { newline: '\n' })}\n`;
}
