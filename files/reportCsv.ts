import { distance } from 'fastest-levenshtein';
import Papa from 'papaparse';
import { MORE_ANALYTES, type Analyte, type Typed } from '../core/casefile/casefile';
import { emptyResult } from '../core/casefile/newCase';
import { parseNumber } from '../core/typed/number';
import { TEXTURES } from '../core/tables/limeByTexture';
import { msg, type Msg } from '../core/working/msg';

/** The head of the long form: one value a line. */
const REPORT_COLUMNS = ['sample', 'analyte', 'value', 'unit', 'method'] as const;
type Column = (typeof REPORT_COLUMNS)[number];

/** A fault of the file: its line from 1, the column by number and name. */
export interface CsvFault {
  readonly line: number;
  readonly column: number;
  readonly name: string;
  readonly reason: Msg;
}

/** A sample of the case and the names that a laboratory may know it by. */
export interface NamedSample {
  readonly id: string;
  readonly names: readonly string[];
}

interface ReportEntry {
  readonly sampleId: string;
  readonly analyte: Analyte;
  readonly typed: Typed;
}

export type ReadReport =
  | { readonly kind: 'report'; readonly entries: readonly ReportEntry[] }
  /** Names that no sample here has, but one that is near: who they are is asked, never guessed. */
  | { readonly kind: 'asks'; readonly names: readonly UnknownName[] }
  | { readonly kind: 'refused'; readonly faults: readonly CsvFault[] };

/** A name of the file and the samples that it may stand for, the nearest first. */
export interface UnknownName {
  readonly name: string;
  /** It as it is compared: the key under which an answer stands. */
  readonly key: string;
  readonly near: readonly { readonly sampleId: string; readonly name: string }[];
}

/** Samples that names of a file were said to stand for, by the name as it is compared. */
export type Meant = ReadonlyMap<string, string>;

/** A name of a sample as it is compared: without case and spaces around. */
function comparedName(name: string): string {
  return name.trim().toLowerCase();
}

/** So many letters of a name may differ for it to be near: one in four, and one at the least. */
const LETTERS_PER_SLIP = 4;

function nearTo(wanted: string, samples: readonly NamedSample[]): UnknownName['near'] {
  const most = Math.max(1, Math.floor(wanted.length / LETTERS_PER_SLIP));
  return samples
    .flatMap(({ id, names }) => {
      const measured = names.map((name) => ({ name, off: distance(wanted, comparedName(name)) }));
      const [best] = measured.sort((a, b) => a.off - b.off);
      return best && best.off <= most ? [{ sampleId: id, ...best }] : [];
    })
    .sort((a, b) => a.off - b.off)
    .map(({ sampleId, name }) => ({ sampleId, name }));
}

interface Rule {
  readonly analyte: Analyte;
  /** Names as laboratories write them, without case, spaces and signs. */
  readonly names: readonly string[];
  /** Units by how they may be written; the first is what an empty cell means. */
  readonly units: Readonly<Record<string, string>>;
  readonly methods?: Readonly<Record<string, string>>;
}

const CONCENTRATION = {
  ppm: 'ppm',
  mgkg: 'mg/kg',
  lbacre: 'lb/acre',
  lba: 'lb/acre',
  kgha: 'kg/ha',
};
const CHARGED = { ...CONCENTRATION, meq100g: 'meq/100g', cmolkg: 'cmol/kg' };
const RATE = {
  lb1000ft2: 'lb/1000ft2',
  lb1000sqft: 'lb/1000ft2',
  lb100ft2: 'lb/100ft2',
  lb100sqft: 'lb/100ft2',
  lbacre: 'lb/acre',
  oz100ft2: 'oz/100ft2',
  oz100sqft: 'oz/100ft2',
};

const RULES: readonly Rule[] = [
  { analyte: 'ph-water', names: ['ph', 'phwater', 'waterph', 'soilph'], units: { ph: 'pH' } },
  {
    analyte: 'ph-cacl2',
    names: ['phcacl2', 'cacl2ph', 'saltph'],
    units: { ph: 'pH' },
    methods: { '': '', cacl2: '', converted: 'converted' },
  },
  {
    analyte: 'ph-smp',
    names: ['phsmp', 'bufferph', 'smpbufferph', 'smp', 'phbuffer'],
    units: { ph: 'pH' },
    methods: { '': '', smp: '' },
  },
  { analyte: 'om', names: ['om', 'organicmatter'], units: { '%': '%', percent: '%' } },
  { analyte: 'cec', names: ['cec'], units: { meq100g: 'meq/100g', cmolkg: 'meq/100g' } },
  { analyte: 'texture', names: ['texture'], units: { '': '' } },
  {
    analyte: 'p',
    names: ['p', 'phosphorus'],
    units: CONCENTRATION,
    methods: {
      '': '',
      bray1: 'bray-1',
      brayp1: 'bray-1',
      mehlich3: 'mehlich-3',
      olsen: 'olsen',
      mehlich1: 'mehlich-1',
    },
  },
  {
    analyte: 'k',
    names: ['k', 'potassium'],
    units: CHARGED,
    methods: {
      '': '',
      ammoniumacetate: 'ammonium-acetate',
      nh4oac: 'ammonium-acetate',
      mehlich3: 'mehlich-3',
      mehlich1: 'mehlich-1',
    },
  },
  { analyte: 'ca', names: ['calcium'], units: CHARGED },
  { analyte: 'mg', names: ['magnesium'], units: CHARGED },
  { analyte: 'na', names: ['sodium'], units: CHARGED },
  {
    analyte: 's',
    names: ['sulfur', 'sulfate'],
    units: CONCENTRATION,
    methods: { '': 'S', s: 'S', so4: 'SO4', so4s: 'S' },
  },
  {
    analyte: 'no3',
    names: ['nitrate', 'no3n', 'nitraten'],
    units: CONCENTRATION,
    methods: { '': 'N', n: 'N', no3n: 'N', no3: 'NO3' },
  },
  { analyte: 'zn', names: ['zinc'], units: CONCENTRATION },
  { analyte: 'fe', names: ['iron'], units: CONCENTRATION },
  { analyte: 'mn', names: ['manganese'], units: CONCENTRATION },
  { analyte: 'cu', names: ['copper'], units: CONCENTRATION },
  { analyte: 'b', names: ['boron'], units: CONCENTRATION },
  { analyte: 'rec-n', names: ['recn', 'nrecommended'], units: RATE },
  {
    analyte: 'rec-p',
    names: ['recp', 'recp2o5', 'p2o5recommended'],
    units: RATE,
    methods: { '': 'P2O5', p2o5: 'P2O5', p: 'P' },
  },
  {
    analyte: 'rec-k',
    names: ['reck', 'reck2o', 'k2orecommended'],
    units: RATE,
    methods: { '': 'K2O', k2o: 'K2O', k: 'K' },
  },
];

/** Letters, digits and percent signs only, in lower case: `lb/1000 ft²` is `lb1000ft2`. */
function plain(text: string): string {
  return text
    .toLowerCase()
    .replaceAll('²', '2')
    .replace(/[^a-z0-9%]/g, '');
}

type Cells = Readonly<Record<Column, string>>;

/** What is wrong with one line, by the column that it is wrong in; else its entry. */
function readLine(
  cells: Cells,
  samples: readonly NamedSample[],
  meant: Meant,
): ReportEntry | UnknownName | { readonly column: Column; readonly reason: Msg } {
  const wanted = comparedName(cells.sample);
  const sample = samples.find(
    ({ id, names }) =>
      meant.get(wanted) === id || names.some((name) => comparedName(name) === wanted),
  );
  if (!sample || wanted === '') {
    const near = wanted === '' ? [] : nearTo(wanted, samples);
    if (near.length > 0) return { name: cells.sample.trim(), key: wanted, near };
    const known = samples.flatMap(({ names }) => names).join(', ');
    const reason = msg('csv.noSample', { name: cells.sample, known: known || '–' });
    return { column: 'sample', reason };
  }
  const rule = RULES.find(({ names, analyte }) =>
    [...names, plain(analyte)].includes(plain(cells.analyte)),
  );
  if (!rule) {
    return { column: 'analyte', reason: msg('csv.noAnalyte', { name: cells.analyte }) };
  }
  const unit =
    plain(cells.unit) === '' ? emptyResult(rule.analyte).unit : rule.units[plain(cells.unit)];
  if (unit === undefined) {
    return { column: 'unit', reason: msg('csv.noUnit', { unit: cells.unit, what: cells.analyte }) };
  }
  const method = rule.methods ? rule.methods[plain(cells.method)] : '';
  if (method === undefined) {
    const params = { method: cells.method, what: cells.analyte };
    return { column: 'method', reason: msg('csv.noMethod', params) };
  }
  const text = valueOf(rule.analyte, cells.value);
  if (typeof text !== 'string') return { column: 'value', reason: text };
  return { sampleId: sample.id, analyte: rule.analyte, typed: { text, unit, method } };
}

/** The value as it will stand in the case, or why it cannot. */
function valueOf(analyte: Analyte, value: string): string | Msg {
  const text = value.trim();
  if (text === '') return msg('csv.noValue');
  if (analyte === 'texture') {
    const texture = TEXTURES.find((known) => plain(known) === plain(text));
    return texture ?? msg('csv.noTexture', { text, known: TEXTURES.join(', ') });
  }
  const bounded =
    analyte === 'p' || analyte === 'k' || MORE_ANALYTES.some((each) => each === analyte);
  const bound = bounded ? text.replace(/^[<≤]\s*/, '') : text;
  const parsed = parseNumber(bound, { min: 0 });
  if (parsed.kind === 'error') return parsed.error;
  return text;
}

/** Columns of the head, by name; a column that is missing or unknown is a fault. */
function readHead(head: readonly string[]): ReadonlyMap<Column, number> | CsvFault {
  const names = head.map((name) => name.trim().toLowerCase());
  const missing = REPORT_COLUMNS.slice(0, 3).find((name) => !names.includes(name));
  if (missing) {
    const reason = msg('csv.noColumn', { name: missing, known: REPORT_COLUMNS.join(', ') });
    return { line: 1, column: 1, name: missing, reason };
  }
  return new Map(REPORT_COLUMNS.map((name) => [name, names.indexOf(name)]));
}

/**
 * Reads a laboratory's report in long form (`sample, analyte, value, unit, method`; the separator is
 * found out). Samples are matched by name; a name that is only near is asked about. A file with any
 * fault is refused whole, with the line, the column and the reason of each.
 * @param meant what names of the file were said to stand for
 */
export function readReportCsv(
  text: string,
  samples: readonly NamedSample[],
  meant: Meant = new Map(),
): ReadReport {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    header: false,
    skipEmptyLines: false,
  });
  const quotes = errors.find(({ type }) => type === 'Quotes');
  const [head = [], ...rows] = data;
  const columns = readHead(head);
  if ('reason' in columns) return { kind: 'refused', faults: [columns] };
  const faults: CsvFault[] = [];
  const entries: ReportEntry[] = [];
  const seen = new Set<string>();
  const unknown = new Map<string, UnknownName>();
  let line = 1 + breaksIn(head);
  for (const row of rows) {
    line += 1;
    const at = line;
    line += breaksIn(row);
    if (row.every((cell) => cell.trim() === '')) continue;
    const cells = Object.fromEntries(
      REPORT_COLUMNS.map((name) => [name, row[columns.get(name) ?? -1] ?? '']),
    ) as Cells;
    const read = readLine(cells, samples, meant);
    const fault = (column: Column, reason: Msg): void => {
      faults.push({ line: at, column: (columns.get(column) ?? 0) + 1, name: column, reason });
    };
    if ('near' in read) {
      unknown.set(read.key, read);
      continue;
    }
    if ('reason' in read) {
      fault(read.column, read.reason);
      continue;
    }
    const key = `${read.sampleId}/${read.analyte}`;
    if (seen.has(key)) fault('analyte', msg('csv.twice', { what: cells.analyte }));
    seen.add(key);
    entries.push(read);
  }
  if (quotes) {
    const reason = msg('csv.quotes');
    faults.push({ line: (quotes.row ?? 0) + 1, column: 1, name: '', reason });
  }
  if (entries.length === 0 && faults.length === 0 && unknown.size === 0) {
    faults.push({ line: 1, column: 1, name: '', reason: msg('csv.empty') });
  }
  if (faults.length > 0) return { kind: 'refused', faults };
  if (unknown.size > 0) return { kind: 'asks', names: [...unknown.values()] };
  return { kind: 'report', entries };
}

function breaksIn(row: readonly string[]): number {
  return row.reduce((sum, cell) => sum + (cell.match(/\n/g)?.length ?? 0), 0);
}
