import type { Analyte } from '../../core/catalog/analytes';
import type { Mapping } from '../../core/site/report/mapping';
import { own } from '../../core/kernel/typed/own';
import { msg, type Msg } from '../../core/kernel/messages/msg';
import { CellReader, NO_FAULTS, type Cell, type CellFault, type KnownLine } from './cells';
import { guessMapping, signatureOf } from './columns';
import { isBlank, parseRows, type Parsed } from './parse';
import { comparedName, SampleIndex, type NamedSample, type NearSample } from './sampleIndex';
import type { TableBlock, TableResult, TableValue } from './result';

/** A row as it will be read. */
export interface ReadRow {
  /** Its place in the table from 0, and its line in the file from 1. */
  readonly row: number;
  readonly line: number;
  readonly cells: readonly string[];
  /** The sample that it belongs to; none where nobody has that name. */
  readonly sampleId: string | undefined;
  /** What it brings, in words of a paper: analyte, value, unit, method. */
  readonly values: readonly TableValue[];
  readonly faults: readonly CellFault[];
  readonly leftOut: boolean;
}

/** A name of the table that no sample has, and those that are near. */
interface UnknownName {
  readonly name: string;
  /** It as it is compared: what an answer is given under. */
  readonly key: string;
  readonly rows: number;
  readonly near: readonly NearSample[];
}

/** What a table comes to. */
export interface Summary {
  readonly head: readonly string[];
  readonly signature: string;
  readonly mapping: Mapping;
  readonly rows: number;
  readonly samples: number;
  /** Rows in which something cannot be read, and where the first of them is. */
  readonly faulty: number;
  /** Names that nobody has and nothing was said of, the first of them. */
  readonly unknown: readonly UnknownName[];
  readonly unknownNames: number;
  /** What keeps the whole table from being read. */
  readonly refusal: Msg | undefined;
}

/** So many names are asked about at once. */
const ASKED = 50;
/** Rows of a table; more is no laboratory's report. */
const MOST_ROWS = 50_000;
/** The page is told how far reading has come after so many. */
const TOLD_EVERY = 2_000;

/** What is kept of every row. */
interface KeptRow {
  readonly row: number;
  readonly sampleId: string | undefined;
  readonly leftOut: boolean;
  /** Of a long table what its line says: looked up once. */
  readonly line: KnownLine | undefined;
  faults: readonly CellFault[];
}

/**
 * A laboratory's table, a row a sample or a row a value: read by a mapping of its columns that can be
 * changed, with faults that can be mended in place. Nothing leaves it while anything is at fault.
 */
export class ReportTable {
  private readonly parsed: Parsed;
  private readonly index: SampleIndex;
  private leaveUnknown = false;
  private mapping: Mapping;
  private reader: CellReader;
  private kept: KeptRow[] = [];

  /**
   * @param text any delimited text; the separator is found out
   * @param remembered mappings by the signature of their heads
   * @param onProgress told of the rows read so far
   */
  constructor(
    text: string,
    samples: readonly NamedSample[],
    remembered: Readonly<Record<string, Mapping>> = {},
    private readonly onProgress: (done: number, total: number) => void = () => undefined,
  ) {
    this.parsed = parseRows(text);
    const { table } = this.parsed;
    this.index = new SampleIndex(samples);
    this.mapping = own(remembered, signatureOf(table[0] ?? [])) ?? guessMapping(table);
    this.reader = new CellReader(this.mapping);
    this.readAll();
  }

  /** Reads the table by another mapping. */
  setMapping(mapping: Mapping): void {
    this.mapping = mapping;
    this.reader = new CellReader(mapping);
    this.readAll();
  }

  /** Mends a cell. */
  setCell(row: number, column: number, text: string): void {
    const cells = this.parsed.table[row];
    if (!cells) throw new RangeError(`ReportTable.setCell: there is no row ${row}`);
    while (cells.length <= column) cells.push('');
    cells[column] = text;
    this.readAll();
  }

  /** Says whom a name stands for; '' leaves its rows out. */
  answer(key: string, sampleId: string): void {
    this.index.answer(key, sampleId);
    this.readAll();
  }

  /** Leaves all rows out whose sample nobody has. */
  leaveUnknownOut(leave: boolean): void {
    this.leaveUnknown = leave;
    this.readAll();
  }

  private cellsOf(row: number): readonly string[] {
    return this.parsed.table[row] ?? [];
  }

  private readAll(): void {
    const { sample } = this.reader.places;
    const { table } = this.parsed;
    const first = new Map<string, KeptRow>();
    const several = new Map<string, KeptRow[]>();
    this.kept = [];
    let lastName: string | undefined;
    let lastId: string | undefined;
    for (let row = this.mapping.header ? 1 : 0; row < table.length; row += 1) {
      if (row % TOLD_EVERY === 0) this.onProgress(row, table.length);
      const cells = this.cellsOf(row);
      if (isBlank(cells)) continue;
      const name = cells[sample] ?? '';
      // The lines of a sample mostly follow one another.
      if (name !== lastName) lastId = sample < 0 ? undefined : this.index.find(name);
      lastName = name;
      const sampleId = lastId;
      const leftOut = sampleId === '' || (sampleId === undefined && this.leaveUnknown);
      const line = this.reader.lineOf(cells);
      const faults = leftOut ? NO_FAULTS : this.reader.faultsOf(cells, line);
      const kept: KeptRow = { row, sampleId: sampleId || undefined, leftOut, line, faults };
      this.kept.push(kept);
      if (!sampleId) continue;
      const before = first.get(sampleId);
      if (!before) first.set(sampleId, kept);
      else {
        const rows = several.get(sampleId);
        if (rows) rows.push(kept);
        else several.set(sampleId, [before, kept]);
      }
    }
    for (const rows of several.values()) this.markTwice(rows);
  }

  /** A value of the same analyte in more than one row of a sample. */
  private markTwice(rows: readonly KeptRow[]): void {
    const seen = new Set<Analyte>();
    const { long, analyte: at, sample } = this.reader.places;
    const column = long ? at : sample;
    const mark = (kept: KeptRow, { analyte }: Cell): void => {
      if (seen.has(analyte)) {
        const reason = msg('csv.twice', { what: msg(`analyte.${analyte}`) });
        kept.faults = [...kept.faults, { column, reason }];
      }
      seen.add(analyte);
    };
    for (const kept of rows) {
      const cells = this.cellsOf(kept.row);
      for (const cell of this.reader.holding(kept.line)) {
        if (typeof this.reader.read(cells, cell) === 'string') mark(kept, cell);
      }
    }
  }

  private valuesOf({ row, leftOut, line }: KeptRow): TableValue[] {
    if (leftOut) return [];
    const cells = this.cellsOf(row);
    return this.reader.holding(line).flatMap((cell) => {
      const text = this.reader.read(cells, cell);
      const { analyte, unit, method } = cell;
      return typeof text === 'string' ? [{ analyte, typed: { text, unit, method } }] : [];
    });
  }

  private unknownNames(): Map<string, { name: string; rows: number }> {
    const unknown = new Map<string, { name: string; rows: number }>();
    for (const { sampleId, row, leftOut } of this.kept) {
      if (sampleId !== undefined || leftOut) continue;
      const name = (this.cellsOf(row)[this.reader.places.sample] ?? '').trim();
      const key = comparedName(name);
      unknown.set(key, { name, rows: (unknown.get(key)?.rows ?? 0) + 1 });
    }
    return unknown;
  }

  private refusal(): Msg | undefined {
    const { long, sample, value, results } = this.reader.places;
    if (this.parsed.quotes) return msg('csv.quotes');
    if (this.kept.length === 0) return msg('csv.empty');
    if (this.kept.length > MOST_ROWS) return msg('csv.tooManyRows', { most: MOST_ROWS });
    if (sample < 0) return msg('csv.noSampleColumn');
    if (long && value < 0) return msg('csv.noValueColumn');
    return long || results.length > 0 ? undefined : msg('csv.noResultColumn');
  }

  private faulty(): KeptRow[] {
    return this.kept.filter(({ faults }) => faults.length > 0);
  }

  /** What the table comes to as it is read now. */
  summary(): Summary {
    const [head = []] = this.parsed.table;
    const unknown = this.unknownNames();
    const { mapping } = this;
    const samples = new Set<string>();
    for (const { sampleId } of this.kept) if (sampleId !== undefined) samples.add(sampleId);
    return {
      head: mapping.header ? head : head.map((_cell, at) => `${at + 1}`),
      signature: signatureOf(head),
      mapping,
      rows: this.kept.length,
      samples: samples.size,
      faulty: this.faulty().length,
      unknown: [...unknown].slice(0, ASKED).map(([key, { name, rows }]) => ({
        name,
        key,
        rows,
        near: this.index.near(key),
      })),
      unknownNames: unknown.size,
      refusal: this.refusal(),
    };
  }

  /** Rows as they will be read, for a window of them. */
  page(from: number, count: number, faultyOnly: boolean): { total: number; rows: ReadRow[] } {
    const all = faultyOnly ? this.faulty() : this.kept;
    const rows = all.slice(from, from + count).map((kept): ReadRow => {
      const cells = this.cellsOf(kept.row);
      const line = this.parsed.lines?.[kept.row] ?? kept.row + 1;
      const { row, sampleId, leftOut, faults } = kept;
      return { row, sampleId, leftOut, faults, line, cells, values: this.valuesOf(kept) };
    });
    return { total: all.length, rows };
  }

  /**
   * The values, a column each kind.
   * @throws Error while anything is at fault or a name stands for nobody: the screen asks before.
   */
  result(): TableResult {
    if (this.refusal() || this.faulty().length > 0 || this.unknownNames().size > 0) {
      throw new Error('ReportTable.result: the table is not whole yet');
    }
    return this.reader.places.long ? this.linesByKind() : [this.whole()];
  }

  /** A wide table as it stands, less the rows that are left out. */
  private whole(): TableBlock {
    const rows = this.kept.filter(({ sampleId }) => sampleId !== undefined);
    return {
      sampleIds: rows.map(({ sampleId = '' }) => sampleId),
      columns: this.reader.places.results.map((cell) => ({
        analyte: cell.analyte,
        unit: cell.unit,
        method: cell.method,
        texts: rows.map(({ row }) => {
          const text = this.reader.read(this.cellsOf(row), cell);
          return typeof text === 'string' ? text : '';
        }),
      })),
    };
  }

  /** The lines of a long table, those of one analyte, unit and method together. */
  private linesByKind(): TableResult {
    const kinds = new Map<Cell, { sampleIds: string[]; texts: string[] }>();
    for (const { sampleId, row, line } of this.kept) {
      if (sampleId === undefined || !line || !('column' in line)) continue;
      const text = this.reader.read(this.cellsOf(row), line);
      if (typeof text !== 'string') continue;
      let kind = kinds.get(line);
      if (!kind) kinds.set(line, (kind = { sampleIds: [], texts: [] }));
      kind.sampleIds.push(sampleId);
      kind.texts.push(text);
    }
    return [...kinds].map(([{ analyte, unit, method }, { sampleIds, texts }]) => ({
      sampleIds,
      columns: [{ analyte, unit, method, texts }],
    }));
  }
}
