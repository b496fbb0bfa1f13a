import type { Ground } from '../ground/ground';
import type { Area } from '../casefile/casefile';
import type { LimePlan } from '../ph/types';
import type { Readings } from '../report/readings';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { SlipBlock } from './document';
import { extentBlocks } from './extents';

function sentence(id: string, params?: Parameters<typeof msg>[1]): SlipBlock {
  return { kind: 'sentence', text: msg(id, params) };
}

/** The reading in the client's words, before any amount. */
function standing({ waterPh }: Readings, lime: LimePlan): SlipBlock[] {
  if (lime.standing === 'unknown') return [];
  return [sentence(`slip.ph.${lime.standing}`, { ph: { working: waterPh.id } })];
}

/** What the page says where nothing is to be spread. */
const NOTHING: Partial<Readonly<Record<LimePlan['verdict'], string>>> = {
  'none-needed': 'slip.noLime',
  'at-work': 'slip.limeAtWork',
  'not-worth-a-trip': 'slip.noLimeWorth',
};

function doseSentences(lime: LimePlan, known: boolean): SlipBlock[] {
  const per = known ? '' : 'PerThousand';
  return lime.doses.map((dose) => {
    const { printed, perPass, bags, ordinal } = dose.amount;
    const params = {
      date: { date: dose.date },
      amount: { working: printed.id },
      pass: { working: perPass.id },
      bags: { working: bags.id },
    };
    if (dose.state === 'conditional') return sentence(`slip.limeIfTested${per}`, params);
    return sentence(ordinal === 1 ? `slip.limeFirst${per}` : `slip.limeAgain${per}`, params);
  });
}

function withTest(doses: SlipBlock[], lime: LimePlan): SlipBlock[] {
  const at = lime.doses.findIndex(({ state }) => state === 'conditional');
  if (at < 0 || !lime.testBefore) return doses;
  const test = sentence('slip.testBefore', { date: { date: lime.testBefore } });
  return [...doses.slice(0, at), test, ...doses.slice(at)];
}

/** The lime part of the client's page; "nothing to do" is a finished part too. */
export function limeBlocks(
  ctx: PlanContext,
  area: Area,
  ground: Ground,
  readings: Readings,
  lime: LimePlan,
): SlipBlock[] {
  const before = standing(readings, lime);
  const nothing = NOTHING[lime.verdict];
  if (nothing) return [...before, { kind: 'lead', text: msg(nothing) }];
  if (lime.verdict === 'absent' || lime.doses.length === 0) {
    return [...before, sentence('slip.limeOpen')];
  }
  const { chosenMaterial } = lime;
  const material = msg(`material.${chosenMaterial.id}`);
  const size = { working: chosenMaterial.bag.size.id };
  const lead = ground.known
    ? msg('slip.buyLime', { bags: { working: lime.bagsToBuy.id }, size, material })
    : msg('slip.useLime', { material });
  return [
    ...before,
    { kind: 'lead', text: lead },
    ...withTest(doseSentences(lime, ground.known), lime),
    ...(ground.known
      ? []
      : extentBlocks(ctx, `${area.id}/slip/lime`, lime.set, chosenMaterial.bag.size)),
    area.situation === 'tilled'
      ? sentence('slip.limeTilledIn', { depth: { working: lime.treatedDepth.id } })
      : sentence('slip.limeOnTop'),
  ];
}
