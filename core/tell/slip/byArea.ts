import type { AreaPlan } from '../../area/areaPlan';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { SlipBlock } from './document';
import type { Workings } from '../../kernel/working/workings';
import { nameOnPage } from './hazardBlocks';
import { resolved } from './lines';

/** What several pieces of ground are called together; nothing where they are more than a sentence bears. */
function namesOf(areas: readonly AreaPlan[]): Msg | string | undefined {
  const [one, two, three, ...more] = areas.map(nameOnPage);
  if (one === undefined || more.length > 0) return undefined;
  if (two === undefined) return one;
  if (three === undefined) return msg('slip.twoNames', { one, two });
  return msg('slip.threeNames', { one, two, three });
}

/** A sentence with the ground that it holds of, where that is not all ground of the page. */
export function sentenceOn(text: Msg, areas: readonly AreaPlan[], all: number): SlipBlock {
  const area = areas.length < all ? namesOf(areas) : undefined;
  return {
    kind: 'sentence',
    text: area === undefined ? text : msg('slip.inArea', { area, what: text }),
  };
}

/**
 * Each sentence once, however many areas raise it, in the order in which it is first raised, with the ground that it holds of where
 * there are several.
 * @param values the figures of the plan: two sentences are the same where their figures are
 */
export function onceByArea(
  raised: readonly (readonly [AreaPlan, readonly SlipBlock[]])[],
  values: Pick<Workings, 'get'>,
): SlipBlock[] {
  const said = new Map<string, { readonly block: SlipBlock; readonly areas: AreaPlan[] }>();
  for (const [area, blocks] of raised) {
    for (const block of blocks) {
      const key = JSON.stringify(block.kind === 'table' ? block : resolved(block.text, values));
      const before = said.get(key);
      if (!before) said.set(key, { block, areas: [area] });
      else if (!before.areas.includes(area)) before.areas.push(area);
    }
  }
  return [...said.values()].map(({ block, areas }) =>
    block.kind === 'sentence' && raised.length > 1
      ? sentenceOn(block.text, areas, raised.length)
      : block,
  );
}
