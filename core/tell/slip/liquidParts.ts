import type { AreaPlan } from '../../area/areaPlan';
import { materialName } from '../../catalog/materials/named';
import { sentence } from './document';
import { parts, type Parts } from './parts';

/** A feed in water on the page: what goes into a gallon. */
export function liquidParts({ liquid, treatments }: AreaPlan): Parts {
  if (!liquid || treatments.fertilizer.hold || 'absent' in liquid.measured) return parts({});
  const amount = { working: liquid.measured.id };
  return parts({
    how: [sentence('slip.liquid', { amount, material: materialName(liquid.material) })],
  });
}
