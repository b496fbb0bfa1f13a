import { materialName } from '../../catalog/materials/named';
import { quantity } from '../../kernel/units/quantity';
import type { FindInput, Finder } from './finder';

/** What the advised rates come to over the whole range of ground that is not surely measured. */
export function unsureAmountFindings(finder: Finder, { plan: { unsureAmounts } }: FindInput): void {
  for (const { step, role, key, material, total, range } of unsureAmounts) {
    const params = {
      material: materialName(material),
      low: quantity(range.low, 'lb', 'product'),
      high: quantity(range.high, 'lb', 'product'),
    };
    // Several products may serve the same need.
    const more = key === role ? {} : { subject: key };
    finder.find(step, 'note', `amountRange.${role}`, params, [total], more);
  }
}
