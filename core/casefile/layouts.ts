import type { Report } from './parts/report';
import { type Typed, emptyResult } from './parts/typed';
import { ANALYTE_FACTS, type Analyte } from '../catalog/analytes';
import { own } from '../kernel/typed/own';

/** A line of a paper: an analyte with the unit and method in which this paper prints it. */
interface LayoutRow {
  readonly analyte: Analyte;
  readonly unit: string;
  readonly method: string;
}

/** The order and the units in which a paper prints. */
export interface Layout {
  readonly id: string;
  /** The name under which an office has saved it; generic ones have their words in the catalogue. */
  readonly name: string;
  readonly rows: readonly LayoutRow[];
}

type Line = Analyte | readonly [Analyte, unit: string, method?: string];

function rows(...lines: readonly Line[]): LayoutRow[] {
  return lines.map((line) => {
    const [analyte, unit, method] = typeof line === 'string' ? [line] : line;
    const fresh = emptyResult(analyte);
    return { analyte, unit: unit ?? fresh.unit, method: method ?? fresh.method };
  });
}

/**
 * Papers by family of extractant: what state laboratories of such a family print, in a usual order.
 * Common practice, composed from memory; no laboratory's own form is copied.
 */
export const GENERIC_LAYOUTS: readonly Layout[] = [
  {
    id: '',
    name: '',
    rows: rows('ph-water', 'ph-smp', 'om', 'cec', 'texture', 'p', 'k'),
  },
  {
    id: 'bray-ammonium-acetate',
    name: '',
    rows: rows(
      'ph-water',
      'ph-smp',
      'om',
      ['p', 'ppm', 'bray-1'],
      ['k', 'ppm', 'ammonium-acetate'],
      'ca',
      'mg',
      'cec',
      'sat-k',
      'sat-mg',
      'sat-ca',
      'sat-h',
    ),
  },
  {
    id: 'mehlich-3-ppm',
    name: '',
    rows: rows(
      'ph-water',
      'ph-mehlich',
      'om',
      ['p', 'ppm', 'mehlich-3'],
      ['k', 'ppm', 'mehlich-3'],
      'ca',
      'mg',
      's',
      'zn',
      'mn',
      'cu',
      'fe',
      'b',
      'na',
      'al',
      'cec',
    ),
  },
  {
    id: 'mehlich-1-lb-acre',
    name: '',
    rows: rows(
      'ph-water',
      'ph-adams-evans',
      ['p', 'lb/acre', 'mehlich-1'],
      ['k', 'lb/acre', 'mehlich-1'],
      ['ca', 'lb/acre'],
      ['mg', 'lb/acre'],
      ['zn', 'lb/acre'],
      ['mn', 'lb/acre'],
      'cec',
      'om',
    ),
  },
  {
    id: 'olsen',
    name: '',
    rows: rows(
      'ph-water',
      ['ec', 'dS/m', 'saturated-paste'],
      'om',
      'no3',
      ['p', 'ppm', 'olsen'],
      ['k', 'ppm', 'ammonium-acetate'],
      'zn',
      'fe',
      'mn',
      'cu',
      'na',
      'texture',
    ),
  },
  {
    id: 'modified-morgan',
    name: '',
    rows: rows(
      'ph-water',
      ['ph-mehlich', 'pH', 'modified'],
      'om',
      ['p', 'ppm', 'modified-morgan'],
      ['k', 'ppm', 'modified-morgan'],
      'ca',
      'mg',
      's',
      'al',
      ['pb', 'ppm', 'modified-morgan'],
      'cec',
      'acidity',
    ),
  },
  {
    id: 'saturated-extract',
    name: '',
    rows: rows(
      'ph-water',
      ['ec', 'dS/m', 'saturated-paste'],
      ['no3', 'ppm-extract', 'N'],
      ['p', 'ppm-extract', ''],
      ['k', 'ppm-extract', ''],
      ['ca', 'ppm-extract'],
      ['mg', 'ppm-extract'],
      ['na', 'ppm-extract'],
    ),
  },
  {
    id: 'irrigation-water',
    name: '',
    rows: rows('water-ph', 'water-alkalinity', 'water-ec', 'water-na', 'water-no3'),
  },
];

/** The layout of an id among those of an office, else the usual one. */
export function layoutOf(id: string, saved: Readonly<Record<string, Layout>>): Layout {
  const found = own(saved, id) ?? GENERIC_LAYOUTS.find((each) => each.id === id);
  const [usual] = GENERIC_LAYOUTS;
  if (!usual) throw new Error('layoutOf: there is no usual layout');
  return found ?? usual;
}

/** Analytes that stand in a part of their own and not among the lines of a paper. */
const ELSEWHERE: ReadonlySet<Analyte> = new Set<Analyte>([
  'lime-rec',
  'rec-n',
  'rec-p',
  'rec-k',
  'rec-product',
  'rec-crop',
  'rec-per',
  'rec-times',
]);

/** Every analyte that a line of a paper may hold. */
export const LINE_ANALYTES: readonly Analyte[] = (Object.keys(ANALYTE_FACTS) as Analyte[]).filter(
  (analyte) => !ELSEWHERE.has(analyte),
);

/** The lines of a report: its layout's, and whatever else holds a value in any of its samples. */
export function linesOf(layout: Layout, { results }: Pick<Report, 'results'>): Analyte[] {
  const inLayout = layout.rows.map(({ analyte }) => analyte);
  const typed = LINE_ANALYTES.filter((analyte) =>
    Object.values(results).some((column) => (column[analyte]?.text.trim() ?? '') !== ''),
  );
  return [...new Set([...inLayout, ...typed])];
}

/** One value of a document and the place where it stands. */
interface Edit {
  readonly path: string;
  readonly value: Typed | string;
}

/**
 * What changing to a layout changes of a report: its name, and the unit and method of every line in
 * which nothing was typed. What was typed stays as it is printed.
 */
export function applyLayout(report: Report, layout: Layout): Edit[] {
  const lines = Object.entries(report.results).flatMap(([sampleId, column]) =>
    layout.rows
      .filter(({ analyte }) => (column[analyte]?.text ?? '').trim() === '')
      .map(({ analyte, unit, method }) => ({
        path: `reports/${report.id}/results/${sampleId}/${analyte}`,
        value: { text: '', unit, method },
      })),
  );
  return [{ path: `reports/${report.id}/layout`, value: layout.id }, ...lines];
}

/** A report's lines, units and methods as a layout to be saved under a name. */
export function layoutFrom(
  id: string,
  name: string,
  lines: readonly Analyte[],
  column: Report['results'][string],
): Layout {
  return {
    id,
    name,
    rows: lines.map((analyte) => {
      const { unit, method } = column[analyte] ?? emptyResult(analyte);
      return { analyte, unit, method };
    }),
  };
}
