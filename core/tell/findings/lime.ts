import { decisionOf } from '../../casefile/casefile';
import { MOST_DOSES } from '../../schedule/dosing/doses';
import type { PlanContext } from '../../kernel/working/context';
import type { FindingName } from '../../kernel/working/finding';
import { msg } from '../../kernel/working/msg';
import { smpLike, bufferIsSilent } from '../../site/report/buffers';
import { magnesiumIsShort } from '../../treat/lime/material';
import type { LimeInput, LimePlan, PhStanding } from '../../treat/types';

/** Methods further apart than this share of the chosen amount are said to differ. */
const DIFFERENCE_WORTH_SAYING = 0.1;

/** Why no lime is needed, by where the pH lies; on sour soil because whoever is followed says so. */
const NONE_NEEDED = {
  right: 'noneNeeded',
  high: 'aboveWindow',
  sour: 'noneAskedFor',
  unknown: 'noneAskedFor',
} as const satisfies Record<PhStanding, FindingName>;

function differing(plan: LimePlan): LimePlan['methods'] {
  const chosen = plan.methods.find((row) => row.chosen);
  if (!chosen || 'absent' in chosen.total) return [];
  const limit = chosen.total.value.value * DIFFERENCE_WORTH_SAYING;
  return plan.methods.filter(
    ({ difference }) => !('absent' in difference) && Math.abs(difference.value.value) > limit,
  );
}

function followsLaboratory({ file, area }: LimeInput): boolean {
  return decisionOf(file, area.id, 'lime-method')?.value === 'laboratory';
}

/** What keeps the step from an answer. */
function whyAbsent({ readings, goal }: LimeInput) {
  if ('absent' in readings.waterPh) return 'limeNeedsPh';
  if (goal.conflict) return 'limeWaitsForPlant';
  return goal.acid ? 'acidBelow' : 'limeAbsent';
}

function settlement(ctx: PlanContext, input: LimeInput, plan: LimePlan): void {
  const { file, area, ground, readings } = input;
  const settled = decisionOf(file, area.id, 'ph-settled');
  if (plan.verdict === 'absent') {
    if (!readings.begun) return;
    ctx.find(area.id, 'ph', 'decide', whyAbsent(input), {}, [readings.waterPh, plan.rate]);
    return;
  }
  if (plan.verdict === 'dose' && !plan.held && 'absent' in plan.set.total) {
    ctx.find(area.id, 'ph', 'decide', 'areaMissing', {}, [plan.set.total], {
      subject: 'lime',
    });
    return;
  }
  if (plan.verdict === 'dose' && plan.held) {
    const why = { why: plan.held };
    ctx.find(area.id, 'ph', 'decide', 'limeMaterialHeld', why, [plan.rate]);
    return;
  }
  const { count } = plan.set;
  if (!('absent' in count) && count.value.value > MOST_DOSES) {
    ctx.find(area.id, 'ph', 'decide', 'tooManyDoses', { count: count.value.value }, [count]);
    return;
  }
  if (plan.verdict === 'dose' && plan.doses.length === 0) {
    ctx.find(area.id, 'ph', 'decide', 'limeUndated', {}, [plan.rate]);
  }
  if (settled?.value === plan.digest) return;
  if (settled && settled.value !== '') {
    // Where nothing is to be spread any more there is nothing to settle, only something to notice.
    const severity = plan.verdict === 'dose' ? 'decide' : 'note';
    ctx.find(area.id, 'ph', severity, 'limeChangedSinceSettled', {}, [plan.set.total]);
  } else if (plan.verdict === 'dose') {
    const figure = ground.known ? plan.set.total : plan.rate;
    ctx.find(area.id, 'ph', 'decide', 'limeUnsettled', { total: { working: figure.id } }, [figure]);
  }
}

/** What the material brings or must not meet, and what was passed to use it. */
function aboutMaterial(ctx: PlanContext, { area, readings }: LimeInput, plan: LimePlan): void {
  const { mg } = readings.more;
  const { id } = plan.chosenMaterial;
  const material = msg(`material.${id}`);
  const magnesian = plan.forMagnesium;
  if (magnesiumIsShort(readings) && mg) {
    ctx.find(area.id, 'ph', 'note', magnesian ? 'limeForMagnesium' : 'limeWithoutMagnesium', {}, [
      mg,
    ]);
  } else if (magnesian) {
    ctx.find(area.id, 'ph', 'note', 'limeNeedlessMagnesium', {}, [plan.brings.mg]);
  }
  if (plan.passedBy) {
    ctx.find(area.id, 'ph', 'note', 'limeMaterialPassed', { material, reason: plan.passedBy });
  }
  if (id === 'wood-ash') ctx.find(area.id, 'ph', 'note', 'ashApart');
}

/** What the pH step has to say: what differs, what was fallen back to, what wants settling. */
export function limeFindings(
  ctx: PlanContext,
  input: LimeInput,
  plan: LimePlan,
  past: { readonly credited: boolean },
): void {
  const { area, readings } = input;
  if (plan.verdict === 'none-needed' && followsLaboratory(input) && plan.standing === 'high') {
    ctx.find(area.id, 'ph', 'note', 'labLimeRefused', {}, [readings.waterPh]);
  } else if (plan.verdict === 'none-needed') {
    ctx.find(area.id, 'ph', 'note', NONE_NEEDED[plan.standing], {}, [readings.waterPh]);
  }
  if (past.credited && (plan.verdict === 'dose' || plan.verdict === 'at-work')) {
    ctx.find(area.id, 'ph', 'note', 'limeStillWorking');
  }
  if (plan.verdict === 'not-worth-a-trip') {
    ctx.find(area.id, 'ph', 'note', 'notWorthATrip', { rate: { working: plan.rate.id } }, [
      plan.rate,
    ]);
  }
  if (plan.verdict === 'dose') {
    if (readings.organic) {
      ctx.find(area.id, 'ph', 'note', 'organicSoil', {}, [readings.organicMatter]);
    }
    if (bufferIsSilent(readings)) {
      ctx.find(area.id, 'ph', 'note', 'bufferSilent', {}, [smpLike(readings)]);
    }
    for (const { option, difference } of differing(plan)) {
      ctx.find(
        area.id,
        'ph',
        'note',
        `methodsDiffer.${option.id}`,
        { difference: { working: difference.id } },
        [difference],
      );
    }
    const limesTo = plan.methods.find((row) => row.chosen)?.option.limesTo ?? plan.target;
    if (limesTo.id !== plan.target.id) {
      const params = { target: { working: plan.target.id }, column: { working: limesTo.id } };
      ctx.find(area.id, 'ph', 'note', 'targetColumn', params, [limesTo]);
    }
    aboutMaterial(ctx, input, plan);
    if (plan.inHalves) {
      const { tonsPerAcre } = plan.brings;
      ctx.find(area.id, 'ph', 'note', 'limeInHalves', { tons: { working: tonsPerAcre.id } }, [
        tonsPerAcre,
      ]);
    }
    if (!plan.chosenMaterial.bag.fromLabel) {
      ctx.find(area.id, 'ph', 'note', 'readTheLabel', {}, [
        plan.chosenMaterial.bag.effectiveness.figure,
      ]);
    }
  }
  settlement(ctx, input, plan);
}
