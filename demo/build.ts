import { newRule } from '../core/casefile/parts/rule';
import type { RuleKind } from '../core/catalog/rules/archetypes';
import type { LineEdit } from '../core/casefile/parts/line';
import type { Language } from '../core/casefile/parts/language';
import { newPastEntry, type PastEntry } from '../core/casefile/parts/past';
import {
  type FieldReading,
  type Report,
  blankColumn,
  newReport,
} from '../core/casefile/parts/report';
import { type Area, newArea } from '../core/casefile/parts/area';
import type { Shape } from '../core/casefile/parts/shape';
import { type Typed, emptyResult } from '../core/casefile/parts/typed';
import { decisionKey, type Decision, type DecisionKind } from '../core/casefile/decisions';
import type { Analyte } from '../core/catalog/analytes';
import { type CaseFile } from '../core/casefile/casefile';
import { DEMO_MARK } from '../core/casefile/demo';
import { newCase } from '../core/casefile/newCase';
import { planCase } from '../core/plan/plan';
import { slipDigest } from '../core/plan/queue';
import { addDays, type IsoDate } from '../core/kernel/typed/date';

/** What is told of a piece of demo ground, beside its plant and shape. */
interface DemoGround {
  readonly name: string;
  readonly plant?: string;
  readonly situation?: Area['situation'];
  readonly clippings?: Area['clippings'];
  readonly shape: Partial<Shape>;
  /** What else is told of it: parts, how it was measured, what was seen. */
  readonly more?: Partial<Pick<Area, 'parts' | 'measuredBy' | 'pace' | 'site' | 'sharing'>>;
  /** Not tested: no sample speaks for it. */
  readonly untested?: boolean;
}

/** An invented case in a few lines. */
export interface DemoCase {
  /** The id without its mark. */
  readonly id: string;
  readonly title: string;
  readonly client: string;
  readonly place: string;
  readonly question: string;
  /** Lines of the page in the advisor's own words, by the sentence's id; '' strikes it out. */
  readonly ownWords?: Readonly<Record<string, string>>;
  /** The climate card of the place; that of the guideline's region where none is named. */
  readonly climate?: string;
  /** Kinds of local rules, each as is usual for it. */
  readonly rules?: readonly RuleKind[];
  /** The language of the page; English where none is named. */
  readonly language?: Language;
  /** Days before today on which the soil was taken, and on which the report came. */
  readonly taken?: number;
  readonly reported?: number;
  readonly grounds: readonly DemoGround[];
  /** The pack that it is read by, where it is not the usual one. */
  readonly pack?: CaseFile['pack'];
  /** Results as printed: text alone, or with a unit and a method. */
  readonly results?: Partial<Record<Analyte, string | Partial<Typed>>>;
  /** Spread four months before the sample, or so many days. */
  readonly past?: readonly (Pick<PastEntry, 'kind' | 'amount' | 'percent'> & { days?: number })[];
  readonly decisions?: Partial<Record<DecisionKind, string>>;
  /** Readings of a colour kit: spot, light and pH of each. */
  readonly kit?: readonly (readonly [spot: string, light: FieldReading['light'], ph: string])[];
  /** An earlier report of the same ground, so many days before this one. */
  readonly earlier?: { readonly days: number; readonly results: NonNullable<DemoCase['results']> };
  /** Every step settled; sent as well, so many days ago. */
  readonly settled?: boolean;
  readonly sent?: number;
}

function typed(analyte: Analyte, value: string | Partial<Typed>): Typed {
  return { ...emptyResult(analyte), ...(typeof value === 'string' ? { text: value } : value) };
}

function areasOf(grounds: readonly DemoGround[]): Record<string, Area> {
  const areas = grounds.map((ground, index): Area => {
    const { name, plant = 'cool-season-lawn', situation, clippings, shape, more } = ground;
    const usual = plant === 'cool-season-lawn' ? 'established' : 'tilled';
    const fresh = newArea(`a${index + 1}`, index + 1, { plant, situation: usual });
    return {
      ...fresh,
      name,
      situation: situation ?? fresh.situation,
      clippings: clippings ?? fresh.clippings,
      shape: { ...fresh.shape, ...shape },
      ...more,
    };
  });
  return Object.fromEntries(areas.map((area) => [area.id, area]));
}

function decide(
  file: CaseFile,
  areaId: string,
  what: DecisionKind,
  value: string,
  on: IsoDate,
): CaseFile {
  const decision: Decision = { what, value, reason: '', at: `${on}T09:00:00.000Z` };
  return { ...file, decisions: { ...file.decisions, [decisionKey(areaId, what)]: decision } };
}

/** Settles every step as it stands. */
function settle(file: CaseFile, on: IsoDate): CaseFile {
  return planCase(file).areas.reduce(
    (now, { area, treatments: { lime, sulfur, fertilizer: feed } }) => {
      const limed = decide(now, area.id, 'ph-settled', lime.digest, on);
      const acidified = sulfur
        ? decide(limed, area.id, 'sulfur-settled', sulfur.digest, on)
        : limed;
      return decide(acidified, area.id, 'feeding-settled', feed.digest, on);
    },
    file,
  );
}

function columnOf(results: NonNullable<DemoCase['results']>): Report['results'][string] {
  return Object.fromEntries(
    Object.entries(results).map(([analyte, value]) => [analyte, typed(analyte as Analyte, value)]),
  );
}

/** What there is beside the present report: a kit's readings, and the report before. */
function furtherReports(
  { kit, earlier }: DemoCase,
  readOn: IsoDate,
  reportedOn: IsoDate,
): Record<string, Report> {
  const reports: Record<string, Report> = {};
  if (kit) {
    const readings = kit.map(([spot, light, ph], index): FieldReading => {
      const id = `k${index + 1}`;
      return { id, order: index + 1, sampleId: 's1', spot, light, ph, n: '', p: '', k: '' };
    });
    reports['kit'] = {
      ...newReport('kit', { source: 'kit', laboratory: 'Drop kit', date: readOn }),
      cost: '15',
      readings: Object.fromEntries(readings.map((each) => [each.id, each])),
    };
  }
  if (earlier) {
    const date = addDays(reportedOn, -earlier.days);
    const results = { s1: columnOf(earlier.results) };
    reports['r0'] = newReport('r0', { laboratory: 'Fen Soils', date, results });
  }
  return reports;
}

/** The case with a line of its page in the advisor's own words, or struck out where these are none. */
function reworded(file: CaseFile, id: string, words: string, on: IsoDate): CaseFile {
  const line = planCase(file).slip.lines.find(({ key }) => key?.split(':')[1] === id);
  if (!line?.key) throw new Error(`reworded: no line '${id}'`);
  const edit: LineEdit = {
    what: words === '' ? 'struck' : 'words',
    text: words,
    after: '',
    restsOn: line.standsFor,
    at: `${on}T12:00:00Z`,
  };
  return { ...file, lines: { ...file.lines, [line.key]: edit } };
}

/** A demo case as a document, with its days counted from today. */
export function buildDemo(demo: DemoCase, today: IsoDate): CaseFile {
  const ago = (days: number): IsoDate => addDays(today, -days);
  const { results = {}, past = [], settled, sent } = demo;
  // A slip that was sent long ago rests on a report of before then.
  const { taken = (sent ?? 0) + 12, reported = (sent ?? 0) + 2 } = demo;
  const areas = areasOf(demo.grounds);
  const begun = Object.keys(results).length > 0;
  const tested = Object.keys(areas).filter((_id, index) => !demo.grounds[index]?.untested);
  const values = columnOf(results);
  const base = newCase(`${DEMO_MARK}${demo.id}`, ago(taken));
  const [paper] = Object.values(base.reports);
  const file: CaseFile = {
    ...base,
    title: demo.title,
    pack: demo.pack ?? base.pack,
    client: {
      name: demo.client,
      place: demo.place,
      question: demo.question,
      language: demo.language ?? 'en',
    },
    planFrom: sent === undefined ? today : ago(sent),
    areas,
    samples:
      tested.length > 0
        ? { s1: { id: 's1', name: demo.title, areaIds: tested, takenOn: ago(taken), lead: '' } }
        : {},
    reports: {
      ...furtherReports(demo, ago(taken), ago(reported)),
      r1: newReport('r1', {
        laboratory: begun ? 'Fen Soils' : '',
        date: begun ? ago(reported) : '',
        results: { s1: { ...(paper ? blankColumn(paper) : {}), ...values } },
      }),
    },
    climate: { ...base.climate, card: demo.climate ?? '' },
    rules: Object.fromEntries(
      (demo.rules ?? []).map((kind, index) => [kind, newRule(kind, index + 1, kind)]),
    ),
    past: Object.fromEntries(
      past.map(({ days = 120, ...entry }, index) => {
        const id = `p${index + 1}`;
        return [id, newPastEntry({ ...entry, id, areaId: 'a1', on: ago(taken + days) })];
      }),
    ),
  };
  const decided = Object.entries(demo.decisions ?? {}).reduce(
    (now, [what, value]) => decide(now, 'a1', what as DecisionKind, value, today),
    file,
  );
  const worded = Object.entries(demo.ownWords ?? {}).reduce(
    (now, [id, words]) => reworded(now, id, words, today),
    decided,
  );
  if (!settled) return worded;
  const done = settle(worded, ago(sent ?? 0));
  return sent === undefined
    ? done
    : decide(done, 'case', 'slip-sent', slipDigest(planCase(done)), ago(sent));
}
