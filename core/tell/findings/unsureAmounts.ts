import type { MaterialId } from '../../catalog/materials/types';
import type { AreaPlan } from '../../plan/types';
import { perThousandToTotal } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/working/msg';
import type { Figure } from '../../kernel/working/working';

type Rate = Figure<Quantity<'lb/1000ft2', 'product'>>;

/** A rate of product over the whole range of an area that is not sure; a note where it is known. */
function overRange(
  ctx: PlanContext,
  { area, ground }: Pick<AreaPlan, 'area' | 'ground'>,
  step: 'ph' | 'feeding',
  kind: 'lime' | 'sulfur' | 'n' | 'p' | 'k' | 'one',
  rate: Rate,
  materialId: MaterialId,
): void {
  if (!ground.unsure) return;
  const total = ctx.sheet.derive(
    'multiply',
    { id: `${area.id}/ground/range/${kind}`, label: msg('dose.overRange') },
    [rate, ground.unsure],
    (each, extent) => perThousandToTotal(each, extent),
  );
  if ('absent' in total || !total.range) return;
  const end = (value: number): Quantity => quantity(value, 'lb', 'product');
  const params = {
    material: msg(`material.${materialId}`),
    low: end(total.range.low),
    high: end(total.range.high),
  };
  ctx.find(area.id, step, 'note', `amountRange.${kind}`, params, [total]);
}

/** What the advised rates come to over the whole range of ground that is not surely measured. */
export function unsureAmounts(
  ctx: PlanContext,
  plan: Pick<AreaPlan, 'area' | 'ground' | 'lime' | 'sulfur' | 'feed'>,
): void {
  const { lime, sulfur, feed } = plan;
  if (lime.verdict === 'dose') {
    overRange(ctx, plan, 'ph', 'lime', lime.rate, lime.chosenMaterial.id);
  }
  if (sulfur?.verdict === 'dose') {
    const { rate, id } = sulfur.chosenMaterial;
    overRange(ctx, plan, 'ph', 'sulfur', rate, id);
  }
  for (const { role, material, rate } of feed.verdict === 'dose' ? feed.chosen.parts : []) {
    if (role !== 'row') overRange(ctx, plan, 'feeding', role, rate as Rate, material.id);
  }
}
