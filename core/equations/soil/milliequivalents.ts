import type { Equation } from '../../kernel/working/equation';
import { milliequivalentsToPpm, ppmToMilliequivalents } from '../../kernel/units/convert';
import type { Quantity, Substance } from '../../kernel/units/quantity';

type Charge<S extends Substance> = Quantity<'meq/100g', S>;
type EquivalentMass<S extends Substance> = Quantity<'g/eq', S>;

/** meq/100 g × equivalent mass × 10. Definition. */
export function chargeAsPpm<S extends Substance>(): Equation<
  readonly [Charge<S>, EquivalentMass<S>],
  Quantity<'ppm', S>
> {
  return { id: 'meq-to-ppm', compute: milliequivalentsToPpm };
}

/** ppm ÷ equivalent mass ÷ 10. Definition. */
export function ppmAsCharge<S extends Substance>(): Equation<
  readonly [Quantity<'ppm', S>, EquivalentMass<S>],
  Charge<S>
> {
  return { id: 'ppm-to-meq', compute: ppmToMilliequivalents };
}
