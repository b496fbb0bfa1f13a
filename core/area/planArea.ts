import { sampleOf } from '../casefile/parts/sample';
import type { Area } from '../casefile/parts/area';
import type { AreaSlice } from '../casefile/slice';
import type { Materials } from '../catalog/materials/materials';
import type { Pack } from '../catalog/packs/pack';
import { isMixedSample } from '../site/report/mixedSample';
import { judgementsOf } from '../judge/judgements';
import { distancesOf, stripsOn } from '../site/strips';
import { COOL_SEASON_LAWN, PLANTS } from '../catalog/plants/plants';
import { formOf, isFromBare, type Form } from '../catalog/programmes/growing';
import type { IsoDate } from '../kernel/typed/date';
import { own } from '../kernel/typed/own';
import type { PlanContext } from '../kernel/working/context';
import { fertilizerAcid } from '../outlook/fertilizerAcid';
import { habitOf } from '../outlook/habit';
import { ledgerAgainst, ledgerOf } from '../outlook/ledger';
import { verdictOf } from '../outlook/verdict/verdict';
import { nextTest } from '../outlook/nextTest';
import { phOutlook } from '../outlook/phOutlook';
import { isCalcareous } from '../reading/calcareous';
import { learnedHere } from '../reading/learned';
import { readArea } from '../reading/reading';
import { readSoilTest } from '../reading/soilTest';
import { scheduleAll, type DateRequest } from '../schedule/requests';
import { LIME_FROM_NITROGEN_DAYS } from '../tables/lime/timing';
import { limeGoesFirst } from '../treat/shared/limeRequest';
import type { ClimateCard } from '../catalog/climate/card';
import { goalOf } from '../site/goal';
import { allowedOn } from '../site/localRules';
import type { Ground } from '../site/ground/ground';
import { datesOf, summarizePast } from '../site/past';
import { readRecords } from '../site/records';
import { readReport } from '../site/report/readings';
import { planSampling } from '../site/sampling/samplingPlan';
import { planFertilizer } from '../treat/fertilizer/plan';
import { planFieldWork, type DatedWork } from '../treat/fieldWork/plan';
import { planLime } from '../treat/lime/plan';
import { planSulfur } from '../treat/sulfur/plan';
import { liquidFeedOf } from '../treat/liquid/liquidFeed';
import { spreadingOf } from '../treat/spread/spread';
import type { TreatInput } from '../treat/shared/input';
import type { Treatments } from '../treat/treatments';
import { readCovers } from '../site/covers';
import { readLoads } from '../site/loads';
import { planLoads, type DatedLoad } from '../treat/organics/plan';
import { momentsOf } from './moments';
import { unsureAmounts } from '../treat/unsureAmounts';
import type { AreaPlan } from './areaPlan';

/** All that the plan of one area rests on. */
export interface AreaInput {
  readonly file: AreaSlice;
  readonly area: Area;
  readonly ground: Ground;
  readonly pack: Pack;
  /** Every pack that its report is rated by beside the one that counts. */
  readonly packs: readonly Pack[];
  readonly materials: Materials;
  readonly planFrom: IsoDate | undefined;
  readonly climate: ClimateCard | undefined;
}

/** Whether anything is known of an area's sample, or was seen when it was taken. */
function isSampled(file: AreaSlice, { id, site }: Area): boolean {
  const sample = sampleOf(file, id);
  const typed = [sample?.name, sample?.takenOn, ...Object.values(site)];
  return typed.some((text) => (text ?? '').trim() !== '');
}

/** The days on which lime went on top of this ground already: urea and ammonium keep their distance from them too. */
function limedOnTop(ctx: PlanContext, file: AreaSlice, { id, situation }: Area): IsoDate[] {
  return situation === 'tilled' ? [] : datesOf(ctx, file, id, 'lime');
}

type Shared = Omit<Parameters<typeof planFertilizer>[1], 'limedOn'> & Pick<TreatInput, 'learned'>;

/** The ground as it is worked: what is begun on bare ground is tilled first, whatever stood there. */
function asWorked(area: Area, form: Form): Area {
  return isFromBare(form) && area.situation === 'established'
    ? { ...area, situation: 'tilled' }
    : area;
}

/** A request that keeps its distance from nitrogen that it would drive off. */
function keptFrom(request: DateRequest, of: readonly string[]): DateRequest {
  const apart = { what: 'fertilizer', days: LIME_FROM_NITROGEN_DAYS, from: [], of } as const;
  return { ...request, apart: [...(request.apart ?? []), apart] };
}

/** Lime drives the ammonia out of raw manure as it does out of urea. */
function keptFromManure(request: DateRequest, loads: readonly DatedLoad[]): DateRequest {
  const from = loads.filter(({ material }) => material.raw).map(({ date }) => date);
  if (from.length === 0) return request;
  const apart = { what: 'manure', days: LIME_FROM_NITROGEN_DAYS, from, of: [] } as const;
  return { ...request, apart: [...(request.apart ?? []), apart] };
}

/** What is put on, and the work around it: each planner proposes, one pass of the scheduler dates all of it. */
function treat(
  ctx: PlanContext,
  { file, area }: AreaInput,
  shared: Shared,
  comingLoads: readonly DatedLoad[],
): {
  readonly treatments: Treatments;
  readonly works: readonly DatedWork[];
} {
  const lime = planLime(ctx, shared);
  const limes = lime.requests.map((request) => keptFromManure(request, comingLoads));
  const sulfur = planSulfur(ctx, shared);
  const limedOn = limedOnTop(ctx, file, area);
  const fertilizer = planFertilizer(ctx, { ...shared, limedOn });
  const work = planFieldWork(ctx, shared);
  const puttingOn = limeGoesFirst(shared)
    ? [...limes, ...(sulfur?.requests ?? []), ...fertilizer.requests]
    : [
        ...fertilizer.requests,
        ...limes.map((request) => keptFrom(request, fertilizer.limeKeepsFrom)),
        ...(sulfur?.requests ?? []),
      ];
  const dates = scheduleAll([...puttingOn, ...work.requests]);
  return {
    treatments: {
      lime: lime.dated(dates),
      sulfur: sulfur?.dated(dates),
      fertilizer: fertilizer.dated(dates),
    },
    works: work.dated(dates),
  };
}

/** Salts that hold the feeding, or that something that grows there does not bear. */
function isSalty({ lines }: AreaPlan['reading'], { hold }: Treatments['fertilizer']): boolean {
  const salts = lines.find(({ analyte }) => analyte === 'ec');
  return hold?.why === 'salts' || salts?.then?.id === 'reading.then.ec.high';
}

/**
 * Works one area out, from its report to what is put on when. Nothing is said here: what there is to tell is found
 * in what comes back. What is typed and cannot be read is among the problems of the context.
 */
export function planArea(ctx: PlanContext, input: AreaInput): AreaPlan {
  const { file, ground, pack, packs, materials, planFrom, climate } = input;
  const plant = own(PLANTS, input.area.plant) ?? COOL_SEASON_LAWN;
  const form = formOf(plant, input.area);
  const area = asWorked(input.area, form);
  const goal = goalOf(ctx, file, area, plant);
  const mixed = isMixedSample(file, plant);
  // A sample that is not of this ground is none.
  const tested = mixed ? { ...file, samples: {}, reports: {} } : file;
  const readings = readReport(ctx, tested, area.id, pack);
  const past = summarizePast(ctx, file, area.id, planFrom);
  const sampling = planSampling(ctx, { file, area, plant, ground });
  const soilTest = readSoilTest(ctx, { file, areaId: area.id, pack, packs }, readings);
  const { clues } = sampling;
  const reading = readArea(ctx, { file, area, plant, goal, pack, readings, soilTest, clues });
  const allowed = allowedOn(ctx, file, plant);
  const distances = distancesOf(ctx, area);
  const loads = readLoads(ctx, file, ground, planFrom);
  const comingLoads = planLoads({ area, climate, planFrom, plant, allowed, loads });
  // What comes after the season is for the one after.
  const late = comingLoads.filter(({ inTime }) => !inTime).map(({ load }) => load.id);
  const covers = readCovers(ctx, file, planFrom);
  const records = readRecords(ctx, { file, areaId: area.id, ground, materials });
  const learned = learnedHere(ctx, { file: tested, area, pack, readings, records });
  const on = {
    file,
    area,
    plant,
    form,
    allowed,
    distances,
    goal,
    pack,
    materials,
    ground,
    readings,
    planFrom,
    learned,
    climate,
    loads: loads.filter(({ load }) => !late.includes(load.id)),
    covers,
  };
  const { treatments, works } = treat(ctx, { ...input, area }, { ...on, soilTest }, comingLoads);
  const { fertilizer } = treatments;
  const calcareous = isCalcareous(file, readings);
  const ledger = ledgerOf(ctx, area.id, records, loads);
  const habit = habitOf(ctx, { file, area, plant, materials, soilTest, fertilizer });
  const strips = stripsOn(area, allowed, distances);
  const judged = {
    ...{ area, plant, form, ground, readings, reading, soilTest, treatments },
    ...{ strips, habit, mixedSample: mixed },
  };
  return {
    area,
    plant,
    form,
    goal,
    pack,
    planFrom,
    climate,
    allowed,
    mixedSample: mixed,
    strips,
    ground,
    sampling,
    sampled: readings.begun || isSampled(file, area),
    readings,
    past,
    soilTest,
    calcareous,
    learned,
    reading,
    treatments,
    spreading: spreadingOf(ctx, file, plant, ground, treatments),
    works,
    loads,
    covers,
    comingLoads,
    moments: momentsOf(ctx, area.id, climate, treatments, [...works, ...comingLoads]),
    outlook: phOutlook(ctx, { areaId: area.id, readings, planFrom, ...treatments }),
    habit,
    ledger,
    ledgerAgainst: ledgerAgainst(ctx, { area, plant, allowed, ledger }),
    verdict: verdictOf(ctx, {
      ...{ file, areaId: area.id, readings, goal, calcareous, records },
      isTilled: area.situation === 'tilled',
      lime: treatments.lime,
    }),
    liquid: liquidFeedOf(ctx, file, area, materials, ground),
    fertilizerAcid: fertilizerAcid(ctx, area.id, treatments.fertilizer),
    unsureAmounts: unsureAmounts(ctx, area.id, ground, treatments),
    nextTest: nextTest({
      decided: file.decisions.retest?.value,
      pack,
      isMix: plant.group === 'mixes',
      acid: goal.acid,
      texture: readings.texture,
      byKit: readings.phFromField !== undefined,
      salty: isSalty(reading, fertilizer),
      lime: treatments.lime.isDosed ? treatments.lime.rate : undefined,
      muchP: soilTest.p.rating === 'very-high',
      loads,
    }),
    judgements: judgementsOf(ctx, judged),
  };
}
