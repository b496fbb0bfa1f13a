import type { AreaPlan } from '../../area/areaPlan';
import { msg, type NamesIn } from '../../kernel/messages/msg';
import { isNeeded } from '../../treat/fertilizer/isNeeded';
import { isFedOnPage, isTold } from '../told';
import { sentenceOn } from './byArea';
import type { SlipBlock } from './document';

type DoNot = NamesIn<'doNot'>;

/** So many are read; more are not. */
const MOST = 3;

const has = ({ plant }: AreaPlan, rule: AreaPlan['plant']['rules'][number]): boolean =>
  plant.rules.includes(rule);

/** What a client is likely to do wrong, the likeliest and the worst first: when it is said. */
const WRONGS: Readonly<Record<DoNot, (plan: AreaPlan) => boolean>> = {
  noSulfurTwice: ({ treatments }) => treatments.sulfur?.isDosed ?? false,
  noLimeForAcid: ({ goal, treatments }) => goal.acid && !treatments.lime.isDosed,
  noAsh: (plan) => (has(plan, 'no-ash') || has(plan, 'scab')) && !plan.treatments.lime.isDosed,
  noLegumeNitrogen: (plan) =>
    has(plan, 'legume') && !isNeeded(plan.treatments.fertilizer.needs.need.N),
  notInSpring: (plan) =>
    plan.form === 'established' && has(plan, 'strawberry-timing') && isFedOnPage(plan),
  notLate: (plan) => has(plan, 'rose-late') && isFedOnPage(plan),
  notAfterMidsummer: (plan) => has(plan, 'no-nitrate') && isFedOnPage(plan),
  noWeedKillers: ({ works }) => works.some(({ work }) => work === 'weedKillers'),
  notInHeat: (plan) =>
    plan.plant.form === 'lawn' && plan.plant.season === 'cool' && isFedOnPage(plan),
  notBeforeGreen: (plan) =>
    plan.plant.form === 'lawn' && plan.plant.season === 'warm' && isFedOnPage(plan),
  notBeforeFruit: (plan) => has(plan, 'fruit-set') && isFedOnPage(plan),
  noFreshManure: (plan) => has(plan, 'fresh-manure-forks'),
  notAllLime: ({ treatments: { lime } }) => lime.isDosed && lime.applications.length > 1,
  noLimeForNothing: ({ treatments: { lime }, readings, goal }) =>
    lime.verdict === 'none-needed' && !readings.untested && !goal.acid,
  notOnTrunk: (plan) => plan.plant.form === 'woody' && isFedOnPage(plan),
  noMore: isFedOnPage,
};

/** What is only said where it holds of all ground: the words name no plant. */
const OF_ALL: ReadonlySet<DoNot> = new Set(['noLimeForNothing']);

/** What is no more wrong on one piece of ground than on another. */
const ANYWHERE: ReadonlySet<DoNot> = new Set(['noMore', 'noLimeForNothing']);

/** The few things that this client is likeliest to do wrong, each once for all ground. */
export function doNots(areas: readonly AreaPlan[]): SlipBlock[] {
  const told = areas.filter((plan) => isTold(plan) && !plan.treatments.fertilizer.hold);
  if (told.length === 0) return [];
  return (Object.keys(WRONGS) as DoNot[])
    .filter((id) => (OF_ALL.has(id) ? told.every(WRONGS[id]) : told.some(WRONGS[id])))
    .slice(0, MOST)
    .map((id) => {
      const where = ANYWHERE.has(id) ? told : told.filter(WRONGS[id]);
      return sentenceOn(msg(`doNot.${id}`), where, areas.length);
    });
}
