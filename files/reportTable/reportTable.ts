import type { Analyte } from '../../core/catalog/analytes';
import type { Mapping } from '../../core/site/report/mapping';
import { own } from '../../core/kernel/typed/own';
import { msg, type Msg } from '../../core/kernel/messages/msg';
import { analyteOf, guessMapping, methodOf, signatureOf, unitOf } from './columns';
import { isBlank, isPlainNumber, parseRows, type Parsed } from './parse';
import { comparedName, SampleIndex, type NamedSample, type NearSample } from './sampleIndex';
import type { TableBlock, TableResult, TableValue } from './result';
import { valueOf } from './values';

/** Why a cell cannot be read: its column from 0, and the reason. */
export interface CellFault {
  readonly column: number;
  readonly reason: Msg;
}

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

interface Cell {
  readonly column: number;
  readonly analyte: Analyte;
  readonly unit: string;
  readonly method: string;
  /** What each text of it that is no plain number was read as: each is read once. */
  readonly read: Map<string, string | CellFault | null>;
}

/** What a line of a long table says, or why it says nothing. */
type KnownLine = Cell | readonly CellFault[];

/** The map inside a map, made where there is none yet. */
function inside<V>(maps: Map<string, Map<string, V>>, name: string): Map<string, V> {
  const there = maps.get(name);
  if (there) return there;
  const fresh = new Map<string, V>();
  maps.set(name, fresh);
  return fresh;
}

/** What is kept of every row. */
interface KeptRow {
  readonly row: number;
  readonly sampleId: string | undefined;
  readonly leftOut: boolean;
  /** Of a long table what its line says: looked up once. */
  readonly line: Cell | readonly CellFault[] | undefined;
  faults: readonly CellFault[];
}

const NO_FAULTS: readonly CellFault[] = [];
/** Where the columns of a mapping stand. */
interface Places {
  readonly results: readonly Cell[];
  readonly long: boolean;
  readonly sample: number;
  readonly analyte: number;
  readonly value: number;
  readonly unit: number;
  readonly method: number;
}

function placesOf({ columns }: Mapping): Places {
  const at = (role: string): number => columns.findIndex((each) => each.role === role);
  return {
    results: columns.flatMap((role, column) =>
      role.role === 'result' ? [{ column, ...role, read: new Map() }] : [],
    ),
    long: at('analyte') >= 0,
    sample: at('sample'),
    analyte: at('analyte'),
    value: at('value'),
    unit: at('unit'),
    method: at('method'),
  };
}

/**
 * A laboratory's table, a row a sample or a row a value: read by a mapping of its columns that can be
 * changed, with faults that can be mended in place. Nothing leaves it while anything is at fault.
 */
export class ReportTable {
  private readonly parsed: Parsed;
  private readonly index: SampleIndex;
  /** What lines say, by the name of the analyte, by the unit and by the method beside it. */
  private readonly known = new Map<string, Map<string, Map<string, KnownLine>>>();
  private leaveUnknown = false;
  private mapping: Mapping;
  private places: Places;
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
    this.places = placesOf(this.mapping);
    this.readAll();
  }

  /** Reads the table by another mapping. */
  setMapping(mapping: Mapping): void {
    this.mapping = mapping;
    this.places = placesOf(mapping);
    this.known.clear();
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
    const { sample, long } = this.places;
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
      const line = long ? this.longCell(cells) : undefined;
      const faults = leftOut ? NO_FAULTS : this.faultsOf(cells, line);
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
    const column = this.places.long ? this.places.analyte : this.places.sample;
    const mark = (kept: KeptRow, { analyte }: Cell): void => {
      if (seen.has(analyte)) {
        const reason = msg('csv.twice', { what: msg(`analyte.${analyte}`) });
        kept.faults = [...kept.faults, { column, reason }];
      }
      seen.add(analyte);
    };
    for (const kept of rows) {
      const { line } = kept;
      if (line && !('column' in line)) continue;
      const cells = this.cellsOf(kept.row);
      for (const cell of line ? [line] : this.places.results) {
        if (typeof this.readCell(cells, cell) === 'string') mark(kept, cell);
      }
    }
  }

  /** A row that is not made like the table. */
  private shapeFaults(cells: readonly string[]): CellFault[] | undefined {
    const { columns } = this.mapping;
    const [first = ''] = cells;
    if (columns.length > 1 && cells.length === 1 && /[;,\t|]/.test(first)) {
      return [{ column: 0, reason: msg('csv.otherSeparator') }];
    }
    if (cells.length > columns.length && !isBlank(cells.slice(columns.length))) {
      return [{ column: columns.length - 1, reason: msg('csv.moreCells') }];
    }
    return undefined;
  }

  /** What a line of a long table says, or why it says nothing. The same words are read once. */
  private longCell(cells: readonly string[]): Cell | readonly CellFault[] {
    const { analyte: where, value, unit: unitAt, method: methodAt } = this.places;
    const at = (place: number): string => (place < 0 ? '' : (cells[place] ?? ''));
    const [name, unitText, methodText] = [at(where), at(unitAt), at(methodAt)];
    const byMethod = inside(inside(this.known, name), unitText);
    const before = byMethod.get(methodText);
    if (before) return before;
    const read = (): Cell | CellFault[] => {
      const analyte = analyteOf(name);
      if (!analyte) return [{ column: where, reason: msg('csv.noAnalyte', { name }) }];
      const unit = unitOf(analyte, unitText);
      const method = methodOf(analyte, methodText);
      const faults: CellFault[] = [];
      if (unit === undefined) {
        const reason = msg('csv.noUnit', { unit: unitText, what: name });
        faults.push({ column: unitAt, reason });
      }
      if (method === undefined) {
        const reason = msg('csv.noMethod', { method: methodText, what: name });
        faults.push({ column: methodAt, reason });
      }
      if (unit === undefined || method === undefined) return faults;
      return { column: value, analyte, unit, method, read: new Map() };
    };
    const line = read();
    byMethod.set(methodText, line);
    return line;
  }

  /** What a cell comes to: a value as it will stand, its fault, or nothing where a wide table has none. */
  private readCell(cells: readonly string[], cell: Cell): string | CellFault | null {
    const text = cells[cell.column] ?? '';
    const { column, analyte, unit } = cell;
    if (isPlainNumber(text) && analyte !== 'texture') return text;
    const known = cell.read.get(text);
    if (known !== undefined) return known;
    const read = (): string | CellFault | null => {
      // In a wide table an empty cell is what was not tested; a line of a long one is there to say something.
      if (text.trim() === '') {
        return this.places.long ? { column, reason: msg('csv.noValue') } : null;
      }
      const value = valueOf(analyte, text, unit, this.mapping.decimalComma);
      return typeof value === 'string' ? value : { column, reason: value };
    };
    const fresh = read();
    cell.read.set(text, fresh);
    return fresh;
  }

  private faultsOf(cells: readonly string[], line: KeptRow['line']): readonly CellFault[] {
    let faults = this.shapeFaults(cells);
    if (line && !('column' in line)) return [...(faults ?? []), ...line];
    for (const cell of line ? [line] : this.places.results) {
      const read = this.readCell(cells, cell);
      if (read !== null && typeof read !== 'string') (faults ??= []).push(read);
    }
    return faults ?? NO_FAULTS;
  }

  private valuesOf({ row, leftOut, line }: KeptRow): TableValue[] {
    if (leftOut || (line && !('column' in line))) return [];
    const cells = this.cellsOf(row);
    return (line ? [line] : this.places.results).flatMap((cell) => {
      const text = this.readCell(cells, cell);
      const { analyte, unit, method } = cell;
      return typeof text === 'string' ? [{ analyte, typed: { text, unit, method } }] : [];
    });
  }

  private unknownNames(): Map<string, { name: string; rows: number }> {
    const unknown = new Map<string, { name: string; rows: number }>();
    for (const { sampleId, row, leftOut } of this.kept) {
      if (sampleId !== undefined || leftOut) continue;
      const name = (this.cellsOf(row)[this.places.sample] ?? '').trim();
      const key = comparedName(name);
      unknown.set(key, { name, rows: (unknown.get(key)?.rows ?? 0) + 1 });
    }
    return unknown;
  }

  private refusal(): Msg | undefined {
    const { long, sample, value, results } = this.places;
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
    return this.places.long ? this.linesByKind() : [this.whole()];
  }

  /** A wide table as it stands, less the rows that are left out. */
  private whole(): TableBlock {
    const rows = this.kept.filter(({ sampleId }) => sampleId !== undefined);
    return {
      sampleIds: rows.map(({ sampleId = '' }) => sampleId),
      columns: this.places.results.map((cell) => ({
        analyte: cell.analyte,
        unit: cell.unit,
        method: cell.method,
        texts: rows.map(({ row }) => {
          const text = this.readCell(this.cellsOf(row), cell);
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
      const text = this.readCell(this.cellsOf(row), line);
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
