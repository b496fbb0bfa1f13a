import { materialName } from '../../catalog/materials/named';
import { toCome } from '../../treat/shared/treated';
import type { SulfurTreatment } from '../../treat/sulfur/types';
import { shownInHands } from '../../schedule/dosing/inHands';
import type { AreaPlan } from '../../area/areaPlan';
import { msg, type MsgId } from '../../kernel/messages/msg';
import { sentence, type SlipBlock } from './document';
import { parts, type DatedBlock, type Parts } from './parts';
import { phOnPage } from './phOnPage';
import { shareOf } from './shares';

function doses(
  { ground }: AreaPlan,
  { applications, chosenMaterial }: SulfurTreatment,
): DatedBlock[] {
  const [dose] = toCome(applications);
  if (!dose) return [];
  const { date } = dose;
  const { hands } = dose.amount;
  const params = {
    date: { date },
    amount: { working: shownInHands(hands).id },
    material: materialName(chosenMaterial),
  };
  if (!ground.known) return [{ date, block: sentence('slip.sulfurPerThousand', params) }];
  const share = shareOf(ground, dose.amount);
  if (!share) return [{ date, block: sentence('slip.sulfur', params) }];
  const { kind, each, equal } = share;
  const block = sentence('slip.sulfurEach', { ...params, kind, each, equal });
  return [{ date, block }];
}

/** How it goes on: worked in, on the grass, or under the mulch. */
function howItGoesOn({ area, plant }: AreaPlan) {
  if (area.situation === 'tilled') return 'slip.sulfurIn';
  return plant.form === 'lawn' ? 'slip.sulfurGrass' : 'slip.sulfurOn';
}

/** What is asked before any sulfur, by why there is none yet. */
const ASKED: Readonly<Partial<Record<MsgId, string>>> = {
  'sulfur.why.askFizz': 'fizz',
  'sulfur.why.carbonateTest': 'carbonate',
  'sulfur.why.texture': 'texture',
};

/** Plants that like the soil as it is, where it cannot be soured. */
function instead({ verdict, instead: { plants } }: SulfurTreatment): SlipBlock[] {
  const [one, two, three] = plants.map((id) => msg(`plant.${id}`));
  if (verdict !== 'refused' || !one || !two || !three) return [];
  return [sentence('slip.sulfurFits', { one, two, three })];
}

/**
 * The sulfur part of the client's page: one dose, how it goes on, and the test before any more. A sum of several
 * doses is never printed.
 */
export function sulfurParts(plan: AreaPlan, sulfur: SulfurTreatment, buying: boolean): Parts {
  const { readings, ground } = plan;
  const before = sentence('slip.sulfurPh', { ph: phOnPage(readings) });
  if (sulfur.verdict !== 'dose' || sulfur.applications.length === 0) {
    const { verdict, why } = sulfur;
    const none =
      verdict === 'ask'
        ? sentence('slip.sulfurNone.ask', { why: (why && ASKED[why.id]) ?? '' })
        : sentence(`slip.sulfurNone.${verdict === 'dose' ? 'undated' : verdict}`);
    return parts({ found: [before, none, ...instead(sulfur), sentence('slip.sulfurMyths')] });
  }
  const { chosenMaterial, bagsToBuy, testOn, ownReason } = sulfur;
  const isOn = toCome(sulfur.applications).length === 0;
  const material = materialName(chosenMaterial);
  const size = { working: chosenMaterial.bag.size.id };
  const text =
    ground.known && buying && !('absent' in bagsToBuy)
      ? msg('slip.buyLime', { bags: { working: bagsToBuy.id }, size, material })
      : msg('slip.useLime', { material });
  const test: DatedBlock[] = testOn
    ? [{ date: testOn, block: sentence('slip.sulfurTest', { date: { date: testOn } }) }]
    : [];
  if (isOn) {
    return parts({ found: [before, sentence('slip.isOn', { kind: 'sulfur' })], dated: test });
  }
  return parts({
    found: [before],
    buy: buying ? [{ kind: 'sentence', text }] : [],
    dated: [...doses(plan, sulfur), ...test],
    how: [
      sentence(howItGoesOn(plan)),
      ...(ownReason ? [sentence('slip.ownAmount', { reason: ownReason })] : []),
    ],
  });
}
