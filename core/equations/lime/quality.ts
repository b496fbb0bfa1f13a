import type { Equation } from '../../kernel/working/equation';
import { finenessFactor, type FinenessScheme } from '../../tables/lime/fineness';
import { perTonToScore } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type Share = Quantity<'ratio', 'share'>;
type Score = Quantity<'lb/ton', 'ECCE'>;

/** What of a material works by its sieves: a sum over the classes of a scheme. */
export function fineness(
  scheme: FinenessScheme,
): Equation<readonly Quantity<'%', 'share'>[], Share> {
  return {
    id: `fineness-${scheme.id}`,
    compute: (...passing) =>
      quantity(
        finenessFactor(
          scheme,
          passing.map(({ value }) => value),
        ),
        'ratio',
        'share',
      ),
  };
}

/** What is not water. */
export const DRY_SHARE: Equation<readonly [moisture: Quantity<'%', 'share'>], Share> = {
  id: 'dry-share',
  compute: ({ value }) => quantity(1 - value / 100, 'ratio', 'share'),
};

/** A score in pounds a ton over that of a ton of pure, fine lime. */
export const PER_TON_TO_PERCENT: Equation<
  readonly [score: Score, pure: Score],
  Quantity<'%', 'ECCE'>
> = { id: 'per-ton-to-percent', compute: perTonToScore };
