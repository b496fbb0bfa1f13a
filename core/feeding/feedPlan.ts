import { scheduleDoses } from '../calendar/schedule';
import { decisionOf } from '../casefile/casefile';
import { addPounds, bagsFor, splitDoses, type DoseSet } from '../dosing/doses';
import type { Materials, NitrogenMaterial } from '../materials/materials';
import type { Dose } from '../ph/types';
import type { IsoDate } from '../typed/date';
import { nutrientToProduct, percentToShare, perThousandToTotal } from '../units/convert';
import type { Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { Figure } from '../working/working';
import { nitrogenNeed, type NeedInput } from './need';
import type { FeedPlan, FeedVerdict, NitrogenRow } from './types';

export interface FeedInput extends NeedInput {
  readonly materials: Materials;
  /** Dates on which lime goes on: nitrogen keeps its distance. */
  readonly limeDates: readonly IsoDate[];
}

interface Rated {
  readonly row: NitrogenRow;
  readonly share: Figure<Quantity<'ratio', 'N'>>;
  readonly bag: Figure<Quantity<'lb/bag', 'product'>>;
}

function productRow(
  ctx: PlanContext,
  { area, ground }: FeedInput,
  material: NitrogenMaterial,
  need: Figure<Quantity<'lb/1000ft2', 'N'>>,
  chosen: boolean,
): Rated {
  const prefix = `${area.id}/feed/${material.id}`;
  const source = { source: material.source, standing: material.standing };
  const grade = ctx.constant(
    { id: `${prefix}/grade`, label: msg('feed.grade'), ...source },
    material.nitrogen,
    '%',
    'N',
  );
  const share = ctx.sheet.derive(
    'convert',
    { id: `${prefix}/share`, label: msg('feed.share') },
    [grade],
    (percent) => percentToShare(percent),
  );
  const rate = ctx.sheet.derive(
    'divide',
    { id: `${prefix}/rate`, label: msg('feed.productRate') },
    [need, share],
    (nitrogen, fraction) => nutrientToProduct(nitrogen, fraction),
  );
  const total = ctx.sheet.derive(
    'multiply',
    { id: `${prefix}/total`, label: msg('dose.total') },
    [rate, ground.extent],
    (r, e) => perThousandToTotal(r, e),
  );
  const bag = ctx.constant(
    { id: `${prefix}/bag`, label: msg('lime.bagSizeTypical'), source: 'practice' },
    material.bagLb,
    'lb/bag',
    'product',
  );
  const bags = bagsFor(ctx, `${prefix}/bags`, total, bag);
  return { row: { id: material.id, chosen, grade, rate, total, bags }, share, bag };
}

function verdictOf(need: FeedPlan['need']): FeedVerdict {
  if ('absent' in need) return 'absent';
  return need.value.value === 0 ? 'none-needed' : 'dose';
}

/** Dressings of at most the pack's soluble N, the cap taken in pounds of this product. */
function feedDoses(
  ctx: PlanContext,
  { area, pack, ground }: FeedInput,
  verdict: FeedVerdict,
  { row, share, bag }: Rated,
): DoseSet {
  const { value, standing } = pack.lawnNitrogen.cap;
  const nitrogenCap = ctx.constant(
    { id: `${area.id}/feed/cap`, label: msg('feed.cap'), source: 'practice', standing },
    value,
    'lb/1000ft2',
    'N',
  );
  const cap = ctx.sheet.derive(
    'divide',
    { id: `${area.id}/feed/product-cap`, label: msg('feed.productCap') },
    [nitrogenCap, share],
    (nitrogen, fraction) => nutrientToProduct(nitrogen, fraction),
  );
  const dosed =
    verdict === 'dose'
      ? row.rate
      : ctx.sheet.absent(
          { id: `${area.id}/feed/dosed`, label: msg('feed.productRate') },
          'absent' in row.rate ? row.rate.absent : msg('absent.noDoses'),
          [row.rate.id],
        );
  return splitDoses(ctx, `${area.id}/feed/dose`, dosed, cap, { extent: ground.extent, bag });
}

function datedDoses({ area, pack, limeDates }: FeedInput, set: DoseSet, earliest: IsoDate): Dose[] {
  const { intervalDays, apartFromLimeDays, seasons } = pack.lawnNitrogen;
  const dates = scheduleDoses({
    earliest,
    count: set.doses.length,
    seasons,
    interval: { days: intervalDays.value },
    apart: { days: apartFromLimeDays.value, from: limeDates },
  });
  return dates.flatMap((date, index) => {
    const amount = set.doses[index];
    const key = `${area.id}/feed/${index + 1}`;
    return amount ? [{ key, date, state: 'firm' as const, amount }] : [];
  });
}

function findings(ctx: PlanContext, { file, area, readings }: FeedInput, plan: FeedPlan): void {
  if (plan.verdict === 'none-needed') {
    ctx.find(area.id, 'feeding', 'note', 'feedNone', {}, [plan.need]);
    return;
  }
  if (plan.verdict === 'absent' || !readings.begun) return;
  if (area.clippings === 'unknown') {
    ctx.find(area.id, 'feeding', 'note', 'clippingsUnknown', {}, [plan.yearly]);
  }
  if ('absent' in plan.set.total) {
    ctx.find(area.id, 'feeding', 'decide', 'areaMissing', {}, [plan.set.total]);
    return;
  }
  if (plan.doses.length < plan.set.doses.length) {
    ctx.find(area.id, 'feeding', 'decide', 'feedUndated', {}, [plan.set.total]);
  }
  const settled = decisionOf(file, area.id, 'feeding-settled');
  if (settled?.value === plan.digest) return;
  const name = settled && settled.value !== '' ? 'feedChangedSinceSettled' : 'feedUnsettled';
  ctx.find(area.id, 'feeding', 'decide', name, {}, [plan.set.total]);
}

/** The nitrogen of an established lawn: the season's need, by one product, in dated dressings. */
export function planFeeding(ctx: PlanContext, input: FeedInput): FeedPlan {
  const { file, area, materials } = input;
  const { yearly, given, need, earliest } = nitrogenNeed(ctx, input);
  const decided = decisionOf(file, area.id, 'feed-product')?.value;
  const known = materials.nitrogen.some(({ id }) => id === decided);
  const productId = known ? decided : materials.nitrogen[0]?.id;
  const rated = materials.nitrogen.map((material) =>
    productRow(ctx, input, material, need, material.id === productId),
  );
  const chosen = rated.find(({ row }) => row.chosen);
  if (!chosen) throw new Error('planFeeding: the materials hold no nitrogen');
  const verdict = verdictOf(need);
  const set = feedDoses(ctx, input, verdict, chosen);
  const doses = earliest ? datedDoses(input, set, earliest) : [];
  const printed = doses.map((dose) => dose.amount.printed);
  const entry = { id: `${area.id}/feed/printed`, label: msg('dose.printedTotal') };
  const buy =
    printed.length > 0
      ? addPounds(ctx, entry, printed)
      : ctx.sheet.absent(entry, msg('absent.noDoses'));
  const total = 'absent' in set.total ? '' : set.total.value.value.toFixed(2);
  const plan: FeedPlan = {
    verdict,
    yearly,
    given,
    need,
    products: rated.map(({ row }) => row),
    chosenProduct: chosen.row,
    set,
    doses,
    bagsToBuy: bagsFor(ctx, `${area.id}/feed/bags-to-buy`, buy, chosen.bag),
    digest: [verdict, chosen.row.id, total].join(' '),
  };
  findings(ctx, input, plan);
  return plan;
}
