import Papa from 'papaparse';

const [ZERO, NINE, POINT] = [48, 57, 46];

/** Whether a text is digits with at most one point inside: most cells are, and need no closer look. */
export function isPlainNumber(text: string): boolean {
  let points = 0;
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    if (code === POINT && at > 0 && at < text.length - 1) points += 1;
    else if (code < ZERO || code > NINE) return false;
  }
  return text.length > 0 && points < 2;
}

function breaksIn(row: readonly string[]): number {
  let breaks = 0;
  for (const cell of row) if (cell.includes('\n')) breaks += cell.split('\n').length - 1;
  return breaks;
}

/** Whether there is nothing in any cell. */
export function isBlank(cells: readonly string[]): boolean {
  for (const cell of cells) if (cell.trim() !== '') return false;
  return true;
}

/** A table's rows, the lines that they begin on, and whether a quotation mark stays open. */
export interface Parsed {
  readonly table: string[][];
  readonly lines: readonly number[] | undefined;
  readonly quotes: boolean;
}

/** Cuts delimited text into rows and cells; the separator is found out. */
export function parseRows(text: string): Parsed {
  const whole = text.replace(/^\uFEFF/, '');
  const { data: table, errors } = Papa.parse<string[]>(whole, { skipEmptyLines: false });
  const quotes = errors.some(({ type }) => type === 'Quotes');
  for (let last = table.at(-1); last && isBlank(last); last = table.at(-1)) table.pop();
  // Without a quotation mark no row runs over more than its line.
  if (!whole.includes('"')) return { table, lines: undefined, quotes };
  let line = 1;
  const lines = table.map((row) => {
    const begins = line;
    line += 1 + breaksIn(row);
    return begins;
  });
  return { table, lines, quotes };
}
