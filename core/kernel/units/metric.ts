/**
 * Quantities in metric units, for whoever reads them: nothing is worked out in these. Exact factors: NIST SP 811 (2008),
 * appendix B, from the international foot and pound.
 */
import {
  CUPS_PER_CUBIC_FOOT,
  FEET_PER_HUNDRED,
  FLUID_OUNCES_PER_GALLON,
  GALLONS_PER_CUBIC_FOOT,
  HECTARES_PER_ACRE,
  KILOGRAMS_PER_POUND,
  METRES_PER_FOOT,
  OUNCES_PER_POUND,
  POUNDS_PER_TON,
  SQUARE_FEET_PER_THOUSAND,
  SQUARE_METRES_PER_SQUARE_FOOT,
  CUBIC_FEET_PER_CUBIC_YARD,
  TABLESPOONS_PER_CUP,
  INCHES_PER_FOOT,
} from './factors';
import { quantity, type Quantity, type Unit } from './quantity';

/** The units in which somebody wants to read. */
export const UNIT_SYSTEMS = ['us', 'metric'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

const LITRES_PER_CUBIC_FOOT = 1000 * METRES_PER_FOOT ** 3;
const LITRES_PER_GALLON = LITRES_PER_CUBIC_FOOT / GALLONS_PER_CUBIC_FOOT;
const GRAMS_PER_POUND = 1000 * KILOGRAMS_PER_POUND;
const KILOGRAMS_PER_TON = POUNDS_PER_TON * KILOGRAMS_PER_POUND;

/** What stands in place of a unit, and how many of it one is. */
const METRIC: Readonly<Partial<Record<Unit, readonly [unit: Unit, factor: number]>>> = {
  in: ['cm', (100 * METRES_PER_FOOT) / INCHES_PER_FOOT],
  ft: ['m', METRES_PER_FOOT],
  '100ft': ['m', FEET_PER_HUNDRED * METRES_PER_FOOT],
  ft2: ['m2', SQUARE_METRES_PER_SQUARE_FOOT],
  '1000ft2': ['m2', SQUARE_FEET_PER_THOUSAND * SQUARE_METRES_PER_SQUARE_FOOT],
  '100ft2': ['m2', 100 * SQUARE_METRES_PER_SQUARE_FOOT],
  acre: ['ha', HECTARES_PER_ACRE],
  ft3: ['L', LITRES_PER_CUBIC_FOOT],
  yd3: ['m3', (CUBIC_FEET_PER_CUBIC_YARD * LITRES_PER_CUBIC_FOOT) / 1000],
  gal: ['L', LITRES_PER_CUBIC_FOOT / GALLONS_PER_CUBIC_FOOT],
  lb: ['kg', KILOGRAMS_PER_POUND],
  oz: ['g', GRAMS_PER_POUND / OUNCES_PER_POUND],
  cups: ['mL', (1000 * LITRES_PER_CUBIC_FOOT) / CUPS_PER_CUBIC_FOOT],
  tbsp: ['mL', (1000 * LITRES_PER_CUBIC_FOOT) / CUPS_PER_CUBIC_FOOT / TABLESPOONS_PER_CUP],
  'lb/ft3': ['kg/m3', KILOGRAMS_PER_POUND / METRES_PER_FOOT ** 3],
  'lb/100ft': ['g/m', GRAMS_PER_POUND / (FEET_PER_HUNDRED * METRES_PER_FOOT)],
  'lb/bag': ['kg/bag', KILOGRAMS_PER_POUND],
  'lb/yd3': [
    'kg/m3',
    KILOGRAMS_PER_POUND / ((CUBIC_FEET_PER_CUBIC_YARD * LITRES_PER_CUBIC_FOOT) / 1000),
  ],
  ton: ['kg', KILOGRAMS_PER_TON],
  'lb/gal': ['kg/L', KILOGRAMS_PER_POUND / LITRES_PER_GALLON],
  'oz/gal': ['g/L', GRAMS_PER_POUND / OUNCES_PER_POUND / LITRES_PER_GALLON],
  'floz/gal': ['mL/L', 1000 / FLUID_OUNCES_PER_GALLON],
  'tbsp/gal': ['mL/L', 1000 / (16 * TABLESPOONS_PER_CUP)],
  'lb/ton': ['kg/t', 1000 / POUNDS_PER_TON],
  'lb/100ft2': ['kg/100m2', KILOGRAMS_PER_POUND / SQUARE_METRES_PER_SQUARE_FOOT],
  'oz/100ft2': ['g/m2', GRAMS_PER_POUND / OUNCES_PER_POUND / (100 * SQUARE_METRES_PER_SQUARE_FOOT)],
  'lb/1000ft2': [
    'kg/100m2',
    (100 * KILOGRAMS_PER_POUND) / (SQUARE_FEET_PER_THOUSAND * SQUARE_METRES_PER_SQUARE_FOOT),
  ],
  'lb/acre': ['kg/ha', KILOGRAMS_PER_POUND / HECTARES_PER_ACRE],
  'ton/acre': ['t/ha', KILOGRAMS_PER_TON / 1000 / HECTARES_PER_ACRE],
};

/**
 * A Quantity in the metric unit that stands in place of its own; one that is metric already, or of no unit of that kind, as
 * it stands.
 * @example metricOf(quantity(2, 'lb', 'product')).value // 0.90718474
 */
export function metricOf({ value, unit, of }: Quantity): Quantity {
  if (unit === 'degF') return quantity(((value - 32) * 5) / 9, 'degC', of);
  const [to, factor] = METRIC[unit] ?? [unit, 1];
  return quantity(value * factor, to, of);
}

/** The same as a scale shows it: under a kilogram in grams. */
export function metricShown(amount: Quantity): Quantity {
  const metric = metricOf(amount);
  return metric.unit === 'kg' && Math.abs(metric.value) < 1
    ? quantity(metric.value * 1000, 'g', metric.of)
    : metric;
}
