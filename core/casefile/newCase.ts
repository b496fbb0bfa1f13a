import { USUAL_PACK } from '../catalog/packs/versions';
import type { IsoDate } from '../kernel/typed/date';
import { FORMAT, SCHEMA, type CaseFile } from './casefile';
import { NOT_BOUGHT, USUAL_BUYING } from './parts/bought';
import { NO_CLIMATE } from './parts/climate';
import { newArea } from './parts/area';
import { columnPrintedAs, newReport, type PrintedAs } from './parts/report';
import { NO_REVIEW } from './parts/review';
import { newSample } from './parts/sample';

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
  readonly shop: CaseFile['shop'];
  /** The materials of the office's Shed, what its shops have, and its spreaders. */
  readonly materials: CaseFile['materials'];
  readonly stock: CaseFile['stock'];
  readonly spreaders: CaseFile['spreaders'];
  /** The climate card of the office; '' is none. */
  readonly climate: string;
  readonly rules: CaseFile['rules'];
  /** The length of one of the advisor's paces, as typed. */
  readonly pace: string;
  /** Units and methods in which that laboratory prints. */
  readonly results: PrintedAs;
}

const USUAL_START: CaseStart = {
  pack: USUAL_PACK,
  house: null,
  laboratory: '',
  layout: '',
  sampling: { fee: '', days: '' },
  shop: { packs: '' },
  materials: {},
  stock: {},
  spreaders: {},
  climate: '',
  rules: {},
  pace: '',
  results: {},
};

/** What a new case begins with: a lawn. */
const FIRST_GROUND = { plant: 'cool-season-lawn', situation: 'established' } as const;

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
    client: { name: '', place: '', question: '', language: 'en' },
    planFrom: today,
    pack,
    house,
    areas: { lawn: newArea('lawn', 1, FIRST_GROUND, start.pace) },
    samples: { s1: newSample('s1', ['lawn']) },
    reports: {
      r1: newReport('r1', {
        laboratory,
        layout: start.layout,
        results: { s1: columnPrintedAs(start.results) },
      }),
    },
    past: {},
    loads: {},
    covers: {},
    labels: {},
    decisions: {},
    paragraphs: {},
    lines: {},
    issued: {},
    attachments: {},
    sampling: start.sampling,
    shop: start.shop,
    materials: start.materials,
    stock: start.stock,
    buying: USUAL_BUYING,
    bought: NOT_BOUGHT,
    spreaders: start.spreaders,
    climate: { ...NO_CLIMATE, card: start.climate },
    rules: start.rules,
    pins: {},
    exported: {},
    review: NO_REVIEW,
  };
}
