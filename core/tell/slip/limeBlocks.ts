import type { LimeTreatment } from '../../treat/lime/types';
import { shownInHands } from '../../schedule/dosing/inHands';
import type { AreaPlan } from '../../area/areaPlan';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg, type MsgId } from '../../kernel/messages/msg';
import { sentence, type SlipBlock } from './document';
import { extentBlocks } from './extents';

/** The reading in the client's words, before any amount. */
function standing({ readings, treatments, plant, goal }: AreaPlan): SlipBlock[] {
  const { lime } = treatments;
  if (lime.standing === 'unknown') return [];
  const params = { ph: { working: readings.waterPh.id }, form: plant.form };
  const by = readings.phFromField?.source;
  const own = by ? [sentence('slip.phFromField', { by })] : [];
  if (lime.standing === 'high' && (goal.acid || lime.verdict === 'dose')) {
    // Acidic soil is what grows here, or the advisor limes all the same and says why further down.
    return [sentence(goal.acid ? 'slip.ph.acidHigh' : 'slip.ph.plain', params), ...own];
  }
  return [sentence(`slip.ph.${lime.standing}`, params), ...own];
}

/** What the page says where nothing is to be spread. */
const NOTHING = {
  'none-needed': 'slip.noLime',
  'at-work': 'slip.limeAtWork',
  'not-worth-a-trip': 'slip.noLimeWorth',
} as const satisfies Partial<Record<LimeTreatment['verdict'], MsgId>>;

function isNone(rate: LimeTreatment['rate']): boolean {
  return !('absent' in rate) && rate.value.value === 0;
}

/** How the first dressing goes on: so much for each bed, half each way on a lawn, else evenly. */
function howOf({ plant, ground, treatments }: AreaPlan): Msg {
  const [first] = treatments.lime.applications;
  if (!first) return msg('slip.evenly');
  const { each, hands, perPass, bags } = first.amount;
  if (each && ground.parts) {
    const params = { kind: ground.parts.kind, each: { working: shownInHands(each).id } };
    return msg('slip.limeEach', params);
  }
  if (plant.form !== 'lawn') {
    return hands.volume
      ? msg('slip.limeCups', { cups: { working: hands.volume.id } })
      : msg('slip.limeBags', { bags: { working: bags.id } });
  }
  return msg('slip.limePasses', {
    bags: { working: bags.id },
    pass: { working: perPass.id },
  });
}

function doseSentences(plan: AreaPlan): SlipBlock[] {
  const { ground } = plan;
  const { lime } = plan.treatments;
  const per = ground.known ? '' : 'PerThousand';
  return lime.applications.map((dose) => {
    const params = {
      date: { date: dose.date },
      amount: { working: shownInHands(dose.amount.hands).id },
    };
    if (dose.state === 'conditional') return sentence(`slip.limeIfTested${per}`, params);
    if (dose.amount.ordinal > 1) return sentence(`slip.limeAgain${per}`, params);
    return sentence(`slip.limeFirst${per}`, { ...params, how: howOf(plan) });
  });
}

function withTest(doses: SlipBlock[], lime: LimeTreatment): SlipBlock[] {
  const at = lime.applications.findIndex(({ state }) => state === 'conditional');
  if (at < 0 || !lime.testOn) return doses;
  const test = sentence('slip.testBefore', { date: { date: lime.testOn } });
  return [...doses.slice(0, at), test, ...doses.slice(at)];
}

/** Where the advisor passes what is advised, and why: it stands as their decision. */
function decided({ ownReason, passedBy }: LimeTreatment): SlipBlock[] {
  return [
    ...(ownReason ? [sentence('slip.ownAmount', { reason: ownReason })] : []),
    ...(passedBy ? [sentence('slip.ownMaterial', { reason: passedBy })] : []),
  ];
}

/**
 * The lime part of the client's page; "nothing to do" is a finished part too.
 * @param buying whether the area says what to buy, or the page does so once for all
 */
export function limeBlocks(ctx: PlanContext, plan: AreaPlan, buying: boolean): SlipBlock[] {
  const { area, ground } = plan;
  const { lime } = plan.treatments;
  const before = standing(plan);
  const { verdict } = lime;
  if (verdict === 'not-worth-a-trip' && isNone(lime.rate)) {
    return [...before, { kind: 'lead', text: msg('slip.noLimeUnsure') }];
  }
  if (verdict !== 'absent' && verdict !== 'dose') {
    return [...before, { kind: 'lead', text: msg(NOTHING[verdict]) }];
  }
  if (plan.goal.acid && lime.standing === 'acidic' && lime.verdict === 'absent') {
    return [{ kind: 'lead', text: msg('slip.acidBelow') }, sentence('slip.acidBelowThen')];
  }
  if (lime.verdict === 'absent' || lime.applications.length === 0) {
    return [...before, sentence('slip.limeOpen')];
  }
  const { chosenMaterial } = lime;
  const material = msg(`material.${chosenMaterial.id}`);
  const size = { working: chosenMaterial.bag.size.id };
  const lead =
    ground.known && buying
      ? msg('slip.buyLime', { bags: { working: lime.bagsToBuy.id }, size, material })
      : msg('slip.useLime', { material });
  return [
    ...before,
    { kind: 'lead', text: lead },
    ...withTest(doseSentences(plan), lime),
    ...(ground.known
      ? []
      : extentBlocks(ctx, `${area.id}/slip/lime`, lime.set.rate, chosenMaterial.bag.size)),
    ...decided(lime),
    ...(plan.plant.form === 'plot'
      ? [sentence('slip.limeTons', { tons: { working: lime.brings.tonsPerAcre.id } })]
      : []),
    ...(lime.inHalves ? [sentence('slip.limeHalves')] : []),
    area.situation === 'tilled'
      ? sentence('slip.limeTilledIn', {
          depth: { working: lime.treatedDepth.id },
          ...lime.worksIn,
        })
      : sentence('slip.limeOnTop', { ...lime.worksIn }),
  ];
}
