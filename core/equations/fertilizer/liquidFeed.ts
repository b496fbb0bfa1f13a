import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type Ppm = Quantity<'ppm', 'N'>;
type Percent = Quantity<'%', 'N'>;
type PerGallon = Quantity<'oz/gal', 'product'>;

/**
 * Ounces by weight in 100 gallons for a strength of nitrogen: ppm ÷ (% × 0.75), as greenhouse texts print it; an ounce in 100
 * gallons is 75 ppm.
 * @example ouncesPerHundredGallons(100, 20).toFixed(1) // '6.7'
 */
export function ouncesPerHundredGallons(ppm: number, percent: number): number {
  return ppm / (percent * 0.75);
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
    quantity((ounces.value / (16 * weighs.value)) * 128, 'floz/gal', 'product'),
};

/** Tablespoons of a dry product that weigh so many ounces, by its bulk density; 7.48 gallons of 256 tablespoons are a cubic foot. */
export const SPOONS: Equation<
  readonly [PerGallon, density: Quantity<'lb/ft3', 'density'>],
  Quantity<'tbsp/gal', 'product'>
> = {
  id: 'spoons-per-gallon',
  compute: (ounces, density) =>
    quantity((ounces.value / 16 / density.value) * (1728 / 231) * 256, 'tbsp/gal', 'product'),
};

/**
 * About what a meter shows of a feed, dS/m: all of the product counted as salts, 640 mg in a litre for each dS/m; an ounce in a gallon
 * is 7,489 mg in a litre. Urea shows none, so that it is at most so much.
 */
export const FEED_SALTS: Equation<readonly [PerGallon], Quantity<'dS/m', 'salts'>> = {
  id: 'feed-salts',
  compute: (ounces) => quantity((ounces.value * 7489) / 640, 'dS/m', 'salts'),
};

/** Nitrogen in so many gallons of a feed, lb: a gallon of water weighs 8.345 lb. */
export const FEED_NITROGEN: Equation<
  readonly [Ppm, Quantity<'gal', 'water'>],
  Quantity<'lb', 'N'>
> = {
  id: 'feed-nitrogen',
  compute: (ppm, gallons) => quantity((ppm.value * 8.345 * gallons.value) / 1e6, 'lb', 'N'),
};
