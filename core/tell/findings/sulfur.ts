import { decisionOf } from '../../casefile/casefile';
import { WATER_LIME } from '../../tables/sulfur';
import { perAcreToPerThousand } from '../../kernel/units/convert';
import { quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/working/msg';
import { SULFUR_SCHOOLS } from '../../treat/sulfur/need';
import type { LimeInput, SulfurPlan } from '../../treat/types';

/** Sulfur that each inch of watering takes merely to stand still, where the water's alkalinity is known. */
function waterLime(
  ctx: PlanContext,
  { area, readings }: Pick<LimeInput, 'area' | 'readings'>,
): void {
  const alkalinity = readings.others['water-alkalinity'];
  if (!alkalinity || 'absent' in alkalinity || alkalinity.value.value === 0) return;
  const id = `${area.id}/sulfur/water`;
  const { poundsPerAcreInch, undoneByPound } = WATER_LIME;
  const lime = ctx.sheet.derive(
    'equation',
    {
      id: `${id}/lime`,
      label: msg('sulfur.waterLime'),
      source: 'practice',
      detail: { equation: 'water-lime' },
    },
    [alkalinity],
    ({ value }) => quantity(value * poundsPerAcreInch, 'lb/acre', 'CaCO3'),
  );
  const undone = { id: `${id}/undone`, label: msg('sulfur.undone'), source: 'aapfco' } as const;
  const each = ctx.constant(undone, undoneByPound, 'ratio', 'CaCO3');
  const perAcre = ctx.sheet.derive(
    'divide',
    { id: `${id}/per-acre`, label: msg('sulfur.standStillAcre') },
    [lime, each],
    (lb, part) => quantity(lb.value / part.value, 'lb/acre', 'S'),
  );
  const rate = ctx.sheet.derive(
    'convert',
    { id, label: msg('sulfur.standStill'), source: 'definition' },
    [perAcre],
    (q) => perAcreToPerThousand(q),
  );
  ctx.find(area.id, 'ph', 'note', 'waterSweetens', { rate: { working: rate.id } }, [rate]);
}

/** An own amount more than this over a school is looked at twice, %. */
const MUCH_MORE = 20;

/** Says where an own amount is far over what a school asks for: tenths are easily miscounted. */
function ownIsMuch(ctx: PlanContext, areaId: string, { ownMore }: SulfurPlan): void {
  const shares = SULFUR_SCHOOLS.flatMap((school) => {
    const more = ownMore[school];
    return !more || 'absent' in more ? [] : [{ school, more, value: more.value.value }];
  });
  const [most] = shares.sort((a, b) => b.value - a.value);
  if (!most || most.value <= MUCH_MORE) return;
  const params = {
    share: { working: most.more.id },
    school: msg(`sulfur.school.${most.school}`),
  };
  ctx.find(areaId, 'ph', 'note', 'sulfurOwnMuch', params, [most.more]);
}

/** What there is to ask, to decide and to know about the sulfur of an area. */
export function sulfurFindings(
  ctx: PlanContext,
  { file, area, readings, ground }: LimeInput,
  plan: SulfurPlan,
): void {
  const { verdict, why, chosenMaterial, set, first } = plan;
  if (verdict === 'ask' && why)
    ctx.find(area.id, 'ph', 'decide', 'sulfurAsk', { why }, [readings.waterPh]);
  if (verdict === 'refused' && why) {
    ctx.find(area.id, 'ph', 'note', 'sulfurRefused', { why }, [readings.waterPh]);
  }
  if (verdict === 'wait' && why) ctx.find(area.id, 'ph', 'note', 'sulfurWait', { why });
  waterLime(ctx, { area, readings });
  ownIsMuch(ctx, area.id, plan);
  if (verdict !== 'dose') return;
  if (chosenMaterial.mixed) {
    ctx.find(area.id, 'ph', 'note', 'sulfurMix', {}, [chosenMaterial.bag.worth]);
  }
  if (chosenMaterial.sulfate) {
    const material = msg(`material.${chosenMaterial.id}`);
    ctx.find(area.id, 'ph', 'note', 'sulfateAtOnce', { material }, [chosenMaterial.rate]);
  }
  const decided = decisionOf(file, area.id, 'sulfur-material')?.value;
  const refusedRow = plan.materials.find(({ id, refused }) => refused && id === decided);
  if (refusedRow) ctx.find(area.id, 'ph', 'note', 'aluminumRefused', {}, []);
  if ('absent' in set.total) {
    ctx.find(area.id, 'ph', 'decide', 'areaMissing', {}, [set.total], { subject: 'sulfur' });
    return;
  }
  if (decisionOf(file, area.id, 'sulfur-settled')?.value === plan.digest) return;
  const figure = ground.known ? set.total : first;
  ctx.find(area.id, 'ph', 'decide', 'sulfurUnsettled', { total: { working: figure.id } }, [figure]);
}
