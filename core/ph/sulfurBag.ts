import type { CaseFile } from '../casefile/casefile';
import { bagsFor } from '../dosing/doses';
import type { SulfurMaterial } from '../materials/types';
import { nutrientToProduct, percentToShare, perThousandToTotal } from '../units/convert';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { LimeInput, SulfurBag, SulfurMaterialRow, SulfurPlan } from './types';

const PERCENT = { min: 5, max: 100 };

/** A bag of sulfur: what its own label says, else what such bags usually say. */
function readBag(
  ctx: PlanContext,
  file: CaseFile,
  areaId: string,
  { id, typicalS, density, bagsLb, standing, source }: SulfurMaterial,
): SulfurBag {
  const label = file.labels[id];
  const prefix = `${areaId}/sulfur/material/${id}`;
  const usual = { standing, source };
  const typed = (text: string | undefined): text is string => (text ?? '').trim() !== '';
  const percent = typed(label?.percent)
    ? ctx.number(
        { id: `${prefix}/percent`, label: msg('sulfur.labelS'), at: `labels/${id}/percent` },
        label.percent,
        PERCENT,
        '%',
        'S',
      )
    : ctx.constant(
        { id: `${prefix}/percent`, label: msg('sulfur.typicalS'), ...usual },
        typicalS,
        '%',
        'S',
      );
  const size = typed(label?.bag)
    ? ctx.number(
        { id: `${prefix}/bag`, label: msg('lime.bagSize'), at: `labels/${id}/bag` },
        label.bag,
        { min: 1, max: 4000 },
        'lb/bag',
        'product',
      )
    : ctx.constant(
        { id: `${prefix}/bag`, label: msg('lime.bagSizeTypical'), ...usual },
        bagsLb[0],
        'lb/bag',
        'product',
      );
  const share = ctx.sheet.derive(
    'convert',
    { id: `${prefix}/share`, label: msg('feed.share') },
    [percent],
    (q) => percentToShare(q),
  );
  const weight = { id: `${prefix}/density`, label: msg('dose.density'), ...usual };
  return {
    percent,
    share,
    size,
    density: ctx.constant(weight, density, 'lb/ft3', 'density'),
    fromLabel: typed(label?.percent),
  };
}

/** The first dose by every material, and the bags that it takes. */
export function sulfurMaterials(
  ctx: PlanContext,
  { area, file, ground, materials }: LimeInput,
  first: SulfurPlan['first'],
  chosen: string,
): SulfurMaterialRow[] {
  return materials.sulfur.map((material): SulfurMaterialRow => {
    const bag = readBag(ctx, file, area.id, material);
    const prefix = `${area.id}/sulfur/material/${material.id}`;
    const rate = ctx.sheet.derive(
      'divide',
      { id: `${prefix}/rate`, label: msg('sulfur.product') },
      [first, bag.share],
      (s, share) => nutrientToProduct(s, share),
    );
    const total = ctx.sheet.derive(
      'multiply',
      { id: `${prefix}/total`, label: msg('dose.total') },
      [rate, ground.extent],
      (r, e) => perThousandToTotal(r, e),
    );
    const bags = bagsFor(ctx, `${prefix}/bags`, total, bag.size);
    return {
      id: material.id,
      mixed: material.mixed,
      chosen: material.id === chosen,
      bag,
      rate,
      total,
      bags,
    };
  });
}
