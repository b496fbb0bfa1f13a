import { toCome } from '../../treat/shared/treated';
import { materialName } from '../../catalog/materials/named';
import type { AreaPlan } from '../../area/areaPlan';
import { isEaten } from '../../catalog/plants/plants';
import { rawManureDays } from '../../treat/organics/rawManure';
import { leadOf } from '../../reading/lead';
import { msg, type Msg } from '../../kernel/messages/msg';
import { nameOnPage } from './hazardBlocks';
import { shownInHands } from '../../schedule/dosing/inHands';
import { fertilizerIsTold, isFedOnPage } from '../told';
import type { SlipBlock } from './document';

/** What the client asks, and the advisor's own answer; either may be empty. */
export interface Asked {
  readonly question: string;
  readonly answer: string;
}

type Answer = (area: AreaPlan) => Msg | undefined;

function onLead({ readings }: AreaPlan): Msg | undefined {
  const lead = leadOf(readings);
  return lead && msg(`answer.lead.${lead.level}`);
}

function onYellow(area: AreaPlan): Msg | undefined {
  const { judgements } = area;
  const iron = judgements.find(({ id }) => id.startsWith('iron'));
  const wet = judgements.find(({ id }) => id === 'standingWater');
  return iron?.says ?? wet?.says ?? (isFedOnPage(area) ? msg('answer.pale') : undefined);
}

function onLime({ treatments: { lime, sulfur }, readings, goal }: AreaPlan): Msg | undefined {
  const coming = toCome(lime.applications);
  const [first] = coming;
  if (lime.applications.length > 0 && !first) return msg('slip.isOn', { kind: 'lime' });
  if (lime.isDosed && first) {
    return msg('answer.lime', {
      amount: { working: shownInHands(first.amount.hands).id },
      material: materialName(lime.chosenMaterial),
      n: coming.length,
    });
  }
  const none = lime.verdict === 'none-needed' && !readings.untested;
  return none || sulfur ? msg(goal.acid ? 'answer.noLimeAcid' : 'answer.noLime') : undefined;
}

function onFertilizer(area: AreaPlan): Msg | undefined {
  const { verdict, hold } = area.treatments.fertilizer;
  if (hold) return msg(`slip.feedHeld.${hold.why}`);
  if (!fertilizerIsTold(area)) return undefined;
  if (verdict === 'none-needed') return msg('slip.noFeed');
  return isFedOnPage(area) ? msg('answer.fertilizer') : undefined;
}

/** Whether manure or compost may go on: not on very high phosphorus, fresh manure long before a harvest, else so much. */
function onManure({ plant, soilTest, allowed }: AreaPlan): Msg | undefined {
  if (soilTest.p.rating === 'very-high') return msg('answer.noCompost');
  if (isEaten(plant)) return msg('answer.manure', { days: rawManureDays(plant, allowed) });
  return msg('answer.compost', { form: plant.form });
}

/** Nothing that a plan can tell: whether a bag in the shed will do is for the advisor to say. */
const ADVISOR = 'advisor';

/** Kinds of question that a plan knows, by words that give them away, the gravest first. */
const KINDS: readonly (readonly [RegExp, Answer | typeof ADVISOR])[] = [
  [/\blead\b|\bsafe\b/i, onLead],
  [/weed.?(?:and|&|n).?feed|weed.?killer|herbicide/i, () => msg('answer.weedAndFeed')],
  [/\bmoss/i, () => msg('judged.moss')],
  [/yellow|\bpale\b|chlorosis/i, onYellow],
  // Whatever is in it: also a bag of lime.
  [/\b(?:this|that|old|half a|open) bag\b|\buse (?:it|this|that) up\b/i, ADVISOR],
  [/\b(?:use|add|put|spread|apply|instead|bring)\b[^.?!]*\b(?:manure|compost)\b/i, onManure],
  [/\blime\b|\bacidic?\b|\bsour\b|\bpH\b/i, onLime],
  [/fertili[sz]|\bfeed|\bbuy\b|\bnitrogen\b/i, onFertilizer],
];

/** The answer to what the client asks: the advisor's own, else what the plan says where it knows the kind of question. */
export function answerBlocks({ question, answer }: Asked, areas: readonly AreaPlan[]): SlipBlock[] {
  const own = answer.replace(/\s+/g, ' ').trim();
  if (own !== '') return [{ kind: 'lead', text: msg('slip.paragraph', { words: own }) }];
  for (const [words, judge] of KINDS) {
    if (!words.test(question)) continue;
    if (judge === ADVISOR) return [];
    for (const area of areas) {
      const text = judge(area);
      if (!text) continue;
      const named = msg('slip.inArea', { area: nameOnPage(area), what: text });
      return [{ kind: 'lead', text: areas.length > 1 ? named : text }];
    }
  }
  return [];
}
