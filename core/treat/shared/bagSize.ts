import type { Label } from '../../casefile/parts/label';
import type { LimeMaterial, SulfurMaterial } from '../../catalog/materials/types';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { scooped } from './density';

/** Pounds in a bag or in a big sack. */
const POUNDS = { min: 1, max: 4000 };

/** Whether something was typed in a field. */
export function isTyped(text: string | undefined): text is string {
  return (text ?? '').trim() !== '';
}

/**
 * What is in a bag and how loosely: by its label, else as such bags usually are.
 * @param usual pounds of the bag that suits, where no label tells
 */
export function bagSize(
  ctx: PlanContext,
  prefix: string,
  material: LimeMaterial | SulfurMaterial,
  label: Label | undefined,
  usual = material.bagsLb[0],
): {
  readonly size: Figure<Quantity<'lb/bag', 'product'>>;
  readonly density: Figure<Quantity<'lb/ft3', 'density'>>;
} {
  const { id, standing, source } = material;
  const from = { standing, source };
  const at = `labels/${id}/bag`;
  const size = isTyped(label?.bag)
    ? ctx.number(
        { id: `${prefix}/bag`, label: msg('lime.bagSize'), at },
        label.bag,
        POUNDS,
        'lb/bag',
        'product',
      )
    : ctx.constant(
        { id: `${prefix}/bag`, label: msg('lime.bagSizeTypical'), ...from },
        usual,
        'lb/bag',
        'product',
      );
  return { size, density: scooped(ctx, `${prefix}/density`, material) };
}
