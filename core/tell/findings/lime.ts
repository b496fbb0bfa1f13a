import { materialName } from '../../catalog/materials/named';
import type { LimeTreatment, PhStanding } from '../../treat/lime/types';
import { MOST_DOSES } from '../../schedule/dosing/doses';
import type { AreaPlan } from '../../area/areaPlan';
import type { Readings } from '../../site/report/types';
import type { FindInput, Finder } from './finder';
import type { FindingName } from '../../kernel/working/finding';
import { smpLike, bufferIsSilent } from '../../site/report/buffers';
import { magnesiumIsShort } from '../../treat/lime/material';

/** Methods further apart than this share of the chosen amount are said to differ. */
const DIFFERENCE_WORTH_SAYING = 0.1;

/** Why no lime is needed, by where the pH lies; on acidic soil because whoever is followed says so. */
const NONE_NEEDED = {
  right: 'noneNeeded',
  high: 'aboveWindow',
  acidic: 'noneAskedFor',
  unknown: 'noneAskedFor',
} as const satisfies Record<PhStanding, FindingName>;

function differing(plan: LimeTreatment): LimeTreatment['methods'] {
  const chosen = plan.methods.find((row) => row.chosen);
  if (!chosen || 'absent' in chosen.total) return [];
  const limit = chosen.total.value.value * DIFFERENCE_WORTH_SAYING;
  return plan.methods.filter(
    ({ difference }) => !('absent' in difference) && Math.abs(difference.value.value) > limit,
  );
}

function followsLaboratory({ file }: FindInput): boolean {
  return file.decisions['lime-method']?.value === 'laboratory';
}

/** What keeps the step from an answer. */
function whyAbsent({ goal, treatments: { lime } }: AreaPlan) {
  if ('absent' in lime.from) return 'limeNeedsPh';
  if (goal.conflict) return 'limeWaitsForPlant';
  return goal.acid ? 'acidBelow' : 'limeAbsent';
}

function settlement(finder: Finder, input: FindInput, plan: LimeTreatment): void {
  const {
    file,
    plan: { ground, readings },
  } = input;
  const settled = file.decisions['ph-settled'];
  if (plan.verdict === 'absent') {
    if (!readings.begun) return;
    finder.find('ph', 'decide', whyAbsent(input.plan), {}, [plan.from, plan.rate]);
    return;
  }
  if (plan.verdict === 'dose' && !plan.held && 'absent' in plan.set.total) {
    finder.find('ph', 'decide', 'areaMissing', {}, [plan.set.total], {
      subject: 'lime',
    });
    return;
  }
  if (plan.verdict === 'dose' && plan.held) {
    const why = { why: plan.held };
    finder.find('ph', 'decide', 'limeMaterialHeld', why, [plan.rate]);
    return;
  }
  const { count } = plan.set;
  if (!('absent' in count) && count.value.value > MOST_DOSES) {
    finder.find('ph', 'decide', 'tooManyDoses', { count: count.value.value }, [count]);
    return;
  }
  if (plan.verdict === 'dose' && plan.applications.length === 0) {
    finder.find('ph', 'decide', 'limeUndated', {}, [plan.rate]);
  }
  if (settled?.value === plan.digest) return;
  if (settled && settled.value !== '') {
    // Where nothing is to be spread any more there is nothing to settle, only something to notice.
    const severity = plan.verdict === 'dose' ? 'decide' : 'note';
    finder.find('ph', severity, 'limeChangedSinceSettled', {}, [plan.set.total]);
  } else if (plan.verdict === 'dose') {
    const figure = ground.known ? plan.set.total : plan.rate;
    finder.find('ph', 'decide', 'limeUnsettled', { total: { working: figure.id } }, [figure]);
  }
}

/** What the material brings or must not meet, and what was passed to use it. */
function aboutMaterial(finder: Finder, readings: Readings, plan: LimeTreatment): void {
  const { mg } = readings.more;
  const { limit } = plan.chosenMaterial;
  const material = materialName(plan.chosenMaterial);
  const magnesian = plan.forMagnesium;
  if (magnesiumIsShort(readings) && mg) {
    finder.find('ph', 'note', magnesian ? 'limeForMagnesium' : 'limeWithoutMagnesium', {}, [mg]);
  } else if (magnesian) {
    finder.find('ph', 'note', 'limeNeedlessMagnesium', {}, [plan.brings.mg]);
  }
  if (plan.passedBy) {
    finder.find('ph', 'note', 'limeMaterialPassed', { material, reason: plan.passedBy });
  }
  if (limit === 'ash') finder.find('ph', 'note', 'ashApart');
}

/** What the pH step has to say: what differs, what was fallen back to, what wants settling. */
export function limeFindings(finder: Finder, input: FindInput): void {
  const { readings, treatments } = input.plan;
  const plan = treatments.lime;
  if (plan.verdict === 'none-needed' && followsLaboratory(input) && plan.standing === 'high') {
    finder.find('ph', 'note', 'labLimeRefused', {}, [plan.from]);
  } else if (plan.verdict === 'none-needed') {
    finder.find('ph', 'note', NONE_NEEDED[plan.standing], {}, [plan.from]);
  }
  if (plan.credit && (plan.verdict === 'dose' || plan.verdict === 'at-work')) {
    finder.find('ph', 'note', 'limeStillWorking');
  }
  if (plan.verdict === 'not-worth-a-trip') {
    finder.find('ph', 'note', 'notWorthATrip', { rate: { working: plan.rate.id } }, [plan.rate]);
  }
  if (plan.verdict === 'dose') {
    if (readings.organic) {
      finder.find('ph', 'note', 'organicSoil', {}, [readings.organicMatter]);
    }
    if (bufferIsSilent(readings)) {
      finder.find('ph', 'note', 'bufferSilent', {}, [smpLike(readings)]);
    }
    for (const { option, difference } of differing(plan)) {
      finder.find(
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
      finder.find('ph', 'note', 'targetColumn', params, [limesTo]);
    }
    aboutMaterial(finder, readings, plan);
    if (plan.inHalves) {
      const { tonsPerAcre } = plan.brings;
      finder.find('ph', 'note', 'limeInHalves', { tons: { working: tonsPerAcre.id } }, [
        tonsPerAcre,
      ]);
    }
    if (!plan.chosenMaterial.bag.fromLabel) {
      finder.find('ph', 'note', 'readTheLabel', {}, [plan.chosenMaterial.bag.effectiveness.figure]);
    }
  }
  settlement(finder, input, plan);
}
