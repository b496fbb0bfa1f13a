import type { Report } from './parts/report';
import { sampleOf } from './parts/sample';
import type { Area } from './parts/area';
import { own } from '../kernel/typed/own';
import {
  readDecisions,
  type AreaDecisions,
  type UnknownDecision,
  type Vocabularies,
} from './decisions';
import { type CaseFile } from './casefile';

/** What the plan of one area sees of its case, and all of it: two slices that are equal have equal plans. */
export interface AreaSlice extends Pick<
  CaseFile,
  'labels' | 'sampling' | 'shop' | 'planFrom' | 'rules' | 'pins' | 'stock' | 'bought' | 'spreaders'
> {
  readonly area: Area;
  /** The samples that name the area, in their order. */
  readonly samples: CaseFile['samples'];
  /** Plants of all ground that the area's sample speaks for. */
  readonly plantsOfSample: readonly string[];
  /** The reports, each with no other columns and readings than those of the samples that name the area. */
  readonly reports: CaseFile['reports'];
  /** What was put on this area. */
  readonly past: CaseFile['past'];
  readonly loads: CaseFile['loads'];
  readonly covers: CaseFile['covers'];
  /** What was decided for this area, by kind, and what of it nobody here knows. */
  readonly decisions: AreaDecisions;
  readonly unknownDecisions: readonly UnknownDecision[];
}

function pick<T>(
  record: Readonly<Record<string, T>>,
  holds: (value: T, key: string) => boolean,
): Record<string, T> {
  return Object.fromEntries(Object.entries(record).filter(([key, value]) => holds(value, key)));
}

function ofSamples(report: Report, sampleIds: readonly string[]): Report {
  return {
    ...report,
    results: pick(report.results, (_column, id) => sampleIds.includes(id)),
    readings: pick(report.readings, ({ sampleId }) => sampleIds.includes(sampleId)),
  };
}

/** What the chosen buy puts on one area, and nothing of the others'. */
function boughtFor({ bought }: CaseFile, areaId: string): CaseFile['bought'] {
  return { ...bought, amounts: pick(bought.amounts, (amount) => amount.areaId === areaId) };
}

/** The part of a case that the plan of one of its areas rests on. */
export function sliceOf(file: CaseFile, area: Area, vocabularies: Vocabularies): AreaSlice {
  const { id } = area;
  const decided = readDecisions(file, id, vocabularies);
  const sample = sampleOf(file, id);
  const samples = pick(file.samples, ({ areaIds }) => areaIds.includes(id));
  const naming = Object.values(samples).map((each) => each.id);
  const reports = sample
    ? Object.entries(file.reports).map(([key, report]) => [key, ofSamples(report, naming)])
    : [];
  const plants = (sample?.areaIds ?? []).flatMap((other) => own(file.areas, other)?.plant ?? []);
  return {
    area,
    samples,
    plantsOfSample: [...new Set(plants)],
    reports: Object.fromEntries(reports) as CaseFile['reports'],
    past: pick(file.past, (entry) => entry.areaId === id),
    loads: pick(file.loads, (load) => load.areaId === id),
    covers: pick(file.covers, (cover) => cover.areaId === id),
    decisions: decided.decisions,
    unknownDecisions: decided.unknown,
    labels: file.labels,
    sampling: file.sampling,
    shop: file.shop,
    stock: file.stock,
    bought: boughtFor(file, id),
    spreaders: file.spreaders,
    planFrom: file.planFrom,
    rules: file.rules,
    pins: pick(file.pins, (_pin, key) => key.startsWith(`${id}:`)),
  };
}
