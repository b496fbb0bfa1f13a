import type { Analyte } from '../../catalog/analytes';

/** What a column of a laboratory's table holds. */
export type ColumnRole =
  | { readonly role: 'ignore' | 'sample' | 'analyte' | 'value' | 'unit' | 'method' }
  | {
      readonly role: 'result';
      readonly analyte: Analyte;
      readonly unit: string;
      readonly method: string;
    };

/** How a table is read: what each column holds, and whether numbers have a decimal comma. */
export interface Mapping {
  readonly header: boolean;
  readonly decimalComma: boolean;
  readonly columns: readonly ColumnRole[];
}
