import { materialName } from '../../catalog/materials/named';
import { toCome } from '../../treat/shared/treated';
import type { LimeTreatment } from '../../treat/lime/types';
import { shownInHands } from '../../schedule/dosing/inHands';
import type { AreaPlan } from '../../area/areaPlan';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg, type MsgId } from '../../kernel/messages/msg';
import { valueOf } from '../../kernel/working/working';
import { sentence, type SlipBlock } from './document';
import type { Readings } from '../../site/report/types';
import { extentBlocks } from './extents';
import { phOnPage } from './phOnPage';
import { parts, type DatedBlock, type Parts } from './parts';
import { shareOf } from './shares';

/** The reading in the client's words, before any amount. */
function standing({ readings, treatments, plant, goal }: AreaPlan): SlipBlock[] {
  const { lime } = treatments;
  if (lime.standing === 'unknown') return [];
  const ph = phOnPage(readings);
  if (plant.group === 'mixes') return [sentence('slip.ph.mix', { ph, standing: lime.standing })];
  const params = { ph, form: plant.form };
  const high = { ph, acidic: isAcidic(readings) ? 'yes' : 'no' };
  const by = readings.phFromField?.source;
  const limed = lime.isDosed ? 'yes' : 'no';
  const own = by ? [sentence('slip.phFromField', { by, limed })] : [];
  if (isAtOdds(goal, readings)) return [sentence('slip.ph.unsure', { ph }), ...own];
  if (lime.standing === 'high' && (goal.acid || lime.verdict === 'dose')) {
    // Acidic soil is what grows here, or the advisor limes all the same and says why further down.
    return [sentence(goal.acid ? 'slip.ph.acidHigh' : 'slip.ph.plain', params), ...own];
  }
  const told =
    lime.standing === 'high'
      ? sentence('slip.ph.high', high)
      : sentence(`slip.ph.${lime.standing}`, params);
  return [told, ...own];
}

/** Soil below this is acidic, also where that is more than its plants need. Common practice. */
const ACIDIC_BELOW = 6.6;

function isAcidic({ waterPh }: Readings): boolean {
  return (valueOf(waterPh)?.value ?? Infinity) < ACIDIC_BELOW;
}

/** Whether one reading of a kit or probe asks for lime and another is past what lime is to bring. */
function isAtOdds({ limeBelow, limeTo }: AreaPlan['goal'], { phFromField }: Readings): boolean {
  if (!phFromField?.apart || 'absent' in limeTo) return false;
  const { low, high } = phFromField.extremes;
  return low < limeBelow && high > limeTo.value.value;
}

/** What the new test says of what went on before. */
function verdictOn({ verdict }: AreaPlan): SlipBlock[] {
  if (!verdict) return [];
  const { kind, does, before, now } = verdict;
  if (kind === 'cannot-tell') return [sentence('slip.verdict.cannot-tell', { does })];
  const params = { does, before: { working: before.id }, now: { working: now.id } };
  return [sentence(`slip.verdict.${kind}`, params)];
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
  const [first] = toCome(treatments.lime.applications);
  if (!first) return msg('slip.evenly');
  const { hands, perPass, bags } = first.amount;
  const share = shareOf(ground, first.amount);
  if (share) {
    const { kind, each, equal } = share;
    return msg('slip.limeEach', { kind, each, equal });
  }
  if ('absent' in bags) return msg('slip.evenly');
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

function doses(plan: AreaPlan): DatedBlock[] {
  const { ground } = plan;
  const { lime } = plan.treatments;
  const per = ground.known ? '' : 'PerThousand';
  const material = materialName(lime.chosenMaterial);
  const coming = toCome(lime.applications);
  const dated = coming.map((dose): DatedBlock => {
    const { date, amount } = dose;
    const params = {
      date: { date },
      amount: { working: shownInHands(amount.hands).id },
      material,
    };
    if (dose.state === 'conditional') {
      return { date, block: sentence(`slip.limeIfTested${per}`, params) };
    }
    if (amount.ordinal > 1) return { date, block: sentence(`slip.limeAgain${per}`, params) };
    return { date, block: sentence(`slip.limeFirst${per}`, { ...params, how: howOf(plan) }) };
  });
  const waits = coming.some(({ state }) => state === 'conditional');
  const date = lime.testOn;
  if (!waits || !date) return dated;
  return [...dated, { date, block: sentence('slip.testBefore', { date: { date } }) }];
}

/** Where the advisor passes what is advised, and why: it stands as their decision. */
function decided({ ownReason, passedBy }: LimeTreatment): SlipBlock[] {
  return [
    ...(ownReason ? [sentence('slip.ownAmount', { reason: ownReason })] : []),
    ...(passedBy ? [sentence('slip.ownMaterial', { reason: passedBy })] : []),
  ];
}

/** Whether the pH is known, and how much lime it takes is open; what wants acidic soil gets none by routine. */
export function asksLaboratory({ treatments: { lime }, readings, goal }: AreaPlan): boolean {
  return lime.verdict === 'absent' && !goal.acid && !('absent' in readings.waterPh);
}

/** From so much on it comes by truck, lb. Common practice. */
const BULK_FROM_LB = 2000;

function inBulk({ applications }: LimeTreatment): SlipBlock[] {
  const pounds = toCome(applications).reduce((sum, { amount: { amount } }) => {
    return 'absent' in amount ? sum : sum + amount.value.value;
  }, 0);
  return pounds < BULK_FROM_LB ? [] : [sentence('slip.limeInBulk')];
}

/**
 * The lime part of the client's page; "nothing to do" is a finished part too.
 * @param buying whether the area says what to buy, or the page does so once for all
 */
export function limeParts(ctx: PlanContext, plan: AreaPlan, buying: boolean): Parts {
  const { area, ground } = plan;
  const { lime } = plan.treatments;
  const before = [...standing(plan), ...verdictOn(plan)];
  const { verdict } = lime;
  // Of a mix the sentence on its pH says what follows.
  if (plan.plant.group === 'mixes' && verdict !== 'dose') return parts({ found: before });
  if (verdict === 'not-worth-a-trip' && isNone(lime.rate)) {
    return parts({ found: [...before, sentence('slip.noLimeUnsure')] });
  }
  if (verdict !== 'absent' && verdict !== 'dose') {
    // The reading of soil that is not acidic says already that it needs none.
    const isSaid = verdict === 'none-needed' && lime.standing === 'high' && !plan.goal.acid;
    return parts({ found: isSaid ? before : [...before, sentence(NOTHING[verdict])] });
  }
  if (plan.goal.acid && lime.standing === 'acidic' && lime.verdict === 'absent') {
    return parts({ found: [sentence('slip.acidBelow'), sentence('slip.acidBelowThen')] });
  }
  if (lime.verdict === 'absent' || lime.applications.length === 0) {
    const open = sentence(asksLaboratory(plan) ? 'slip.limeAskLaboratory' : 'slip.limeOpen');
    // Of a kit a laboratory's sample is asked for already.
    return parts({ found: plan.readings.phFromField ? before : [...before, open] });
  }
  if (toCome(lime.applications).length === 0) {
    return parts({ found: [...before, sentence('slip.isOn', { kind: 'lime' })] });
  }
  const { chosenMaterial } = lime;
  const material = materialName(chosenMaterial);
  const size = { working: chosenMaterial.bag.size.id };
  const lead =
    ground.known && buying && !('absent' in lime.bagsToBuy)
      ? msg('slip.buyLime', { bags: { working: lime.bagsToBuy.id }, size, material })
      : msg('slip.useLime', { material });
  return parts({
    found: before,
    buy: buying ? [{ kind: 'sentence', text: lead }] : [],
    dated: doses(plan),
    how: [
      ...(ground.known
        ? []
        : extentBlocks(ctx, `${area.id}/slip/lime`, lime.set.rate, chosenMaterial.bag.size)),
      ...decided(lime),
      ...inBulk(lime),
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
    ],
  });
}
