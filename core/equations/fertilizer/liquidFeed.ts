import type { Equation } from '../../kernel/working/equation';
import {
  CUPS_PER_CUBIC_FOOT,
  FLUID_OUNCES_PER_GALLON,
  OUNCES_PER_POUND,
  TABLESPOONS_PER_CUP,
} from '../../kernel/units/factors';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import {
  MILLIGRAMS_PER_LITRE_PER_OUNCE_PER_GALLON,
  POUNDS_PER_GALLON_OF_WATER,
  PPM_PER_OUNCE_IN_HUNDRED_GALLONS,
  SALTS_PER_DECISIEMENS,
} from '../../tables/fertilizer/water';

type Ppm = Quantity<'ppm', 'N'>;
type Percent = Quantity<'%', 'N'>;
type PerGallon = Quantity<'oz/gal', 'product'>;

/**
 * Ounces by weight in 100 gallons for a strength of nitrogen: ppm ÷ (% × 0.75), as greenhouse texts print it; an ounce in 100
 * gallons is 75 ppm.
 * @example ouncesPerHundredGallons(100, 20).toFixed(1) // '6.7'
 */
export function ouncesPerHundredGallons(ppm: number, percent: number): number {
  return (100 * ppm) / (percent * PPM_PER_OUNCE_IN_HUNDRED_GALLONS);
}

export const FEED_PER_GALLON: Equation<readonly [Ppm, Percent], PerGallon> = {
  id: 'feed-per-gallon',
  compute: (ppm, percent) =>
    quantity(ouncesPerHundredGallons(ppm.value, percent.value) / 100, 'oz/gal', 'product'),
};

/** Fluid ounces of a solution that weigh so many ounces: 128 of them are a gallon. Definition. */
export const FLUID_OUNCES: Equation<
  readonly [PerGallon, weighs: Quantity<'lb/gal', 'product'>],
  Quantity<'floz/gal', 'product'>
> = {
  id: 'fluid-ounces',
  compute: (ounces, weighs) =>
    quantity(
      (ounces.value / (OUNCES_PER_POUND * weighs.value)) * FLUID_OUNCES_PER_GALLON,
      'floz/gal',
      'product',
    ),
};

/** Tablespoons of a dry product that weigh so many ounces, by its bulk density; 7.48 gallons of 256 tablespoons are a cubic foot. */
export const SPOONS: Equation<
  readonly [PerGallon, density: Quantity<'lb/ft3', 'density'>],
  Quantity<'tbsp/gal', 'product'>
> = {
  id: 'spoons-per-gallon',
  compute: (ounces, density) =>
    quantity(
      (ounces.value / OUNCES_PER_POUND / density.value) * CUPS_PER_CUBIC_FOOT * TABLESPOONS_PER_CUP,
      'tbsp/gal',
      'product',
    ),
};

/**
 * About what a meter shows of a feed, dS/m: all of the product counted as salts, 640 mg in a litre for each dS/m; an ounce in a gallon
 * is 7,489 mg in a litre. Urea shows none, so that it is at most so much.
 */
export const FEED_SALTS: Equation<readonly [PerGallon], Quantity<'dS/m', 'salts'>> = {
  id: 'feed-salts',
  compute: (ounces) =>
    quantity(
      (ounces.value * MILLIGRAMS_PER_LITRE_PER_OUNCE_PER_GALLON) / SALTS_PER_DECISIEMENS,
      'dS/m',
      'salts',
    ),
};

/** Nitrogen in so many gallons of a feed, lb: a gallon of water weighs 8.345 lb. */
export const FEED_NITROGEN: Equation<
  readonly [Ppm, Quantity<'gal', 'water'>],
  Quantity<'lb', 'N'>
> = {
  id: 'feed-nitrogen',
  compute: (ppm, gallons) =>
    quantity((ppm.value * POUNDS_PER_GALLON_OF_WATER * gallons.value) / 1e6, 'lb', 'N'),
};
