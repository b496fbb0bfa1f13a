import type { Area } from '../core/casefile/parts/area';
import { type Label, EMPTY_LABEL } from '../core/casefile/parts/label';
import type { Cover, Load } from '../core/casefile/parts/organic';
import { newPastEntry, type PastEntry } from '../core/casefile/parts/past';
import { pinKey } from '../core/casefile/parts/pin';
import type { Rule } from '../core/casefile/parts/rule';
import type { RuleKind } from '../core/catalog/rules/archetypes';
import { type FieldReading, type Report, newReport } from '../core/casefile/parts/report';
import type { MeasuredBy } from '../core/casefile/parts/area';
import type { Growing } from '../core/casefile/parts/growing';
import type { Shape } from '../core/casefile/parts/shape';
import { type Typed, emptyResult } from '../core/casefile/parts/typed';
import { decisionKey, type DecisionKind } from '../core/casefile/decisions';
import type { Analyte } from '../core/catalog/analytes';
import { type CaseFile } from '../core/casefile/casefile';
import type { Pack } from '../core/catalog/packs/pack';
import { newCase } from '../core/casefile/newCase';

/** What the tests vary of the one lawn. Everything is text, as typed. */
export interface LawnInput {
  readonly site?: Partial<Area['site']>;
  readonly climate?: Partial<CaseFile['climate']>;
  /** Coordinates of the lawn's outline. */
  readonly outline?: string;
  squareFeet?: string;
  unknownArea?: boolean;
  situation?: 'established' | 'stressed' | 'tilled';
  clippings?: 'unknown' | 'returned' | 'removed';
  ph?: string;
  buffer?: string;
  om?: string;
  cec?: string;
  texture?: string;
  lab?: Partial<Typed>;
  depth?: string;
  plant?: string;
  growing?: Partial<Growing>;
  plantedOn?: string;
  /** Local rules, by kind, with what is filled in. */
  rules?: Partial<Record<RuleKind, Rule['values']>>;
  /** Days set by hand, by the key of the application. */
  pins?: Readonly<Record<string, string>>;
  /** Ids of clues seen on the ground, with spaces between. */
  clues?: string;
  /** Plants that share the ground with it. */
  sharing?: readonly string[];
  /** The house pack of the case. */
  house?: Pack;
  shape?: Partial<Shape>;
  p?: Partial<Typed>;
  k?: Partial<Typed>;
  recN?: Partial<Typed>;
  recP?: Partial<Typed>;
  recK?: Partial<Typed>;
  recProduct?: Partial<Typed>;
  /** Further results, by analyte. */
  more?: Partial<Record<Analyte, Partial<Typed>>>;
  reportedOn?: string;
  /** No sample speaks for the ground. */
  untested?: boolean;
  /** Prices of a bag by material. */
  prices?: Readonly<Record<string, string>>;
  pack?: { id: string; version: number };
  label?: Partial<Label>;
  /** Labels of other bags, by material. */
  labels?: Readonly<Record<string, Partial<Label>>>;
  planFrom?: string;
  decisions?: Partial<Record<DecisionKind, string>>;
  measuredBy?: MeasuredBy;
  /** When the sample was taken, and when lime was spread before it. */
  takenOn?: string;
  spreadOn?: string;
  /** What else was put on a month before the plan. */
  alsoSpread?: readonly ('sulfur' | 'compost')[];
  /** Compost and manure, and what grew there before. */
  loads?: readonly Partial<Load>[];
  covers?: readonly Partial<Cover>[];
  /** Further entries of the past. */
  past?: readonly Partial<PastEntry>[];
  /** Further reports: earlier ones, kits and probes. */
  reports?: readonly Report[];
  /** Why each of them was taken. */
  reason?: string;
}

function labelsOf({ label, labels = {}, prices = {} }: LawnInput): CaseFile['labels'] {
  const priced = Object.entries(prices).map(([id, price]) => [id, { price }] as const);
  const all = { ...Object.fromEntries(priced), ...labels };
  const given = label ? { ...all, 'calcitic-pelletized': label } : all;
  return Object.fromEntries(
    Object.entries(given).map(([id, said]): [string, Label] => [id, { ...EMPTY_LABEL, ...said }]),
  );
}

function limed(on: string): PastEntry {
  const amount = { text: '20', unit: 'lb/1000ft2', method: '' };
  return newPastEntry({ id: 'l1', areaId: 'lawn', kind: 'lime', on, amount, percent: '90' });
}

function moreOf({ more = {} }: LawnInput): Partial<Record<Analyte, Typed>> {
  return Object.fromEntries(
    Object.entries(more).map(([analyte, value]) => [
      analyte,
      { ...emptyResult(analyte as Analyte), ...value },
    ]),
  );
}

/** A case of one lawn, or of other ground by its plant and shape, of invented data. */
export function lawnCase(input: LawnInput): CaseFile {
  const base = newCase('case-1', '2027-10-04');
  const lawn = base.areas['lawn'];
  const report = base.reports['r1'];
  const sample = base.samples['s1'];
  if (!lawn || !report || !sample) throw new Error('lawnCase: newCase has changed');
  const typed = (text = '', unit = '', method = ''): Typed => ({ text, unit, method });
  const decisions = Object.fromEntries(
    Object.entries(input.decisions ?? {}).map(([what, value]) => [
      decisionKey('lawn', what as DecisionKind),
      { what: what as DecisionKind, value, reason: input.reason ?? '', at: '2027-10-04T12:00:00Z' },
    ]),
  );
  return {
    ...base,
    title: 'Weir Cottage',
    climate: { ...base.climate, ...input.climate },
    planFrom: input.planFrom ?? base.planFrom,
    pack: input.pack ?? base.pack,
    house: input.house ?? null,
    samples: input.untested ? {} : { s1: { ...sample, takenOn: input.takenOn ?? '' } },
    rules: Object.fromEntries(
      Object.entries(input.rules ?? {}).map(([kind, values], at) => [
        `r${at}`,
        { id: `r${at}`, order: at, kind: kind as RuleKind, name: '', values },
      ]),
    ),
    pins: Object.fromEntries(
      Object.entries(input.pins ?? {}).map(([key, on]) => [pinKey(key), { on }]),
    ),
    loads: Object.fromEntries(
      (input.loads ?? []).map((each, at) => [`l${at}`, { ...loadOf(`l${at}`, at), ...each }]),
    ),
    covers: Object.fromEntries(
      (input.covers ?? []).map((each, at) => [`v${at}`, { ...coverOf(`v${at}`, at), ...each }]),
    ),
    past: {
      ...(input.spreadOn ? { l1: limed(input.spreadOn) } : {}),
      ...Object.fromEntries(
        (input.alsoSpread ?? []).map((kind) => [kind, { ...limed('2027-09-04'), id: kind, kind }]),
      ),
      ...Object.fromEntries(
        (input.past ?? []).map((each, at) => [
          `p${at}`,
          { ...limed('2027-09-04'), ...each, id: `p${at}` },
        ]),
      ),
    },
    areas: {
      lawn: {
        ...lawn,
        name: 'Main lawn',
        plant: input.plant ?? lawn.plant,
        sharing: input.sharing ?? [],
        situation: input.situation ?? 'established',
        clippings: input.clippings ?? 'unknown',
        measuredBy: input.measuredBy ?? '',
        growing: { ...lawn.growing, ...input.growing },
        plantedOn: input.plantedOn ?? '',
        site: { ...lawn.site, clues: input.clues ?? '', ...input.site },
        shape: {
          ...lawn.shape,
          kind: input.unknownArea ? 'unknown' : 'square-feet',
          squareFeet: input.squareFeet ?? '6200',
          ...input.shape,
          outline: input.outline ? 'o1' : '',
        },
      },
    },
    attachments: input.outline ? { o1: { id: 'o1', kind: 'outline', text: input.outline } } : {},
    reports: {
      ...Object.fromEntries((input.reports ?? []).map((each) => [each.id, each])),
      r1: {
        ...report,
        depth: input.depth ?? '',
        date: input.reportedOn ?? '',
        results: {
          s1: {
            'ph-water': typed(input.ph, 'pH'),
            'ph-smp': typed(input.buffer, 'pH'),
            om: typed(input.om, '%'),
            cec: typed(input.cec, 'meq/100g'),
            texture: typed(input.texture),
            'lime-rec': { ...typed('', 'lb/1000ft2', 'product'), ...input.lab },
            p: { ...typed('', 'ppm', 'bray-1'), ...input.p },
            k: { ...typed('', 'ppm', 'ammonium-acetate'), ...input.k },
            'rec-n': { ...typed('', 'lb/1000ft2', 'N'), ...input.recN },
            'rec-p': { ...typed('', 'lb/1000ft2', 'P2O5'), ...input.recP },
            'rec-k': { ...typed('', 'lb/1000ft2', 'K2O'), ...input.recK },
            'rec-product': { ...typed('', 'lb/1000ft2', ''), ...input.recProduct },
            ...moreOf(input),
          },
        },
      },
    },
    labels: labelsOf(input),
    decisions,
  };
}

function loadOf(id: string, order: number): Load {
  const what = { material: 'yard-compost', measure: 'in', amount: '1' } as const;
  return { id, areaId: 'lawn', order, ...what, bag: '', on: '', outcome: '' };
}

function coverOf(id: string, order: number): Cover {
  const what = { crop: 'hairy-vetch', ended: 'turned' } as const;
  return { id, areaId: 'lawn', order, ...what, on: '', dry: '', cut: '', percent: '' };
}

/** Readings of a kit or a probe on the one sample: a pH each, and the classes of a kit. */
export function fieldReport(
  source: 'kit' | 'probe',
  phs: readonly string[],
  classes: Partial<Pick<FieldReading, 'n' | 'p' | 'k'>> = {},
): Report {
  const readings = phs.map((ph, index): FieldReading => {
    const blank = { spot: '', light: '', n: '', p: '', k: '' } as const;
    return { ...blank, ...classes, id: `r${index}`, order: index, sampleId: 's1', ph };
  });
  return {
    ...newReport(source, { source, date: '2027-09-01' }),
    readings: Object.fromEntries(readings.map((each) => [each.id, each])),
  };
}

/** An earlier report of the one sample, its values as texts. */
export function earlierReport(
  date: string,
  values: Partial<Record<Analyte, string | Partial<Typed>>>,
): Report {
  const column = Object.entries(values).map(([analyte, value]) => [
    analyte,
    {
      ...emptyResult(analyte as Analyte),
      ...(typeof value === 'string' ? { text: value } : value),
    },
  ]);
  return newReport('old', { date, results: { s1: Object.fromEntries(column) } });
}

/** The oracle of the first issue: 6,200 ft², pH 5.4, SMP 6.4, a bag of CCE 85. */
export const ORACLE: LawnInput = {
  ph: '5.4',
  buffer: '6.4',
  label: { kind: 'CCE', percent: '85', bag: '40' },
};

/** A lawn on loam, limed in October 2025 after a test of September, and tested anew in October 2027. */
export const LIMED: LawnInput = {
  ph: '6.1',
  buffer: '6.8',
  texture: 'loam',
  squareFeet: '5000',
  takenOn: '2027-10-01',
  reportedOn: '2027-10-05',
  reports: [earlierReport('2025-09-20', { 'ph-water': '5.5' })],
  past: [
    {
      kind: 'lime',
      on: '2025-10-10',
      amount: { text: '50', unit: 'lb/1000ft2', method: '' },
      percent: '90',
      material: 'calcitic-pelletized',
      outcome: 'done',
    },
  ],
};
