import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type Percent = Quantity<'%', 'share'>;

/**
 * The cores that a mean needs: (t · CV ÷ E)², up to the next whole number.
 *
 * @param t of the wanted confidence; @param variation and @param error both in percent of the mean
 * @example coresFor(1.96, 45, 20) // 20
 */
export function coresFor(t: number, variation: number, error: number): number {
  return Math.ceil(((t * variation) / error) ** 2 - 1e-9);
}

export const CORES: Equation<
  readonly [t: Quantity<'ratio', 'share'>, variation: Percent, error: Percent],
  Quantity<'ratio', 'count'>
> = {
  id: 'cores',
  compute: (t, variation, error) =>
    quantity(coresFor(t.value, variation.value, error.value), 'ratio', 'count'),
};
