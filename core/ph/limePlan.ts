import { scheduleDoses } from '../calendar/schedule';
import { decisionKey, decisionOf } from '../casefile/casefile';
import { addPounds, bagsFor, splitDoses, type DoseSet } from '../dosing/doses';
import { TRI_STATE_ORGANIC } from '../tables/triState';
import { addMonths, type IsoDate } from '../typed/date';
import { perThousandToTotal } from '../units/convert';
import { quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import { limeFindings } from './findings';
import { chosenOption, requirementOptions, type OptionId, type RequirementOption } from './options';
import { readBag, toProduct, type Bag } from './quality';
import { residualLime } from './residual';
import type {
  Dose,
  LimeInput,
  LimePlan,
  LimeVerdict,
  MaterialRow,
  MethodRow,
  PhStanding,
  ProductRate,
} from './types';

/** The share of the soil's pH scale over which a target makes sense. */
const TARGET = { min: 5, max: 7 };
const DEPTH = { above: 0, max: 12 };

/** What the plants want; on soil of little CEC no more than the pack allows it. */
function usualTarget(ctx: PlanContext, input: LimeInput): LimePlan['target'] {
  const { area, goal, pack, readings } = input;
  const entry = { id: `${area.id}/lime/target`, label: msg('lime.target') };
  const { cec, target } = pack.lime.sandy;
  const sandy = !('absent' in readings.cec) && readings.cec.value.value < cec;
  if (!sandy) return ctx.sheet.choose(entry, goal.limeTo, []);
  const most = { id: `${entry.id}/sandy`, label: msg('lime.sandyTarget', { cec }) };
  const limit = ctx.constant({ ...most, source: 'practice' }, target, 'pH', 'water');
  return ctx.sheet.derive('cap', entry, [goal.limeTo, limit], (wanted, top) =>
    quantity(Math.min(wanted.value, top.value), 'pH', 'water'),
  );
}

function targetOf(ctx: PlanContext, input: LimeInput): LimePlan['target'] {
  const { file, area, pack, readings } = input;
  const id = `${area.id}/lime/target`;
  const label = msg('lime.target');
  const decided = decisionOf(file, area.id, 'lime-target');
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

function depthOf(ctx: PlanContext, { file, area, pack }: LimeInput): LimePlan['treatedDepth'] {
  const id = `${area.id}/lime/treated-depth`;
  const label = msg('lime.treatedDepth');
  const decided = decisionOf(file, area.id, 'lime-depth');
  if (!decided || decided.value.trim() === '') {
    const { value, standing } = pack.lime.bySituation[area.situation].depth;
    return ctx.constant({ id, label, source: 'practice', standing }, value, 'in', 'depth');
  }
  const at = `decisions/${decisionKey(area.id, 'lime-depth')}/value`;
  return ctx.number({ id, label, at }, decided.value, DEPTH, 'in', 'depth', 'decided');
}

function methodRows(
  ctx: PlanContext,
  { area, ground }: LimeInput,
  options: readonly RequirementOption[],
  chosen: RequirementOption,
  bag: Bag,
): MethodRow[] {
  const rows = options.map((option) => {
    const prefix = `${area.id}/lime/${option.id}`;
    const rate = toProduct(
      ctx,
      `${prefix}/product`,
      option.advised,
      option.basis,
      bag.effectiveness,
    );
    const total = ctx.sheet.derive(
      'multiply',
      { id: `${prefix}/here`, label: msg('dose.total') },
      [rate, ground.extent],
      (r, e) => perThousandToTotal(r, e),
    );
    return { option, chosen: option === chosen, rate, total };
  });
  const reference = rows.find((row) => row.chosen) ?? rows[0];
  return rows.map((row) => ({
    option: row.option,
    chosen: row.chosen,
    rate: row.rate,
    total: row.total,
    difference: ctx.sheet.derive(
      'subtract',
      { id: `${area.id}/lime/${row.option.id}/difference`, label: msg('lime.difference') },
      [row.total, reference?.total ?? row.total],
      (a, b) => quantity(a.value - b.value, 'lb', 'product'),
    ),
  }));
}

function materialRows(
  ctx: PlanContext,
  { area, ground, materials }: LimeInput,
  option: RequirementOption,
  bags: ReadonlyMap<string, Bag>,
  chosen: string,
): MaterialRow[] {
  return materials.lime.flatMap(({ id }) => {
    const bag = bags.get(id);
    if (!bag) return [];
    const prefix = `${area.id}/lime/material/${id}`;
    const rate = toProduct(ctx, `${prefix}/rate`, option.advised, option.basis, bag.effectiveness);
    const total = ctx.sheet.derive(
      'multiply',
      { id: `${prefix}/total`, label: msg('dose.total') },
      [rate, ground.extent],
      (r, e) => perThousandToTotal(r, e),
    );
    const count = bagsFor(ctx, `${prefix}/bags`, total, bag.size);
    return [{ id, chosen: id === chosen, bag, rate, total, bags: count }];
  });
}

/**
 * What lime is worked out from: of a pH with a range the upper end, at which less is needed.
 */
function forLime(ctx: PlanContext, input: LimeInput): LimeInput {
  const { waterPh } = input.readings;
  if ('absent' in waterPh || !waterPh.range) return input;
  const entry = { id: `${input.area.id}/lime/ph-upper`, label: msg('lime.phUpper') };
  const upper = ctx.sheet.highEnd(entry, waterPh);
  return { ...input, readings: { ...input.readings, waterPh: upper } };
}

/** An organic soil is limed by its own rule, whatever the plant's window; plants at odds have none. */
function standingOf({ goal, readings }: LimeInput): PhStanding {
  const { waterPh, organic } = readings;
  if ('absent' in waterPh || goal.conflict) return 'unknown';
  const ph = waterPh.value.value;
  if (ph < (organic ? TRI_STATE_ORGANIC.max : goal.limeBelow)) return 'sour';
  return ph > goal.window.high ? 'high' : 'right';
}

/**
 * A water pH that needs no lime settles the step, and without one nobody knows, unless the advisor
 * follows the laboratory or an amount of their own.
 */
function verdictOf(
  { area, file, pack, goal }: LimeInput,
  standing: PhStanding,
  chosen: OptionId,
  rate: ProductRate,
  credited: boolean,
): LimeVerdict {
  const decided = decisionOf(file, area.id, 'lime-method')?.value;
  if (decided !== 'own' && decided !== 'laboratory') {
    if (standing === 'right' || standing === 'high') return 'none-needed';
    if (standing === 'unknown' && chosen !== 'laboratory') return 'absent';
    // What loves sour soil is limed by nobody's routine, only by an amount that was decided for.
    if (goal.acid) return 'absent';
  }
  if ('absent' in rate) return 'absent';
  const { value } = rate.value;
  const tooLittle = value < pack.lime.least.value && chosen !== 'own';
  if (tooLittle && credited) return 'at-work';
  if (value === 0) return 'none-needed';
  return tooLittle ? 'not-worth-a-trip' : 'dose';
}

function datedDoses(
  { area, pack, planFrom }: LimeInput,
  set: DoseSet,
  rate: ProductRate,
  lastOn: IsoDate | undefined,
): Dose[] {
  if (!planFrom || 'absent' in rate) return [];
  const months = pack.lime.intervalMonths.value;
  const spaced = lastOn ? addMonths(lastOn, months) : planFrom;
  const dates = scheduleDoses({
    earliest: spaced > planFrom ? spaced : planFrom,
    count: set.doses.length,
    seasons: pack.lime.seasons,
    interval: { months },
  });
  const large = rate.value.value > pack.lime.confirmAbove.value;
  return dates.flatMap((date, index) => {
    const amount = set.doses[index];
    if (!amount) return [];
    const state = large && amount.ordinal > pack.lime.firmDoses.value ? 'conditional' : 'firm';
    return [{ key: `${area.id}/lime/${amount.ordinal}`, date, state, amount }];
  });
}

function bagsOfMaterials(ctx: PlanContext, { file, area, materials }: LimeInput): Map<string, Bag> {
  return new Map(materials.lime.map((m) => [m.id, readBag(ctx, file, area.id, m)]));
}

/** The dressings of the chosen rate under the cap of the situation; none unless lime is advised. */
function limeDoses(
  ctx: PlanContext,
  { area, pack, ground }: LimeInput,
  verdict: LimeVerdict,
  rate: ProductRate,
  bag: Bag,
): DoseSet<ProductRate> {
  const limit = pack.lime.bySituation[area.situation].cap;
  const cap = ctx.constant(
    {
      id: `${area.id}/lime/cap`,
      label: msg('lime.cap'),
      source: 'practice',
      standing: limit.standing,
    },
    limit.value,
    'lb/1000ft2',
    'product',
  );
  const dosed =
    verdict === 'dose'
      ? rate
      : ctx.sheet.absent(
          { id: `${area.id}/lime/dosed`, label: msg('lime.chosenRate') },
          'absent' in rate ? rate.absent : msg('absent.noDoses'),
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
  doses: readonly Dose[],
  bag: Bag,
): LimePlan['bagsToBuy'] {
  const firm = doses.filter(({ state }) => state === 'firm').map((dose) => dose.amount.printed);
  const entry = { id: `${areaId}/lime/firm`, label: msg('dose.firmTotal') };
  const total =
    firm.length > 0 ? addPounds(ctx, entry, firm) : ctx.sheet.absent(entry, msg('absent.noDoses'));
  return bagsFor(ctx, `${areaId}/lime/bags-to-buy`, total, bag.size);
}

/** A settlement stands for this: it lapses when the verdict, the material or the total changes. */
function digestOf(verdict: LimeVerdict, materialId: string, { total }: DoseSet): string {
  return [verdict, materialId, 'absent' in total ? '' : total.value.value.toFixed(2)].join(' ');
}

/** The lime of an area: every method side by side, the chosen one in doses on dates. */
export function planLime(ctx: PlanContext, given: LimeInput): LimePlan {
  const input = forLime(ctx, given);
  const { file, area, pack, materials, ground, readings } = input;
  const target = targetOf(ctx, input);
  const treatedDepth = depthOf(ctx, input);
  const sampledOn = readings.sampledOn ?? input.planFrom;
  const { credit, lastOn } = residualLime(ctx, file, area.id, sampledOn, ground);

  const bags = bagsOfMaterials(ctx, input);
  const decided = decisionOf(file, area.id, 'lime-material')?.value ?? '';
  const materialId = bags.has(decided) ? decided : (materials.lime[0]?.id ?? '');
  const bag = bags.get(materialId);
  if (!bag) throw new Error('planLime: the materials hold no lime');

  const pottingMix = ground.parts?.kind === 'container';
  const shared = { file, areaId: area.id, readings, target, treatedDepth, credit, pottingMix };
  const options = requirementOptions(ctx, shared);
  const chosen = chosenOption(options, decisionOf(file, area.id, 'lime-method')?.value);
  const methods = methodRows(ctx, input, options, chosen, bag);
  const rows = materialRows(ctx, input, chosen, bags, materialId);
  const chosenMaterial = rows.find((row) => row.chosen);
  const chosenMethod = methods.find((row) => row.chosen);
  if (!chosenMaterial || !chosenMethod) throw new Error('planLime: nothing is chosen');
  const rate = ctx.sheet.choose(
    { id: `${area.id}/lime/rate`, label: msg('lime.chosenRate') },
    chosenMethod.rate,
    methods.filter((row) => !row.chosen && !('absent' in row.rate)).map((row) => row.rate),
  );

  const standing = standingOf(input);
  const verdict = verdictOf(input, standing, chosen.id, rate, credit !== undefined);
  const set = limeDoses(ctx, input, verdict, rate, bag);
  const doses = datedDoses(input, set, rate, lastOn);
  const waiting = doses.find(({ state }) => state === 'conditional');
  const plan: LimePlan = {
    verdict,
    standing,
    target,
    treatedDepth,
    methods,
    materials: rows,
    chosenMaterial,
    rate,
    set,
    doses,
    bagsToBuy: firmBags(ctx, area.id, doses, bag),
    testBefore: waiting ? addMonths(waiting.date, -pack.lime.testMonthsBefore.value) : undefined,
    digest: digestOf(verdict, materialId, set),
  };
  limeFindings(ctx, input, plan, { credited: credit !== undefined });
  return plan;
}
