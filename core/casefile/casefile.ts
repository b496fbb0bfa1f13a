import type { Mesh, SchemeId } from '../tables/lime/fineness';
import type { IsoDate } from '../kernel/typed/date';
import type { Pack } from '../catalog/packs/pack';
import type { Analyte } from '../catalog/analytes';
import type { Decision } from './decisions';
import type { Situation } from '../catalog/situations';

/** The schema number of the documents that this version writes. */
export const SCHEMA = 4;
export const FORMAT = 'agrologos-case';

/** A value as it stands on the paper or was typed: never parsed, never mended in the document. */
export interface Typed {
  readonly text: string;
  readonly unit: string;
  readonly method: string;
}

export const SHAPES = [
  'rectangle',
  'circle',
  'square-feet',
  'rows',
  'raised-beds',
  'plants',
  'triangle',
  'triangle-height',
  'trapezoid',
  'four-sides',
  'ellipse',
  'ring',
  'offsets',
  'corners',
  'outline',
  'round-containers',
  'box-containers',
  'unknown',
] as const;
export type ShapeKind = (typeof SHAPES)[number];

/**
 * The typed measures of a piece of ground; those of other kinds are kept when the kind changes.
 * Rows are `number` × `length`, `spacing` apart; raised beds `number` × `length` × `width`, `depth`
 * deep; plants `number` root circles of `diameter`, less a ring of `trunk` around the trunk.
 */
export interface Shape {
  readonly kind: ShapeKind;
  readonly length: string;
  readonly width: string;
  readonly diameter: string;
  readonly squareFeet: string;
  /** Around ground whose square feet are given: a check on them. */
  readonly perimeter: string;
  readonly number: string;
  readonly spacing: string;
  readonly trunk: string;
  readonly sideA: string;
  readonly sideB: string;
  readonly sideC: string;
  readonly sideD: string;
  readonly diagonal: string;
  readonly height: string;
  /** Across the hole of a ring. */
  readonly inner: string;
  readonly depth: string;
  /** Widths at equal distances along a base line, from end to end. */
  readonly offsets: string;
  /** Corners in feet as `x, y`, a corner a line. */
  readonly points: string;
  /** Longitudes and latitudes as the coordinates of a GeoJSON MultiPolygon. */
  readonly outline: string;
}

/** The measures of a shape that are typed into a field each. */
export const MEASURES = [
  'length',
  'width',
  'diameter',
  'squareFeet',
  'perimeter',
  'number',
  'spacing',
  'trunk',
  'sideA',
  'sideB',
  'sideC',
  'sideD',
  'diagonal',
  'height',
  'inner',
  'depth',
  'offsets',
  'points',
] as const satisfies readonly (keyof Shape)[];
export type Measure = (typeof MEASURES)[number];

/** Most letters of an outline; the route takes no more than a million bytes in all. */
export const MOST_OUTLINE = 600_000;

/** Ground that is added to a piece of ground, or taken out of it: a shape, or another piece. */
export interface GroundPart {
  readonly id: string;
  readonly order: number;
  readonly sign: 'add' | 'less';
  readonly name: string;
  /** The piece of the case's ground that it is; '' where its own shape counts. */
  readonly areaId: string;
  readonly shape: Shape;
}

/** How ground was measured; '' is not said. */
export const MEASURED_BY = ['', 'tape', 'pace', 'map', 'guess'] as const;
export type MeasuredBy = (typeof MEASURED_BY)[number];

export const SLOPES = ['', 'level', 'gentle', 'steep'] as const;
export const DRAINAGES = ['', 'quick', 'good', 'slow'] as const;

/** What was seen on the ground when it was sampled. */
interface Site {
  readonly slope: (typeof SLOPES)[number];
  readonly drainage: (typeof DRAINAGES)[number];
  /** How many spots look different from the rest. */
  readonly spots: string;
  /** Ids of clues, with spaces between them. */
  readonly clues: string;
  readonly note: string;
}

export const CLIPPINGS = ['unknown', 'returned', 'removed'] as const;
type Clippings = (typeof CLIPPINGS)[number];

export interface Area {
  readonly id: string;
  readonly name: string;
  readonly order: number;
  readonly plant: string;
  /** Ids of plants that share the ground with it. */
  readonly sharing: readonly string[];
  readonly situation: Situation;
  readonly clippings: Clippings;
  readonly shape: Shape;
  readonly parts: Readonly<Record<string, GroundPart>>;
  readonly measuredBy: MeasuredBy;
  /** How far off the area may be, in percent; '' is the usual of the way. */
  readonly offBy: string;
  /** The length of one pace of whoever paced. */
  readonly pace: string;
  readonly site: Site;
}

/** One composite of soil; it may speak for several areas, and an area may have several. */
export interface Sample {
  readonly id: string;
  readonly name: string;
  readonly areaIds: readonly string[];
  readonly takenOn: string;
  /** Whether a test for lead is asked for, on the outside of the bag too. */
  readonly lead: '' | 'yes';
}

/** Who found the values: a laboratory, or somebody with a colour kit or a probe. */
export const SOURCES_OF_RESULTS = ['laboratory', 'kit', 'probe'] as const;
export type ResultSource = (typeof SOURCES_OF_RESULTS)[number];

/** Under what light a colour was read; '' is not said. */
export const LIGHTS = ['', 'daylight', 'cloudy', 'sun', 'indoors'] as const;
/** Classes that a colour kit tells; '' is not read. */
export const KIT_CLASSES = ['', 'low', 'medium', 'high'] as const;
type KitClass = (typeof KIT_CLASSES)[number];

/** One reading of a colour kit or a probe, as typed. */
export interface FieldReading {
  readonly id: string;
  readonly order: number;
  readonly sampleId: string;
  readonly spot: string;
  readonly light: (typeof LIGHTS)[number];
  readonly ph: string;
  readonly n: KitClass;
  readonly p: KitClass;
  readonly k: KitClass;
}

/** A report: samples as columns, analytes as rows, each value as printed; or readings of one's own. */
export interface Report {
  readonly id: string;
  readonly source: ResultSource;
  /** The id of the layout in which it is typed; '' is the usual one. */
  readonly layout: string;
  /** The laboratory's name, or the kit's. */
  readonly laboratory: string;
  readonly date: string;
  /** Inches of soil that the report's recommendation is for. */
  readonly depth: string;
  /** The smallest step that a kit or probe tells apart, in pH. */
  readonly resolution: string;
  /** What it cost, in US dollars, and how many days it took; as typed. */
  readonly cost: string;
  readonly days: string;
  readonly results: Readonly<Record<string, Partial<Readonly<Record<Analyte, Typed>>>>>;
  readonly readings: Readonly<Record<string, FieldReading>>;
}

/** What is asked of the last twelve months. */
export const PAST_KINDS = ['lime', 'sulfur', 'fertilizer', 'compost'] as const;

/** What was put on an area in the twelve months before the plan. */
export interface PastEntry {
  readonly id: string;
  readonly areaId: string;
  readonly kind: (typeof PAST_KINDS)[number];
  readonly on: string;
  readonly amount: Typed;
  /** CCE of the lime, S of the sulfur or N of the fertilizer, in percent; a fertilizer may have its whole grade. */
  readonly percent: string;
}

/** What a bag at hand says, where it differs from the typical material. */
export interface Label {
  /** CCE alone, or a score in which CCE and fineness are counted already. */
  readonly kind: 'CCE' | 'ECCE';
  readonly percent: string;
  /** How fineness is weighed, or whose score it is; '' is the usual one. */
  readonly scheme: SchemeId | '';
  /** Percent by weight that passes a sieve, as typed. */
  readonly sieves: Readonly<Partial<Record<Mesh, string>>>;
  /** Water in it, in percent. */
  readonly moisture: string;
  readonly bag: string;
  /** US dollars for one bag. */
  readonly price: string;
}

/** A paragraph of the office's own on a client's page: a copy, so that the page keeps what it said. */
export interface Paragraph {
  readonly id: string;
  readonly order: number;
  readonly name: string;
  /** Its words; an empty line parts it. */
  readonly text: string;
}

/** One client's ground, samples, reports, past and decisions as one plain document. */
export interface CaseFile {
  readonly format: typeof FORMAT;
  readonly schema: typeof SCHEMA;
  readonly id: string;
  readonly createdOn: IsoDate;
  readonly title: string;
  readonly client: { readonly name: string; readonly place: string; readonly question: string };
  /** The day from which the calendar runs, as typed. */
  readonly planFrom: string;
  readonly pack: { readonly id: string; readonly version: number };
  /** The house pack that it is read by, whole, so that it reads alike wherever the case goes. */
  readonly house: Pack | null;
  readonly areas: Readonly<Record<string, Area>>;
  readonly samples: Readonly<Record<string, Sample>>;
  readonly reports: Readonly<Record<string, Report>>;
  readonly past: Readonly<Record<string, PastEntry>>;
  readonly labels: Readonly<Record<string, Label>>;
  /** By `areaId:what`. */
  readonly decisions: Readonly<Record<string, Decision>>;
  readonly paragraphs: Readonly<Record<string, Paragraph>>;
  /** What a test costs, in US dollars a sample, and the days until a report is expected; as typed. */
  readonly sampling: { readonly fee: string; readonly days: string };
}

/** The areas in their order. */
export function areasOf(file: CaseFile): Area[] {
  return Object.values(file.areas).sort((a, b) => a.order - b.order);
}

/** The office's paragraphs on the client's page, in their order. */
export function paragraphsOf(file: CaseFile): Paragraph[] {
  return Object.values(file.paragraphs).sort((a, b) => a.order - b.order);
}

/** The parts of a piece of ground in their order. */
export function partsOf({ parts }: Area): GroundPart[] {
  return Object.values(parts).sort((a, b) => a.order - b.order);
}

/** The sample that speaks for an area: the first that names it. None: nothing was tested. */
export function sampleOf(file: Pick<CaseFile, 'samples'>, areaId: string): Sample | undefined {
  return Object.values(file.samples).find(({ areaIds }) => areaIds.includes(areaId));
}
