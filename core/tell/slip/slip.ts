import type { Paragraph } from '../../casefile/parts/paragraph';
import type { AreaPlan } from '../../area/areaPlan';
import { foldTreatments, madeOf, treatmentsIn, type ByKind } from '../../treat/treatments';
import { isTold, toldTreatments } from '../told';
import { cautionsFor } from '../cautions';
import { addMonths } from '../../kernel/typed/date';
import type { Purchase } from '../../treat/purchase';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { SlipBlock, SlipDocument } from './document';
import { fertilizerBlocks } from './fertilizerBlocks';
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
  return cautionsFor(toldTreatments(plan)).map((caution) => ({
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

function retest(plan: AreaPlan): SlipBlock[] {
  const { treatments, readings, planFrom } = plan;
  const tested = treatmentsIn(treatments).some(({ testOn }) => testOn);
  // What holds the fertilizer says itself what is to be tested.
  if (!planFrom || tested || readings.untested || treatments.fertilizer.hold) return [];
  const date = addMonths(planFrom, 12 * plan.retestYears);
  return [{ kind: 'sentence', text: msg('slip.retest', { date: { date } }) }];
}

/** The sums of each kind of treatment that the appendix opens. */
const SUMS: ByKind<readonly Figure[]> = {
  lime: ({ set, bagsToBuy }) => [set.total, bagsToBuy],
  sulfur: ({ set, bagsToBuy }) => [set.total, bagsToBuy],
  fertilizer: ({ chosen }) => chosen.parts.map(({ set }) => set.total),
};

/** The figures of an area that the appendix opens: the area, the sums, and what they come to. */
function appendixOf(plan: AreaPlan): string[] {
  const { counted } = plan.ground;
  const dosed = toldTreatments(plan).filter(({ isDosed }) => isDosed);
  const figures = [counted, ...dosed.flatMap((treatment) => madeOf(treatment, SUMS))];
  return figures.filter((figure) => !('absent' in figure)).map(({ id }) => id);
}

/**
 * What the page says of each treatment of an area. Where sulfur is a question it stands in place of lime, and of ground
 * that was not tested nobody knows either.
 */
function areaBlocks(ctx: PlanContext, plan: AreaPlan, several: boolean): SlipBlock[] {
  const { untested } = plan.readings;
  const { sulfur } = plan.treatments;
  const blocks = foldTreatments(plan.treatments, {
    lime: () => (untested || sulfur ? [] : limeBlocks(ctx, plan, !several)),
    sulfur: (treatment) => (untested ? [] : sulfurBlocks(plan, treatment, !several)),
    fertilizer: () => fertilizerBlocks(plan, !several),
  });
  return blocks.flat();
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
  paragraphs: readonly Paragraph[],
): SlipDocument {
  const told = areas.filter(isTold);
  const several = told.length > 1;
  const blocks = told.flatMap((plan) => {
    const about = [
      heading(plan),
      ...unsureBlocks(plan),
      ...areaBlocks(ctx, plan, several),
      ...retest(plan),
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
