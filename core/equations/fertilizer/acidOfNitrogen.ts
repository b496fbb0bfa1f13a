import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

/** Limestone that undoes the acid of a fertilizer's nitrogen (Pierre 1933). */
export const ACID_OF_NITROGEN: Equation<
  readonly [
    product: Quantity<'lb/1000ft2' | 'lb/100ft', 'product'>,
    nitrogen: Quantity<'%', 'N'>,
    limePerPound: Quantity<'ratio', 'CaCO3'>,
  ],
  Quantity<'lb/1000ft2', 'CaCO3'>
> = {
  id: 'acid-of-n',
  compute: (product, nitrogen, lime) =>
    quantity((product.value * nitrogen.value * lime.value) / 100, 'lb/1000ft2', 'CaCO3'),
};
