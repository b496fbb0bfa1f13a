import type { Typed } from '../../core/casefile/parts/typed';
import type { Analyte } from '../../core/catalog/analytes';

/** A value that a table brings, as it will stand in the case. */
export interface TableValue {
  readonly analyte: Analyte;
  readonly typed: Typed;
}

/** Samples and what was found in each, a column a kind; an empty text is nothing. Crosses a worker quickly. */
export interface TableBlock {
  readonly sampleIds: readonly string[];
  readonly columns: readonly {
    readonly analyte: Analyte;
    readonly unit: string;
    readonly method: string;
    readonly texts: readonly string[];
  }[];
}

export type TableResult = readonly TableBlock[];

/** The values of a table by sample. */
export function bySample(result: TableResult): Map<string, TableValue[]> {
  const values = new Map<string, TableValue[]>();
  for (const { sampleIds, columns } of result) {
    sampleIds.forEach((sampleId, at) => {
      const there = values.get(sampleId) ?? [];
      for (const { analyte, unit, method, texts } of columns) {
        const text = texts[at] ?? '';
        if (text !== '') there.push({ analyte, typed: { text, unit, method } });
      }
      values.set(sampleId, there);
    });
  }
  return values;
}
