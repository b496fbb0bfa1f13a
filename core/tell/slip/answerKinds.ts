import { toCome } from '../../treat/shared/treated';
import { materialName } from '../../catalog/materials/named';
import type { AreaPlan } from '../../area/areaPlan';
import { isEaten } from '../../catalog/plants/plants';
import { rawManureDays } from '../../treat/organics/rawManure';
import { leadOf } from '../../reading/lead';
import { msg, type Msg } from '../../kernel/messages/msg';
import { shownInHands } from '../../schedule/dosing/inHands';
import { fertilizerIsTold, isFedOnPage } from '../told';
import { asksLaboratory } from './limeParts';
import { onBlossomEnd, onLaboratoryPhosphate } from './careParts';

/** What a plan says to a question of one kind; nothing where it cannot tell. */
export type Answer = (area: AreaPlan) => Msg | undefined;

function onLead({ readings }: AreaPlan): Msg | undefined {
  const lead = leadOf(readings);
  return lead && msg(`answer.lead.${lead.level}`);
}

/** Nobody measured it. */
function onLeadUnknown({ readings }: AreaPlan): Msg | undefined {
  return leadOf(readings) ? undefined : msg('answer.leadUnmeasured');
}

function onYellow(area: AreaPlan): Msg | undefined {
  const { judgements } = area;
  const iron = judgements.find(({ id }) => id.startsWith('iron') || id === 'veinsElsewhere');
  const wet = judgements.find(({ id }) => id === 'standingWater');
  return iron?.says ?? wet?.says ?? (isFedOnPage(area) ? msg('answer.pale') : undefined);
}

function onLime(area: AreaPlan): Msg | undefined {
  const { treatments, readings, goal } = area;
  const { lime, sulfur } = treatments;
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
  if (asksLaboratory(area)) return msg('slip.limeAskLaboratory');
  // More acidic than even these plants like.
  if (goal.acid && lime.standing === 'acidic') return msg('slip.acidBelowThen');
  const none = lime.verdict === 'none-needed' && !readings.untested;
  return none || sulfur ? msg(goal.acid ? 'answer.noLimeAcid' : 'answer.noLime') : undefined;
}

/** What makes soil more acidic: so much of it, where any goes on. */
function onAcid({ treatments: { sulfur } }: AreaPlan): Msg | undefined {
  const [first] = sulfur?.isDosed ? toCome(sulfur.applications) : [];
  const material = sulfur?.materials.find(({ chosen }) => chosen);
  return (
    first &&
    material &&
    msg('answer.sulfur', {
      amount: { working: shownInHands(first.amount.hands).id },
      material: materialName(material),
    })
  );
}

function onAsh({ goal, treatments: { lime }, readings }: AreaPlan): Msg | undefined {
  if (goal.acid) return msg('answer.noAsh', { why: 'acid' });
  if (lime.isDosed) return msg('answer.noAsh', { why: 'limed' });
  const none = lime.verdict === 'none-needed' && !readings.untested;
  return none ? msg('answer.noAsh', { why: 'none' }) : undefined;
}

function onBoneMeal({ soilTest: { p } }: AreaPlan): Msg | undefined {
  if (!p.rating) return undefined;
  const enough = p.rating === 'high' || p.rating === 'very-high' ? 'yes' : 'no';
  return msg('answer.boneMeal', { enough });
}

function onEpsom({ judgements, reading }: AreaPlan): Msg | undefined {
  const short = judgements.find(({ id }) => id === 'magnesium');
  const measured = reading.lines.some(({ analyte }) => analyte === 'mg') ? 'yes' : 'no';
  return short?.says ?? msg('answer.noEpsom', { measured });
}

/** What goes on of fertilizer, each product once; a page of more than three products tells them itself. */
function onProducts(area: AreaPlan): Msg | undefined {
  if (!isFedOnPage(area)) return undefined;
  const coming = area.treatments.fertilizer.products.filter(
    ({ applications }) => toCome(applications).length > 0,
  );
  const each = [...new Map(coming.map(({ material }) => [material.id, material])).values()];
  const [first, second = first, third = second] = each.map((material) => materialName(material));
  if (!first || !second || !third || each.length > 3) return undefined;
  const [from] = coming
    .flatMap(({ applications }) => toCome(applications).map(({ date }) => date))
    .sort();
  if (!from) return undefined;
  const date = { date: from };
  return msg('answer.fertilizer', { n: each.length, first, second, third, date });
}

function onFertilizer(area: AreaPlan): Msg | undefined {
  const { verdict, hold } = area.treatments.fertilizer;
  const mix = onMix(area);
  if (mix) return mix;
  if (hold) return msg(`slip.feedHeld.${hold.why}`);
  if (!fertilizerIsTold(area)) return undefined;
  if (verdict === 'none-needed') return msg('slip.noFeed');
  return onProducts(area);
}

/** Whether manure or compost may go on: not on very high phosphorus, fresh manure long before a harvest, else so much. */
function onManure({ plant, soilTest, allowed }: AreaPlan): Msg | undefined {
  if (soilTest.p.rating === 'very-high') return msg('answer.noCompost');
  if (isEaten(plant)) return msg('answer.manure', { days: rawManureDays(plant, allowed) });
  return msg('answer.compost', { form: plant.form });
}

/** A weed killer is no fertilizer to use up. */
export function onWeedAndFeed(): Msg {
  return msg('answer.weedAndFeed');
}

/** What the ground needs in all. */
export function onAll(area: AreaPlan): Msg | undefined {
  const { treatments, readings } = area;
  const { lime, sulfur, fertilizer } = treatments;
  const mix = onMix(area);
  if (mix || fertilizer.hold || readings.untested || !readings.begun) return mix;
  const limes = asksLaboratory(area) ? 'open' : lime.isDosed ? 'lime' : 'none';
  const moves = sulfur?.isDosed ? 'sulfur' : limes;
  return msg('answer.all', { moves, fed: isFedOnPage(area) ? 'yes' : 'no' });
}

/** How pots are fertilized, or why not now. */
function onMix({ judgements }: AreaPlan): Msg | undefined {
  return judgements.find(({ id }) => id === 'mixFeed' || id === 'mixFlush')?.says;
}

/** Nothing that a plan can tell: whether a bag in the shed will do is for the advisor to say. */
export const ADVISOR = 'advisor';

/** Kinds of question that a plan knows, by words that give them away, the gravest first. */
export const KINDS: readonly (readonly [RegExp, Answer | typeof ADVISOR])[] = [
  [/\blead\b|\bsafe\b|\beat\b|\bgrow (?:food|vegetables)/i, onLead],
  [/\blead\b|\bsafe (?:to (?:eat|grow)|for)\b/i, onLeadUnknown],
  [/weed.?(?:and|&|n).?feed|weed.?killer|herbicide/i, onWeedAndFeed],
  [/\blab(?:oratory)?\b/i, onLaboratoryPhosphate],
  [/blossom.?end|\brot(?:s|ting)?\b/i, onBlossomEnd],
  [/\bmoss/i, () => msg('judged.moss')],
  [/\bclover\b/i, ({ plant }) => (plant.form === 'lawn' ? msg('judged.clover') : undefined)],
  [
    /\bcrabgrass\b/i,
    ({ plant }) =>
      plant.form === 'lawn' ? msg('judged.crabgrass', { season: plant.season }) : undefined,
  ],
  [/yellow|\bpale\b|chlorosis/i, onYellow],
  [
    /\b(?:dying|dies?|dead|wilt)/i,
    ({ judgements }) => judgements.find(({ id }) => id === 'standingWater')?.says,
  ],
  // Whatever is in it: also a bag of lime.
  [/\b(?:this|that|old|half a|open) bag\b|\buse (?:it|this|that) up\b/i, ADVISOR],
  [
    /\b(?:use|add|put|spread|apply|instead|bring|how much)\b[^.?!]*\b(?:manure|compost)\b/i,
    onManure,
  ],
  [/\bwood ash|\bash(?:es)?\b/i, onAsh],
  [/\bbone ?meal\b/i, onBoneMeal],
  [/\bepsom\b/i, onEpsom],
  [/\bsulfur\b|\bblue\b|\bacidify|\bmore acid|\blower\b[^.?!]*\bpH\b/i, onAcid],
  [/\blime\b|\bacidic?\b|\bsour\b|\bpH\b/i, onLime],
  [/fertili[sz]|\bfeed|\bbuy\b|\bnitrogen\b|\b\d+-\d+-\d+\b/i, onFertilizer],
  [
    /\bneeds?\b|\b(?:should|can|do) (?:i|we) do\b|\bwhat to do\b|\bhow is (?:my|our|the|this) soil\b/i,
    onAll,
  ],
];
