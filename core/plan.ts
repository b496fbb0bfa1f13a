import { areasOf, type Area, type CaseFile } from './casefile/casefile';
import { planFeeding } from './feeding/feedPlan';
import { measureGround } from './ground/ground';
import { feedHeadline, limeHeadline } from './headline';
import { SHIPPED_MATERIALS, type Materials } from './materials/materials';
import { planLime } from './ph/limePlan';
import { COOL_SEASON_LAWN, PLANTS } from './plants/plants';
import { readReport } from './report/readings';
import type { AreaPlan, Plan } from './planTypes';
import { writeSlip } from './slip/slip';
import { stepStates } from './steps';
import type { IsoDate } from './typed/date';
import { PlanContext } from './working/context';
import { msg, type Msg } from './working/msg';
import type { Pack } from './yardsticks/pack';
import { SHIPPED_PACK, SHIPPED_PACKS } from './yardsticks/packs';

function planArea(
  ctx: PlanContext,
  file: CaseFile,
  area: Area,
  pack: Pack,
  materials: Materials,
  planFrom: IsoDate | undefined,
): AreaPlan {
  const plant = PLANTS[area.plant] ?? COOL_SEASON_LAWN;
  const ground = measureGround(ctx, area);
  const readings = readReport(ctx, file, area.id, pack);
  const shared = { file, area, pack, materials, ground, readings, planFrom };
  const lime = planLime(ctx, { ...shared, plant });
  const limeDates = lime.doses.map(({ date }) => date);
  const feed = planFeeding(ctx, { ...shared, limeDates });
  const headlines = {
    ph: limeHeadline(lime, readings.begun, ground.known),
    feeding: feedHeadline(feed, ground.known),
  };
  return { area, plant, pack, ground, readings, lime, feed, headlines };
}

/**
 * The whole pipeline: ground, report, lime, feeding, slip.
 *
 * Pure and synchronous; the same case file gives the same plan. A case pinned to a pack that this
 * version does not hold is planned with the shipped one and says so.
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
  const pinned = packs.find((pack) => pack.id === id && pack.version === version);
  if (!pinned) ctx.find('case', 'results', 'stop', 'packMissing', { pack: id, version });
  const pack = pinned ?? SHIPPED_PACK;
  const planFrom = ctx.date('planFrom', file.planFrom);
  const areas = areasOf(file).map((area) => planArea(ctx, file, area, pack, materials, planFrom));
  const slip = writeSlip(ctx, areas, planFrom);
  return {
    areas,
    workings: ctx.sheet.workings,
    findings: ctx.findings,
    problems: ctx.problems,
    steps: stepStates(areas, ctx.findings, ctx.problems),
    slip,
  };
}

/** The one thing that a case turns on, for lists: its gravest open finding, else its pH headline. */
export function turnsOn(plan: Plan): Msg {
  const open = plan.findings.find(({ severity }) => severity !== 'note');
  return open?.message ?? plan.areas[0]?.headlines.ph ?? msg('headline.lime.notBegun');
}
