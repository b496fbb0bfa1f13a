import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

/**
 * Square metres inside an outline of a map on the WGS84 ellipsoid, which were reckoned from the outline's corners
 * when it was read: the outline is a text, no figure that a sheet could hold.
 */
export function outlineOf(squareMetres: number): Equation<readonly [], Quantity<'m2', 'ground'>> {
  return { id: 'outline', compute: () => quantity(squareMetres, 'm2', 'ground') };
}
