import { emptyResult } from '../../core/casefile/parts/typed';
import { ANALYTE_FACTS, type Analyte } from '../../core/catalog/analytes';
import type { ColumnRole, Mapping } from '../../core/site/report/mapping';
import { own } from '../../core/kernel/typed/own';

/** Letters, digits and percent signs only, in lower case: `lb/1000 ft²` is `lb1000ft2`. */
export function plain(text: string): string {
  return text
    .toLowerCase()
    .replaceAll('²', '2')
    .replaceAll('³', '3')
    .replace(/[µμ]/g, 'u')
    .replace(/[^a-z0-9%]/g, '');
}

const ANALYTES = Object.keys(ANALYTE_FACTS) as Analyte[];

/** Names go before ids: "water pH" is a soil's pH in water, not the pH of the water of a garden. */
const ANALYTE_BY_NAME: ReadonlyMap<string, Analyte> = new Map([
  ...ANALYTES.map((analyte) => [plain(analyte), analyte] as const),
  ...ANALYTES.flatMap((analyte) =>
    ANALYTE_FACTS[analyte].names.map((name) => [name, analyte] as const),
  ),
]);

/** Units by how laboratories write them. */
const UNIT_BY_NAME: ReadonlyMap<string, string> = new Map(
  Object.entries({
    ppm: 'ppm',
    mgkg: 'mg/kg',
    mgdm3: 'mg/dm3',
    lbacre: 'lb/acre',
    lba: 'lb/acre',
    lbsacre: 'lb/acre',
    kgha: 'kg/ha',
    meq100g: 'meq/100g',
    cmolkg: 'cmol/kg',
    '%': '%',
    percent: '%',
    ph: 'pH',
    dsm: 'dS/m',
    mscm: 'mS/cm',
    mmhocm: 'mmho/cm',
    mmhoscm: 'mmho/cm',
    uscm: 'uS/cm',
    mgl: 'mg/L',
    meql: 'meq/L',
    gcm3: 'g/cm3',
    gcc: 'g/cm3',
    lb1000ft2: 'lb/1000ft2',
    lb1000sqft: 'lb/1000ft2',
    lb100ft2: 'lb/100ft2',
    lb100sqft: 'lb/100ft2',
    oz100ft2: 'oz/100ft2',
    oz100sqft: 'oz/100ft2',
    tonacre: 'ton/acre',
    tonsacre: 'ton/acre',
    tha: 't/ha',
    index: 'index',
    rating: 'word',
  }),
);

/** Methods by how laboratories write them; the same word may mean another one for another analyte. */
const METHODS_BY_NAME: ReadonlyMap<string, readonly string[]> = new Map(
  Object.entries({
    bray1: ['bray-1'],
    brayp1: ['bray-1'],
    mehlich3: ['mehlich-3'],
    m3: ['mehlich-3'],
    mehlich3icp: ['mehlich-3'],
    mehlich3colorimetric: ['mehlich-3-color'],
    olsen: ['olsen'],
    mehlich1: ['mehlich-1'],
    m1: ['mehlich-1'],
    modifiedmorgan: ['modified-morgan'],
    morgan: ['modified-morgan'],
    ammoniumacetate: ['ammonium-acetate'],
    nh4oac: ['ammonium-acetate'],
    converted: ['converted'],
    so4: ['SO4'],
    so4s: ['S'],
    no3: ['NO3'],
    no3n: ['N'],
    n: ['N'],
    s: ['S'],
    p2o5: ['P2O5'],
    p: ['P'],
    k2o: ['K2O'],
    k: ['K'],
    total: ['total'],
    saturatedpaste: ['saturated-paste'],
    paste: ['saturated-paste'],
    '11': ['1:1'],
    '12': ['1:2'],
    '15': ['1:5'],
    product: ['product'],
    limestone: ['limestone'],
    pure: ['pure'],
  }),
);

/** Methods that go without saying: a buffer is its own, water is what pH is measured in. */
const UNSAID: Readonly<Partial<Record<Analyte, readonly string[]>>> = {
  'ph-smp': ['smp'],
  'ph-sikora': ['sikora'],
  'ph-mehlich': ['mehlich'],
  'ph-cacl2': ['cacl2'],
  'ph-water': ['water', 'h2o'],
};

/** The analyte of a name, as laboratories write it. */
export function analyteOf(name: string): Analyte | undefined {
  return ANALYTE_BY_NAME.get(plain(name));
}

/** The unit of a name, where the analyte is printed in it; the usual one where nothing is said. */
export function unitOf(analyte: Analyte, name: string): string | undefined {
  const key = plain(name);
  const { units } = ANALYTE_FACTS[analyte];
  if (key === '') return units[0] ?? '';
  const unit = UNIT_BY_NAME.get(key);
  return unit !== undefined && units.includes(unit) ? unit : undefined;
}

/** The method of a name, where the analyte is found by it; the usual one where nothing is said. */
export function methodOf(analyte: Analyte, name: string): string | undefined {
  const key = plain(name);
  const { methods } = ANALYTE_FACTS[analyte];
  if (key === '' || UNSAID[analyte]?.includes(key)) return methods[0] ?? '';
  return METHODS_BY_NAME.get(key)?.find((method) => methods.includes(method));
}

const ROLES: Readonly<Record<string, Exclude<ColumnRole['role'], 'result' | 'ignore'>>> = {
  sample: 'sample',
  sampleid: 'sample',
  samplename: 'sample',
  samplenumber: 'sample',
  bag: 'sample',
  analyte: 'analyte',
  test: 'analyte',
  parameter: 'analyte',
  value: 'value',
  result: 'value',
  unit: 'unit',
  units: 'unit',
  method: 'method',
  extractant: 'method',
};

const IGNORE: ColumnRole = { role: 'ignore' };

/** Units and methods taken out of a head such as `Mehlich 3 P (lb/acre)`, and what is left of it. */
function partsOf(head: string): { rest: string; units: string[]; methods: string[] } {
  const words = head
    .replace(/\bper\b/gi, '/')
    .replace(/\s+/g, ' ')
    .replace(/ ?\/ ?/g, '/')
    .split(/[\s,;()[\]_|]+/)
    .filter((word) => word !== '');
  const found = { rest: '', units: [] as string[], methods: [] as string[] };
  for (let at = 0; at < words.length; at += 1) {
    const two = plain(`${words[at] ?? ''}${words[at + 1] ?? ''}`);
    const one = plain(words[at] ?? '');
    const pair = at + 1 < words.length && (UNIT_BY_NAME.has(two) || METHODS_BY_NAME.has(two));
    const key = pair ? two : one;
    // One letter is an analyte, not the form of another.
    if (UNIT_BY_NAME.has(key) && key !== 'ph') found.units.push(key);
    else if (METHODS_BY_NAME.has(key) && key.length > 1) found.methods.push(key);
    else {
      found.rest += key;
      continue;
    }
    if (pair) at += 1;
  }
  return found;
}

/** What a column holds, by its head. */
export function guessColumn(head: string): ColumnRole {
  const role = own(ROLES, plain(head));
  if (role) return { role };
  const whole = analyteOf(head);
  if (whole) {
    const { unit, method } = emptyResult(whole);
    return { role: 'result', analyte: whole, unit, method };
  }
  const { rest, units, methods } = partsOf(head);
  const analyte = analyteOf(rest);
  if (!analyte) return IGNORE;
  const fresh = emptyResult(analyte);
  const unit = units.map((each) => unitOf(analyte, each)).find((each) => each !== undefined);
  const method = methods.map((each) => methodOf(analyte, each)).find((each) => each !== undefined);
  return { role: 'result', analyte, unit: unit ?? fresh.unit, method: method ?? fresh.method };
}

const COMMA_NUMBER = /^[<>≤≥]?\s*-?\d+,\d{1,2}$/;
const POINT_NUMBER = /^[<>≤≥]?\s*-?\d+\.\d+$/;

/** Whether a table writes 6,1 for 6.1: it does somewhere, and nowhere 6.1. */
function writesCommas(rows: readonly (readonly string[])[]): boolean {
  const cells = rows.flat().map((cell) => cell.trim());
  return cells.some((cell) => COMMA_NUMBER.test(cell)) && !cells.some((c) => POINT_NUMBER.test(c));
}

/** Rows that a guess looks at. */
const LOOKED_AT = 200;

/**
 * How a table is most likely read. Without a head that is known its first column is the sample's, and
 * the others wait to be named.
 */
export function guessMapping(table: readonly (readonly string[])[]): Mapping {
  const [head = [], ...rows] = table.slice(0, LOOKED_AT);
  const guessed = head.map(guessColumn);
  const header = guessed.some(({ role }) => role !== 'ignore');
  const decimalComma = writesCommas(header ? rows : [head, ...rows]);
  if (header) return { header, decimalComma, columns: guessed };
  const columns = head.map((_cell, at): ColumnRole => (at === 0 ? { role: 'sample' } : IGNORE));
  return { header, decimalComma, columns };
}

/** What a mapping is remembered under: the heads as they are compared. */
export function signatureOf(head: readonly string[]): string {
  return head.map(plain).join('|');
}
