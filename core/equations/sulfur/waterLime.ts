import type { Equation } from '../../kernel/working/equation';
import { WATER_LIME } from '../../tables/sulfur';
import { quantity, type Quantity } from '../../kernel/units/quantity';

/** Limestone in an inch of water over an acre, by its alkalinity. Common practice. */
export const WATER_LIME_PER_INCH: Equation<readonly [Quantity], Quantity<'lb/acre', 'CaCO3'>> = {
  id: 'water-lime',
  compute: ({ value }) => quantity(value * WATER_LIME.poundsPerAcreInch, 'lb/acre', 'CaCO3'),
};
