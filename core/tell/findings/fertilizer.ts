import { decisionOf } from '../../casefile/casefile';
import { MOST_DOSES } from '../../schedule/dosing/doses';
import type { PlanContext } from '../../kernel/working/context';
import { NUTRIENTS } from '../../catalog/nutrients';
import type { FeedInput, FeedPlan } from '../../treat/fertilizer/types';

/** More over the need than this is said, lb/1000 ft². Common practice. */
const OVER_WORTH_SAYING = 0.1;
/** Above this pH the phosphate of bone meal and rock is nearly idle. Common practice. */
const BONE_IDLE_ABOVE_PH = 7;

/** What the soil test leaves to say: no test at all, nutrients that the pack cannot rate. */
function testFindings(ctx: PlanContext, input: FeedInput, { needs }: FeedPlan): void {
  const { area, readings, soilTest } = input;
  if (readings.untested) {
    ctx.find(area.id, 'feeding', 'note', 'feedUntested', {}, [needs.need.N]);
    return;
  }
  if (!readings.begun || needs.source === 'laboratory') return;
  for (const reading of [soilTest.p, soilTest.k]) {
    const { rating, sentence, analyte, value } = reading;
    if (rating === 'very-high') {
      ctx.find(area.id, 'feeding', 'note', `veryHigh.${analyte}`, {}, [value]);
    } else if (!rating && !(readings.phFromField && sentence.id === 'reading.notTested')) {
      ctx.find(area.id, 'feeding', 'note', `unrated.${analyte}`, { why: sentence }, [value]);
    }
  }
  if (soilTest.k.rating && 'absent' in readings.cec) {
    ctx.find(area.id, 'feeding', 'note', 'cecUnknown', {}, [soilTest.k.value]);
  }
}

/** What the advisor should know of the products that are chosen. */
function productFindings(
  ctx: PlanContext,
  input: FeedInput,
  { chosen, candidates }: FeedPlan,
): void {
  const { file, area, readings, materials } = input;
  for (const what of ['feed-n', 'feed-p', 'feed-k', 'feed-one'] as const) {
    const decided = decisionOf(file, area.id, what)?.value ?? '';
    const role = what.slice('feed-'.length) as 'n' | 'p' | 'k' | 'one';
    const material = materials.fertilizers.find(({ id }) => id === decided);
    if (!material || candidates[role].includes(decided)) continue;
    const name = material.pesticide ? 'pesticideRefused' : 'productRefused';
    ctx.find(area.id, 'feeding', material.pesticide ? 'stop' : 'note', `${name}.${role}`);
  }
  for (const nutrient of NUTRIENTS) {
    const row = chosen.balance?.[nutrient];
    if (row && !('absent' in row.over) && row.over.value.value > OVER_WORTH_SAYING) {
      const params = { over: { working: row.over.id } };
      ctx.find(area.id, 'feeding', 'note', `feedOver.${nutrient}`, params, [row.over]);
    }
  }
  const organic = chosen.parts.find(({ material }) => material.organic && material.grade.N > 0);
  if (organic) {
    const part = { working: `${area.id}/feed/${organic.role}/first-season` };
    ctx.find(area.id, 'feeding', 'note', 'carriesOver', { part });
  }
  const sweet =
    !('absent' in readings.waterPh) && readings.waterPh.value.value > BONE_IDLE_ABOVE_PH;
  if (sweet && chosen.parts.some(({ material }) => material.id.includes('bone-meal'))) {
    ctx.find(area.id, 'feeding', 'note', 'boneMealIdle', {}, [readings.waterPh]);
  }
}

function settlement(ctx: PlanContext, { file, area }: FeedInput, plan: FeedPlan): void {
  const totals = plan.chosen.parts.map(({ set }) => set.total);
  if (totals.some((total) => 'absent' in total)) {
    ctx.find(area.id, 'feeding', 'decide', 'areaMissing', {}, totals, { subject: 'feeding' });
    return;
  }
  const many = plan.chosen.parts.find(
    ({ set }) => !('absent' in set.count) && set.count.value.value > MOST_DOSES,
  );
  if (many && !('absent' in many.set.count)) {
    const { count } = many.set;
    ctx.find(area.id, 'feeding', 'decide', 'feedTooMany', { count: count.value.value }, [count]);
    return;
  }
  if (plan.chosen.parts.some(({ set, doses }) => doses.length < set.doses.length)) {
    ctx.find(area.id, 'feeding', 'decide', 'feedUndated', {}, totals);
  }
  const settled = decisionOf(file, area.id, 'feeding-settled');
  if (settled?.value === plan.digest) return;
  const name = settled && settled.value !== '' ? 'feedChangedSinceSettled' : 'feedUnsettled';
  ctx.find(area.id, 'feeding', 'decide', name, {}, totals);
}

/** What the feeding step has to say: what is not known, what is over, what wants settling. */
export function feedFindings(ctx: PlanContext, input: FeedInput, plan: FeedPlan): void {
  const { area, readings, plant, ground } = input;
  const { needs, verdict } = plan;
  if (plan.hold) {
    const { why, figure } = plan.hold;
    const value = { working: figure.id };
    ctx.find(area.id, 'feeding', 'note', `feedHeld.${why}`, { value }, [figure]);
    return;
  }
  if (verdict === 'none-needed' || verdict === 'none-known') {
    const present = NUTRIENTS.map((nutrient) => needs.need[nutrient]);
    const name = verdict === 'none-known' ? 'feedNoneKnown' : 'feedNone';
    ctx.find(area.id, 'feeding', 'note', name, {}, present);
    testFindings(ctx, input, plan);
    return;
  }
  if (verdict === 'absent' || !(readings.begun || readings.untested)) return;
  if (plant.form === 'lawn' && needs.source !== 'laboratory' && area.clippings === 'unknown') {
    ctx.find(area.id, 'feeding', 'note', 'clippingsUnknown', {}, [needs.need.N]);
  }
  if (ground.rows) ctx.find(area.id, 'feeding', 'note', 'rowsSideDressed', {}, [ground.rows]);
  testFindings(ctx, input, plan);
  productFindings(ctx, input, plan);
  settlement(ctx, input, plan);
}
