import type { Equation } from '../../kernel/working/equation';
import { ppmToPoundsPerAcre } from '../../kernel/units/convert';
import { quantity, type Quantity, type SoilElement } from '../../kernel/units/quantity';

type Inches = Quantity<'in', 'depth'>;
const id = 'ppm-to-lb-per-acre';

/** A content of soil over an acre, by 2,000,000 lb of soil to 6⅔ in. Common practice. */
export function ppmAsPoundsPerAcre<S extends SoilElement>(): Equation<
  readonly [Quantity<'ppm', S>, Inches],
  Quantity<'lb/acre', S>
> {
  return { id, compute: ppmToPoundsPerAcre };
}

/** The same of nitrate, which is told as the nitrogen in it. */
export const NITRATE_TO_POUNDS_PER_ACRE: Equation<
  readonly [Quantity<'ppm'>, Inches],
  Quantity<'lb/acre', 'N'>
> = {
  id,
  compute: (found, inches) =>
    quantity(ppmToPoundsPerAcre({ ...found, of: 'N' }, inches).value, 'lb/acre', 'N'),
};
