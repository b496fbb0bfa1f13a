import type { Equation } from '../../kernel/working/equation';
import { poundsToCups } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';

/** Level cups by the material's bulk density. Definition of the cup. */
export const POUNDS_TO_CUPS: Equation<
  readonly [Quantity<'lb', 'product'>, density: Quantity<'lb/ft3', 'density'>],
  Quantity<'cups', 'product'>
> = { id: 'lb-to-cups', compute: poundsToCups };
