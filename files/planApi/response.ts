import type { Application } from '../../core/treat/shared/treated';
import { headlinesOf } from '../../core/tell/headlines';
import type { AreaPlan } from '../../core/area/areaPlan';
import type { SulfurTreatment } from '../../core/treat/sulfur/types';
import type { CaseFile } from '../../core/casefile/casefile';
import type { BalanceRow } from '../../core/treat/fertilizer/handOrder';
import type { NeedRow } from '../../core/treat/fertilizer/need';
import { SCHOOLS } from '../../core/treat/fertilizer/schools';
import type { FertilizerProduct } from '../../core/treat/fertilizer/types';
import type { OutlookPoint } from '../../core/outlook/phOutlook';
import type { Plan } from '../../core/plan/types';
import type { SoilReading } from '../../core/reading/soilTest';
import type { AreaReading } from '../../core/reading/types';
import type { Voice } from '../../words/voice';
import { slipText } from '../slip/slipText';
import { findingKey } from '../../core/kernel/working/finding';
import type { Msg } from '../../core/kernel/messages/msg';
import { metricOf, type UnitSystem } from '../../core/kernel/units/metric';
import type { Quantity } from '../../core/kernel/units/quantity';
import type { Figure, Working } from '../../core/kernel/working/working';

/** What the first version of the route called an acidic soil: a name that is out is kept. */
const FROZEN_ACIDIC = 'sour';

/** The version of the response. Later versions of Agrologos only add fields to it. */
export const PLAN_API = 1;

/** Writes a message in words. */
type Say = (message: Msg) => string;

/** A figure's number, or null where it is absent; the units stand in the names of the fields. */
function number(figure: Figure | undefined): number | null {
  return !figure || 'absent' in figure ? null : figure.value.value;
}

function dose({ key, date, state, amount, kept }: Application) {
  return {
    key,
    date,
    state,
    doneOn: kept?.on ?? null,
    leftOut: kept !== undefined && kept.on === undefined,
    productLb: number(amount.printed),
    productLbUnrounded: number(amount.amount),
    eachPartLb: amount.each ? number(amount.each.pounds) : null,
  };
}

/** A soil test in ppm of soil, or what a saturated extract of a mix holds. */
function soilTested({ value, rating, sentence }: SoilReading, say: Say) {
  const extract = !('absent' in value) && value.value.unit === 'mg/L';
  return {
    ppm: extract ? null : number(value),
    mgPerLOfExtract: extract ? number(value) : null,
    rating: rating ?? null,
    text: say(sentence),
  };
}

/** The report read in its order: each value with how much it stands in the way, from 0 to 3. */
function reading({ lines, summary }: AreaReading, say: Say) {
  return {
    text: summary ? say(summary) : null,
    lines: lines.map(({ analyte, value, limits, sentence, then, excess = [] }) => ({
      analyte,
      working: value.id,
      limits,
      text: [sentence, ...(then ? [then] : []), ...excess].map(say).join(' '),
    })),
  };
}

function lime({ treatments: { lime: plan }, ground }: AreaPlan, say: Say) {
  const method = plan.methods.find(({ chosen }) => chosen);
  const dosed = plan.verdict === 'dose';
  return {
    verdict: plan.verdict,
    standing: plan.standing === 'acidic' ? FROZEN_ACIDIC : plan.standing,
    targetPh: number(plan.target),
    treatedDepthIn: number(plan.treatedDepth),
    method: method?.option.id ?? null,
    material: plan.chosenMaterial.id,
    limeLbPer1000SqFt: dosed ? number(plan.rate) : null,
    heldBecause: plan.held ? say(plan.held) : null,
    productTonsPerAcre: dosed ? number(plan.brings.tonsPerAcre) : null,
    limeProductLb: dosed && ground.known ? number(plan.set.total) : null,
    bagLb: number(plan.chosenMaterial.bag.size),
    bagsToBuy: dosed && ground.known ? number(plan.bagsToBuy) : null,
    testBefore: plan.testOn ?? null,
    doses: plan.applications.map(dose),
  };
}

/** The pH that is expected by a day, with its range. */
function expected({ date, ph, low, high }: OutlookPoint) {
  return { date, ph: number(ph), low: number(low), high: number(high) };
}

/** Sulfur where acid-loving plants stand too high: one dose at most, never the whole sum. */
function sulfur(plan: SulfurTreatment, { ground }: AreaPlan, say: Say) {
  const { verdict, why, chosenMaterial, first, set, testOn, bagsToBuy } = plan;
  const dosed = verdict === 'dose';
  return {
    verdict,
    why: why ? say(why) : null,
    targetPh: number(plan.target),
    material: chosenMaterial.id,
    sulfurLbPer1000SqFt: dosed ? number(first) : null,
    sulfurProductLb: dosed && ground.known ? number(set.total) : null,
    bagsToBuy: dosed && ground.known ? number(bagsToBuy) : null,
    testOn: testOn ?? null,
    doses: plan.applications.map(dose),
  };
}

function need({ pack, laboratory, by, given, credit, organic, need: left, difference }: NeedRow) {
  return {
    packLbPer1000SqFt: number(pack),
    laboratoryLbPer1000SqFt: number(laboratory),
    laboratoryMoreLb: number(difference),
    bySchoolLbPer1000SqFt: Object.fromEntries(
      SCHOOLS.map((school) => [school, number(by[school])]),
    ),
    inSoilLbPer1000SqFt: number(credit),
    givenLbPer1000SqFt: number(given),
    organicLbPer1000SqFt: number(organic),
    needLbPer1000SqFt: number(left),
  };
}

function product({ role, material, rate, set, applications: doses, bag, bags }: FertilizerProduct) {
  const perRow = role === 'row';
  return {
    role,
    material: material.id,
    gradePercent: material.grade,
    productLbPer1000SqFt: perRow ? null : number(rate),
    productLbPer100FtOfRow: perRow ? number(rate) : null,
    productLb: number(set.total),
    bagLb: number(bag),
    bags: number(bags),
    doses: doses.map(dose),
  };
}

function balance({ delivered, over, short }: BalanceRow) {
  return {
    deliveredLbPer1000SqFt: number(delivered),
    overLbPer1000SqFt: number(over),
    shortLbPer1000SqFt: number(short),
  };
}

function feeding({ treatments: { fertilizer: feed } }: AreaPlan) {
  const { needs, chosen, verdict } = feed;
  const { rows, source } = needs;
  return {
    verdict,
    heldBy: feed.hold?.why ?? null,
    source,
    way: chosen.way,
    needs: { N: need(rows.N), P2O5: need(rows.P2O5), K2O: need(rows.K2O) },
    products: chosen.parts.map(product),
    balance: chosen.balance
      ? {
          N: balance(chosen.balance.N),
          P2O5: balance(chosen.balance.P2O5),
          K2O: balance(chosen.balance.K2O),
        }
      : null,
  };
}

function sampling({ sampling: plan }: AreaPlan) {
  return {
    depthIn: number(plan.depth),
    notBefore: plan.notBefore ?? null,
    schools: plan.schools.map(({ id, chosen, samples, coresEach, cost }) => ({
      school: id,
      chosen,
      samples: number(samples),
      coresEach: number(coresEach),
      costUsd: number(cost),
    })),
  };
}

/** Compost and manure with what they bring; of what is to come its day, and whether that is in time for the season. */
function organics({ loads, comingLoads }: AreaPlan) {
  return loads.map(({ load, material, when, yards, pounds, deep, holds, seasonN }) => {
    const coming = comingLoads.find((each) => each.load.id === load.id);
    return {
      material: material.id,
      when,
      date: coming?.date ?? null,
      inTime: coming?.inTime ?? null,
      cubicYards: number(yards),
      lb: number(pounds),
      deepIn: number(deep),
      holdsLbPer1000SqFt: {
        N: number(holds.N),
        P2O5: number(holds.P2O5),
        K2O: number(holds.K2O),
      },
      seasonNLbPer1000SqFt: number(seasonN),
    };
  });
}

/** How it is spread, where a spreader is known: each rate of each product in one of two directions. */
function spreading({ spreading: on }: AreaPlan) {
  return on
    ? {
        swathFt: number(on.swath),
        strips: on.along ? number(on.along.count) : null,
        products: on.products.flatMap(({ material, rates }) =>
          rates.map(({ dates, perPass, next }) => ({
            material: material.id,
            dates,
            eachWayLbPer1000SqFt: number(perPass),
            dial: number(next.dial),
          })),
        ),
      }
    : null;
}

function area(plan: AreaPlan, { workings }: Plan, say: Say) {
  const { area: of, plant, ground, readings, soilTest } = plan;
  const headlines = headlinesOf(plan);
  const rowFeet = workings.get(`${of.id}/ground/row-length`);
  return {
    id: of.id,
    name: of.name,
    plant: plant.id,
    areaSqFt: number(ground.area),
    countedSqFt: number(ground.counted),
    rowLengthFt: rowFeet && !('absent' in rowFeet) ? rowFeet.value.value : null,
    amountsPer1000SqFt: !ground.known,
    waterPh: number(readings.waterPh),
    bufferPh: number(readings.bufferPh),
    organicMatterPercent: number(readings.organicMatter),
    phosphorus: soilTested(soilTest.p, say),
    potassium: soilTested(soilTest.k, say),
    reading: reading(plan.reading, say),
    judgements: plan.judgements.map(({ id, weight, source, says }) => ({
      id,
      weight,
      source,
      text: say(says),
    })),
    lime: lime(plan, say),
    sulfur: plan.treatments.sulfur ? sulfur(plan.treatments.sulfur, plan, say) : null,
    phOutlook: plan.outlook.map(expected),
    feedAcidLbCaCO3Per1000SqFt: number(plan.fertilizerAcid),
    feeding: feeding(plan),
    organics: organics(plan),
    spreading: spreading(plan),
    sampling: sampling(plan),
    text: { ph: say(headlines.ph), feeding: say(headlines.feeding) },
  };
}

function working(entry: Working, say: Say, units: UnitSystem) {
  const common = { label: say(entry.label), inputs: entry.inputs };
  if ('absent' in entry) return { ...common, absent: say(entry.absent) };
  const { op, range, source, standing, at } = entry;
  const written = (value: Quantity): Quantity => (units === 'metric' ? metricOf(value) : value);
  const value = written(entry.value);
  const end = (at: number): number => written({ ...entry.value, value: at }).value;
  return {
    ...common,
    op,
    value: value.value,
    unit: value.unit,
    of: value.of,
    ...(range ? { low: end(range.low), high: end(range.high) } : {}),
    ...(source ? { source } : {}),
    ...(standing ? { standing } : {}),
    ...(at ? { at } : {}),
  };
}

/**
 * A plan in the documented shape of `docs/formats/plan-api.md`: plain JSON, units in the names of
 * the fields, null where a figure is absent (its working says why).
 * @param voice the voice of its sentences, and the units of these and of the workings
 * @param page the voice of the client's page
 */
export function planResponse(file: CaseFile, plan: Plan, voice: Voice, page: Voice = voice) {
  const { findings, problems, purchase, workings } = plan;
  const say: Say = (message) => voice.message(message, { workings });
  return {
    api: PLAN_API,
    caseId: file.id,
    pack: file.pack,
    areas: plan.areas.map((each) => area(each, plan, say)),
    brokenAreas: plan.broken.map(({ area: of, why }) => ({ id: of.id, why })),
    products: purchase.rows.map(({ material, pounds, onHand, packs, leftOver, cost }) => ({
      material: material.id,
      productLb: number(pounds),
      onHandLb: onHand ? number(onHand) : null,
      // Of the first size; all sizes follow.
      bagLb: packs[0] ? number(packs[0].bag) : null,
      bags: packs[0] ? number(packs[0].bags) : 0,
      packs: packs.map(({ bag, bags }) => ({ bagLb: number(bag), bags: number(bags) })),
      leftOverLb: number(leftOver),
      costUsd: number(cost),
    })),
    jobCostUsd: number(purchase.cost),
    findings: findings.map((finding) => ({
      id: findingKey(finding),
      step: finding.step,
      severity: finding.severity,
      text: say(finding.message),
      restsOn: finding.restsOn,
    })),
    problems: Object.entries(problems).map(([path, problem]) => ({ path, text: say(problem) })),
    slipText: slipText(file, plan, page),
    workings: Object.fromEntries(
      Object.entries(workings.byId()).map(([id, entry]) => [id, working(entry, say, voice.units)]),
    ),
  };
}

/** A plan in its documented shape; `docs/formats/openapi.json` is made of this type. */
export type PlanResponse = ReturnType<typeof planResponse>;
