import { ANALYTES, USUAL_ANALYTES, type Analyte } from '../../catalog/analytes';
import { id, number, object, oneOf, record, some, text, type Of } from '../../kernel/typed/spec';
import { emptyResult, TYPED, type Typed } from './typed';

/** Who found the values: a laboratory, or somebody with a colour kit or a probe. */
export const SOURCES_OF_RESULTS = ['laboratory', 'kit', 'probe'] as const;
export type ResultSource = (typeof SOURCES_OF_RESULTS)[number];

/** Under what light a colour was read; '' is not said. */
export const LIGHTS = ['', 'daylight', 'cloudy', 'sun', 'indoors'] as const;
/** Classes that a colour kit tells; '' is not read. */
export const KIT_CLASSES = ['', 'low', 'medium', 'high'] as const;

/** One reading of a colour kit or a probe, as typed. */
const FIELD_READING = object({
  id,
  order: number,
  sampleId: id,
  spot: text,
  light: oneOf(LIGHTS),
  ph: text,
  n: oneOf(KIT_CLASSES),
  p: oneOf(KIT_CLASSES),
  k: oneOf(KIT_CLASSES),
});
export interface FieldReading extends Of<typeof FIELD_READING> {}

/** A report: samples as columns, analytes as rows, each value as printed; or readings of one's own. */
export const REPORT = object({
  id,
  source: oneOf(SOURCES_OF_RESULTS),
  /** The id of the layout in which it is typed; '' is the usual one. */
  layout: text,
  /** The laboratory's name, or the kit's. */
  laboratory: text,
  date: text,
  /** Inches of soil that the report's recommendation is for. */
  depth: text,
  /** The smallest step that a kit or probe tells apart, in pH. */
  resolution: text,
  /** What it cost, in US dollars, and how many days it took; as typed. */
  cost: text,
  days: text,
  results: record(some(ANALYTES, TYPED), 200),
  readings: record(FIELD_READING, 500),
});
export interface Report extends Of<typeof REPORT> {}

type Column = Report['results'][string];

/** Units and methods in which a laboratory prints. */
export type PrintedAs = Readonly<Partial<Record<Analyte, Omit<Typed, 'text'>>>>;

/** A column in which nothing is typed, in some units and methods. */
export function columnPrintedAs(how: PrintedAs): Column {
  const told = Object.keys(how) as Analyte[];
  const entries = [...new Set<Analyte>([...USUAL_ANALYTES, ...told])].map(
    (analyte): [Analyte, Typed] => [
      analyte,
      { ...emptyResult(analyte), ...how[analyte], text: '' },
    ],
  );
  return Object.fromEntries(entries);
}

/** The results of another sample of a report: nothing typed, in the units and methods of the first. */
export function blankColumn({ results }: Report): Column {
  const [first = {}] = Object.values(results);
  return columnPrintedAs(first);
}

/** A report before anything of it was typed. */
export function newReport(
  reportId: string,
  told: Partial<Pick<Report, 'source' | 'laboratory' | 'layout' | 'date' | 'results'>> = {},
): Report {
  return {
    id: reportId,
    source: 'laboratory',
    layout: '',
    laboratory: '',
    date: '',
    depth: '',
    resolution: '',
    cost: '',
    days: '',
    results: {},
    readings: {},
    ...told,
  };
}
