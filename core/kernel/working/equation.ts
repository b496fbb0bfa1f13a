import type { Quantity } from '../units/quantity';

/**
 * A formula with its name and its own arithmetic, so that the two cannot part: a sheet takes it whole, and nothing
 * else may write an equation. The name is stable, since a reader of the route may check a sum by it.
 */
export interface Equation<A extends readonly Quantity[], R extends Quantity> {
  readonly id: string;
  readonly compute: (...values: A) => R;
}
