import type { IsoDate } from '../kernel/typed/date';
import { USUAL_PACK } from '../catalog/packs/versions';
import { ANALYTE_FACTS, USUAL_ANALYTES, type Analyte } from '../catalog/analytes';
import {
  FORMAT,
  SCHEMA,
  type Area,
  type CaseFile,
  type Label,
  type Report,
  type Sample,
  type Shape,
  type Typed,
} from './casefile';

/** A label on which nothing is said yet. */
export const EMPTY_LABEL: Label = {
  kind: 'CCE',
  percent: '',
  scheme: '',
  sieves: {},
  moisture: '',
  bag: '',
  price: '',
};

/**
 * An entry of an analyte with nothing typed in it yet.
 * @example emptyResult('om') // { text: '', unit: '%', method: '' }
 */
export function emptyResult(analyte: Analyte): Typed {
  const { units, methods } = ANALYTE_FACTS[analyte];
  return { text: '', unit: units[0] ?? '', method: methods[0] ?? '' };
}

/** A rectangle that nobody has measured. */
export const EMPTY_SHAPE: Shape = {
  kind: 'rectangle',
  length: '',
  width: '',
  diameter: '',
  squareFeet: '',
  perimeter: '',
  number: '',
  spacing: '',
  trunk: '',
  sideA: '',
  sideB: '',
  sideC: '',
  sideD: '',
  diagonal: '',
  height: '',
  inner: '',
  depth: '',
  offsets: '',
  points: '',
  outline: '',
};

/**
 * An area before anything is known of it but what grows there.
 * @param pace the length of a pace of whoever will measure it, as typed
 */
export function newArea(
  id: string,
  order: number,
  { plant, situation }: Pick<Area, 'plant' | 'situation'>,
  pace = '',
): Area {
  return {
    id,
    name: '',
    order,
    plant,
    sharing: [],
    situation,
    clippings: 'unknown',
    shape: EMPTY_SHAPE,
    parts: {},
    measuredBy: '',
    offBy: '',
    pace,
    site: { slope: '', drainage: '', spots: '', clues: '', note: '' },
  };
}

/** A sample of some areas, not named and not dated. */
export function newSample(id: string, areaIds: readonly string[]): Sample {
  return { id, name: '', areaIds, takenOn: '', lead: '' };
}

/** What an office's cases begin with: its usual pack, and the paper of its usual laboratory. */
export interface CaseStart {
  readonly pack: CaseFile['pack'];
  /** The pack itself, where it is a house's own. */
  readonly house: CaseFile['house'];
  readonly laboratory: string;
  /** The layout of that paper; '' is the usual one. */
  readonly layout: string;
  /** What a test costs, and the days until its report, as typed. */
  readonly sampling: CaseFile['sampling'];
  /** The length of one of the advisor's paces, as typed. */
  readonly pace: string;
  /** Units and methods in which that laboratory prints. */
  readonly results: Readonly<Partial<Record<Analyte, Omit<Typed, 'text'>>>>;
}

const USUAL_START: CaseStart = {
  pack: USUAL_PACK,
  house: null,
  laboratory: '',
  layout: '',
  sampling: { fee: '', days: '' },
  pace: '',
  results: {},
};

/** What a new case begins with: a lawn. */
const FIRST_GROUND = { plant: 'cool-season-lawn', situation: 'established' } as const;

type Column = Report['results'][string];

/** The results of another sample of a report: nothing typed, in the units and methods of the first. */
export function blankColumn({ results }: Report): Column {
  const [first = {}] = Object.values(results);
  return printedAs(first);
}

function printedAs(how: Readonly<Partial<Record<Analyte, Omit<Typed, 'text'>>>>): Column {
  const told = Object.keys(how) as Analyte[];
  const entries = [...new Set<Analyte>([...USUAL_ANALYTES, ...told])].map(
    (analyte): [Analyte, Typed] => [
      analyte,
      { ...emptyResult(analyte), ...how[analyte], text: '' },
    ],
  );
  return Object.fromEntries(entries);
}

/** A report before anything of it was typed. */
export function newReport(
  id: string,
  told: Partial<Pick<Report, 'source' | 'laboratory' | 'layout' | 'date' | 'results'>> = {},
): Report {
  return {
    id,
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

/**
 * An empty case: one lawn, one sample of it, one report of that sample.
 * @param id unique among all cases; @param today the day from which the plan runs until changed
 */
export function newCase(id: string, today: IsoDate, start: CaseStart = USUAL_START): CaseFile {
  const { pack, house, laboratory } = start;
  return {
    format: FORMAT,
    schema: SCHEMA,
    id,
    createdOn: today,
    title: '',
    client: { name: '', place: '', question: '' },
    planFrom: today,
    pack,
    house,
    areas: { lawn: newArea('lawn', 1, FIRST_GROUND, start.pace) },
    samples: { s1: newSample('s1', ['lawn']) },
    reports: {
      r1: newReport('r1', {
        laboratory,
        layout: start.layout,
        results: { s1: printedAs(start.results) },
      }),
    },
    past: {},
    labels: {},
    decisions: {},
    paragraphs: {},
    sampling: start.sampling,
  };
}
