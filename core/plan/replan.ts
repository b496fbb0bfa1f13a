import type { Area } from '../casefile/parts/area';
import type { AreaPlan, BrokenArea } from '../area/areaPlan';
import { planArea } from '../area/planArea';
import { vocabulariesOf } from '../area/vocabularies';
import { areasOf, type CaseFile } from '../casefile/casefile';
import { effortOf, MOST_EFFORT } from '../casefile/effort';
import { sliceOf, type AreaSlice } from '../casefile/slice';
import { SHIPPED_MATERIALS, type Materials } from '../catalog/materials/materials';
import type { ClimateCard } from '../catalog/climate/card';
import type { Pack } from '../catalog/packs/pack';
import { NEWEST_PACKS, SHIPPED_PACK, SHIPPED_PACKS } from '../catalog/packs/shipped';
import { msg } from '../kernel/messages/msg';
import type { IsoDate } from '../kernel/typed/date';
import { sameValue } from '../kernel/typed/sameValue';
import { PlanContext, type Problems } from '../kernel/working/context';
import { findingOf, type Finding } from '../kernel/working/finding';
import { Workings, type SheetEntries } from '../kernel/working/workings';
import { climateOf } from '../site/climate';
import { materialsOf } from '../site/ownMaterials';
import { Survey, type Ground } from '../site/ground/ground';
import { findingsOf } from '../tell/findings';
import { stepStates } from '../tell/steps';
import { pageOf, type Page } from './page';
import type { Plan } from './types';
import { NOTHING, writtenIn, type Written } from './written';

/** What a plan is made with besides the case: the packs and materials that this version holds, if not the shipped ones. */
export interface PlanWith {
  readonly packs?: readonly Pack[];
  readonly materials?: Materials;
}

/** What all areas are planned by. */
interface Basis extends Written {
  readonly pack: Pack;
  readonly packs: readonly Pack[];
  readonly materials: Materials;
  readonly planFrom: IsoDate | undefined;
  readonly climate: ClimateCard | undefined;
  readonly findings: readonly Finding[];
  /** What is said after all else. */
  readonly notes: readonly Finding[];
  readonly madeFrom: Pick<CaseFile, 'pack' | 'house' | 'planFrom' | 'climate'> &
    PlanWith & { readonly own: CaseFile['materials'] };
}

/** The ground of every area, or the fault with which measuring it ended. */
interface Surveyed extends Written {
  readonly ground: ReadonlyMap<string, Ground | { readonly fault: string }>;
  /** The pieces that were measured, and all that may be parts of them. */
  readonly madeFrom: {
    readonly ids: readonly string[];
    readonly all: Pick<CaseFile, 'areas' | 'attachments'>;
  };
}

/** What came of one area, and all that it was made from. */
interface AreaRun extends Written {
  readonly plan: AreaPlan | undefined;
  readonly broken: BrokenArea | undefined;
  readonly findings: readonly Finding[];
  readonly madeFrom: {
    readonly basis: Basis;
    readonly slice: AreaSlice;
    readonly ground: ReturnType<Surveyed['ground']['get']>;
  };
}

/** A plan with its parts, so that the next one works out again only what has changed. */
export interface Run {
  readonly plan: Plan;
  readonly parts: {
    readonly file: CaseFile;
    readonly by: PlanWith;
    readonly basis: Basis;
    readonly survey: Surveyed;
    readonly areas: readonly AreaRun[];
    readonly page: Page;
  };
}

const USUAL: PlanWith = {};

/** The parts of a case that no plan rests on. */
type Unplanned = 'format' | 'schema' | 'id' | 'createdOn' | 'title' | 'exported' | 'issued';

/** Every other part; one that is added to a case has to be told of here. */
const PLANNED: Readonly<Record<Exclude<keyof CaseFile, Unplanned>, true>> = {
  planFrom: true,
  client: true,
  pack: true,
  house: true,
  areas: true,
  samples: true,
  reports: true,
  past: true,
  loads: true,
  covers: true,
  labels: true,
  decisions: true,
  paragraphs: true,
  lines: true,
  sampling: true,
  shop: true,
  materials: true,
  stock: true,
  buying: true,
  bought: true,
  spreaders: true,
  attachments: true,
  climate: true,
  rules: true,
  pins: true,
  review: true,
};
const PLANNED_PARTS = Object.keys(PLANNED) as (keyof typeof PLANNED)[];

/** In what words a fault of the program is told on: its name and what it says, and nothing of the case. */
function faultOf(error: unknown): string {
  return error instanceof Error ? `${error.name}: ${error.message}` : String(error);
}

/** By which climate the days are told, where nobody chose it, and that one that was chosen cannot be used. */
function climateFindings(
  { climate: { card } }: CaseFile,
  found: ClimateCard | undefined,
): Finding[] {
  if (card === '' && found && found.id !== 'own') {
    const climate = msg(`climate.${found.id}`);
    return [findingOf('case', 'results', 'note', 'climateOfRegion', { climate })];
  }
  return card !== '' && !found ? [findingOf('case', 'results', 'note', 'climateMissing')] : [];
}

/** A case pinned to a pack that this version does not hold is planned with the shipped one, and says so. */
function basisOf(file: CaseFile, by: PlanWith, before: Basis | undefined): Basis {
  const { pack: wanted, house, planFrom, climate } = file;
  const madeFrom = { pack: wanted, house, planFrom, climate, own: file.materials, ...by };
  if (before && sameValue(before.madeFrom, madeFrom)) return before;
  const { packs = SHIPPED_PACKS, materials = SHIPPED_MATERIALS } = by;
  const own = house ? [house] : [];
  const { id, version } = wanted;
  const pinned = [...own, ...packs].find((pack) => pack.id === id && pack.version === version);
  const ctx = new PlanContext();
  const found = climateOf(ctx, file);
  return {
    pack: pinned ?? SHIPPED_PACK,
    packs: [...own, ...NEWEST_PACKS],
    materials: materialsOf(ctx.problems, file, materials),
    planFrom: ctx.date('planFrom', planFrom),
    climate: found,
    findings: pinned
      ? []
      : [findingOf('case', 'results', 'stop', 'packMissing', { pack: id, version })],
    notes: climateFindings(file, found),
    ...writtenIn(ctx),
    madeFrom,
  };
}

/** Measures all ground anew where any of it has changed: pieces may be parts of one another. */
function surveyed(file: CaseFile, areas: readonly Area[], before: Surveyed | undefined): Surveyed {
  const all = { areas: file.areas, attachments: file.attachments };
  const madeFrom = { ids: areas.map(({ id }) => id), all };
  if (before && sameValue(before.madeFrom, madeFrom)) return before;
  const ctx = new PlanContext();
  const survey = new Survey(ctx, file);
  const ground = new Map<string, Ground | { readonly fault: string }>();
  for (const area of areas) {
    try {
      ground.set(area.id, survey.ground(area));
    } catch (error) {
      ground.set(area.id, { fault: faultOf(error) });
    }
  }
  return { ground, ...writtenIn(ctx), madeFrom };
}

function brokenRun(
  area: Area,
  why: BrokenArea['why'],
  fault: string | undefined,
  madeFrom: AreaRun['madeFrom'],
): AreaRun {
  return {
    plan: undefined,
    broken: { area, why, fault },
    findings: [findingOf(area.id, 'ground', 'stop', why)],
    ...NOTHING,
    madeFrom,
  };
}

/** An area worked out in a context of its own, and what there is to say of it. */
function areaRun(madeFrom: AreaRun['madeFrom']): AreaRun {
  const { basis, slice, ground } = madeFrom;
  const { area } = slice;
  if (!ground) return brokenRun(area, 'areaTooMuch', undefined, madeFrom);
  if ('fault' in ground) return brokenRun(area, 'areaBroken', ground.fault, madeFrom);
  const ctx = new PlanContext();
  try {
    const { pack, packs, materials, planFrom, climate } = basis;
    const by = { pack, packs, materials, planFrom, climate };
    const plan = planArea(ctx, { ...by, file: slice, area, ground });
    const findings = findingsOf({ file: slice, plan, materials });
    return { plan, broken: undefined, findings, ...writtenIn(ctx), madeFrom };
  } catch (error) {
    return brokenRun(area, 'areaBroken', faultOf(error), madeFrom);
  }
}

/** The figures of all parts of a plan; an area's stand in a sheet of its own. */
function workingsOf(
  { basis, survey, areas }: Pick<Run['parts'], 'basis' | 'survey' | 'areas'>,
  page: SheetEntries,
): Workings {
  const byArea = new Map(areas.map(({ madeFrom, sheet }) => [madeFrom.slice.area.id, sheet]));
  return new Workings(byArea, [survey.sheet, page, basis.sheet]);
}

/** The areas that are worked out, in order: as many as the program bears in one case. */
function within(file: CaseFile, areas: readonly Area[]): Area[] {
  let effort = 0;
  return areas.filter((area) => (effort += effortOf(file, area)) <= MOST_EFFORT);
}

function planOf({ basis, survey, areas, page }: Run['parts']): Plan {
  const planned = areas.flatMap(({ plan }) => plan ?? []);
  const findings = [
    ...basis.findings,
    ...areas.flatMap((run) => run.findings),
    ...page.findings,
    ...basis.notes,
  ];
  const written = [basis, survey, ...areas, page].map(({ problems }) => problems);
  const problems: Problems = Object.assign({}, ...written) as Problems;
  return {
    areas: planned,
    broken: areas.flatMap(({ broken }) => broken ?? []),
    workings: workingsOf({ basis, survey, areas }, page.sheet),
    findings,
    problems,
    ...page.told,
    steps: stepStates(planned, findings, problems),
  };
}

/**
 * The plan of a case, taken over from an earlier run as far as it rests on what has not changed: an area whose slice and
 * ground are equal by value is not worked out again, and a plan that nothing has changed in is the very same object.
 *
 * Pure and synchronous; equals planning from scratch, whatever the earlier run was of. It never throws: ground that cannot
 * be worked out is among the `broken`, and everything else goes on.
 *
 * @param file a valid case file of the present schema; values in it may be anything typed
 */
export function replan(file: CaseFile, before?: Run, by: PlanWith = USUAL): Run {
  const old = before?.parts;
  // Whoever types elsewhere leaves these parts as they were: then there is nothing to look at.
  if (old?.by === by && PLANNED_PARTS.every((part) => old.file[part] === file[part])) {
    return before as Run;
  }
  const all = areasOf(file);
  const basis = basisOf(file, by, old?.basis);
  const survey = surveyed(file, within(file, all), old?.survey);
  const areas = all.map((area): AreaRun => {
    const madeFrom = {
      basis,
      slice: sliceOf(file, area, vocabulariesOf(area, basis.materials, basis.pack, file.spreaders)),
      ground: survey.ground.get(area.id),
    };
    const last = old?.areas.find((run) => run.madeFrom.slice.area.id === area.id);
    const isSame =
      last &&
      last.madeFrom.basis === basis &&
      sameValue(last.madeFrom.slice, madeFrom.slice) &&
      sameValue(last.madeFrom.ground, madeFrom.ground);
    return isSame ? last : areaRun(madeFrom);
  });
  const page = pageOf(
    file,
    areas.flatMap(({ plan }) => plan ?? []),
    (sheet) => workingsOf({ basis, survey, areas }, sheet),
    old?.page,
  );
  const parts = { file, by, basis, survey, areas, page };
  const isSame =
    old &&
    old.basis === basis &&
    old.survey === survey &&
    old.page === page &&
    old.areas.length === areas.length &&
    areas.every((run, at) => run === old.areas[at]);
  return isSame ? before : { plan: planOf(parts), parts };
}
