import type { AreaPlan, BrokenArea } from '../area/areaPlan';
import { planArea } from '../area/planArea';
import { areasOf, paragraphsOf, type CaseFile } from '../casefile/casefile';
import { effortOf, MOST_EFFORT } from '../casefile/effort';
import { SHIPPED_MATERIALS, type Materials } from '../catalog/materials/materials';
import type { Pack } from '../catalog/packs/pack';
import { NEWEST_PACKS, SHIPPED_PACK, SHIPPED_PACKS } from '../catalog/packs/shipped';
import { PlanContext } from '../kernel/working/context';
import { findingOf, type Finding } from '../kernel/working/finding';
import { msg, type Msg } from '../kernel/messages/msg';
import { Survey } from '../site/ground/ground';
import { findingsOf } from '../tell/findings';
import { writeSlip } from '../tell/slip/slip';
import { stepStates } from '../tell/steps';
import { isTold, toldTreatments } from '../tell/told';
import { purchaseFor, type Use } from '../treat/purchase';
import type { Plan } from './types';

/** What a plan is made with besides the case: the packs and materials that this version holds, if not the shipped ones. */
export interface PlanWith {
  readonly packs?: readonly Pack[];
  readonly materials?: Materials;
}

/** What the firm applications of an area take; ground without an area takes nobody knows how much. */
function usesOf(plan: AreaPlan): Use[] {
  return toldTreatments(plan).flatMap(({ products }) =>
    products.map(({ role, materialId, bag, applications }): Use => {
      const counted = plan.ground.known || role === 'row';
      const firm = applications.filter(({ state }) => counted && state === 'firm');
      return { materialId, bag, pounds: firm.map(({ amount }) => amount.printed) };
    }),
  );
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
 * The whole pipeline: each area is worked out, then what there is to say of it is found, then steps, purchase and page are
 * told of all of them.
 *
 * Pure and synchronous; the same case file gives the same plan. A case pinned to a pack that this
 * version does not hold is planned with the shipped one and says so. It never throws: ground that
 * cannot be worked out is among the `broken`, and everything else goes on.
 *
 * @param file a valid case file of the present schema; values in it may be anything typed
 */
export function planCase(
  file: CaseFile,
  { packs = SHIPPED_PACKS, materials = SHIPPED_MATERIALS }: PlanWith = {},
): Plan {
  const ctx = new PlanContext();
  const findings: Finding[] = [];
  const { id, version } = file.pack;
  const house = file.house ? [file.house] : [];
  const pinned = [...house, ...packs].find((pack) => pack.id === id && pack.version === version);
  if (!pinned) {
    findings.push(findingOf('case', 'results', 'stop', 'packMissing', { pack: id, version }));
  }
  const by = { pack: pinned ?? SHIPPED_PACK, packs: [...house, ...NEWEST_PACKS], materials };
  const planFrom = ctx.date('planFrom', file.planFrom);
  const survey = new Survey(ctx, file.areas);
  const areas: AreaPlan[] = [];
  const broken: BrokenArea[] = [];
  let effort = 0;
  for (const area of areasOf(file)) {
    const give = (why: BrokenArea['why'], fault?: string): void => {
      findings.push(findingOf(area.id, 'ground', 'stop', why));
      broken.push({ area, why, fault });
    };
    effort += effortOf(file, area);
    if (effort > MOST_EFFORT) {
      give('areaTooMuch');
      continue;
    }
    try {
      const plan = planArea(ctx, { ...by, file, area, ground: survey.ground(area), planFrom });
      const found = findingsOf({ file, plan, materials });
      areas.push(plan);
      findings.push(...found);
    } catch (error) {
      give('areaBroken', faultOf(error));
    }
  }
  const page = pageOf(ctx, file, areas);
  if (page === NO_PAGE) findings.push(findingOf('case', 'slip', 'stop', 'pageBroken'));
  return {
    areas,
    broken,
    workings: ctx.sheet.workings,
    findings,
    problems: ctx.problems,
    ...page,
    steps: stepStates(areas, findings, ctx.problems),
  };
}

/** What to buy and the client's page; where they cannot be written the areas still stand. */
function pageOf(
  ctx: PlanContext,
  file: CaseFile,
  areas: readonly AreaPlan[],
): Pick<Plan, 'purchase' | 'slip'> {
  try {
    const purchase = purchaseFor(ctx, file, areas.filter(isTold).flatMap(usesOf));
    return { purchase, slip: writeSlip(ctx, areas, purchase, paragraphsOf(file)) };
  } catch {
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
  return msg(areas.some(isTold) ? 'turns.nothing' : 'turns.report');
}
