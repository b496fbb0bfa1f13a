import type { Fertilizer, LimeMaterial, SulfurMaterial } from '../../catalog/materials/types';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';

/** How far off a level cup is, as a share: of granules, and of powders, which settle. Common practice. */
const OFF = { granules: 0.15, powder: 0.25 } as const;

/**
 * What a cubic foot weighs as it is scooped, with how far that may be off: granules within 15 %, powders within 25; of a powder that is
 * told loose and settled apart the loose one counts, as a spoon takes it from the bag, up to what it weighs settled.
 */
export function scooped(
  ctx: PlanContext,
  id: string,
  { density, powder, standing, source }: Fertilizer | LimeMaterial | SulfurMaterial,
): Figure<Quantity<'lb/ft3', 'density'>> {
  const entry = { id, label: msg('dose.density'), standing, source };
  if (typeof powder === 'object') {
    const { loose } = powder;
    const range = { low: loose * (1 - OFF.granules), high: density };
    return ctx.sheet.leaf('constant', entry, quantity(loose, 'lb/ft3', 'density'), range);
  }
  const off = powder ? OFF.powder : OFF.granules;
  const range = { low: density * (1 - off), high: density * (1 + off) };
  return ctx.sheet.leaf('constant', entry, quantity(density, 'lb/ft3', 'density'), range);
}
