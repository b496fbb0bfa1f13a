import { materialName } from '../../catalog/materials/named';
import type { SulfurTreatment } from '../../treat/sulfur/types';
import { afterWarmSeason } from '../../treat/sulfur/past';
import { EDGE_MARGIN } from '../../tables/sulfur';
import type { FindInput, Finder } from './finder';
import { msg } from '../../kernel/messages/msg';
import { SULFUR_SCHOOLS } from '../../treat/sulfur/schools';

/** An own amount more than this over a school is looked at twice, %. */
const MUCH_MORE = 20;

/** Says where an own amount is far over what a school asks for: tenths are easily miscounted. */
function ownIsMuch(finder: Finder, { ownMore }: SulfurTreatment): void {
  const shares = SULFUR_SCHOOLS.flatMap((school) => {
    const more = ownMore[school];
    return !more || 'absent' in more ? [] : [{ school, more, value: more.value.value }];
  });
  const [most] = shares.sort((a, b) => b.value - a.value);
  if (!most || most.value <= MUCH_MORE) return;
  const params = {
    share: { working: most.more.id },
    school: msg(`sulfur.school.${most.school}`),
  };
  finder.find('ph', 'note', 'sulfurOwnMuch', params, [most.more]);
}

/** What there is to ask, to decide and to know about the sulfur of an area. */
export function sulfurFindings(finder: Finder, { file, plan: areaPlan }: FindInput): void {
  const { readings, ground, treatments } = areaPlan;
  const plan = treatments.sulfur;
  if (!plan) return;
  const { verdict, why, chosenMaterial, set, first } = plan;
  if (verdict === 'ask' && why)
    finder.find('ph', 'decide', 'sulfurAsk', { why }, [readings.waterPh]);
  if (verdict === 'refused' && why) {
    finder.find('ph', 'note', 'sulfurRefused', { why }, [readings.waterPh]);
  }
  if (verdict === 'wait' && why) finder.find('ph', 'note', 'sulfurWait', { why });
  if (plan.standStill) {
    const rate = plan.standStill;
    finder.find('ph', 'note', 'waterSweetens', { rate: { working: rate.id } }, [rate]);
  }
  ownIsMuch(finder, plan);
  if (verdict !== 'dose') return;
  if (chosenMaterial.mixed) {
    finder.find('ph', 'note', 'sulfurMix', {}, [chosenMaterial.bag.worth]);
  }
  if (chosenMaterial.sulfate) {
    const material = materialName(chosenMaterial);
    finder.find('ph', 'note', 'sulfateAtOnce', { material }, [chosenMaterial.rate]);
  }
  const decided = file.decisions['sulfur-material']?.value;
  const refusedRow = plan.materials.find(({ id, refused }) => refused && id === decided);
  if (refusedRow) finder.find('ph', 'note', 'aluminumRefused', {}, []);
  if ('absent' in set.total) {
    finder.find('ph', 'decide', 'areaMissing', {}, [set.total], { subject: 'sulfur' });
    return;
  }
  if (file.decisions['sulfur-settled']?.value === plan.digest) return;
  const figure = ground.known ? set.total : first;
  finder.find('ph', 'decide', 'sulfurUnsettled', { total: { working: figure.id } }, [figure]);
}

/**
 * Guards against overshoot: an amount entered before the last one can have worked, or near the lower end of the range,
 * stops with the reason; what was spread too soon is said.
 */
export function sulfurGuards(finder: Finder, { file, plan }: FindInput): void {
  const { goal, readings, past, treatments } = plan;
  const { waterPh } = readings;
  const { sulfur } = treatments;
  const days = past.sulfurOn;
  const wanted = (file.decisions['sulfur-own']?.value ?? '').trim() !== '';
  if (wanted && sulfur?.verdict === 'wait' && sulfur.why) {
    finder.find('ph', 'stop', 'sulfurTooSoon', { why: sulfur.why }, [sulfur.gross]);
  }
  const tooSoon = days.some((day, at) => {
    const before = days[at - 1];
    return before !== undefined && afterWarmSeason(before, plan.climate) > day;
  });
  if (tooSoon) finder.find('ph', 'note', 'sulfurRepeated');
  if ('absent' in waterPh || waterPh.value.value >= goal.window.low + EDGE_MARGIN) return;
  const edge = { low: { working: goal.edges.low.id }, ph: { working: waterPh.id } };
  const rests = [waterPh, goal.edges.low];
  if (wanted) finder.find('ph', 'stop', 'sulfurNearEdge', edge, rests);
  const last = days.at(-1);
  if (last && plan.planFrom && afterWarmSeason(last, plan.climate) > plan.planFrom)
    finder.find('ph', 'note', 'sulfurOvershoots', edge, rests);
}
