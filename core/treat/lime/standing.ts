import { decisionKey } from '../../casefile/decisions';
import type { LimeTreatment, LimeVerdict, PhStanding } from './types';
import type { ProductRate } from '../shared/amounts';
import type { TreatInput } from '../shared/input';
import { TRI_STATE_ORGANIC } from '../../tables/lime/triState';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { type RequirementOption } from './options';

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

export function targetOf(ctx: PlanContext, input: TreatInput): LimeTreatment['target'] {
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

export function depthOf(
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
export function forLime(ctx: PlanContext, input: TreatInput): TreatInput {
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
export function standingOf({ goal, readings }: TreatInput): PhStanding {
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
export function verdictOf(
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
