import { expose } from 'comlink';
import type { Mapping } from '../core/site/report/mapping';
import { decodeText } from '../files/reportTable/decode';
import { ReportTable, type ReadRow, type Summary } from '../files/reportTable/reportTable';
import type { NamedSample } from '../files/reportTable/sampleIndex';
import type { TableResult } from '../files/reportTable/result';

let table: ReportTable | undefined;

function opened(): ReportTable {
  if (!table) throw new Error('reportTable.worker: no table is open');
  return table;
}

/** A laboratory's table, held and read off the page's own thread. */
const reader = {
  /** Opens a file's bytes or pasted text. */
  open(
    content: ArrayBuffer | string,
    samples: readonly NamedSample[],
    remembered: Readonly<Record<string, Mapping>>,
    onProgress: (done: number, total: number) => void,
  ): Summary {
    const text = typeof content === 'string' ? content : decodeText(new Uint8Array(content));
    table = new ReportTable(text, samples, remembered, onProgress);
    return table.summary();
  },
  setMapping(mapping: Mapping): Summary {
    opened().setMapping(mapping);
    return opened().summary();
  },
  setCell(row: number, column: number, text: string): Summary {
    opened().setCell(row, column, text);
    return opened().summary();
  },
  answer(key: string, sampleId: string): Summary {
    opened().answer(key, sampleId);
    return opened().summary();
  },
  leaveUnknownOut(leave: boolean): Summary {
    opened().leaveUnknownOut(leave);
    return opened().summary();
  },
  page(from: number, count: number, faultyOnly: boolean): { total: number; rows: ReadRow[] } {
    return opened().page(from, count, faultyOnly);
  },
  result(): TableResult {
    return opened().result();
  },
};

export type TableReader = typeof reader;

expose(reader);
