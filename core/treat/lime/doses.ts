import { materialName } from '../../catalog/materials/named';
import { toCome, type Application } from '../shared/treated';
import type { LimeTreatment, LimeVerdict } from './types';
import type { ProductRate } from '../shared/amounts';
import { frozenDays } from '../shared/closed';
import { keptOf } from '../../site/diary';
import { doneOf } from '../shared/done';
import { pinsOf } from '../shared/pins';
import { limeRequestId } from '../shared/limeRequest';
import type { TreatInput } from '../shared/input';
import type { DateRequest, DatesOf } from '../../schedule/requests';
import { bagsFor, MOST_DOSES, splitDoses, type DoseSet } from '../../schedule/dosing/doses';
import { addPounds } from '../../schedule/dosing/oneDose';
import {
  KIT_LIME_MOST,
  LEAST_ON_ACIDIC_LAWN,
  NEVER_NOTHING_BELOW,
  NO_SECOND_TRIP_OVER,
  NO_TILL_TONS,
  WORKABLE,
} from '../../tables/lime/timing';
import { addMonths, type IsoDate } from '../../kernel/typed/date';
import { tonsPerAcreToPerThousand } from '../../kernel/units/convert';
import type { LimeMaterial } from '../../catalog/materials/types';
import { valueOf } from '../../kernel/working/working';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { type ChosenMaterial } from './material';
import type { Bag } from './quality';

/** What lime asks of the scheduler: days in season, apart from one another and from lime of before. */
export function requestFor(
  ctx: PlanContext,
  { file, area, pack, planFrom, climate }: TreatInput,
  set: DoseSet,
  lastOn: IsoDate | undefined,
  { material: { intervalMonths }, passedBy }: ChosenMaterial,
): DateRequest {
  const months = Math.max(intervalMonths ?? 0, pack.lime.intervalMonths.value);
  const spaced = lastOn && addMonths(lastOn, months);
  // What comes after the test of what is advised against, only that test can tell.
  const told = passedBy === undefined ? Infinity : pack.lime.firmDoses.value + 1;
  const id = limeRequestId(area.id);
  const count = Math.min(set.doses.length, told);
  const frozen = frozenDays(climate);
  // Where ground never freezes it can be worked on any day.
  const workable = frozen.length > 0 ? WORKABLE : undefined;
  return {
    id,
    what: 'lime',
    earliest: planFrom && spaced && spaced > planFrom ? spaced : planFrom,
    count,
    closed: frozen,
    pins: pinsOf(ctx, file, id, count),
    // What is worked in goes on whenever the ground is; a pack's seasons are for lime on top.
    seasons: climate && area.situation === 'tilled' ? workable : pack.lime.seasons,
    interval: { months },
  };
}

/** The doses on the days that the scheduler gave; firm until a test has to be waited for. */
export function onDates(
  { file, area, pack }: TreatInput,
  set: DoseSet,
  { rate, credit, passedBy }: Pick<LimeTreatment, 'rate' | 'credit' | 'passedBy'>,
  dates: ReturnType<DatesOf>,
): Application[] {
  const isAtWork = credit !== undefined && (valueOf(credit)?.value ?? 0) > 0;
  // What is advised against goes on no longer than a test without being looked at.
  const large =
    passedBy !== undefined ||
    (!('absent' in rate) && rate.value.value > pack.lime.confirmAbove.value);
  // What earlier lime still does nobody knows but a test: it comes before the second application.
  const firm = isAtWork ? 1 : large ? pack.lime.firmDoses.value : Infinity;
  return dates.flatMap((dated, index): Application[] => {
    const amount = set.doses[index];
    if (!amount || !dated) return [];
    const state = amount.ordinal > firm ? 'conditional' : 'firm';
    const key = `${area.id}/lime/${amount.ordinal}`;
    return [{ key, state, amount, kept: keptOf(file, key), ...dated }];
  });
}

/** The most limestone that ground bears on one date: by its situation, on a plot that is not worked by the field’s rule. */
function groundCap(ctx: PlanContext, { area, pack, plant }: TreatInput, id: string): ProductRate {
  const label = msg('lime.cap');
  if (plant.form === 'plot' && area.situation !== 'tilled') {
    const named = { id: `${id}/tons`, label: msg('lime.capNoTill'), source: 'practice' } as const;
    const tons = ctx.constant(named, NO_TILL_TONS, 'ton/acre', 'product');
    return ctx.sheet.derive('convert', { id, label }, [tons], tonsPerAcreToPerThousand);
  }
  const { value, standing } = pack.lime.bySituation[area.situation].cap;
  const entry = { id, label, source: 'practice', standing } as const;
  return ctx.constant(entry, value, 'lb/1000ft2', 'product');
}

/** The most of a material on one date: what the ground bears, or less of what is stronger or saltier. */
function capOf(ctx: PlanContext, input: TreatInput, material: LimeMaterial): ProductRate {
  const { cap: own, standing, source } = material;
  const id = `${input.area.id}/lime/cap`;
  if (own === undefined) return groundCap(ctx, input, id);
  const ground = groundCap(ctx, input, `${id}/ground`);
  const label = msg('lime.capMaterial', { material: materialName(material) });
  const named = { id: `${id}/material`, label, standing, source };
  const most = ctx.constant(named, own, 'lb/1000ft2', 'product');
  return ctx.sheet.cap({ id, label }, [ground, most]);
}

/** A little more than ground bears at once is no second trip: as much as it bears goes on, and the rest does not. */
function inOneTrip(
  ctx: PlanContext,
  { file, area }: TreatInput,
  rate: ProductRate,
  cap: ProductRate,
): ProductRate {
  const decided = file.decisions['lime-method']?.value;
  // What the laboratory says, or the advisor, goes on whole.
  if (decided === 'own' || decided === 'laboratory') return rate;
  if ('absent' in rate || 'absent' in cap) return rate;
  const over = rate.value.value / cap.value.value - 1;
  if (over <= 0 || over > NO_SECOND_TRIP_OVER) return rate;
  const entry = { id: `${area.id}/lime/one-trip`, label: msg('lime.oneTrip') };
  return ctx.sheet.cap(entry, [rate, cap]);
}

/** On the word of a kit or a probe alone no more than a light application goes on; a laboratory’s amount is not alone. */
export function asFieldTest(
  ctx: PlanContext,
  { file, area, readings }: TreatInput,
  rate: ProductRate,
): ProductRate {
  const decided = file.decisions['lime-method']?.value;
  if (!readings.phFromField || decided === 'own' || decided === 'laboratory') return rate;
  const entry = { id: `${area.id}/lime/kit-most`, label: msg('lime.kitMost') };
  const most = ctx.constant(
    { ...entry, source: 'practice' },
    KIT_LIME_MOST,
    'lb/1000ft2',
    'product',
  );
  return ctx.sheet.cap({ id: `${area.id}/lime/light`, label: msg('lime.chosenRate') }, [
    rate,
    most,
  ]);
}

/** The least that is worth a trip, where the table asks for less on a lawn that is plainly too acidic. */
export function leastDose(
  ctx: PlanContext,
  { area, plant, readings }: TreatInput,
  verdict: LimeVerdict,
  rate: ProductRate,
): ProductRate | undefined {
  const { waterPh } = readings;
  const isPlain = !('absent' in waterPh) && waterPh.value.value < NEVER_NOTHING_BELOW;
  if (verdict !== 'not-worth-a-trip' || plant.form !== 'lawn' || !isPlain || 'absent' in rate) {
    return undefined;
  }
  const least = ctx.constant(
    {
      id: `${area.id}/lime/least`,
      label: msg('lime.leastDose', { ph: NEVER_NOTHING_BELOW }),
      source: 'practice',
    },
    LEAST_ON_ACIDIC_LAWN,
    'lb/1000ft2',
    'product',
  );
  return ctx.sheet.choose({ id: `${area.id}/lime/raised`, label: msg('lime.chosenRate') }, least, [
    rate,
  ]);
}

/** The dressings of the chosen rate under the cap of the situation; none unless lime is advised. */
export function limeDoses(
  ctx: PlanContext,
  input: TreatInput,
  verdict: LimeVerdict,
  rate: ProductRate,
  bag: Bag,
  { material, held }: ChosenMaterial,
): DoseSet<ProductRate> {
  const { file, area, ground } = input;
  const cap = capOf(ctx, input, material);
  const dosed =
    verdict === 'dose' && !held
      ? inOneTrip(ctx, input, rate, cap)
      : ctx.sheet.absent(
          { id: `${area.id}/lime/dosed`, label: msg('lime.chosenRate') },
          'absent' in rate ? rate.absent : (held ?? msg('absent.noDoses')),
          [rate.id],
        );
  return splitDoses(ctx, `${area.id}/lime/dose`, dosed, cap, ground.extent, {
    bag: bag.size,
    density: bag.density,
    parts: ground.known ? ground.parts : undefined,
    done: doneOf(ctx, file, limeRequestId(area.id), material.id, ground.extent, MOST_DOSES),
  });
}

export function firmBags(
  ctx: PlanContext,
  areaId: string,
  applications: readonly Application[],
  bag: Bag,
): LimeTreatment['bagsToBuy'] {
  const firm = toCome(applications)
    .filter(({ state }) => state === 'firm')
    .map((dose) => dose.amount.printed);
  const entry = { id: `${areaId}/lime/firm`, label: msg('dose.firmTotal') };
  const total =
    firm.length > 0 ? addPounds(ctx, entry, firm) : ctx.sheet.absent(entry, msg('absent.noDoses'));
  return bagsFor(ctx, `${areaId}/lime/bags-to-buy`, total, bag.size);
}
