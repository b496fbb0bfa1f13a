import type { Paragraph } from './parts/paragraph';
import type { Rule } from './parts/rule';
import type { CaseStart } from './newCase';
import { layoutOf, type Layout } from './layouts';
import type { UnitSystem } from '../kernel/units/metric';
import { own } from '../kernel/typed/own';
import type { Pack } from '../catalog/packs/pack';
import { PACK_VERSIONS, USUAL_PACK } from '../catalog/packs/versions';

export const PAPERS = ['letter', 'a4'] as const;
export type Paper = (typeof PAPERS)[number];

/** What an office decides once: how its cases begin, and what stands on each of its slips. */
export interface Office {
  /** The pack that new cases are pinned to, in its newest version. */
  readonly packId: string;
  readonly laboratory: string;
  /** The layout of that laboratory's paper; '' is the usual one. */
  readonly layout: string;
  /** Layouts of this office's own, by their id. */
  readonly layouts: Readonly<Record<string, Layout>>;
  /** Extractants and units in which that laboratory prints; '' is not chosen. */
  readonly pMethod: string;
  readonly kMethod: string;
  readonly soilUnit: string;
  readonly limeUnit: string;
  readonly limeBasis: string;
  readonly feedUnit: string;
  /** Under the slip: who signs, and how to reach the office; lines as typed. */
  readonly signature: string;
  readonly contact: string;
  readonly paper: Paper;
  /** Volunteers type its cases: words are explained, choices are fewer, and pages go out after a review. */
  readonly volunteers: boolean;
  /** The units that everything is shown in. */
  readonly units: UnitSystem;
  /** The length of a pace of whoever measures, as typed. */
  readonly pace: string;
  /** The climate card by which its cases are dated; '' is not chosen. */
  readonly climate: string;
  /** Local rules that its cases are bound by. */
  readonly rules: Readonly<Record<string, Rule>>;
  /** How samples are named; see `sampleNames`. */
  readonly samplePattern: string;
  /** What a test costs in US dollars, and the days until its report; as typed. */
  readonly sampleFee: string;
  readonly sampleDays: string;
  /** Packs of fertilizer that the shops around have, pounds as typed; '' are the usual ones. */
  readonly packs: string;
  /** What the shops around have of each material, by its id. */
  readonly stock: CaseStart['stock'];
  readonly spreaders: CaseStart['spreaders'];
  readonly paragraphs: Readonly<Record<string, Paragraph>>;
}

/** An office before anybody decided anything. */
export const USUAL_OFFICE: Office = {
  packId: USUAL_PACK.id,
  laboratory: '',
  layout: '',
  layouts: {},
  pMethod: '',
  kMethod: '',
  soilUnit: 'ppm',
  limeUnit: 'lb/1000ft2',
  limeBasis: 'product',
  feedUnit: 'lb/1000ft2',
  signature: '',
  contact: '',
  paper: 'letter',
  volunteers: false,
  units: 'us',
  pace: '',
  climate: '',
  rules: {},
  samplePattern: '{yy}-{nnn}',
  sampleFee: '',
  sampleDays: '14',
  packs: '',
  stock: {},
  spreaders: {},
  paragraphs: {},
};

/** The stock paragraphs in their order. */
export function stockOf({ paragraphs }: Pick<Office, 'paragraphs'>): Paragraph[] {
  return Object.values(paragraphs).sort((a, b) => a.order - b.order);
}

/**
 * How a new case of this office begins.
 * @param materials what is typed in its Shed
 * @param house the pack of the office's own that it begins with, if that is what `packId` names
 */
export function caseStart(
  office: Office,
  house: Pack | null = null,
  materials: CaseStart['materials'] = {},
): CaseStart {
  const { pMethod, kMethod, soilUnit, limeUnit, limeBasis, feedUnit } = office;
  const version = house?.version ?? own(PACK_VERSIONS, office.packId);
  // The usual layout leaves the units to what is said of P and K above.
  const rows = office.layout === '' ? [] : layoutOf(office.layout, office.layouts).rows;
  return {
    pack: version === undefined ? USUAL_PACK : { id: office.packId, version },
    house,
    laboratory: office.laboratory,
    layout: office.layout,
    sampling: { fee: office.sampleFee, days: office.sampleDays },
    shop: { packs: office.packs },
    materials,
    stock: office.stock,
    spreaders: office.spreaders,
    pace: office.pace,
    climate: office.climate,
    rules: office.rules,
    results: {
      p: { unit: soilUnit, method: pMethod },
      k: { unit: soilUnit, method: kMethod },
      'lime-rec': { unit: limeUnit, method: limeBasis },
      'rec-n': { unit: feedUnit, method: 'N' },
      'rec-p': { unit: feedUnit, method: 'P2O5' },
      'rec-k': { unit: feedUnit, method: 'K2O' },
      'rec-product': { unit: feedUnit, method: '' },
      ...Object.fromEntries(rows.map(({ analyte, unit, method }) => [analyte, { unit, method }])),
    },
  };
}
