import { materialName } from '../../catalog/materials/named';
import type { CaseFile } from '../../casefile/casefile';
import type { AreaPlan } from '../../area/areaPlan';
import { foldTreatments, madeOf, treatmentsIn, type ByKind } from '../../treat/treatments';
import { isFedOnPage, isTold, toldTreatments } from '../told';
import { cautionsFor } from '../cautions';
import { addMonths } from '../../kernel/typed/date';
import type { Purchase } from '../../treat/purchase';
import type { JudgementId } from '../../judge/judgements';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Workings } from '../../kernel/working/workings';
import type { Figure } from '../../kernel/working/working';
import { sentence, type SlipBlock, type SlipDocument } from './document';
import { answerBlocks, leadBlock, type Asked } from './answer';
import { onceByArea } from './byArea';
import { careParts } from './careParts';
import { doNots } from './doNot';
import { fertilizerParts } from './fertilizerParts';
import { foundBlocks } from './foundBlocks';
import { hazardBlocks, nameOnPage } from './hazardBlocks';
import { liquidParts } from './liquidParts';
import { loadParts } from './loadParts';
import { limeParts } from './limeParts';
import { pageLines, printed } from './lines';
import { joined, parts, type DatedBlock, type Parts } from './parts';
import { spreaderSheet, spreadLines } from './spreadParts';
import { sulfurParts } from './sulfurParts';

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

type SectionId = `slip.section.${'buy' | 'calendar' | 'how' | 'spreader' | 'doNot' | 'after'}`;

/** A part of the page under its heading; none where it has nothing to say. */
function section(id: SectionId, blocks: readonly SlipBlock[]): SlipBlock[] {
  return blocks.length === 0 ? [] : [{ kind: 'section', text: msg(id) }, ...blocks];
}

/** What to buy for all ground together. */
function shoppingTable({ rows }: Purchase): SlipBlock[] {
  if (rows.length === 0) return [];
  return [
    {
      kind: 'table',
      head: [msg('slip.buyHead'), msg('slip.bagsHead'), msg('slip.leftOverHead')],
      rows: rows.flatMap(({ material, onHand, packs, leftOver }) => {
        const none = msg('slip.noCell');
        const left =
          'absent' in leftOver
            ? none
            : msg('slip.amountCell', { amount: { working: leftOver.id } });
        // A bag whose size cannot be read gives no number of bags.
        const cells = packs.map(({ bags, bag }) =>
          'absent' in bags || 'absent' in bag
            ? none
            : msg('slip.bagsCell', { bags: { working: bags.id }, size: { working: bag.id } }),
        );
        const enough = onHand ? [msg('slip.enoughOnHand')] : [];
        return (cells.length > 0 ? cells : enough).map((cell, at, all) => [
          materialName(material),
          cell,
          at === all.length - 1 ? left : msg('slip.noCell'),
        ]);
      }),
    },
    ...rows.flatMap(({ material, onHand }) =>
      onHand && !('absent' in onHand)
        ? [
            sentence('slip.onHand', {
              amount: { working: onHand.id },
              material: materialName(material),
            }),
          ]
        : [],
    ),
  ];
}

/** When the soil is tested again where nothing asks for it sooner, and what shows that it worked. */
function after(plan: AreaPlan): SlipBlock[] {
  const { treatments, readings, planFrom, plant } = plan;
  const { lime, fertilizer } = treatments;
  const tested = treatmentsIn(treatments).some(({ testOn }) => testOn);
  // What holds the fertilizer says itself what is to be tested.
  const soon = plan.judgements.some(({ id }) => id === 'mixFlush');
  const routine = planFrom && !tested && !readings.untested && !fertilizer.hold && !soon;
  const date = planFrom && addMonths(planFrom, 12 * plan.nextTest.years);
  const worked = [
    ...(lime.isDosed && !('absent' in lime.target)
      ? [sentence('slip.worked.lime', { ph: { working: lime.target.id } })]
      : []),
    ...(isFedOnPage(plan) ? [sentence(`slip.worked.${plant.form}`)] : []),
  ];
  return [
    ...(routine && date
      ? [sentence('slip.retest', { date: { date }, why: plan.nextTest.why })]
      : []),
    ...worked,
  ];
}

/** Work whose week a client knows better than the page. */
const OWN_BUSINESS: ReadonlySet<string> = new Set(['harvest', 'plant', 'lastCutting']);

function workParts({ works, treatments }: AreaPlan): Parts {
  // On soil that must not be used for what grows there nothing is begun.
  if (treatments.fertilizer.hold) return parts({});
  return parts({
    dated: works
      .filter(({ work }) => !OWN_BUSINESS.has(work))
      .map(({ work, date }): DatedBlock => ({
        date,
        block: sentence('slip.work', { date: { date }, work: msg(`work.${work}`) }),
      })),
  });
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
 * What the page says of an area. Where sulfur is a question it stands in place of lime, and of ground that was not tested
 * nobody knows either.
 */
function areaParts(ctx: PlanContext, plan: AreaPlan, several: boolean): Parts {
  const { untested } = plan.readings;
  const { sulfur } = plan.treatments;
  const buying = !several;
  const treated = foldTreatments(plan.treatments, {
    lime: () => (untested || sulfur ? parts({}) : limeParts(ctx, plan, buying)),
    sulfur: (treatment) => (untested ? parts({}) : sulfurParts(plan, treatment, buying)),
    fertilizer: () => fertilizerParts(plan, buying),
  });
  const judged = plan.judgements.map(({ says }): SlipBlock => ({ kind: 'sentence', text: says }));
  const spread = parts({ how: spreadLines(plan) });
  return joined([
    spread,
    ...treated,
    loadParts(plan),
    liquidParts(plan),
    workParts(plan),
    careParts(plan),
    parts({ found: [...foundBlocks(plan), ...judged], buy: buying ? judgedBuys(plan) : [] }),
  ]);
}

/** What is said to carry a nutrient, or to mend sodium, is bought as well. */
const CARRIERS: ReadonlySet<JudgementId> = new Set(['magnesium', 'calcium', 'sodic']);

function judgedBuys({ ground, judgements }: AreaPlan): SlipBlock[] {
  if (!ground.known) return [];
  return judgements.flatMap(({ id, says }) => {
    const amount = CARRIERS.has(id) ? says.params?.['amount'] : undefined;
    return amount === undefined ? [] : [sentence('slip.buyCarrier', { amount, what: id })];
  });
}

/** The office's own paragraphs, each of their parts a sentence of its own. */
function paragraphBlocks(paragraphs: readonly string[]): SlipBlock[] {
  return paragraphs
    .flatMap((text) => text.split(/\n\s*\n/))
    .map((part) => part.replace(/\s+/g, ' ').trim())
    .filter((part) => part !== '')
    .map((words) => ({ kind: 'paragraph', text: msg('slip.paragraph', { words }) }));
}

/** Each caution once, however many areas raise it. */
function once(cautions: readonly SlipBlock[]): SlipBlock[] {
  return [...new Map(cautions.map((block) => [JSON.stringify(block), block])).values()];
}

/** Everything that has a day, of all ground in one order; where there is more than one piece each line says which. */
function calendarBlocks(
  told: readonly (readonly [AreaPlan, Parts])[],
  several: boolean,
): SlipBlock[] {
  return told
    .flatMap(([plan, { dated }]) => dated.map(({ date, block }) => ({ plan, date, block })))
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0))
    .map(({ plan, block }): SlipBlock => {
      const areaId = plan.area.id;
      if (!several || block.kind !== 'sentence') return { ...block, areaId };
      const text = msg('slip.inArea', { area: nameOnPage(plan), what: block.text });
      return { kind: 'sentence', text, areaId };
    });
}

/** What goes onto the page besides the plan: the office's paragraphs, question and answer, and the advisor's changes. */
interface Said {
  readonly paragraphs: readonly string[];
  readonly asked: Asked;
  readonly lines: CaseFile['lines'];
  /** With a sheet on which the client tries the spreader. */
  readonly withSheet: boolean;
  /** The figures of the plan. */
  readonly values: Pick<Workings, 'get'>;
}

/**
 * The client's page for all areas, in the order in which it is needed: what can hurt, the answer, what was found and what follows, what
 * to buy, one calendar by date, how, what not to do, the next test, the office's own paragraphs, and the cautions once at
 * the end; then what the advisor changed of its lines. An area with a report that nothing was typed of has nothing to say yet.
 */
export function writeSlip(
  ctx: PlanContext,
  areas: readonly AreaPlan[],
  purchase: Purchase,
  { paragraphs, asked, lines: edits, withSheet, values }: Said,
): SlipDocument {
  const told = areas.filter(isTold);
  const several = told.length > 1;
  const each = told.map((plan) => [plan, areaParts(ctx, plan, several)] as const);
  const on =
    (plan: AreaPlan) =>
    (block: SlipBlock): SlipBlock => ({ ...block, areaId: plan.area.id });
  const answers = answerBlocks(asked, told);
  // What answers the question stands above already.
  const said = new Set(answers.map((block) => JSON.stringify(block)));
  const isSaid = (plan: AreaPlan, block: SlipBlock): boolean =>
    block.kind === 'sentence' &&
    [several, false].some((named) => said.has(JSON.stringify(leadBlock(plan, block.text, named))));
  const found = each.flatMap(([plan, { found: blocks }]) =>
    [heading(plan), ...unsureBlocks(plan), ...blocks.filter((block) => !isSaid(plan, block))].map(
      on(plan),
    ),
  );
  // What lies there, and packs of several sizes, do not go into a sentence.
  const inTable = several || purchase.rows.some(({ onHand, listed }) => onHand || listed);
  // Compost comes by the yard, Epsom salt and gypsum by the pound, and from no shop's list.
  const others = told.flatMap((plan) => [...loadParts(plan).buy, ...judgedBuys(plan)]);
  const buy = inTable
    ? [...shoppingTable(purchase), ...others]
    : each.flatMap(([, one]) => one.buy);
  const work = each.map(([plan, one]) => {
    const blocks = one.how.filter((block) => !isSaid(plan, block));
    return [plan, blocks.map(on(plan))] as const;
  });
  const bought = inTable
    ? purchase.rows.flatMap(({ packs }) =>
        packs.flatMap(({ bags }) => ('absent' in bags ? [] : bags.id)),
      )
    : [];
  const blocks = [
    ...told.flatMap(hazardBlocks),
    ...answers,
    ...found,
    ...section('slip.section.buy', buy),
    ...section('slip.section.calendar', calendarBlocks(each, several)),
    ...section('slip.section.how', onceByArea(work, values)),
    ...(withSheet ? section('slip.section.spreader', spreaderSheet(told)) : []),
    ...section('slip.section.doNot', doNots(told)),
    ...section(
      'slip.section.after',
      onceByArea(
        told.map((plan) => [plan, after(plan)]),
        values,
      ),
    ),
    ...paragraphBlocks(paragraphs),
    ...once(told.flatMap(cautionBlocks)),
  ];
  const { lines, lost } = pageLines(blocks, edits, values);
  return {
    blocks: printed(lines),
    lines,
    lost,
    appendix: [...bought, ...told.flatMap(appendixOf)],
  };
}
