/**
 * An evaluator of its own: recomputes a Working from its inputs by the op's definition. It shares
 * nothing with the core but the shape of the sheet; factors and tables stand here or in
 * `published/fixtures`.
 */
import { readNumbers } from './csv';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { PresentWorking, Working } from '../core/kernel/working/working';

export type Workings = Readonly<Record<string, Working>>;

/** From unit to unit: 2000 lb in a ton, 43.56 thousand ft² in an acre, 16 oz in a pound, 0.3048 m in a foot. */
const FACTORS: Readonly<Record<string, number>> = {
  'ft2>1000ft2': 1 / 1000,
  '1000ft2>ft2': 1000,
  'ton/acre>lb/1000ft2': 2000 / 43.56,
  'lb/1000ft2>lb/acre': 43.56,
  'lb/1000ft2>ton/acre': 43.56 / 2000,
  'lb/acre>lb/1000ft2': 1 / 43.56,
  'lb/100ft2>lb/1000ft2': 10,
  'oz/100ft2>lb/1000ft2': 10 / 16,
  '%>ratio': 1 / 100,
  'in>ft': 1 / 12,
  'ft>in': 12,
  'm>ft': 1 / 0.3048,
  'cm>ft': 1 / 30.48,
  'ft>100ft': 1 / 100,
  'lb>oz': 16,
  'cups>tbsp': 16,
  'kg/ha>lb/acre': 0.40468564224 / 0.45359237,
  't/ha>ton/acre': (1000 * 0.40468564224) / 0.45359237 / 2000,
  'uS/cm>dS/m': 1 / 1000,
  'm2>ft2': 1 / 0.3048 ** 2,
  'ft3>yd3': 1 / 27,
  'ft3>gal': 1728 / 231,
  // Each unit of a family by way of its base: 43,560 ft² in an acre, 10,000 m² in a hectare, 453.59237 g in a pound.
  ...throughBase('ft2', {
    '100ft2': 100,
    acre: 43_560,
    ha: 10_000 / 0.3048 ** 2,
  }),
  ...throughBase('lb', { oz: 1 / 16, ton: 2000, kg: 1 / 0.45359237, g: 1 / 453.59237 }),
  ...throughBase('lb/1000ft2', {
    'lb/100ft2': 10,
    'oz/100ft2': 10 / 16,
    'lb/acre': 1 / 43.56,
    'ton/acre': 2000 / 43.56,
    'kg/ha': 0.40468564224 / 0.45359237 / 43.56,
    't/ha': (1000 * 0.40468564224) / 0.45359237 / 43.56,
    'g/m2': (1000 * 0.3048 ** 2) / 453.59237,
  }),
  ...throughBase('in', { ft: 12, cm: 1 / 2.54 }),
  ...throughBase('yd3', { ft3: 1 / 27, m3: 1 / 0.9144 ** 3 }),
};

/** From every unit of a list to every other, each told in one base. */
function throughBase(
  base: string,
  units: Readonly<Record<string, number>>,
): Record<string, number> {
  const all = Object.entries({ [base]: 1, ...units });
  return Object.fromEntries(
    all.flatMap(([from, a]) => all.map(([to, b]) => [`${from}>${to}`, a / b])),
  );
}

/** From element to oxide, as labels print them. */
const OXIDES: Readonly<Record<string, number>> = {
  'P>P2O5': 2.2914,
  'K>K2O': 1.2046,
  'P2O5>P': 1 / 2.2914,
  'K2O>K': 1 / 1.2046,
};

/** The scatter of what lies on the ground between strips that alternate, in % of its mean, by sampling far from the edges. */
function uneven(trays: number, odd: readonly number[], even: readonly number[]): number {
  const strips = Array.from({ length: 60 }, (_, n) => n);
  const lying = (place: number): number =>
    sum(strips.map((n) => (n % 2 === 0 ? odd : even)[place - n * trays] ?? 0));
  const places = Array.from({ length: 2 * trays }, (_, n) => 40 * trays + n).map(lying);
  const mean = sum(places) / places.length;
  const squares = sum(places.map((each) => (each - mean) ** 2)) / 2;
  return (100 * Math.sqrt(squares / (trays - 1))) / mean;
}

/** The lower root of 2.27 H² − 5.55 H + 7.79 = pH. */
function acidOf(ph: number): number {
  return (5.55 - Math.sqrt(5.55 * 5.55 - 9.08 * (7.79 - ph))) / 4.54;
}

const EQUATIONS: Readonly<Record<string, (...v: number[]) => number>> = {
  'circle-by-diameter': (d = 0) => 3.141592653589793 * (d / 2) ** 2,
  'tri-state-6.0': (b = 0) => 49.3 - 7.1 * b,
  'tri-state-6.5': (b = 0) => 60.4 - 8.7 * b,
  'tri-state-6.8': (b = 0) => 71.4 - 10.3 * b,
  'tri-state-organic': (ph = 0) => 32.9 - 6.31 * ph,
  'ring-by-diameters': (d = 0, t = 0) => 3.141592653589793 * ((d / 2) ** 2 - (t / 2) ** 2),
  'ellipse-by-axes': (a = 0, b = 0) => 3.141592653589793 * (a / 2) * (b / 2),
  'triangle-by-height': (b = 0, h = 0) => 0.5 * b * h,
  trapezoid: (a = 0, b = 0, h = 0) => 0.5 * h * (a + b),
  heron: (a = 0, b = 0, c = 0) => {
    const s = (a + b + c) / 2;
    return Math.sqrt(s * (s - a) * (s - b) * (s - c));
  },
  'offsets-trapezoids': (d = 0, ...w) =>
    w.slice(1).reduce((all, each, at) => all + (d * ((w[at] ?? 0) + each)) / 2, 0),
  'offsets-simpson': (d = 0, ...w) => {
    let all = 0;
    for (let at = 0; at + 2 < w.length; at += 2) {
      all += (d / 3) * ((w[at] ?? 0) + 4 * (w[at + 1] ?? 0) + (w[at + 2] ?? 0));
    }
    const odd = w.length % 2 === 0;
    return all + (odd ? (d * ((w.at(-2) ?? 0) + (w.at(-1) ?? 0))) / 2 : 0);
  },
  shoelace: (...v) => {
    let twice = 0;
    for (let at = 0; at < v.length; at += 2) {
      const next = (at + 2) % v.length;
      twice += (v[at] ?? 0) * (v[next + 1] ?? 0) - (v[next] ?? 0) * (v[at + 1] ?? 0);
    }
    return Math.abs(twice) / 2;
  },
  'half-range': (high = 0, low = 0) => 0.5 * high - 0.5 * low,
  'ppm-to-meq': (ppm = 0, mass = 1) => ppm / mass / 10,
  'meq-to-ppm': (meq = 0, mass = 0) => meq * mass * 10,
  cores: (t = 0, cv = 0, error = 1) => Math.ceil(((t * cv) / error) ** 2 - 1e-9),
  // 7.48052 gal of 16 cups in a cubic foot: 1728 in³ ÷ 231 in³ × 16
  'cups-to-lb': (cups = 0, density = 0) => (cups / ((1728 / 231) * 16)) * density,
  'lb-to-cups': (lb = 0, density = 1) => (lb / density) * (1728 / 231) * 16,
  'ppm-to-lb-per-acre': (ppm = 0, inches = 0) => ppm * 0.3 * inches,
  'lb-per-acre-to-ppm': (lb = 0, inches = 1) => lb / 0.3 / inches,
  // 27,154 gal of 8.345 lb on an acre-inch, a millionth of it for each mg/L
  'water-lime': (mgPerL = 0) => mgPerL * 0.2266,
  'part-of-the-way': (low = 0, high = 0, part = 0) => low + part * (high - low),
  'sulfur-per-tenth': (ph = 0) => Math.max(0, (ph - 5.2) * 10) * 0.2,
  ...Object.fromEntries(
    ['sand', 'loam', 'clay', 'clay-high'].map((soil, at) => [
      `sulfur-${soil}`,
      (ph = 0) => onRows('sulfur-to-4.5.csv', ph, at + 1),
    ]),
  ),
  ...Object.fromEntries(
    ['sand', 'loam', 'clay'].map((soil, at) => [
      `sulfur-to-6.5-${soil}`,
      (ph = 0) => onRows('sulfur-to-6.5.csv', ph, at + 1),
    ]),
  ),
  'sulfur-garden': (ph = 0, target = 0) => Math.max(0, ph - target) * 2,
  // Meq that the acid share of the sites grows by, 1000 lb of CaCO3 each on 2,000,000 lb
  'sulfur-cec': (ph = 0, target = 0, cec = 0) =>
    1000 * cec * Math.max(0, acidOf(target) - acidOf(ph)),
  'one-over': (each = 1) => 1 / each,
  'adams-evans': (buffer = 0, ph = 0, target = 0) =>
    (8000 * (8 - buffer) * Math.max(0, acidOf(ph) - acidOf(target))) / acidOf(ph),
  'mehlich-1976': (buffer = 0, ph = 0, target = 0) =>
    (4 * (6.6 - buffer) * Math.max(0, target - ph)) / (6.6 - ph),
  // Each dressing in a line over its months; all of them together reach so much of the way.
  'outlook-lime': (
    start = 0,
    used = 0,
    target = 0,
    reach = 0,
    credit = 0,
    full = 1,
    month = 0,
    ...dressed
  ) => {
    const done = (since: number): number => Math.max(0, Math.min(1, since / full));
    const mean = sum(dressed.map((day) => done(month - day))) / dressed.length;
    return start + (reach * mean + credit * done(month)) * (target - used);
  },
  'outlook-sulfur': (start = 0, used = 0, target = 0, reach = 0, full = 1, warm = 0) =>
    start + reach * Math.min(1, warm / full) * (target - used),
  'acid-of-n': (rate = 0, percent = 0, each = 0) => rate * (percent / 100) * each,
  'percent-more': (own = 0, theirs = 1) => (own / theirs - 1) * 100,
  // On the line through two points, at most a fifth of their distance beyond them.
  // 28.349523 g in 3.785412 L, 10 mg of it for each percent
  'feed-per-gallon': (ppm = 0, percent = 1) => ppm / 75 / percent,
  'fluid-ounces': (oz = 0, weighs = 1) => (8 * oz) / weighs,
  'spoons-per-gallon': (oz = 0, density = 1) => (oz / 16 / density) * (1728 / 231) * 256,
  'feed-salts': (oz = 0) => (oz * 7489) / 640,
  'feed-nitrogen': (ppm = 0, gallons = 0) => ppm * 1e-6 * gallons * 8.345,
  'test-after-years': (now = 0, change = 0, years = 0) => Math.max(0, now + change * years),
  'years-until': (now = 0, change = 1, level = 0) => Math.ceil((level - now) / change - 1e-9),
  'dial-between': (s1 = 0, r1 = 0, s2 = 0, r2 = 0, want = 0) => {
    const line = s1 + ((want - r1) * (s2 - s1)) / (r2 - r1);
    const [least, most] = [Math.min(s1, s2), Math.max(s1, s2)];
    const more = (most - least) / 5;
    return Math.max(least - more, Math.min(most + more, line));
  },
  'dial-in-proportion': (tried = 0, begins = 0, rate = 1, want = 0) =>
    begins + (tried - begins) * (want / rate),
  'pans-up-and-down': (trays = 2, ...caught) => uneven(trays, caught, [...caught].reverse()),
  'pans-round-and-round': (trays = 2, ...caught) => uneven(trays, caught, caught),
  'dry-share': (water = 0) => (100 - water) / 100,
  'per-ton-to-percent': (score = 0, pure = 1) => (score / pure) * 100,
  'percent-of': (rate = 0, percent = 0) => rate * 0.01 * percent,
  // What passes each sieve times the step of the factors at it, as the laws print the sums.
  'fineness-wisconsin': (p8 = 0, p20 = 0, p60 = 0) => (0.2 * p8 + 0.4 * p20 + 0.4 * p60) / 100,
  'fineness-ohio': (p8 = 0, p20 = 0, p60 = 0) => (0.2 * p8 + 0.4 * p20 + 0.4 * p60) / 100,
  'fineness-iowa': (p4 = 0, p8 = 0, p60 = 0) => (0.1 * p4 + 0.3 * p8 + 0.6 * p60) / 100,
  'fineness-kentucky': (p10 = 0, p50 = 0) => (p10 + p50) / 200,
  'critical-k': (base = 0, slope = 0, cec = 0) => base + slope * cec,
  'ton-short-cut': (tons = 0) => 50 * tons,
  // Straight from the middle of one month to that of the next, up to the next whole day of a year of 365.
  'day-through': (t = 0, cold = 0, warm = 0, from = 0, days = 0) => {
    const day = Math.ceil(from + (days * (t - cold)) / (warm - cold) - 1e-7);
    return day > 365 ? day - 365 : day;
  },
  'later-day': (a = 0, b = 0) => (a > b ? a : b),
  'unreacted-share': (days = 0) => (days <= 0 ? 1 : Math.max(0, 1 - (0.08 * days) / 30.4375)),
};

const COMPOSITE = ['garden-composite.csv'];
const BY_CLASS = [...COMPOSITE, 'class-rates.csv'];

/** The files of a table's cells, by the table's name. */
const FIXTURES: Readonly<Record<string, readonly string[]>> = {
  smp: ['smp-recollection-b.csv'],
  'lime-by-texture': ['lime-by-texture.csv'],
  'lake-states-1995-v2': ['lake-states-1995-v2.csv'],
  'lake-states-1995-v3': ['lake-states-1995-v2.csv', 'class-rates-lake-states.csv'],
  'lake-states-1995-v4': ['lake-states-1995-v2.csv'],
  'delta-mehlich-3-v1': COMPOSITE,
  'delta-mehlich-3-v2': BY_CLASS,
  'delta-mehlich-3-v3': COMPOSITE,
  'upper-south-mehlich-1-v1': COMPOSITE,
  'upper-south-mehlich-1-v2': BY_CLASS,
  'upper-south-mehlich-1-v3': COMPOSITE,
  'tidewater-mehlich-1-v1': COMPOSITE,
  'tidewater-mehlich-1-v2': BY_CLASS,
  'tidewater-mehlich-1-v3': COMPOSITE,
  'southeast-mehlich-1-v1': BY_CLASS,
  'southeast-mehlich-1-v2': COMPOSITE,
  'northeast-morgan-v1': COMPOSITE,
  'northeast-morgan-v2': BY_CLASS,
  'northeast-morgan-v3': COMPOSITE,
  'plains-olsen-v1': COMPOSITE,
  'plains-olsen-v2': BY_CLASS,
  'plains-olsen-v3': COMPOSITE,
  'mid-atlantic-vegetables-v1': [...BY_CLASS, 'mid-atlantic-vegetables.csv'],
  'mid-atlantic-vegetables-v2': [...COMPOSITE, 'mid-atlantic-vegetables.csv'],
};

/** Cells of a fixture by `row|column`. */
function readTable(file: string): ReadonlyMap<string, number> {
  const [head = '', ...rows] = readFileSync(path.join(__dirname, 'fixtures', file), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'));
  const [, ...columns] = head.split(',');
  return new Map(
    rows.flatMap((line) => {
      const [row, ...cells] = line.split(',').map(Number);
      return cells.map((cell, index): [string, number] => [`${row}|${columns[index]}`, cell]);
    }),
  );
}

/** Cells of a fixture that has a column a line. */
function readColumns(file: string): ReadonlyMap<string, number> {
  const lines = readFileSync(path.join(__dirname, 'fixtures', file), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'));
  return new Map(
    lines.flatMap((line) => {
      const [column = '', ...cells] = line.split(',');
      return cells.map((cell, row): [string, number] => [`${row}|${column}`, Number(cell)]);
    }),
  );
}

const tables = new Map([
  ...Object.entries(FIXTURES).map(
    ([id, files]) => [id, new Map(files.flatMap((file) => [...readTable(file)]))] as const,
  ),
  ['literature', readColumns('literature.csv')] as const,
]);

function lookedUp(detail: PresentWorking['detail']): number {
  if (!detail || !('table' in detail)) return NaN;
  return tables.get(detail.table)?.get(`${detail.row}|${detail.column}`) ?? NaN;
}

function rowOf(working: Working | undefined): number {
  const detail = working && 'detail' in working ? working.detail : undefined;
  return detail && 'row' in detail ? detail.row : NaN;
}

const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);

function rounded(value: number, limit: number, step: number): number {
  const nearest = Math.round(value / step) * step;
  // Without a limit the nearest stands.
  return nearest > limit + 1e-9 ? Math.floor(limit / step + 1e-9) * step : nearest;
}

/** Sulfur at a pH on the line between the printed rows of a fixture. */
function onRows(file: string, ph: number, column: number): number {
  const rows = readNumbers(file);
  const at = rows.findIndex(([row = 0]) => row <= ph + 1e-9);
  const [low = [], high = []] = [rows[at], rows[Math.max(0, at - 1)]];
  const [p0 = 0, p1 = 0] = [low[0], high[0]];
  const [s0 = NaN, s1 = NaN] = [low[column], high[column]];
  return p1 === p0 ? s0 : s0 + ((ph - p0) * (s1 - s0)) / (p1 - p0);
}

/** The value of a working from the values of its inputs. */
function evaluate(working: PresentWorking, v: readonly number[], sheet: Workings): number {
  const [a = NaN, b = NaN, c = NaN] = v;
  const inputs = working.inputs.map((id) => sheet[id]);
  switch (working.op) {
    case 'typed':
    case 'constant':
    case 'decided':
      return working.value.value;
    case 'convert': {
      const [from] = inputs;
      const units = from && 'value' in from ? `${from.value.unit}>${working.value.unit}` : '';
      const [one, other] = units.split('>');
      const oxide = from && 'value' in from ? OXIDES[`${from.value.of}>${working.value.of}`] : 1;
      return a * (oxide ?? 1) * (one === other ? 1 : (FACTORS[units] ?? NaN));
    }
    case 'add':
      return sum(v);
    case 'subtract':
      return a - b;
    case 'deduct':
      return Math.max(0, a - sum(v.slice(1)));
    case 'multiply':
      return v.reduce((x, y) => x * y, 1);
    case 'divide':
      return a / b;
    case 'proportion':
      return (a * b) / c;
    case 'lookup':
      return lookedUp(working.detail);
    case 'interpolate': {
      const [x0, x1] = [rowOf(inputs[1]), rowOf(inputs[2])];
      return b + ((a - x0) / (x1 - x0)) * (c - b);
    }
    case 'equation':
      return working.detail && 'equation' in working.detail
        ? (EQUATIONS[working.detail.equation]?.(...v) ?? NaN)
        : NaN;
    case 'mean':
      return sum(v) / v.length;
    case 'spread':
    case 'choose':
    case 'middle':
      return a;
    case 'highEnd': {
      const [from] = inputs;
      return from && 'range' in from ? (from.range?.high ?? a) : a;
    }
    case 'lowEnd': {
      const [from] = inputs;
      return from && 'range' in from ? (from.range?.low ?? a) : a;
    }
    case 'count':
      return Math.ceil(a / b - 1e-9);
    case 'cap':
      return Math.min(...v);
    case 'round':
      return rounded(a, b, working.detail && 'step' in working.detail ? working.detail.step : NaN);
  }
}

/** Every value of a sheet recomputed, with some leaves replaced by other values. */
export function recompute(
  sheet: Workings,
  altered: Readonly<Record<string, number>> = {},
): ReadonlyMap<string, number> {
  const values = new Map<string, number>();
  const value = (id: string): number => {
    const known = values.get(id);
    if (known !== undefined) return known;
    const working = sheet[id];
    const computed =
      altered[id] ??
      (working && !('absent' in working)
        ? evaluate(working, working.inputs.map(value), sheet)
        : NaN);
    values.set(id, computed);
    return computed;
  };
  Object.keys(sheet).forEach(value);
  return values;
}

/** How far a value may be from what is recomputed, as a share of it. */
const TOLERANCE = 1e-9;

/** What of a sheet is not what its op makes of its inputs; empty where all is. */
export function parted(sheet: Workings): string[] {
  const values = recompute(sheet);
  return Object.values(sheet).flatMap((working) => {
    if ('absent' in working) return [];
    const { value } = working.value;
    const got = values.get(working.id) ?? NaN;
    const off = Math.abs(got - value) / Math.max(1, Math.abs(value));
    return off <= TOLERANCE ? [] : [`${working.id}: ${value}, by hand ${got}`];
  });
}
