import type { Analyte, Typed } from '../../core/casefile/casefile';

/** A value that a table brings, as it will stand in the case. */
export interface TableValue {
  readonly analyte: Analyte;
  readonly typed: Typed;
}

/** All values of one kind, as texts beside the samples that they belong to: many cross a worker quickly. */
interface TableColumn {
  readonly analyte: Analyte;
  readonly unit: string;
  readonly method: string;
  readonly sampleIds: readonly string[];
  readonly texts: readonly string[];
}

export type TableResult = readonly TableColumn[];

/** The values of a table by sample. */
export function bySample(result: TableResult): Map<string, TableValue[]> {
  const values = new Map<string, TableValue[]>();
  for (const { analyte, unit, method, sampleIds, texts } of result) {
    sampleIds.forEach((sampleId, at) => {
      const value = { analyte, typed: { text: texts[at] ?? '', unit, method } };
      const there = values.get(sampleId);
      if (there) there.push(value);
      else values.set(sampleId, [value]);
    });
  }
  return values;
}
