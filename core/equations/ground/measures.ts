import { quantity, type Quantity } from '../../kernel/units/quantity';

export type Feet = Quantity<'ft', 'ground'>;
export type Across = Quantity<'ft', 'diameter'>;
export type SquareFeet = Quantity<'ft2', 'ground'>;

/** So many square feet of ground. */
export function squareFeet(value: number): SquareFeet {
  return quantity(value, 'ft2', 'ground');
}
