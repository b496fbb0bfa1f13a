import { cupsToTablespoons, poundsToOunces } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { POUNDS_TO_CUPS } from '../../equations/fertilizer/cups';

type Product = Quantity<'lb', 'product'>;

/** An amount that a kitchen scale, a cup or a bag can do. */
export interface HandAmount {
  /** Rounded to the step that hands can measure. */
  readonly pounds: Figure<Product>;
  /** The same in ounces by weight, where it is under two pounds. */
  readonly ounces: Figure<Quantity<'oz', 'product'>> | undefined;
  /** About so many level cups, or tablespoons; nothing where cups make no sense. */
  readonly volume:
    Figure<Quantity<'cups', 'product'>> | Figure<Quantity<'tbsp', 'product'>> | undefined;
}

/** Below this, ounces; above the others, no cups: nobody counts more than a dozen. Common practice. */
export const OUNCES_BELOW_LB = 2;
const CUPS_BELOW_LB = 20;
const MOST_CUPS = 12;

/**
 * The step that hands can measure an amount of product to, lb: whole and half pounds, then ounces,
 * half and quarter ounces, and a sixteenth of an ounce as on a kitchen scale.
 * @example measurableStep(236) // 1
 */
export function measurableStep(pounds: number): number {
  if (pounds >= 20) return 1;
  if (pounds >= OUNCES_BELOW_LB) return 0.5;
  if (pounds >= 1) return 1 / 16;
  if (pounds >= 0.25) return 1 / 32;
  if (pounds >= 1 / 16) return 1 / 64;
  // Less than a kitchen scale tells is still not nothing.
  return pounds >= 1 / 256 ? 1 / 256 : 1 / 65_536;
}

/**
 * The step for one of several rows, beds or plants: no coarser than a quarter pound, so that the
 * shares add up to the whole.
 * @example shareStep(3.25) // 0.25
 */
export function shareStep(pounds: number): number {
  return Math.min(0.25, measurableStep(pounds));
}

/**
 * Rounds to the step: to the nearest, or down where the nearest would pass the limit.
 * @example roundUnder(166.5, 166.5, 1) // 166
 */
export function roundUnder(value: number, limit: number, step: number): number {
  const exact = (count: number): number => count * step;
  const nearest = exact(Math.round(value / step));
  // A hair of floating point must not push an amount that equals its limit one step down.
  return nearest <= limit * (1 + 1e-12) ? nearest : exact(Math.floor((limit * (1 + 1e-12)) / step));
}

function volumeOf(
  ctx: PlanContext,
  id: string,
  pounds: Figure<Product>,
  density: Figure<Quantity<'lb/ft3', 'density'>>,
): HandAmount['volume'] {
  const small = !('absent' in pounds) && pounds.value.value < CUPS_BELOW_LB;
  if (!small || pounds.value.value === 0) return undefined;
  const exact = ctx.sheet.equation(
    { id: `${id}/cups-exact`, label: msg('dose.cupsExact') },
    POUNDS_TO_CUPS,
    [pounds, density],
  );
  if ('absent' in exact || exact.value.value > MOST_CUPS) return undefined;
  if (exact.value.value >= 0.25) {
    const entry = { id: `${id}/cups`, label: msg('dose.cups'), detail: { step: 0.25 } };
    return ctx.sheet.derive('round', entry, [exact], (cups) =>
      quantity(Math.round(cups.value * 4) / 4, 'cups', 'product'),
    );
  }
  const spoons = ctx.sheet.derive(
    'convert',
    { id: `${id}/tbsp-exact`, label: msg('dose.cupsExact'), source: 'definition' },
    [exact],
    cupsToTablespoons,
  );
  // Less than an eighth of a spoon is no spoon.
  if ('absent' in spoons || Math.round(spoons.value.value * 4) === 0) return undefined;
  const entry = { id: `${id}/tbsp`, label: msg('dose.cups'), detail: { step: 0.25 } };
  return ctx.sheet.derive('round', entry, [spoons], (tbsp) =>
    quantity(Math.round(tbsp.value * 4) / 4, 'tbsp', 'product'),
  );
}

/**
 * An amount as hands can do it: rounded to a measurable step, to the nearest unless that would pass
 * the limit, if there is one; in ounces where it is small; about how many cups by the material's bulk density.
 */
export function inHands(
  ctx: PlanContext,
  prefix: { readonly id: string; readonly rounded: string },
  amount: Figure<Product>,
  limit: Figure<Product> | undefined,
  density: Figure<Quantity<'lb/ft3', 'density'>>,
  stepOf: (pounds: number) => number = measurableStep,
): HandAmount {
  const { id, rounded } = prefix;
  const step = 'absent' in amount ? 1 : stepOf(amount.value.value);
  const entry = { id: rounded, label: msg('dose.printed'), detail: { step } };
  const inputs: readonly Figure<Product>[] = limit ? [amount, limit] : [amount];
  const pounds = ctx.sheet.derive('round', entry, inputs, (...values: readonly Product[]) =>
    quantity(
      roundUnder(values[0]?.value ?? 0, values[1]?.value ?? Infinity, step),
      'lb',
      'product',
    ),
  );
  const light = !('absent' in pounds) && pounds.value.value < OUNCES_BELOW_LB;
  const ounces = light
    ? ctx.sheet.derive(
        'convert',
        { id: `${id}/ounces`, label: msg('dose.ounces'), source: 'definition' },
        [pounds],
        poundsToOunces,
      )
    : undefined;
  return { pounds, ounces, volume: volumeOf(ctx, id, pounds, density) };
}

/** The figure that a page shows of an amount in hands: ounces where it is small, else pounds. */
export function shownInHands({ pounds, ounces }: HandAmount): Figure {
  return ounces ?? pounds;
}
