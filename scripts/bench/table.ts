/** A laboratory's table of 20,000 rows, read into values by sample, against Papa Parse alone. */
import Papa from 'papaparse';
import { ReportTable } from '../../files/reportTable/reportTable';
import { median, tell, timed } from './timing';

const ROWS = 20_000;
/** A paper's lines, as a table of a row a value prints them. */
const LINES_OF_PAPER = [
  ['pH', '', ''],
  ['OM', '%', ''],
  ['P', 'ppm', 'Mehlich-3'],
  ['K', 'ppm', 'Mehlich-3'],
  ['Ca', 'ppm', ''],
  ['Mg', 'ppm', ''],
  ['Zn', 'ppm', ''],
  ['CEC', 'meq/100 g', ''],
] as const;

/** A value as no two lines of a paper have it. */
function someValue(sample: number, line: number): string {
  return String(4 + ((sample * 7 + line * 13) % 90) / 10);
}

/** Reading a table into values by sample against Papa Parse alone, by turns. */
function tableRatio(words: string, table: string, samples: number): void {
  const known = Array.from({ length: samples }, (_none, at) => ({
    id: `s${at}`,
    names: [`27-${at}`],
  }));
  const times = Array.from({ length: 25 }, () => ({
    alone: timed(() => void Papa.parse(table)),
    read: timed(() => void new ReportTable(table, known).result()),
  })).slice(5);
  const [alone, read] = [median(times.map((t) => t.alone)), median(times.map((t) => t.read))];
  // Of each turn its own ratio: a collection of garbage falls on one of the two, now here, now there.
  const ratio = median(times.map((t) => t.read / t.alone));
  console.log(`${words}: ${read.toFixed(0)} ms, Papa Parse ${alone.toFixed(0)} ms`);
  tell('table ÷ Papa Parse alone', ratio, 3);
}

function benchTable(): void {
  const paper = LINES_OF_PAPER.length;
  const long = Array.from({ length: ROWS }, (_none, at) => {
    const sample = Math.floor(at / paper);
    const [analyte, unit, method] = LINES_OF_PAPER[at % paper] ?? ['', '', ''];
    return [`27-${sample}`, analyte, someValue(sample, at % paper), unit, method].join(',');
  });
  const heads = LINES_OF_PAPER.map((line) => line.join(' ').trim());
  const wide = Array.from({ length: ROWS }, (_none, sample) =>
    [`27-${sample}`, ...heads.map((_head, line) => someValue(sample, line))].join(','),
  );
  tableRatio(
    `${ROWS} rows, a row a value`,
    ['sample,analyte,value,unit,method', ...long].join('\n'),
    ROWS / paper,
  );
  tableRatio(
    `${ROWS} rows, a row a sample`,
    [['sample', ...heads].join(','), ...wide].join('\n'),
    ROWS,
  );
}

benchTable();
