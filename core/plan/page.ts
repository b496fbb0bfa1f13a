import type { AreaPlan } from '../area/areaPlan';
import { inShort, jobOf } from '../buy/job';
import { checkBuying } from '../buy/typed';
import { paragraphWords, type CaseFile } from '../casefile/casefile';
import { decisionOf } from '../casefile/decisions';
import { msg } from '../kernel/messages/msg';
import { sameValue } from '../kernel/typed/sameValue';
import { PlanContext } from '../kernel/working/context';
import { findingOf, type Finding } from '../kernel/working/finding';
import type { SheetEntries, Workings } from '../kernel/working/workings';
import type { Asked } from '../tell/slip/answer';
import type { PageLines } from '../tell/slip/document';
import { writeSlip } from '../tell/slip/slip';
import { isTold } from '../tell/told';
import { purchaseFor } from '../treat/purchase';
import { slipDigest } from './queue';
import { reviewDigest } from './release';
import type { Plan } from './types';
import { usesOf } from './uses';
import { NOTHING, writtenIn, type Written } from './written';

/** What is told of all areas together. */
export interface Page extends Written {
  readonly told: Pick<Plan, 'purchase' | 'slip'>;
  readonly findings: readonly Finding[];
  readonly madeFrom: {
    readonly areas: readonly AreaPlan[];
    readonly labels: CaseFile['labels'];
    readonly shop: CaseFile['shop'];
    readonly stock: CaseFile['stock'];
    readonly buying: CaseFile['buying'];
    readonly bought: CaseFile['bought'];
    readonly paragraphs: readonly string[];
    readonly asked: Asked;
    readonly lines: CaseFile['lines'];
    readonly withSheet: boolean;
    readonly review: CaseFile['review'];
  };
}

/** What a plan has where its page could not be written. */
const NO_PAGE: Pick<Plan, 'purchase' | 'slip'> = {
  purchase: { rows: [], cost: { id: 'job/buy/none', absent: msg('absent.nothingToBuy') } },
  slip: { blocks: [], lines: [], lost: [], appendix: [] },
};

/** Whether the buy that was chosen for the whole job was made from what stands there now. */
function buyFindings(file: CaseFile, areas: readonly AreaPlan[]): Finding[] {
  const { kind, madeFrom } = file.bought;
  if (kind === '' || inShort(jobOf(file, areas)) === madeFrom) return [];
  return [findingOf('case', 'feeding', 'decide', 'boughtChanged')];
}

/** What the advisor changed on the page and has to look at again, since the plan is another now. */
function lineFindings({ lines, lost }: PageLines): Finding[] {
  return [
    ...lines.flatMap(({ key, isStale, what }) =>
      isStale && key
        ? [
            findingOf('case', 'slip', 'decide', 'lineChanged', { what: what ?? '' }, [], {
              subject: key,
            }),
          ]
        : [],
    ),
    ...lost.map(({ key, words }) =>
      findingOf('case', 'slip', 'decide', 'lineLost', { words }, [], { subject: key }),
    ),
  ];
}

/** Whether a second person is to look the case over, sent it back, or saw other amounts than stand there now. */
function reviewFindings(file: CaseFile, told: Page['told'], areas: readonly AreaPlan[]): Finding[] {
  const { state, by, note, standsFor } = file.review;
  switch (state) {
    case 'waiting':
      return [findingOf('case', 'slip', 'decide', 'reviewWaiting', { note })];
    case 'back':
      return [findingOf('case', 'slip', 'decide', 'reviewBack', { by, note })];
    case 'seen':
      // One of before went by its amounts and days alone.
      return [reviewDigest(file, { areas, ...told }), slipDigest({ areas, ...told })].includes(
        standsFor,
      )
        ? []
        : [findingOf('case', 'slip', 'decide', 'reviewChanged', { by })];
    default:
      return [];
  }
}

/**
 * What to buy and the client's page; where they cannot be written the areas still stand. What rests on nothing that has
 * changed is taken over.
 * @param workingsWith the figures of the whole plan, with those that the page writes itself
 */
export function pageOf(
  file: CaseFile,
  areas: readonly AreaPlan[],
  workingsWith: (page: SheetEntries) => Workings,
  before: Page | undefined,
): Page {
  const asked = {
    question: file.client.question,
    answer: decisionOf(file, 'case', 'slip-answer')?.value ?? '',
  };
  const madeFrom = {
    areas,
    labels: file.labels,
    shop: file.shop,
    stock: file.stock,
    buying: file.buying,
    bought: file.bought,
    paragraphs: paragraphWords(file),
    asked,
    lines: file.lines,
    withSheet: decisionOf(file, 'case', 'slip-spreader')?.value === 'yes',
    review: file.review,
  };
  const same =
    before?.madeFrom.areas.length === areas.length &&
    areas.every((area, at) => area === before.madeFrom.areas[at]);
  if (before && same && sameValue({ ...before.madeFrom, areas: [] }, { ...madeFrom, areas: [] })) {
    return before;
  }
  const ctx = new PlanContext();
  try {
    const purchase = purchaseFor(ctx, file, areas.filter(isTold).flatMap(usesOf));
    const slip = writeSlip(ctx, areas, purchase, {
      ...madeFrom,
      values: workingsWith(ctx.sheet.workings),
    });
    checkBuying(ctx, file);
    const told = { purchase, slip };
    const findings = [
      ...lineFindings(slip),
      ...buyFindings(file, areas),
      ...reviewFindings(file, told, areas),
    ];
    return { told, findings, ...writtenIn(ctx), madeFrom };
  } catch {
    const findings = [findingOf('case', 'slip', 'stop', 'pageBroken')];
    return { told: NO_PAGE, findings, ...NOTHING, madeFrom };
  }
}
