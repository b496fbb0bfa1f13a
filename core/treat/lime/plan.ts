import { decisionKey } from '../../casefile/decisions';
import type { Application, Proposal, TreatmentCaution } from '../shared/treated';
import type { LimeTreatment, LimeVerdict, PhStanding } from './types';
import type { ProductRate } from '../shared/amounts';
import { frozenDays } from '../shared/closed';
import { pinsOf } from '../shared/pins';
import { limeRequestId } from '../shared/limeRequest';
import type { TreatInput } from '../shared/input';
import type { DateRequest, DatesOf } from '../../schedule/requests';
import type { Situation } from '../../catalog/situations';
import { addPounds, bagsFor, splitDoses, type DoseSet } from '../../schedule/dosing/doses';
import {
  HALVES_ABOVE_TONS,
  KIT_LIME_MOST,
  LEAST_ON_ACIDIC_LAWN,
  NEVER_NOTHING_BELOW,
  NO_SECOND_TRIP_OVER,
  LIME_WORKS_MONTHS,
  NO_TILL_TONS,
  WORKABLE,
} from '../../tables/lime/timing';
import { TRI_STATE_ORGANIC } from '../../tables/lime/triState';
import { addMonths, type IsoDate } from '../../kernel/typed/date';
import { tonsPerAcreToPerThousand } from '../../kernel/units/convert';
import type { LimeMaterial } from '../../catalog/materials/types';
import { valueOf } from '../../kernel/working/working';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { bagsOfMaterials, materialRows, methodRows } from './comparison';
import { chosenMaterial, limeBrings, type ChosenMaterial } from './material';
import { chosenOption, requirementOptions, type RequirementOption } from './options';
import type { Bag } from './quality';
import { residualLime } from './residual';

/** The share of the soil's pH scale over which a target makes sense. */
const TARGET = { min: 5, max: 7 };
const DEPTH = { above: 0, max: 12 };

/** What the plants want; on soil of little CEC no more than the pack allows it. */
function usualTarget(ctx: PlanContext, input: TreatInput): LimeTreatment['target'] {
  const { area, goal, pack, readings } = input;
  const entry = { id: `${area.id}/lime/target`, label: msg('lime.target') };
  const { cec, target } = pack.lime.sandy;
  const sandy = !('absent' in readings.cec) && readings.cec.value.value < cec;
  if (!sandy) return ctx.sheet.choose(entry, goal.limeTo, []);
  const most = { id: `${entry.id}/sandy`, label: msg('lime.sandyTarget', { cec }) };
  const limit = ctx.constant({ ...most, source: 'practice' }, target, 'pH', 'water');
  return ctx.sheet.cap(entry, [goal.limeTo, limit]);
}

function targetOf(ctx: PlanContext, input: TreatInput): LimeTreatment['target'] {
  const { file, area, pack, readings } = input;
  const id = `${area.id}/lime/target`;
  const label = msg('lime.target');
  const decided = file.decisions['lime-target'];
  if (!decided || decided.value.trim() === '') {
    return readings.organic
      ? ctx.constant({ id, label, source: 'e-2567' }, TRI_STATE_ORGANIC.max, 'pH', 'water')
      : usualTarget(ctx, input);
  }
  const at = `decisions/${decisionKey(area.id, 'lime-target')}/value`;
  const chosen = ctx.number(
    { id: `${id}/typed`, label, at },
    decided.value,
    TARGET,
    'pH',
    'water',
    'decided',
  );
  const { cec, target } = pack.lime.sandy;
  const low = !('absent' in readings.cec) && readings.cec.value.value < cec;
  if (low && !('absent' in chosen) && chosen.value.value > target) {
    return ctx.sheet.absent({ id, label }, msg('absent.targetSandy', { cec, target }), [
      chosen.id,
      readings.cec.id,
    ]);
  }
  return ctx.sheet.choose({ id, label }, chosen, []);
}

function depthOf(
  ctx: PlanContext,
  { file, area, pack }: TreatInput,
): LimeTreatment['treatedDepth'] {
  const id = `${area.id}/lime/treated-depth`;
  const label = msg('lime.treatedDepth');
  const decided = file.decisions['lime-depth'];
  if (!decided || decided.value.trim() === '') {
    const { value, standing } = pack.lime.bySituation[area.situation].depth;
    return ctx.constant({ id, label, source: 'practice', standing }, value, 'in', 'depth');
  }
  const at = `decisions/${decisionKey(area.id, 'lime-depth')}/value`;
  return ctx.number({ id, label, at }, decided.value, DEPTH, 'in', 'depth', 'decided');
}

/**
 * What lime is worked out from: of a pH with a range the upper end, at which less is needed.
 */
function forLime(ctx: PlanContext, input: TreatInput): TreatInput {
  const { waterPh } = input.readings;
  if ('absent' in waterPh || !waterPh.range) return input;
  const entry = { id: `${input.area.id}/lime/ph-upper`, label: msg('lime.phUpper') };
  const upper = ctx.sheet.highEnd(entry, waterPh);
  return { ...input, readings: { ...input.readings, waterPh: upper } };
}

/**
 * Where the measured pH lies, of a range its middle. An organic soil is limed by its own rule, whatever the plant's
 * window, unless acidic soil is what grows there wants; plants at odds have none.
 */
function standingOf({ goal, readings }: TreatInput): PhStanding {
  const { waterPh, organic } = readings;
  if ('absent' in waterPh || goal.conflict) return 'unknown';
  const ph = waterPh.value.value;
  const below = organic && !goal.acid ? TRI_STATE_ORGANIC.max : goal.limeBelow;
  if (ph < below) return 'acidic';
  return ph > goal.window.high ? 'high' : 'right';
}

/**
 * A water pH that needs no lime settles the step, and without one nobody knows, unless the advisor
 * follows the laboratory or an amount of their own. Above the window only an amount of their own, with its
 * reason, goes on: a laboratory's routine line does not. What is worth a trip is told by effective lime.
 */
function verdictOf(
  { file, pack, goal, readings }: TreatInput,
  standing: PhStanding,
  { id: chosen, advised }: RequirementOption,
  rate: ProductRate,
  credited: boolean,
): LimeVerdict {
  const decided = file.decisions['lime-method']?.value;
  if (standing === 'high' && decided !== 'own') return 'none-needed';
  if (decided !== 'own' && decided !== 'laboratory') {
    if (standing === 'right') return 'none-needed';
    if (standing === 'unknown' && chosen !== 'laboratory') return 'absent';
    // What loves acidic soil is limed by nobody's routine, only by an amount that was decided for.
    if (goal.acid) return 'absent';
  }
  if ('absent' in rate || 'absent' in advised) return 'absent';
  const { value } = advised.value;
  const tooLittle = value < pack.lime.least.value && chosen !== 'own';
  if (tooLittle && credited) return 'at-work';
  // At the upper end of a range nothing is needed, at its middle something is: too little to go by.
  const unsure = standing === 'acidic' && 'value' in readings.waterPh && readings.waterPh.range;
  if (value === 0) return unsure ? 'not-worth-a-trip' : 'none-needed';
  return tooLittle ? 'not-worth-a-trip' : 'dose';
}

/** What lime asks of the scheduler: days in season, apart from one another and from lime of before. */
function requestFor(
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
  return {
    id,
    what: 'lime',
    earliest: planFrom && spaced && spaced > planFrom ? spaced : planFrom,
    count,
    closed: frozenDays(climate),
    pins: pinsOf(ctx, file, id, count),
    // What is worked in goes on whenever the ground is; a pack's seasons are for lime on top.
    seasons: climate && area.situation === 'tilled' ? WORKABLE : pack.lime.seasons,
    interval: { months },
  };
}

/** The doses on the days that the scheduler gave; firm until a test has to be waited for. */
function onDates(
  { area, pack }: TreatInput,
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
    return [{ key: `${area.id}/lime/${amount.ordinal}`, state, amount, ...dated }];
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
function capOf(
  ctx: PlanContext,
  input: TreatInput,
  { id: materialId, cap: own, standing, source }: LimeMaterial,
): ProductRate {
  const id = `${input.area.id}/lime/cap`;
  if (own === undefined) return groundCap(ctx, input, id);
  const ground = groundCap(ctx, input, `${id}/ground`);
  const label = msg('lime.capMaterial', { material: msg(`material.${materialId}`) });
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
function asFieldTest(
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
function leastDose(
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
function limeDoses(
  ctx: PlanContext,
  input: TreatInput,
  verdict: LimeVerdict,
  rate: ProductRate,
  bag: Bag,
  { material, held }: ChosenMaterial,
): DoseSet<ProductRate> {
  const { area, ground } = input;
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
  });
}

function firmBags(
  ctx: PlanContext,
  areaId: string,
  applications: readonly Application[],
  bag: Bag,
): LimeTreatment['bagsToBuy'] {
  const firm = applications
    .filter(({ state }) => state === 'firm')
    .map((dose) => dose.amount.printed);
  const entry = { id: `${areaId}/lime/firm`, label: msg('dose.firmTotal') };
  const total =
    firm.length > 0 ? addPounds(ctx, entry, firm) : ctx.sheet.absent(entry, msg('absent.noDoses'));
  return bagsFor(ctx, `${areaId}/lime/bags-to-buy`, total, bag.size);
}

/** A settlement stands for this: it lapses when the verdict, the material or the total changes. */
function digestOf(verdict: LimeVerdict, materialId: string, { total }: DoseSet): string {
  return [verdict, materialId, 'absent' in total ? '' : total.value.value.toFixed(2)].join(' ');
}

/** Much lime on ground that is worked goes half under and half on top. */
function isInHalves(situation: Situation, tons: LimeTreatment['brings']['tonsPerAcre']): boolean {
  return situation === 'tilled' && !('absent' in tons) && tons.value.value > HALVES_ABOVE_TONS;
}

/** The lime of an area: every method side by side, the chosen one in doses on dates. */
export function planLime(ctx: PlanContext, given: TreatInput): Proposal<LimeTreatment> {
  const input = forLime(ctx, given);
  const { file, area, pack, ground, readings } = input;
  const target = targetOf(ctx, input);
  const treatedDepth = depthOf(ctx, input);
  const days = { sampledOn: readings.sampledOn, planFrom: input.planFrom };
  const { credit, lastOn } = residualLime(ctx, file, area.id, days, ground);

  const bags = bagsOfMaterials(ctx, input);
  const taken = chosenMaterial(input);
  const { id: materialId } = taken.material;
  const bag = bags.get(materialId);
  if (!bag) throw new Error('planLime: the materials hold no lime');

  const pottingMix = ground.parts?.kind === 'container';
  const shared = { file, areaId: area.id, readings, target, treatedDepth, credit, pottingMix };
  const options = requirementOptions(ctx, shared);
  const chosen = chosenOption(options, file.decisions['lime-method']?.value);
  const methods = methodRows(ctx, input, options, chosen, bag);
  const rows = materialRows(ctx, input, chosen, bags, materialId);
  const chosenRow = rows.find((row) => row.chosen);
  const chosenMethod = methods.find((row) => row.chosen);
  if (!chosenRow || !chosenMethod) throw new Error('planLime: nothing is chosen');
  const chosenRate = ctx.sheet.choose(
    { id: `${area.id}/lime/rate`, label: msg('lime.chosenRate') },
    chosenMethod.rate,
    methods.filter((row) => !row.chosen && !('absent' in row.rate)).map((row) => row.rate),
  );

  const byMethod = asFieldTest(ctx, input, chosenRate);
  const standing = standingOf(given);
  const byNeed = verdictOf(given, standing, chosen, byMethod, credit !== undefined);
  const raised = leastDose(ctx, input, byNeed, byMethod);
  const [verdict, rate] = raised ? (['dose', raised] as const) : [byNeed, byMethod];
  const set = limeDoses(ctx, input, verdict, rate, bag, taken);
  const brings = limeBrings(ctx, area.id, taken.material, rate);
  const worked = {
    verdict,
    standing,
    target,
    treatedDepth,
    methods,
    materials: rows,
    chosenMaterial: chosenRow,
    held: taken.held,
    passedBy: taken.passedBy,
    caustic: taken.material.limit === 'bare-only',
    credit,
    from: readings.waterPh,
    ownReason: chosen.id === 'own' ? file.decisions['lime-own']?.reason.trim() : undefined,
    forMagnesium: taken.material.forMagnesium ?? false,
    brings,
    inHalves: isInHalves(area.situation, brings.tonsPerAcre),
    worksIn: LIME_WORKS_MONTHS[area.situation],
    rate,
    set,
    digest: digestOf(verdict, materialId, set),
  };
  const request = requestFor(ctx, input, set, lastOn, taken);
  const dated = (datesOf: DatesOf): LimeTreatment => {
    const applications = onDates(input, set, worked, datesOf(request.id));
    const waiting = applications.find(({ state }) => state === 'conditional');
    return {
      kind: 'lime',
      step: 'ph',
      settledBy: 'ph-settled',
      stands: { 'lime-method': chosen.id, 'lime-material': materialId },
      isDosed: verdict === 'dose',
      products: [{ role: 'lime', materialId, bag: bag.size, rate, applications }],
      cautions: cautionsOf(worked),
      testOn: waiting && addMonths(waiting.date, -pack.lime.testMonthsBefore.value),
      ...worked,
      applications,
      bagsToBuy: firmBags(ctx, area.id, applications, bag),
    };
  };
  return { requests: [request], dated };
}

/** The hazards of lime that is put on. */
function cautionsOf({
  verdict,
  caustic,
}: Pick<LimeTreatment, 'verdict' | 'caustic'>): TreatmentCaution[] {
  if (verdict !== 'dose') return [];
  return [...(caustic ? (['caustic'] as const) : []), 'dust', 'localCode'];
}
