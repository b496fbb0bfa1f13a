import {
  areasOf,
  decisionOf,
  paragraphsOf,
  sampleOf,
  type Area,
  type CaseFile,
} from '../casefile/casefile';
import { purchaseFor, type Use } from '../treat/purchase';
import { unsureAmounts } from '../tell/findings/unsureAmounts';
import { effortOf, MOST_EFFORT } from '../casefile/effort';
import { planFeeding } from '../treat/fertilizer/plan';
import { Survey } from '../site/ground/ground';
import { askAboutGround } from '../site/ground/measureQuestions';
import { feedHeadline, limeHeadline, sulfurHeadline } from '../tell/headlines';
import { SHIPPED_MATERIALS, type Materials } from '../catalog/materials/materials';
import { planLime } from '../treat/lime/plan';
import { sulfurFindings } from '../tell/findings/sulfur';
import { feedAcid } from '../outlook/feedAcid';
import { phOutlook } from '../outlook/phOutlook';
import { guardSulfur } from '../treat/sulfur/past';
import { planSulfur } from '../treat/sulfur/plan';
import { goalOf } from '../site/goal';
import { COOL_SEASON_LAWN, PLANTS } from '../catalog/plants/plants';
import { isLimy } from '../reading/calcareous';
import { readArea } from '../reading/reading';
import { readSoilTest } from '../reading/soilTest';
import { datesOf, noticePast } from '../site/past';
import { readReport } from '../site/report/readings';
import type { AreaPlan, BrokenArea, Plan } from './types';
import { planSampling } from '../site/sampling/samplingPlan';
import { feedIsTold } from '../tell/slip/feedBlocks';
import { writeSlip } from '../tell/slip/slip';
import { stepStates } from '../tell/steps';
import type { IsoDate } from '../kernel/typed/date';
import { own } from '../kernel/typed/own';
import { noticeUnknownChoices } from '../tell/findings/unknownChoices';
import { PlanContext } from '../kernel/working/context';
import { msg, type Msg } from '../kernel/working/msg';
import { retestYears } from '../catalog/packs/opinions';
import type { Pack } from '../catalog/packs/pack';
import { NEWEST_PACKS, SHIPPED_PACK, SHIPPED_PACKS } from '../catalog/packs/shipped';

/** Whether anything is known of an area's sample, or was seen when it was taken. */
function isSampled(file: CaseFile, { id, site }: Area): boolean {
  const sample = sampleOf(file, id);
  const typed = [sample?.name, sample?.takenOn, ...Object.values(site)];
  return typed.some((text) => (text ?? '').trim() !== '');
}

/** The days on which lime went on top of this ground already: urea and ammonium keep their distance from them too. */
function limedOnTop(ctx: PlanContext, file: CaseFile, { id, situation }: Area): IsoDate[] {
  return situation === 'tilled' ? [] : datesOf(ctx, file, id, 'lime');
}

function planArea(
  ctx: PlanContext,
  file: CaseFile,
  area: Area,
  by: { readonly pack: Pack; readonly packs: readonly Pack[] },
  materials: Materials,
  planFrom: IsoDate | undefined,
  survey: Survey,
): AreaPlan {
  const { pack, packs } = by;
  const plant = own(PLANTS, area.plant) ?? COOL_SEASON_LAWN;
  if (!own(PLANTS, area.plant)) {
    ctx.find(area.id, 'ground', 'decide', 'plantUnknown', { plant: area.plant });
  }
  const goal = goalOf(ctx, file, area, plant);
  const ground = survey.ground(area);
  askAboutGround(ctx, file, area, ground);
  if (ground.parts?.kind === 'container') ctx.find(area.id, 'ground', 'note', 'containerMix');
  if (ground.unsure) {
    ctx.find(area.id, 'ground', 'note', 'areaUnsure', { area: { working: ground.area.id } }, [
      ground.area,
    ]);
  }
  const readings = readReport(ctx, file, area.id, pack);
  noticePast(ctx, file, area.id, planFrom);
  const sampling = planSampling(ctx, { file, area, plant, ground });
  const soilTest = readSoilTest(ctx, { file, areaId: area.id, pack, packs }, readings);
  const { clues } = sampling;
  const reading = readArea(ctx, { file, area, plant, goal, pack, readings, soilTest, clues });
  const shared = { file, area, plant, goal, pack, materials, ground, readings, planFrom };
  const lime = planLime(ctx, shared);
  const sulfur = planSulfur(ctx, shared);
  if (sulfur) sulfurFindings(ctx, shared, sulfur);
  guardSulfur(ctx, shared, sulfur);
  const outlook = phOutlook(ctx, { areaId: area.id, readings, planFrom, lime, sulfur });
  const limeDates = [...lime.doses.map(({ date }) => date), ...limedOnTop(ctx, file, area)];
  const feed = planFeeding(ctx, { ...shared, soilTest, limeDates });
  noticeUnknownChoices(ctx, file, area, lime, materials);
  const acid = feedAcid(ctx, area.id, feed);
  unsureAmounts(ctx, { area, ground, lime, sulfur, feed });
  const acidBelow = goal.acid && lime.standing === 'sour' && lime.verdict === 'absent';
  const begun = acidBelow ? 'acidBelow' : 'begun';
  const told = readings.begun ? begun : readings.untested ? 'untested' : 'empty';
  const headlines = {
    ph: sulfur
      ? sulfurHeadline(sulfur, ground.known)
      : limeHeadline(lime, plant, told, ground.known),
    feeding: feedHeadline(feed, plant, ground.known),
  };
  return {
    area,
    plant,
    goal,
    pack,
    ground,
    sampling,
    sampled: readings.begun || isSampled(file, area),
    readings,
    soilTest,
    limy: isLimy(file, area.id, readings),
    reading,
    lime,
    sulfur,
    outlook,
    feedAcid: acid,
    feed,
    retestYears: retestYears(decisionOf(file, area.id, 'retest')?.value, pack),
    headlines,
  };
}

/** What the firm dressings of an area take; ground without an area takes nobody knows how much. */
function usesOf({ lime, sulfur, feed, ground, readings }: AreaPlan): Use[] {
  const firm = lime.doses.filter(({ state }) => state === 'firm');
  const limes: Use = {
    materialId: lime.chosenMaterial.id,
    bag: lime.chosenMaterial.bag.size,
    pounds: ground.known ? firm.map(({ amount }) => amount.printed) : [],
  };
  const feeds = feed.chosen.parts.map(({ role, material, bag, doses }): Use => {
    const counted = (ground.known || role === 'row') && feedIsTold({ lime, readings });
    const pounds = counted ? doses.map(({ amount }) => amount.printed) : [];
    return { materialId: material.id, bag, pounds };
  });
  const soured = sulfur && {
    materialId: sulfur.chosenMaterial.id,
    bag: sulfur.chosenMaterial.bag.size,
    pounds: ground.known ? sulfur.doses.map(({ amount }) => amount.printed) : [],
  };
  return [limes, ...(soured ? [soured] : []), ...feeds];
}

/** Areas that have something to say: a report that was begun, or none at all. */
function isTold({ readings }: AreaPlan): boolean {
  return readings.begun || readings.untested;
}

/** What a plan has where its page could not be written. */
const NO_PAGE: Pick<Plan, 'purchase' | 'slip'> = {
  purchase: { rows: [], cost: { id: 'job/buy/none', absent: msg('absent.nothingToBuy') } },
  slip: { blocks: [], appendix: [] },
};

/** In what words a fault of the program is told on: its name and what it says, and nothing of the case. */
function faultOf(error: unknown): string {
  return error instanceof Error ? `${error.name}: ${error.message}` : String(error);
}

/**
 * The whole pipeline: ground, report, reading, lime, feeding, what to buy, slip.
 *
 * Pure and synchronous; the same case file gives the same plan. A case pinned to a pack that this
 * version does not hold is planned with the shipped one and says so. It never throws: ground that
 * cannot be worked out is among the `broken`, and everything else goes on.
 *
 * @param file a valid case file of the present schema; values in it may be anything typed
 */
export function planCase(
  file: CaseFile,
  packs: readonly Pack[] = SHIPPED_PACKS,
  materials: Materials = SHIPPED_MATERIALS,
): Plan {
  const ctx = new PlanContext();
  const { id, version } = file.pack;
  const house = file.house ? [file.house] : [];
  const pinned = [...house, ...packs].find((pack) => pack.id === id && pack.version === version);
  if (!pinned) ctx.find('case', 'results', 'stop', 'packMissing', { pack: id, version });
  const pack = pinned ?? SHIPPED_PACK;
  const compared = [...house, ...NEWEST_PACKS];
  const planFrom = ctx.date('planFrom', file.planFrom);
  const survey = new Survey(ctx, file.areas);
  const areas: AreaPlan[] = [];
  const broken: BrokenArea[] = [];
  let effort = 0;
  for (const area of areasOf(file)) {
    const before = ctx.findings.length;
    const give = (name: 'areaBroken' | 'areaTooMuch', fault?: string): void => {
      ctx.findings.length = before;
      ctx.find(area.id, 'ground', 'stop', name);
      broken.push({ area, why: name, fault });
    };
    effort += effortOf(file, area);
    if (effort > MOST_EFFORT) {
      give('areaTooMuch');
      continue;
    }
    try {
      const by = { pack, packs: compared };
      areas.push(planArea(ctx, file, area, by, materials, planFrom, survey));
    } catch (error) {
      give('areaBroken', faultOf(error));
    }
  }
  return {
    areas,
    broken,
    workings: ctx.sheet.workings,
    findings: ctx.findings,
    problems: ctx.problems,
    ...pageOf(ctx, file, areas, planFrom),
    steps: stepStates(areas, ctx.findings, ctx.problems),
  };
}

/** What to buy and the client's page; where they cannot be written the areas still stand. */
function pageOf(
  ctx: PlanContext,
  file: CaseFile,
  areas: readonly AreaPlan[],
  planFrom: IsoDate | undefined,
): Pick<Plan, 'purchase' | 'slip'> {
  try {
    const purchase = purchaseFor(ctx, file, areas.filter(isTold).flatMap(usesOf));
    return { purchase, slip: writeSlip(ctx, areas, purchase, planFrom, paragraphsOf(file)) };
  } catch {
    ctx.find('case', 'slip', 'stop', 'pageBroken');
    return NO_PAGE;
  }
}

/**
 * The one thing that a case turns on, for lists, and without a figure: that something typed cannot be
 * read, else its first open finding (a stop before a decision), else that the report is still to be typed, else that nothing is open.
 */
export function turnsOn({ findings, problems, areas }: Plan): Msg {
  if (Object.keys(problems).length > 0) return msg('turns.problem');
  const open =
    findings.find(({ severity }) => severity === 'stop') ??
    findings.find(({ severity }) => severity === 'decide');
  if (open?.turns) return open.turns;
  const told = areas.some(({ readings }) => readings.begun || readings.untested);
  return msg(told ? 'turns.nothing' : 'turns.report');
}
