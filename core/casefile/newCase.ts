import { COOL_SEASON_LAWN } from '../plants/plants';
import type { IsoDate } from '../typed/date';
import { SHIPPED_PACK } from '../yardsticks/packs';
import {
  ANALYTES,
  FORMAT,
  SCHEMA,
  type Analyte,
  type Area,
  type CaseFile,
  type Report,
  type Sample,
  type Shape,
  type Typed,
} from './casefile';

/** Unit and method that a fresh entry of an analyte stands in. */
const FRESH: Readonly<Record<Analyte, readonly [unit: string, method: string]>> = {
  'ph-water': ['pH', ''],
  'ph-cacl2': ['pH', ''],
  'ph-smp': ['pH', ''],
  om: ['%', ''],
  cec: ['meq/100g', ''],
  texture: ['', ''],
  p: ['ppm', ''],
  k: ['ppm', ''],
  'lime-rec': ['lb/1000ft2', 'product'],
  'rec-n': ['lb/1000ft2', 'N'],
  'rec-p': ['lb/1000ft2', 'P2O5'],
  'rec-k': ['lb/1000ft2', 'K2O'],
  'rec-product': ['lb/1000ft2', ''],
  ca: ['ppm', ''],
  mg: ['ppm', ''],
  na: ['ppm', ''],
  s: ['ppm', 'S'],
  no3: ['ppm', 'N'],
  zn: ['ppm', ''],
  fe: ['ppm', ''],
  mn: ['ppm', ''],
  cu: ['ppm', ''],
  b: ['ppm', ''],
};

/**
 * An entry of an analyte with nothing typed in it yet.
 * @example emptyResult('om') // { text: '', unit: '%', method: '' }
 */
export function emptyResult(analyte: Analyte): Typed {
  const [unit, method] = FRESH[analyte];
  return { text: '', unit, method };
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
 * An area before anything is known of it but the plant.
 * @param pace the length of a pace of whoever will measure it, as typed
 */
export function newArea(id: string, order: number, plant: string, pace = ''): Area {
  return {
    id,
    name: '',
    order,
    plant,
    situation: plant === COOL_SEASON_LAWN.id ? 'established' : 'tilled',
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
  readonly laboratory: string;
  /** What a test costs, and the days until its report, as typed. */
  readonly sampling: CaseFile['sampling'];
  /** The length of one of the advisor's paces, as typed. */
  readonly pace: string;
  /** Units and methods in which that laboratory prints. */
  readonly results: Readonly<Partial<Record<Analyte, Omit<Typed, 'text'>>>>;
}

const USUAL_START: CaseStart = {
  pack: { id: SHIPPED_PACK.id, version: SHIPPED_PACK.version },
  laboratory: '',
  sampling: { fee: '', days: '' },
  pace: '',
  results: {},
};

/** The results of another sample of a report: nothing typed, in the units and methods of the first. */
export function blankColumn({ results }: Report): Record<Analyte, Typed> {
  const [first = {}] = Object.values(results);
  return printedAs(first);
}

function printedAs(
  how: Readonly<Partial<Record<Analyte, Omit<Typed, 'text'>>>>,
): Record<Analyte, Typed> {
  const entries = ANALYTES.map((analyte): [Analyte, Typed] => [
    analyte,
    { ...emptyResult(analyte), ...how[analyte], text: '' },
  ]);
  return Object.fromEntries(entries) as Record<Analyte, Typed>;
}

/**
 * An empty case: one lawn, one sample of it, one report of that sample.
 * @param id unique among all cases; @param today the day from which the plan runs until changed
 */
export function newCase(id: string, today: IsoDate, start: CaseStart = USUAL_START): CaseFile {
  const { pack, laboratory } = start;
  return {
    format: FORMAT,
    schema: SCHEMA,
    id,
    createdOn: today,
    title: '',
    client: { name: '', place: '', question: '' },
    planFrom: today,
    pack,
    areas: { lawn: newArea('lawn', 1, COOL_SEASON_LAWN.id, start.pace) },
    samples: { s1: newSample('s1', ['lawn']) },
    reports: {
      r1: {
        id: 'r1',
        laboratory,
        date: '',
        depth: '',
        results: { s1: printedAs(start.results) },
      },
    },
    past: {},
    labels: {},
    decisions: {},
    paragraphs: {},
    sampling: start.sampling,
  };
}
