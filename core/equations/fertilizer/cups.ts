import type { Equation } from '../../kernel/working/equation';
import { cupsToPounds, poundsToCups } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';

/** Level cups by the material's bulk density. Definition of the cup. */
export const POUNDS_TO_CUPS: Equation<
  readonly [Quantity<'lb', 'product'>, density: Quantity<'lb/ft3', 'density'>],
  Quantity<'cups', 'product'>
> = { id: 'lb-to-cups', compute: poundsToCups };

/** What level cups weigh, by the material's bulk density. Definition of the cup. */
export const CUPS_TO_POUNDS: Equation<
  readonly [Quantity<'cups', 'product'>, density: Quantity<'lb/ft3', 'density'>],
  Quantity<'lb', 'product'>
> = { id: 'cups-to-lb', compute: cupsToPounds };
