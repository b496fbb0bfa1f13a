import { MOST_DOSES } from '../../schedule/dosing/doses';
import type { AreaPlan } from '../../area/areaPlan';
import type { FindInput, Finder } from './finder';
import { valueOf, type Figure } from '../../kernel/working/working';
import { isFromBare } from '../../catalog/programmes/growing';
import { NUTRIENTS } from '../../catalog/nutrients';

/** More over the need than this is said, lb/1000 ft². Common practice. */
const OVER_WORTH_SAYING = 0.1;

/** A laboratory that advises more of what the soil has far too much of is not followed in silence. */
function againstSoil(
  finder: Finder,
  { soilTest, treatments }: Pick<AreaPlan, 'soilTest' | 'treatments'>,
): void {
  const { rows } = treatments.fertilizer.needs;
  for (const analyte of ['p', 'k'] as const) {
    const { rating, value } = soilTest[analyte];
    const laboratory: Figure = rows[analyte === 'p' ? 'P2O5' : 'K2O'].laboratory;
    if (rating !== 'very-high' || (valueOf(laboratory)?.value ?? 0) <= 0) continue;
    const params = { amount: { working: laboratory.id }, value: { working: value.id } };
    finder.find('feeding', 'note', `labAgainstSoil.${analyte}`, params, [laboratory, value]);
  }
}

/** What the soil test leaves to say: no test at all, nutrients that the pack cannot rate. */
function testFindings(finder: Finder, { readings, soilTest, treatments }: AreaPlan): void {
  const { needs } = treatments.fertilizer;
  if (readings.untested) {
    finder.find('feeding', 'note', 'feedUntested', {}, [needs.need.N]);
    return;
  }
  if (needs.source === 'laboratory') againstSoil(finder, { soilTest, treatments });
  if (!readings.begun || needs.source === 'laboratory') return;
  for (const reading of [soilTest.p, soilTest.k]) {
    const { rating, sentence, analyte, value } = reading;
    if (rating === 'very-high') {
      finder.find('feeding', 'note', `veryHigh.${analyte}`, {}, [value]);
    } else if (!rating && !(readings.phFromField && sentence.id === 'reading.notTested')) {
      finder.find('feeding', 'note', `unrated.${analyte}`, { why: sentence }, [value]);
    }
  }
  if (soilTest.k.rating && 'absent' in readings.cec) {
    finder.find('feeding', 'note', 'cecUnknown', {}, [soilTest.k.value]);
  }
}

/** What the advisor should know of the products that are chosen. */
function productFindings(finder: Finder, { file, plan, materials }: FindInput): void {
  const { area, readings, treatments } = plan;
  const { chosen, candidates } = treatments.fertilizer;
  for (const what of ['feed-n', 'feed-p', 'feed-k', 'feed-one'] as const) {
    const decided = file.decisions[what]?.value ?? '';
    const role = what.slice('feed-'.length) as 'n' | 'p' | 'k' | 'one';
    const material = materials.fertilizers.find(({ id }) => id === decided);
    if (!material || candidates[role].some(({ id }) => id === decided)) continue;
    const name = material.pesticide ? 'pesticideRefused' : 'productRefused';
    finder.find('feeding', material.pesticide ? 'stop' : 'note', `${name}.${role}`);
  }
  for (const nutrient of NUTRIENTS) {
    const row = chosen.balance?.[nutrient];
    if (row && !('absent' in row.over) && row.over.value.value > OVER_WORTH_SAYING) {
      const params = { over: { working: row.over.id } };
      finder.find('feeding', 'note', `feedOver.${nutrient}`, params, [row.over]);
    }
  }
  if (chosen.way === 'one-trip' && (file.decisions['feed-way']?.value ?? '') === '') {
    const totals = chosen.parts.map(({ set }) => set.total);
    finder.find('feeding', 'note', 'oneTripNear', {}, totals);
  }
  const way = file.decisions['feed-way']?.value ?? '';
  if (way !== '' && way !== chosen.way && treatments.fertilizer.isDosed && !plan.ground.rows) {
    finder.find('feeding', 'note', 'wayGone', {}, []);
  }
  const organic = chosen.parts.find(({ material }) => material.organic && material.grade.N > 0);
  if (organic) {
    const part = { working: `${area.id}/feed/${organic.key}/first-season` };
    finder.find('feeding', 'note', 'carriesOver', { part });
  }
  const ph = valueOf(readings.waterPh)?.value ?? 0;
  if (chosen.parts.some(({ material: { idleAbovePh = Infinity } }) => ph > idleAbovePh)) {
    finder.find('feeding', 'note', 'boneMealIdle', {}, [readings.waterPh]);
  }
}

function settlement(finder: Finder, { file, plan: { treatments } }: FindInput): void {
  const plan = treatments.fertilizer;
  const totals = plan.chosen.parts.map(({ set }) => set.total);
  if (totals.some((total) => 'absent' in total)) {
    finder.find('feeding', 'decide', 'areaMissing', {}, totals, { subject: 'feeding' });
    return;
  }
  const many = plan.chosen.parts.find(
    ({ set }) => !('absent' in set.count) && set.count.value.value > MOST_DOSES,
  );
  if (many && !('absent' in many.set.count)) {
    const { count } = many.set;
    finder.find('feeding', 'decide', 'feedTooMany', { count: count.value.value }, [count]);
    return;
  }
  if (plan.chosen.parts.some(({ set, applications }) => applications.length < set.doses.length)) {
    finder.find('feeding', 'decide', 'feedUndated', {}, totals);
  }
  const settled = file.decisions['feeding-settled'];
  if (settled?.value === plan.digest) return;
  const name = settled && settled.value !== '' ? 'feedChangedSinceSettled' : 'feedUnsettled';
  finder.find('feeding', 'decide', name, {}, totals);
}

/** What the feeding step has to say: what is not known, what is over, what wants settling. */
export function fertilizerFindings(finder: Finder, input: FindInput): void {
  const { area, readings, plant, ground, treatments } = input.plan;
  const plan = treatments.fertilizer;
  const { needs, verdict } = plan;
  if (plan.hold) {
    const { why, figure } = plan.hold;
    const value = { working: figure.id };
    finder.find('feeding', 'note', `feedHeld.${why}`, { value }, [figure]);
    return;
  }
  if (verdict === 'none-needed' || verdict === 'none-known') {
    const present = NUTRIENTS.map((nutrient) => needs.need[nutrient]);
    const name = verdict === 'none-known' ? 'feedNoneKnown' : 'feedNone';
    finder.find('feeding', 'note', name, {}, present);
    testFindings(finder, input.plan);
    return;
  }
  if (verdict === 'absent' || !(readings.begun || readings.untested)) return;
  const mown = plant.form === 'lawn' && !isFromBare(input.plan.form);
  if (mown && needs.source !== 'laboratory' && area.clippings === 'unknown') {
    finder.find('feeding', 'note', 'clippingsUnknown', {}, [needs.need.N]);
  }
  if (ground.rows) finder.find('feeding', 'note', 'rowsSideDressed', {}, [ground.rows]);
  testFindings(finder, input.plan);
  productFindings(finder, input);
  settlement(finder, input);
}
