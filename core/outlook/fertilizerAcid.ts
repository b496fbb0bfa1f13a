import { materialName } from '../catalog/materials/named';
import type { FertilizerProduct, FertilizerTreatment } from '../treat/fertilizer/types';
import { LIME_FOR_POUND_OF_N } from '../tables/fertilizer/acidity';
import type { Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import { ACID_OF_NITROGEN } from '../equations/fertilizer/acidOfNitrogen';

type Lime = Figure<Quantity<'lb/1000ft2', 'CaCO3'>>;

/** The acid of one product: its N by what a pound of it takes to be undone. */
function acidOf(ctx: PlanContext, at: string, { key, material, rate }: FertilizerProduct): Lime {
  const prefix = `${at}/${key}`;
  const entry = {
    id: prefix,
    label: msg('outlook.acidOf', { material: materialName(material) }),
  };
  const each = LIME_FOR_POUND_OF_N[material.id];
  if (each === undefined && material.grade.N > 0) {
    return ctx.sheet.absent(entry, msg('absent.acidUnknown'), [rate.id]);
  }
  const source = { source: 'pierre', standing: 'recalled' } as const;
  const perPound = ctx.constant(
    { id: `${prefix}/each`, label: msg('outlook.limeForN'), ...source },
    each ?? 0,
    'ratio',
    'CaCO3',
  );
  const nitrogen = ctx.constant(
    { id: `${prefix}/n`, label: msg('outlook.percentN'), source: 'grade' },
    material.grade.N,
    '%',
    'N',
  );
  return ctx.sheet.equation(entry, ACID_OF_NITROGEN, [rate, nitrogen, perPound]);
}

/**
 * Limestone that undoes the acid of the season's fertilizer, lb of CaCO3/1000 ft²; below zero the fertilizer is alkaline. Nothing where
 * nothing is fed, or on rows without an area; absent where a product's acid is not known.
 */
export function fertilizerAcid(
  ctx: PlanContext,
  areaId: string,
  fertilizer: FertilizerTreatment,
): Lime | undefined {
  const { parts } = fertilizer.chosen;
  if (!fertilizer.isDosed || parts.some(({ role }) => role === 'row')) return undefined;
  const at = `${areaId}/outlook/acid`;
  const acids = parts.map((part) => acidOf(ctx, at, part));
  return ctx.sheet.add({ id: at, label: msg('outlook.acid') }, acids, 'lb/1000ft2', 'CaCO3');
}
