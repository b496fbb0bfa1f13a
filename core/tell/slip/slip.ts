import type { Paragraph } from '../../casefile/casefile';
import type { AreaPlan } from '../../plan/types';
import { cautionsFor } from '../cautions';
import { addMonths, type IsoDate } from '../../kernel/typed/date';
import type { Purchase } from '../../treat/purchase';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/working/msg';
import type { SlipBlock, SlipDocument } from './document';
import { feedBlocks, feedIsTold } from './feedBlocks';
import { hazardBlocks, nameOnPage } from './hazardBlocks';
import { limeBlocks } from './limeBlocks';
import { sulfurBlocks } from './sulfurBlocks';

function heading(plan: AreaPlan): SlipBlock {
  const { area, ground } = plan;
  const name = nameOnPage(plan);
  if (!('absent' in ground.counted)) {
    const params = { name, area: { working: ground.counted.id } };
    return { kind: 'heading', text: msg('slip.area', params) };
  }
  const text = ground.rows
    ? msg('slip.areaRows', { name, length: { working: `${area.id}/ground/row-length` } })
    : msg('slip.areaUnmeasured', { name });
  return { kind: 'heading', text };
}

/** Ground that is not surely measured: which end of it the page counts. */
function unsureBlocks({ ground, area }: AreaPlan): SlipBlock[] {
  if (!ground.unsure) return [];
  const params = { way: area.measuredBy || 'guess' };
  return [{ kind: 'sentence', text: msg('slip.areaUnsure', params) }];
}

function cautionBlocks(plan: AreaPlan): SlipBlock[] {
  return cautionsFor(plan, feedIsTold(plan)).map((caution) => ({
    kind: 'caution',
    caution,
    title: msg(`caution.${caution}.title`),
    text: msg(`caution.${caution}.text`),
  }));
}

/** With several areas the page says once what to buy for all of them. */
function shoppingList({ rows }: Purchase): SlipBlock[] {
  if (rows.length === 0) return [];
  return [
    { kind: 'heading', text: msg('slip.shopping') },
    {
      kind: 'table',
      head: [msg('slip.buyHead'), msg('slip.bagsHead'), msg('slip.leftOverHead')],
      rows: rows.map(({ materialId, bags, bag, leftOver }) => [
        msg(`material.${materialId}`),
        msg('slip.bagsCell', { bags: { working: bags.id }, size: { working: bag.id } }),
        msg('slip.amountCell', { amount: { working: leftOver.id } }),
      ]),
    },
  ];
}

function retest(plan: AreaPlan, planFrom: IsoDate | undefined): SlipBlock[] {
  const { lime, sulfur, feed, readings } = plan;
  // What holds the fertilizer says itself what is to be tested.
  if (!planFrom || lime.testBefore || sulfur?.testOn || readings.untested || feed.hold) return [];
  const date = addMonths(planFrom, 12 * plan.retestYears);
  return [{ kind: 'sentence', text: msg('slip.retest', { date: { date } }) }];
}

/** The figures of an area that the appendix opens: the area, the sums, and what they come to. */
function appendixOf({ ground, lime, sulfur, feed, readings }: AreaPlan): string[] {
  const figures = [
    ...('absent' in ground.counted ? [] : [ground.counted]),
    ...(lime.verdict === 'dose' ? [lime.set.total, lime.bagsToBuy] : []),
    ...(sulfur?.verdict === 'dose' ? [sulfur.set.total, sulfur.bagsToBuy] : []),
    ...(feed.verdict === 'dose' && feedIsTold({ lime, readings })
      ? feed.chosen.parts.map(({ set }) => set.total)
      : []),
  ];
  return figures.filter((figure) => !('absent' in figure)).map(({ id }) => id);
}

/** The lime part of an area that was not tested says that nobody knows; else what the lime is. */
function areaBlocks(ctx: PlanContext, plan: AreaPlan, several: boolean): SlipBlock[] {
  const { sulfur, readings } = plan;
  const treated = sulfur ? sulfurBlocks(plan, sulfur, !several) : limeBlocks(ctx, plan, !several);
  const limed = readings.untested ? [] : treated;
  return [...limed, ...feedBlocks(plan, !several)];
}

/** The office's own paragraphs, each of their parts a sentence of its own. */
function paragraphBlocks(paragraphs: readonly Paragraph[]): SlipBlock[] {
  return paragraphs
    .flatMap(({ text }) => text.split(/\n\s*\n/))
    .map((part) => part.replace(/\s+/g, ' ').trim())
    .filter((part) => part !== '')
    .map((words) => ({ kind: 'paragraph', text: msg('slip.paragraph', { words }) }));
}

/** Each caution once, however many areas raise it. */
function once(blocks: readonly SlipBlock[]): SlipBlock[] {
  const seen = new Set<string>();
  return blocks.filter((block) => {
    if (block.kind !== 'caution') return true;
    if (seen.has(block.caution)) return false;
    seen.add(block.caution);
    return true;
  });
}

/**
 * The client's page for all areas: what can hurt first, then what to buy, each area, the office's own paragraphs, and the
 * cautions once at the end. An area with a report that nothing was typed of has nothing to say yet.
 */
export function writeSlip(
  ctx: PlanContext,
  areas: readonly AreaPlan[],
  purchase: Purchase,
  planFrom: IsoDate | undefined,
  paragraphs: readonly Paragraph[],
): SlipDocument {
  const told = areas.filter(({ readings }) => readings.begun || readings.untested);
  const several = told.length > 1;
  const blocks = told.flatMap((plan) => {
    const about = [
      heading(plan),
      ...unsureBlocks(plan),
      ...areaBlocks(ctx, plan, several),
      ...retest(plan, planFrom),
    ];
    return about.map((block) => ({ ...block, areaId: plan.area.id }));
  });
  const list = several ? shoppingList(purchase) : [];
  const bought = several ? purchase.rows.map(({ bags }) => bags.id) : [];
  return {
    blocks: [
      ...told.flatMap(hazardBlocks),
      ...list,
      ...blocks,
      ...paragraphBlocks(paragraphs),
      ...once(told.flatMap(cautionBlocks)),
    ],
    appendix: [...bought, ...told.flatMap(appendixOf)],
  };
}
