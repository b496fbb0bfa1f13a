import type { Analyte } from '../../core/catalog/analytes';
import type { Mapping } from '../../core/site/report/mapping';
import { msg, type Msg } from '../../core/kernel/messages/msg';
import { analyteOf, methodOf, unitOf } from './columns';
import { isBlank, isPlainNumber } from './parse';
import { valueOf } from './values';

/** Why a cell cannot be read: its column from 0, and the reason. */
export interface CellFault {
  readonly column: number;
  readonly reason: Msg;
}

/** A column, or a kind of line, that holds values of one analyte. */
export interface Cell {
  readonly column: number;
  readonly analyte: Analyte;
  readonly unit: string;
  readonly method: string;
  /** What each text of it that is no plain number was read as: each is read once. */
  readonly read: Map<string, string | CellFault | null>;
}

/** What a line of a long table says, or why it says nothing. */
export type KnownLine = Cell | readonly CellFault[];

/** The map inside a map, made where there is none yet. */
function inside<V>(maps: Map<string, Map<string, V>>, name: string): Map<string, V> {
  const there = maps.get(name);
  if (there) return there;
  const fresh = new Map<string, V>();
  maps.set(name, fresh);
  return fresh;
}

export const NO_FAULTS: readonly CellFault[] = [];

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

/** The cells of a table, read by one mapping of its columns; the same words are read once. */
export class CellReader {
  readonly places: Places;
  /** What lines say, by the name of the analyte, by the unit and by the method beside it. */
  private readonly known = new Map<string, Map<string, Map<string, KnownLine>>>();

  constructor(private readonly mapping: Mapping) {
    this.places = placesOf(mapping);
  }

  /** The cells that hold values: those of the line of a long table, none where it says nothing, or the columns of a wide one. */
  holding(line: KnownLine | undefined): readonly Cell[] {
    if (!line) return this.places.results;
    return 'column' in line ? [line] : [];
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
  lineOf(cells: readonly string[]): KnownLine | undefined {
    if (!this.places.long) return undefined;
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
  read(cells: readonly string[], cell: Cell): string | CellFault | null {
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

  /** Everything in a row that cannot be read. */
  faultsOf(cells: readonly string[], line: KnownLine | undefined): readonly CellFault[] {
    let faults = this.shapeFaults(cells);
    if (line && !('column' in line)) return [...(faults ?? []), ...line];
    for (const cell of this.holding(line)) {
      const read = this.read(cells, cell);
      if (read !== null && typeof read !== 'string') (faults ??= []).push(read);
    }
    return faults ?? NO_FAULTS;
  }
}
