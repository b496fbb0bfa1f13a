import type { IsoDate } from '../typed/date';

/** The schema number of the documents that this version writes. */
export const SCHEMA = 1;
export const FORMAT = 'agrologos-case';

/** A value as it stands on the paper or was typed: never parsed, never mended in the document. */
export interface Typed {
  readonly text: string;
  readonly unit: string;
  readonly method: string;
}

export const SHAPES = ['rectangle', 'circle', 'square-feet', 'unknown'] as const;
export type ShapeKind = (typeof SHAPES)[number];

/** The typed measures of an area in feet; those of other kinds are kept when the kind changes. */
export interface Shape {
  readonly kind: ShapeKind;
  readonly length: string;
  readonly width: string;
  readonly diameter: string;
  readonly squareFeet: string;
}

export const SITUATIONS = ['established', 'stressed', 'tilled'] as const;
export type Situation = (typeof SITUATIONS)[number];

export const CLIPPINGS = ['unknown', 'returned', 'removed'] as const;
type Clippings = (typeof CLIPPINGS)[number];

export interface Area {
  readonly id: string;
  readonly name: string;
  readonly order: number;
  readonly plant: string;
  readonly situation: Situation;
  readonly clippings: Clippings;
  readonly shape: Shape;
}

/** One composite of soil; it may speak for several areas, and an area may have several. */
export interface Sample {
  readonly id: string;
  readonly name: string;
  readonly areaIds: readonly string[];
  readonly takenOn: string;
}

export const ANALYTES = ['ph-water', 'ph-smp', 'om', 'cec', 'texture', 'lime-rec'] as const;
export type Analyte = (typeof ANALYTES)[number];

/** A laboratory's report: samples as columns, analytes as rows, each value as printed. */
export interface Report {
  readonly id: string;
  readonly laboratory: string;
  readonly date: string;
  /** Inches of soil that the report's recommendation is for. */
  readonly depth: string;
  readonly results: Readonly<Record<string, Partial<Readonly<Record<Analyte, Typed>>>>>;
}

/** What was put on an area in the twelve months before the plan. */
export interface PastEntry {
  readonly id: string;
  readonly areaId: string;
  readonly kind: 'lime' | 'fertilizer';
  readonly on: string;
  readonly amount: Typed;
  /** CCE of the lime, or N of the fertilizer, in percent. */
  readonly percent: string;
}

/** What a bag at hand says, where it differs from the typical material. */
export interface Label {
  readonly kind: 'CCE' | 'ECCE';
  readonly percent: string;
  readonly bag: string;
}

export const DECISIONS = [
  'lime-method',
  'lime-target',
  'lime-depth',
  'lime-material',
  'lime-own',
  'lab-rescale',
  'ph-settled',
  'feed-product',
  'feeding-settled',
] as const;
export type DecisionKind = (typeof DECISIONS)[number];

/** What the advisor chose, with the moment and, where it passes guidance, the reason. */
export interface Decision {
  readonly what: DecisionKind;
  readonly value: string;
  readonly reason: string;
  readonly at: string;
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
  readonly areas: Readonly<Record<string, Area>>;
  readonly samples: Readonly<Record<string, Sample>>;
  readonly reports: Readonly<Record<string, Report>>;
  readonly past: Readonly<Record<string, PastEntry>>;
  readonly labels: Readonly<Record<string, Label>>;
  /** By `areaId:what`. */
  readonly decisions: Readonly<Record<string, Decision>>;
}

/**
 * The key of a decision in the document.
 * @example decisionKey('lawn', 'lime-target') // 'lawn:lime-target'
 */
export function decisionKey(areaId: string, what: DecisionKind): string {
  return `${areaId}:${what}`;
}

/** The decision taken for an area, if any. */
export function decisionOf(
  file: CaseFile,
  areaId: string,
  what: DecisionKind,
): Decision | undefined {
  return file.decisions[decisionKey(areaId, what)];
}

/** The areas in their order. */
export function areasOf(file: CaseFile): Area[] {
  return Object.values(file.areas).sort((a, b) => a.order - b.order);
}
