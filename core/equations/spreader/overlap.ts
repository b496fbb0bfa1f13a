import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type Trays = Quantity<'ratio', 'count'>;
type Caught = Quantity<'ratio', 'catch'>;

/** What lies on each tray of the ground when strips so many trays apart are walked, every second one mirrored or not. */
function overlapped(trays: number, caught: readonly number[], mirrored: boolean): number[] {
  const ground = Array.from({ length: 2 * trays }, () => 0);
  caught.forEach((each, at) => {
    const second = mirrored ? caught.length - 1 - at : at;
    for (const place of [at, trays + second]) {
      const here = place % (2 * trays);
      ground[here] = (ground[here] ?? 0) + each;
    }
  });
  return ground;
}

/**
 * How uneven the ground is when strips lie so many trays apart: the coefficient of variation of what lies on each tray, %.
 * Every second strip is walked the other way; over the two strips the ground repeats itself, and a symmetric pattern gives the
 * same as the trays of one strip would with n − 1.
 * @param caught by each tray of a line across the path, from left to right
 * @example unevenness(8, [1, 3, 6, 10, 12, 13, 13, 13, 12, 10, 6, 3, 1], false).toFixed(1) // '2.7'
 */
export function unevenness(trays: number, caught: readonly number[], mirrored: boolean): number {
  const ground = overlapped(trays, caught, mirrored);
  const mean = ground.reduce((sum, each) => sum + each, 0) / ground.length;
  const squares = ground.reduce((sum, each) => sum + (each - mean) ** 2, 0) / 2;
  return (100 * Math.sqrt(squares / (trays - 1))) / mean;
}

function pattern(id: string, mirrored: boolean) {
  return {
    id,
    compute: (trays, ...caught) =>
      quantity(
        unevenness(
          trays.value,
          caught.map(({ value }) => value),
          mirrored,
        ),
        '%',
        'share',
      ),
  } satisfies Equation<readonly [Trays, ...Caught[]], Quantity<'%', 'share'>>;
}

/** Walked up and down: every second strip is the mirror image. ASABE S341 (recalled). */
export const UP_AND_DOWN: Equation<readonly [Trays, ...Caught[]], Quantity<'%', 'share'>> = pattern(
  'pans-up-and-down',
  true,
);
/** Walked round and round: all strips lie the same way. ASABE S341 (recalled). */
export const ROUND_AND_ROUND: Equation<
  readonly [Trays, ...Caught[]],
  Quantity<'%', 'share'>
> = pattern('pans-round-and-round', false);
