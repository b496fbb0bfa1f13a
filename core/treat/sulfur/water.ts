import { WATER_LIME } from '../../tables/sulfur';
import { perAcreToPerThousand } from '../../kernel/units/convert';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { Readings } from '../../site/report/types';
import type { SulfurTreatment } from './types';
import { WATER_LIME_PER_INCH } from '../../equations/sulfur/waterLime';

/** Lime that an inch of water brings to an acre, by its alkalinity. */
export function limeOfAnInch(ctx: PlanContext, id: string, alkalinity: Figure) {
  return ctx.sheet.equation(
    { id, label: msg('sulfur.waterLime'), source: 'practice' },
    WATER_LIME_PER_INCH,
    [alkalinity],
  );
}

/** Lime that a pound of sulfur undoes. */
export function undoneByPound(ctx: PlanContext, id: string) {
  return ctx.constant(
    { id, label: msg('sulfur.undone'), source: 'aapfco' },
    WATER_LIME.undoneByPound,
    'ratio',
    'CaCO3',
  );
}

/** Sulfur that each inch of watering takes merely to stand still, where the water's alkalinity is known. */
export function standStill(
  ctx: PlanContext,
  areaId: string,
  readings: Readings,
): SulfurTreatment['standStill'] {
  const alkalinity = readings.others['water-alkalinity'];
  if (!alkalinity || 'absent' in alkalinity || alkalinity.value.value === 0) return undefined;
  const id = `${areaId}/sulfur/water`;
  const lime = limeOfAnInch(ctx, `${id}/lime`, alkalinity);
  const each = undoneByPound(ctx, `${id}/undone`);
  const perAcre = ctx.sheet.divide(
    { id: `${id}/per-acre`, label: msg('sulfur.standStillAcre') },
    [lime, each],
    'lb/acre',
    'S',
  );
  return ctx.sheet.derive(
    'convert',
    { id, label: msg('sulfur.standStill'), source: 'definition' },
    [perAcre],
    perAcreToPerThousand,
  );
}
