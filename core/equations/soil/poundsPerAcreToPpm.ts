import type { Equation } from '../../kernel/working/equation';
import { poundsPerAcreToPpm } from '../../kernel/units/convert';
import type { Quantity, SoilElement } from '../../kernel/units/quantity';

/** Pounds over an acre of so many inches as ppm, by 2,000,000 lb of soil to 6⅔ in. Common practice. */
export function poundsPerAcreAsPpm<S extends SoilElement>(): Equation<
  readonly [Quantity<'lb/acre', S>, Quantity<'in', 'depth'>],
  Quantity<'ppm', S>
> {
  return { id: 'lb-per-acre-to-ppm', compute: poundsPerAcreToPpm };
}
