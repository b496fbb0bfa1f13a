import type { AreaPlan } from '../../area/areaPlan';
import { msg, type Msg } from '../../kernel/messages/msg';
import { nameOnPage } from './hazardBlocks';
import type { SlipBlock } from './document';
import { ADVISOR, KINDS, onAll, onWeedAndFeed } from './answerKinds';

/** What the client asks, and the advisor's own answer; either may be empty. */
export interface Asked {
  readonly question: string;
  readonly answer: string;
}

/** What answers a question, with the ground that it speaks of where there are several. */
export function leadBlock(area: AreaPlan, text: Msg, several: boolean): SlipBlock {
  const named = msg('slip.inArea', { area: nameOnPage(area), what: text });
  return { kind: 'lead', text: several ? named : text };
}

/** Words of a question that name some of the ground by what grows there. */
const NAMED: readonly (readonly [RegExp, (area: AreaPlan) => boolean])[] = [
  [/\b(?:lawns?|grass|turf)\b/i, ({ plant }) => plant.form === 'lawn'],
  [/\b(?:vegetables?|garden)\b/i, ({ plant }) => plant.group === 'vegetables'],
];

/** The ground that a question speaks of: what it names, or all of it. */
function askedOf(question: string, areas: readonly AreaPlan[]): readonly AreaPlan[] {
  const words = question.toLowerCase();
  const byName = areas.filter(({ area: { name } }) => {
    const called = name.trim().toLowerCase();
    return called !== '' && words.includes(called);
  });
  if (byName.length > 0) return byName;
  const fits = NAMED.flatMap(([named, fit]) => (named.test(question) ? [fit] : []));
  const byPlant = areas.filter((area) => fits.some((fit) => fit(area)));
  return byPlant.length > 0 ? byPlant : areas;
}

/** A question of two kinds has two answers; more are not read. */
const MOST_ANSWERS = 2;

/**
 * What answers a question of some kinds: of one piece of ground up to two, of several the first kind that any of it answers, once
 * where all of it has the same.
 */
function answersOf(question: string, areas: readonly AreaPlan[]): SlipBlock[] {
  const several = areas.length > 1;
  const asked = askedOf(question, areas);
  const found: SlipBlock[] = [];
  for (const [words, judge] of KINDS) {
    if (!words.test(question)) continue;
    if (judge === ADVISOR) break;
    if (judge === onAll && found.length > 0) break;
    const told = asked.flatMap((area) => {
      const text = judge(area);
      return text ? [{ area, text }] : [];
    });
    const [first] = told;
    if (!first) continue;
    const texts = new Set(told.map(({ text }) => JSON.stringify(text)));
    const isOfAll = told.length > 1 && told.length === asked.length && texts.size === 1;
    found.push(
      ...(isOfAll
        ? [leadBlock(first.area, first.text, false)]
        : told.map(({ area, text }) => leadBlock(area, text, several))),
    );
    if (several || found.length >= MOST_ANSWERS || judge === onWeedAndFeed) break;
  }
  return found;
}

/** The answer to what the client asks: the advisor's own, else what the plan says where it knows the kind of question. */
export function answerBlocks({ question, answer }: Asked, areas: readonly AreaPlan[]): SlipBlock[] {
  const own = answer.replace(/\s+/g, ' ').trim();
  if (own !== '') return [{ kind: 'lead', text: msg('slip.paragraph', { words: own }) }];
  return answersOf(question, areas);
}
