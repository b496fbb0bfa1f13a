import { materialName } from '../../catalog/materials/named';
import { toCome, type Application } from '../../treat/shared/treated';
import type { AreaPlan } from '../../area/areaPlan';
import { shownInHands, type HandAmount } from '../../schedule/dosing/inHands';
import { isFromBare } from '../../catalog/programmes/growing';
import { isNeeded } from '../../treat/fertilizer/isNeeded';
import type { FertilizerProduct } from '../../treat/fertilizer/types';
import { msg, type Msg } from '../../kernel/messages/msg';
import { fertilizerIsTold } from '../told';
import { sentence, type SlipBlock } from './document';
import { isDialTold } from './spreadParts';
import { joined, parts, type DatedBlock, type Parts } from './parts';
import { shareOf } from './shares';

/** Under so much a spoon tells more than a kitchen scale, oz. Common practice. */
const SPOONS_BELOW_OZ = 1;

function isLight({ ounces }: HandAmount): boolean {
  return ounces !== undefined && !('absent' in ounces) && ounces.value.value < SPOONS_BELOW_OZ;
}

/** Spoons are told in quarters: under half a spoon those are too coarse to share by. */
const LEAST_SPOON = 0.5;

function isSpoonful({ volume }: HandAmount): boolean {
  return volume !== undefined && !('absent' in volume) && volume.value.value >= LEAST_SPOON;
}

/** How to take an amount: half each way on a lawn, so much for each bed, else as it is. */
function howOf({ plant, ground }: AreaPlan, { amount }: Application): Msg {
  const { hands, perPass } = amount;
  const share = shareOf(ground, amount);
  if (share) {
    const { kind, each, equal, hands: own } = share;
    if (isLight(own) && !isSpoonful(own)) return msg('slip.eachAlike', { kind });
    if (!own.volume) return msg('slip.each', { kind, each, equal });
    const cups = { working: own.volume.id };
    return isLight(own)
      ? msg('slip.eachBySpoon', { kind, cups })
      : msg('slip.eachWithCups', { kind, each, equal, cups });
  }
  if (plant.form === 'lawn' && !hands.ounces) {
    return msg('slip.inEachDirection', { pass: { working: perPass.id } });
  }
  return hands.volume
    ? msg('slip.aboutCups', { cups: { working: hands.volume.id } })
    : msg('slip.evenly');
}

/** Whether it is a later part of what goes on at one stage. */
function isRest({ applications }: FertilizerProduct, { key, stage }: Application): boolean {
  const at = applications.findIndex((each) => each.key === key);
  return stage !== undefined && applications[at - 1]?.stage === stage;
}

function doseSentence(plan: AreaPlan, part: FertilizerProduct, dose: Application): SlipBlock {
  const params = {
    date: { date: dose.date },
    amount: { working: shownInHands(dose.amount.hands).id },
    material: materialName(part.material),
  };
  const counted = part.role === 'row' || plan.ground.known;
  if (dose.stage) {
    const stage = isRest(part, dose) ? msg('slip.restOfStage') : msg(`stage.${dose.stage}`);
    const staged = { ...params, stage };
    const told = counted
      ? msg('slip.feedStage', { ...staged, how: howOf(plan, dose) })
      : msg('slip.feedStagePerThousand', staged);
    return { kind: 'sentence', text: told };
  }
  const told = counted
    ? msg('slip.feedDose', { ...params, how: howOf(plan, dose) })
    : msg('slip.feedDosePerThousand', params);
  return { kind: 'sentence', text: told };
}

function leadOf(plan: AreaPlan, part: FertilizerProduct, buying: boolean): SlipBlock {
  const material = materialName(part.material);
  const isRead = !('absent' in part.bags) && !('absent' in part.bag);
  const counted = (plan.ground.known || part.role === 'row') && buying && isRead;
  const text = counted
    ? msg('slip.buyFeed', {
        bags: { working: part.bags.id },
        size: { working: part.bag.id },
        material,
      })
    : msg('slip.useFeed', { material });
  return { kind: 'sentence', text };
}

/** How a spreader is used, said once for all lawns. */
function spreading(plan: AreaPlan): SlipBlock[] {
  const { plant, treatments } = plan;
  const weighed = treatments.fertilizer.products.some(({ applications }) =>
    toCome(applications).some(({ amount }) => !amount.hands.ounces),
  );
  if (plant.form !== 'lawn' || !weighed) return [];
  return [sentence(isDialTold(plan) ? 'slip.spreadEdges' : 'slip.spreader')];
}

/** How feed goes on: watered in on a lawn, worked in or along the row in a bed. */
function manner(plan: AreaPlan): SlipBlock {
  const { plant, treatments } = plan;
  const rows = treatments.fertilizer.chosen.parts.some(({ role }) => role === 'row');
  if (!rows && plant.form === 'lawn' && isFromBare(plan.form)) {
    return sentence('slip.feedHow.seed', { form: plan.form });
  }
  return sentence(`slip.feedHow.${rows ? 'row' : plant.form}`);
}

/**
 * The fertilizer part of the client's page; it waits while nobody knows about the lime.
 * @param buying whether each area says what to buy, or the page does so once for all
 */
export function fertilizerParts(plan: AreaPlan, buying: boolean): Parts {
  const { readings, mixedSample } = plan;
  return joined([
    // Judged already: its own sample is asked for.
    parts({ found: readings.untested && !mixedSample ? [sentence('slip.askForTest')] : [] }),
    fedParts(plan, buying),
    parts({ how: isSownLegume(plan) ? [sentence('slip.inoculate')] : [] }),
  ]);
}

/** Whether a plot is sown with what makes its own nitrogen. */
function isSownLegume({ plant, form }: AreaPlan): boolean {
  const isSown = form === 'seed' || plant.season !== 'perennial';
  return plant.form === 'plot' && plant.rules.includes('legume') && isSown;
}

/** What of the soil changes the feeding: its nitrate, a test that lime has spoilt, lime that ties up phosphate. */
function soilBlocks({ treatments, soilTest, calcareous }: AreaPlan): SlipBlock[] {
  const feed = treatments.fertilizer;
  const { credit, need, year } = feed.needs.rows.N;
  const counts = [credit, year].every((rate) => rate && isNeeded(rate));
  const covered = !isNeeded(need);
  const phosphate = feed.chosen.parts.some(({ material }) => material.grade.P2O5 > 0);
  return [
    ...(counts ? [sentence(covered ? 'slip.nitrateCovers' : 'slip.nitrateCounts')] : []),
    ...(soilTest.p.sentence.id === 'reading.brayOnLimy' ? [sentence('slip.brayOnLimy')] : []),
    ...(calcareous && phosphate ? [sentence('slip.phosphateOnLime')] : []),
  ];
}

function fedParts(plan: AreaPlan, buying: boolean): Parts {
  const { treatments, plant } = plan;
  const feed = treatments.fertilizer;
  const { form } = plant;
  // What holds it back stands above the page already, and waits for no lime.
  if (feed.hold) return parts({ found: [sentence(`slip.feedHeld.${feed.hold.why}`)] });
  if (!fertilizerIsTold(plan)) return parts({ found: [sentence('slip.feedAfterLime')] });
  const inSoil = soilBlocks(plan);
  // How pots are fed is judged: a label's rate, no pounds of a garden's.
  if (plant.group === 'mixes') return parts({ found: inSoil });
  if (feed.verdict === 'none-needed' || feed.verdict === 'none-known') {
    const { p, k } = plan.readings;
    const measured = p.typed && k.typed ? 'yes' : 'no';
    const none =
      feed.verdict === 'none-known'
        ? sentence('slip.noFeedKnown', { measured })
        : sentence('slip.noFeed');
    return parts({ found: [none, ...inSoil] });
  }
  const { parts: products } = feed.chosen;
  if (feed.verdict === 'absent' || !products.some(({ applications }) => applications.length > 0)) {
    return parts({ found: [sentence('slip.feedLater', { form }), ...inSoil] });
  }
  const coming = products.filter(({ applications }) => toCome(applications).length > 0);
  if (coming.length === 0)
    return parts({ found: [sentence('slip.isOn', { kind: 'fertilizer' }), ...inSoil] });
  return parts({
    found: inSoil,
    buy: buying ? coming.map((part) => leadOf(plan, part, buying)) : [],
    dated: coming.flatMap((part) =>
      toCome(part.applications).map((dose): DatedBlock => ({
        date: dose.date,
        block: doseSentence(plan, part, dose),
      })),
    ),
    how: [...spreading(plan), manner(plan)],
  });
}
