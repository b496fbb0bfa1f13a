import type { AreaPlan } from '../planTypes';
import { cautionsFor } from '../cautions/cautions';
import { addMonths, type IsoDate } from '../typed/date';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { SlipBlock, SlipDocument } from './document';
import { feedBlocks } from './feedBlocks';
import { limeBlocks } from './limeBlocks';

function heading({ area, ground }: AreaPlan): SlipBlock {
  const name = area.name.trim() === '' ? msg('area.unnamed') : area.name.trim();
  const text = !('absent' in ground.area)
    ? msg('slip.area', { name, area: { working: ground.area.id } })
    : msg('slip.areaUnmeasured', { name });
  return { kind: 'heading', text };
}

function cautionBlocks({ lime, feed }: AreaPlan): SlipBlock[] {
  return cautionsFor(lime, feed).map((caution) => ({
    kind: 'caution',
    caution,
    title: msg(`caution.${caution}.title`),
    text: msg(`caution.${caution}.text`),
  }));
}

function retest(plan: AreaPlan, planFrom: IsoDate | undefined, years: number): SlipBlock[] {
  if (!planFrom || plan.lime.testBefore) return [];
  const date = addMonths(planFrom, 12 * years);
  return [{ kind: 'sentence', text: msg('slip.retest', { date: { date } }) }];
}

/** The figures of an area that the appendix opens: the area, the sums, and what they come to. */
function appendixOf({ ground, lime, feed }: AreaPlan): string[] {
  const figures = [
    ...('absent' in ground.area ? [] : [ground.area]),
    ...(lime.verdict === 'dose' ? [lime.set.total, lime.bagsToBuy] : []),
    ...(feed.verdict === 'dose' && lime.verdict !== 'absent' ? [feed.set.total] : []),
  ];
  return figures.filter((figure) => !('absent' in figure)).map(({ id }) => id);
}

/** The client's page for all areas. An area with no results has nothing to say yet. */
export function writeSlip(
  ctx: PlanContext,
  areas: readonly AreaPlan[],
  planFrom: IsoDate | undefined,
): SlipDocument {
  const told = areas.filter(({ readings }) => readings.begun);
  const blocks = told.flatMap((plan) => [
    heading(plan),
    ...limeBlocks(ctx, plan.area, plan.ground, plan.readings, plan.lime),
    ...feedBlocks(plan.ground, plan.lime, plan.feed),
    ...retest(plan, planFrom, plan.pack.retestYears.value),
    ...cautionBlocks(plan),
  ]);
  return { blocks, appendix: told.flatMap(appendixOf) };
}
