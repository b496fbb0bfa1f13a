import { scheduleDoses } from '../calendar/schedule';
import { decisionOf } from '../casefile/casefile';
import { bagsFor, splitDoses, type DoseSet } from '../dosing/doses';
import {
  FIRST_AIM,
  SULFUR_CAP,
  SULFUR_SEASONS,
  SULFUR_SOIL_OF,
  type SulfurSoil,
} from '../tables/sulfur';
import { nutrientToProduct, perHundredToPerThousand } from '../units/convert';
import { quantity, type Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { Figure } from '../working/working';
import { sulfurOptions } from './sulfurNeed';
import { sulfurMaterials } from './sulfurBag';
import { afterWarmMonths, waitsUntil, worthIt } from './sulfurWorth';
import type { Dose, LimeInput, SulfurMaterialRow, SulfurPlan } from './types';

type Ph = Figure<Quantity<'pH', 'water'>>;
type SulfurRate = Figure<Quantity<'lb/1000ft2', 'S'>>;

/** Of a pH with a range the lower end, at which less sulfur is needed. */
function forSulfur(ctx: PlanContext, { area, readings }: LimeInput): Ph {
  const { waterPh } = readings;
  if ('absent' in waterPh || !waterPh.range) return waterPh;
  const entry = { id: `${area.id}/sulfur/ph-lower`, label: msg('sulfur.phLower') };
  return ctx.sheet.lowEnd(entry, waterPh);
}

/** What is aimed at first: the upper middle of the range; more comes after a test. */
function aimOf(ctx: PlanContext, { area, goal }: LimeInput): Ph {
  const { low, high } = goal.edges;
  const share = ctx.constant(
    { id: `${area.id}/sulfur/aim-share`, label: msg('sulfur.aimShare'), source: 'practice' },
    FIRST_AIM,
    'ratio',
    'share',
  );
  return ctx.sheet.derive(
    'equation',
    {
      id: `${area.id}/sulfur/target`,
      label: msg('sulfur.target'),
      detail: { equation: 'part-of-the-way' },
    },
    [low, high, share],
    (from, to, part) => quantity(from.value + part.value * (to.value - from.value), 'pH', 'water'),
  );
}

/** Most at once: around roots by the kind of soil, worked in before planting more. */
function capOf(ctx: PlanContext, { area }: LimeInput, soil: SulfurSoil): SulfurRate {
  const planted = area.situation !== 'tilled';
  const value = planted ? SULFUR_CAP[soil === 'sand' ? 'sand' : 'loam'] : SULFUR_CAP.beforePlanting;
  const label = msg(planted ? 'sulfur.capRoots' : 'sulfur.capPlanting');
  const perHundred = ctx.constant(
    { id: `${area.id}/sulfur/cap/per-hundred`, label, source: 'practice' },
    value,
    'lb/100ft2',
    'S',
  );
  return ctx.sheet.derive('convert', { id: `${area.id}/sulfur/cap`, label }, [perHundred], (q) =>
    perHundredToPerThousand(q),
  );
}

/** The first dose of a need: all of it, or as much as roots bear at once. */
function firstDose(
  ctx: PlanContext,
  input: LimeInput,
  gross: SulfurRate,
  cap: SulfurRate,
): SulfurRate {
  const entry = { id: `${input.area.id}/sulfur/first`, label: msg('sulfur.first') };
  return ctx.sheet.derive('cap', entry, [gross, cap], (need, most) =>
    quantity(Math.min(need.value, most.value), 'lb/1000ft2', 'S'),
  );
}

/** The kind of soil that the sulfur goes by; nothing where nobody told the texture. */
function soilOf({ readings }: LimeInput): SulfurSoil | undefined {
  return readings.texture && SULFUR_SOIL_OF[readings.texture];
}

/** A dose, or why there is none: what the soil says, what is still at work, what nobody has told. */
function verdictOf(
  ctx: PlanContext,
  input: LimeInput,
  soil: SulfurSoil | undefined,
  gross: SulfurRate,
): Pick<SulfurPlan, 'verdict' | 'why'> {
  const { waterPh } = input.readings;
  const ph = 'absent' in waterPh ? 0 : waterPh.value.value;
  const refused = worthIt(input.file, input.area.id, ph);
  if (refused) return refused;
  const until = waitsUntil(ctx, input);
  if (until) return { verdict: 'wait', why: msg('sulfur.why.wait', { date: { date: until } }) };
  if (!soil) return { verdict: 'ask', why: msg('sulfur.why.texture') };
  if ('absent' in gross) {
    return { verdict: 'ask', why: msg('sulfur.why.absent', { why: gross.absent }) };
  }
  return { verdict: 'dose', why: undefined };
}

/** The one dose of a material on its day, and the bags that it takes. */
function oneDose(
  ctx: PlanContext,
  { area, ground, planFrom }: LimeInput,
  { rate, bag }: SulfurMaterialRow,
  cap: SulfurRate,
): Pick<SulfurPlan, 'set' | 'doses' | 'bagsToBuy'> {
  const at = `${area.id}/sulfur`;
  const most = ctx.sheet.derive(
    'divide',
    { id: `${at}/cap/product`, label: msg('sulfur.capProduct') },
    [cap, bag.share],
    (s, share) => nutrientToProduct(s, share),
  );
  const set = splitDoses(ctx, `${at}/dose`, rate, most, ground.extent, {
    bag: bag.size,
    density: bag.density,
    parts: ground.known ? ground.parts : undefined,
  });
  const rules = { count: 1, seasons: SULFUR_SEASONS, interval: { months: 12 } };
  const [date] = planFrom ? scheduleDoses({ earliest: planFrom, ...rules }) : [];
  const [amount] = set.doses;
  const doses: Dose[] = amount && date ? [{ key: `${at}/1`, date, state: 'firm', amount }] : [];
  const pounds =
    amount?.printed ??
    ctx.sheet.absent({ id: `${at}/none`, label: msg('dose.firmTotal') }, msg('absent.noDoses'));
  return { set, doses, bagsToBuy: bagsFor(ctx, `${at}/bags-to-buy`, pounds, bag.size) };
}

/** Whether plants of sour soil stand above their range, on soil that tables of soils speak of. */
function isAskedFor({ goal, ground, readings }: LimeInput): boolean {
  const { waterPh, organic } = readings;
  if (!goal.acid || goal.conflict || organic || ground.parts?.kind === 'container') return false;
  return !('absent' in waterPh) && waterPh.value.value > goal.window.high;
}

function digestOf(
  { verdict }: Pick<SulfurPlan, 'verdict'>,
  id: string,
  { total }: DoseSet,
): string {
  return [verdict, id, 'absent' in total ? '' : total.value.value.toFixed(2)].join(' ');
}

/**
 * The sulfur of ground whose plants want a sourer soil: whether it can work, how much in all by each school, and the
 * one dose that is safe now. More is never promised: it waits for a test after warm months.
 * @returns nothing where no plant of sour soil stands above its range, or where plants are at odds
 */
export function planSulfur(ctx: PlanContext, input: LimeInput): SulfurPlan | undefined {
  if (!isAskedFor(input)) return undefined;
  const { file, area, materials } = input;
  const at = `${area.id}/sulfur`;
  const label = msg('sulfur.gross');
  const soil = soilOf(input);
  const ph = forSulfur(ctx, input);
  const target = aimOf(ctx, input);
  const options = soil ? sulfurOptions(ctx, area.id, { soil, ph, target }) : [];
  const gross =
    options[0]?.gross ??
    ctx.sheet.absent({ id: `${at}/no-texture`, label }, msg('absent.noTexture'), [ph.id]);
  const judged = verdictOf(ctx, input, soil, gross);
  const need = judged.why
    ? ctx.sheet.absent({ id: `${at}/held`, label }, judged.why, [gross.id])
    : gross;
  const cap = capOf(ctx, input, soil ?? 'sand');
  const first = firstDose(ctx, input, need, cap);
  const decided = decisionOf(file, area.id, 'sulfur-material')?.value;
  const known = materials.sulfur.find(({ id }) => id === decided) ?? materials.sulfur[0];
  const rows = sulfurMaterials(ctx, input, first, known?.id ?? '');
  const chosen = rows.find((row) => row.chosen);
  if (!chosen) throw new Error('planSulfur: the materials hold no sulfur');
  const dosed = oneDose(ctx, input, chosen, cap);
  const [dose] = dosed.doses;
  return {
    ...judged,
    ...dosed,
    target,
    options,
    gross,
    first,
    materials: rows,
    chosenMaterial: chosen,
    testOn: dose && afterWarmMonths(dose.date),
    digest: digestOf(judged, chosen.id, dosed.set),
  };
}
