import type { Equation } from '../kernel/working/equation';
import { quantity, type Quantity, type Substance, type Unit } from '../kernel/units/quantity';

type Rate<S extends Substance> = Quantity<'lb/1000ft2', S>;

/** So many percent of an amount, as the substance that they are percent of. */
export function percentOf<S extends Substance>(
  of: S,
): Equation<readonly [Rate<'product'>, Quantity<'%', S>], Rate<S>> {
  return {
    id: 'percent-of',
    compute: (rate, percent) => quantity((rate.value * percent.value) / 100, 'lb/1000ft2', of),
  };
}

/** How much more one amount is than another, %. */
export function percentMore<S extends Substance, U extends Unit = 'lb/1000ft2'>(): Equation<
  readonly [mine: Quantity<U, S>, theirs: Quantity<U, S>],
  Quantity<'%', 'share'>
> {
  return {
    id: 'percent-more',
    compute: (mine, theirs) => quantity(100 * (mine.value / theirs.value - 1), '%', 'share'),
  };
}

/** One over a number of pounds that do as much as one pound of sulfur. */
export const AS_SULFUR: Equation<
  readonly [Quantity<'ratio', 'product'>],
  Quantity<'ratio', 'S'>
> = { id: 'one-over', compute: ({ value }) => quantity(1 / value, 'ratio', 'S') };
