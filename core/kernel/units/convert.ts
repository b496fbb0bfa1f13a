/**
 * The named conversions and the arithmetic of rates. The only place where a unit of a sum turns into another; what readers see in metric units is `metric.ts`'s.
 * Each function is typed to what it accepts, so that a wrong pair does not compile.
 */
import { quantity, type Quantity, type SoilElement, type Substance } from './quantity';
import {
  CUBIC_FEET_PER_CUBIC_YARD,
  CUPS_PER_CUBIC_FOOT,
  GALLONS_PER_CUBIC_FOOT,
  HECTARES_PER_ACRE,
  KILOGRAMS_PER_POUND,
  SQUARE_METRES_PER_SQUARE_FOOT,
  FEET_PER_HUNDRED,
  INCHES_PER_FOOT,
  K2O_PER_K,
  METRES_PER_FOOT,
  OUNCES_PER_POUND,
  P2O5_PER_P,
  POUNDS_PER_ACRE_PER_PPM_INCH,
  POUNDS_PER_TON,
  TABLESPOONS_PER_CUP,
  SHORT_CUT_POUNDS_PER_THOUSAND_PER_TON,
  SQUARE_FEET_PER_ACRE,
  SQUARE_FEET_PER_THOUSAND,
} from './factors';

type PerThousand<S extends Substance> = Quantity<'lb/1000ft2', S>;

/**
 * lb/acre to lb/1000 ft²; exact.
 * @example perAcreToPerThousand(quantity(4356, 'lb/acre', 'N')).value // 100
 */
export function perAcreToPerThousand<S extends Substance>(
  rate: Quantity<'lb/acre', S>,
): PerThousand<S> {
  const thousandsPerAcre = SQUARE_FEET_PER_ACRE / SQUARE_FEET_PER_THOUSAND;
  return quantity(rate.value / thousandsPerAcre, 'lb/1000ft2', rate.of);
}

/**
 * Short tons/acre to lb/1000 ft²; exact.
 * @example tonsPerAcreToPerThousand(quantity(21.78, 'ton/acre', 'limestone')).value // 1000
 */
export function tonsPerAcreToPerThousand<S extends Substance>(
  rate: Quantity<'ton/acre', S>,
): PerThousand<S> {
  return perAcreToPerThousand(quantity(rate.value * POUNDS_PER_TON, 'lb/acre', rate.of));
}

/**
 * Short tons/acre to lb/1000 ft² by the trade's round figure of 50. Common practice, 9 % too high.
 * @example tonsPerAcreByShortCut(quantity(1.5, 'ton/acre', 'limestone')).value // 75
 */
export function tonsPerAcreByShortCut<S extends Substance>(
  rate: Quantity<'ton/acre', S>,
): PerThousand<S> {
  return quantity(rate.value * SHORT_CUT_POUNDS_PER_THOUSAND_PER_TON, 'lb/1000ft2', rate.of);
}

/**
 * lb/100 ft² to lb/1000 ft²; exact.
 * @example perHundredToPerThousand(quantity(5, 'lb/100ft2', 'product')).value // 50
 */
export function perHundredToPerThousand<S extends Substance>(
  rate: Quantity<'lb/100ft2', S>,
): PerThousand<S> {
  return quantity(rate.value * 10, 'lb/1000ft2', rate.of);
}

/**
 * Square feet to thousands of square feet; exact.
 * @example squareFeetToThousands(quantity(6200, 'ft2', 'ground')).value // 6.2
 */
export function squareFeetToThousands(
  area: Quantity<'ft2', 'ground'>,
): Quantity<'1000ft2', 'ground'> {
  return quantity(area.value / SQUARE_FEET_PER_THOUSAND, '1000ft2', 'ground');
}

/**
 * Thousands of square feet to square feet; exact.
 * @example thousandsToSquareFeet(quantity(6.2, '1000ft2', 'ground')).value // 6200
 */
export function thousandsToSquareFeet(
  extent: Quantity<'1000ft2', 'ground'>,
): Quantity<'ft2', 'ground'> {
  return quantity(extent.value * SQUARE_FEET_PER_THOUSAND, 'ft2', 'ground');
}

/**
 * A rate over an extent: pounds in all.
 * @example perThousandToTotal(quantity(50, 'lb/1000ft2', 'product'), quantity(10, '1000ft2', 'ground')).value // 500
 */
export function perThousandToTotal<S extends Substance>(
  rate: PerThousand<S>,
  extent: Quantity<'1000ft2', 'ground'>,
): Quantity<'lb', S> {
  return quantity(rate.value * extent.value, 'lb', rate.of);
}

/**
 * Pounds over an extent: the rate. The extent must be above zero.
 * @example totalToPerThousand(quantity(160, 'lb', 'product'), quantity(5, '1000ft2', 'ground')).value // 32
 */
export function totalToPerThousand<S extends Substance>(
  total: Quantity<'lb', S>,
  extent: Quantity<'1000ft2', 'ground'>,
): PerThousand<S> {
  return quantity(total.value / extent.value, 'lb/1000ft2', total.of);
}

/**
 * A percentage of a nutrient as a fraction of 1.
 * @example percentToShare(quantity(34, '%', 'N')).value // 0.34
 */
export function percentToShare<S extends Substance>(
  percent: Quantity<'%', S>,
): Quantity<'ratio', S> {
  return quantity(percent.value / 100, 'ratio', percent.of);
}

/**
 * Pounds of nutrient to pounds of product by the grade of the same nutrient.
 * @example nutrientToProduct(quantity(1, 'lb/1000ft2', 'N'), quantity(0.5, 'ratio', 'N')).value // 2
 */
export function nutrientToProduct<S extends 'N' | 'P2O5' | 'K2O' | 'S'>(
  nutrient: PerThousand<S>,
  share: Quantity<'ratio', NoInfer<S>>,
): PerThousand<'product'> {
  return quantity(nutrient.value / share.value, 'lb/1000ft2', 'product');
}

/**
 * Pounds of product to pounds of one nutrient by its share.
 * @example productToNutrient(quantity(50, 'lb/1000ft2', 'product'), quantity(0.34, 'ratio', 'N')).value // 17
 */
export function productToNutrient<S extends 'N' | 'P2O5' | 'K2O' | 'S'>(
  product: PerThousand<'product'>,
  share: Quantity<'ratio', S>,
): PerThousand<S> {
  return quantity(product.value * share.value, 'lb/1000ft2', share.of);
}

/**
 * A limestone requirement as pounds of a product whose effectiveness is labelled by the same
 * measure: requirement × effectiveness of the basis ÷ effectiveness of the bag.
 * @example limestoneToProduct(quantity(90, 'lb/1000ft2', 'limestone'), quantity(90, '%', 'CCE'), quantity(81, '%', 'CCE')).value // 100
 */
export function limestoneToProduct<S extends 'CCE' | 'ECCE'>(
  requirement: PerThousand<'limestone'>,
  basis: Quantity<'%', S>,
  bag: Quantity<'%', NoInfer<S>>,
): PerThousand<'product'> {
  return quantity((requirement.value * basis.value) / bag.value, 'lb/1000ft2', 'product');
}

/**
 * A limestone requirement of unstated quality, taken pound for pound.
 * @example poundForPound(quantity(40, 'lb/1000ft2', 'limestone')).value // 40
 */
export function poundForPound(requirement: PerThousand<'limestone'>): PerThousand<'product'> {
  return quantity(requirement.value, 'lb/1000ft2', 'product');
}

/**
 * A requirement for the depth that is really treated.
 * @example rescaleDepth(quantity(4.7, 'ton/acre', 'limestone'), quantity(4, 'in', 'depth'), quantity(8, 'in', 'depth')).value // 2.35
 */
export function rescaleDepth<U extends 'ton/acre' | 'lb/acre' | 'lb/1000ft2', S extends Substance>(
  requirement: Quantity<U, S>,
  treated: Quantity<'in', 'depth'>,
  reference: Quantity<'in', 'depth'>,
): Quantity<U, S> {
  return quantity(
    (requirement.value * treated.value) / reference.value,
    requirement.unit,
    requirement.of,
  );
}

/**
 * oz/100 ft² (by weight) to lb/1000 ft²; exact.
 * @example ouncesPerHundredToPerThousand(quantity(16, 'oz/100ft2', 'N')).value // 10
 */
export function ouncesPerHundredToPerThousand<S extends Substance>(
  rate: Quantity<'oz/100ft2', S>,
): PerThousand<S> {
  return quantity((rate.value / OUNCES_PER_POUND) * 10, 'lb/1000ft2', rate.of);
}

/**
 * Elemental phosphorus to phosphate, × 2.2914; any unit.
 * @example phosphorusToPhosphate(quantity(1, 'lb/1000ft2', 'P')).value // 2.2914
 */
export function phosphorusToPhosphate<U extends 'lb' | 'lb/1000ft2' | '%'>(
  element: Quantity<U, 'P'>,
): Quantity<U, 'P2O5'> {
  return quantity(element.value * P2O5_PER_P, element.unit, 'P2O5');
}

/**
 * Elemental potassium to potash, × 1.2046; any unit.
 * @example potassiumToPotash(quantity(10, 'lb/1000ft2', 'K')).value // 12.046
 */
export function potassiumToPotash<U extends 'lb' | 'lb/1000ft2' | '%'>(
  element: Quantity<U, 'K'>,
): Quantity<U, 'K2O'> {
  return quantity(element.value * K2O_PER_K, element.unit, 'K2O');
}

/**
 * Phosphate to the phosphorus in it, ÷ 2.2914.
 * @example phosphateToPhosphorus(quantity(2.2914, 'lb', 'P2O5')).value // 1
 */
export function phosphateToPhosphorus<U extends 'lb' | '%'>(
  oxide: Quantity<U, 'P2O5'>,
): Quantity<U, 'P'> {
  return quantity(oxide.value / P2O5_PER_P, oxide.unit, 'P');
}

/**
 * Potash to the potassium in it, ÷ 1.2046.
 * @example potashToPotassium(quantity(12.046, 'lb', 'K2O')).value // 10
 */
export function potashToPotassium<U extends 'lb' | '%'>(
  oxide: Quantity<U, 'K2O'>,
): Quantity<U, 'K'> {
  return quantity(oxide.value / K2O_PER_K, oxide.unit, 'K');
}

/**
 * lb/acre of an element in a layer of soil to ppm: ÷ (0.3 × depth in inches).
 * @example Math.round(poundsPerAcreToPpm(quantity(46, 'lb/acre', 'P'), quantity(20 / 3, 'in', 'depth')).value) // 23
 */
export function poundsPerAcreToPpm<S extends SoilElement>(
  amount: Quantity<'lb/acre', S>,
  depth: Quantity<'in', 'depth'>,
): Quantity<'ppm', S> {
  return quantity(amount.value / (POUNDS_PER_ACRE_PER_PPM_INCH * depth.value), 'ppm', amount.of);
}

/**
 * ppm in a depth of soil as pounds on an acre of it: the other way round of `poundsPerAcreToPpm`.
 * @example ppmToPoundsPerAcre(quantity(21, 'ppm', 'P'), quantity(4, 'in', 'depth')).value // 25.2
 */
export function ppmToPoundsPerAcre<S extends SoilElement>(
  content: Quantity<'ppm', S>,
  depth: Quantity<'in', 'depth'>,
): Quantity<'lb/acre', S> {
  const pounds = content.value * POUNDS_PER_ACRE_PER_PPM_INCH * depth.value;
  return quantity(pounds, 'lb/acre', content.of);
}

/**
 * Inches, metres or centimetres to feet; exact.
 * @example lengthToFeet(quantity(150, 'in', 'ground')).value // 12.5
 */
export function lengthToFeet<S extends Substance>(
  length: Quantity<'in' | 'm' | 'cm', S>,
): Quantity<'ft', S> {
  const feet = {
    in: length.value / INCHES_PER_FOOT,
    m: length.value / METRES_PER_FOOT,
    cm: length.value / 100 / METRES_PER_FOOT,
  };
  return quantity(feet[length.unit], 'ft', length.of);
}

/**
 * Feet of row to hundreds of feet; exact.
 * @example feetToHundreds(quantity(360, 'ft', 'row')).value // 3.6
 */
export function feetToHundreds(row: Quantity<'ft', 'row'>): Quantity<'100ft', 'row'> {
  return quantity(row.value / FEET_PER_HUNDRED, '100ft', 'row');
}

/**
 * A rate on rows over their length: pounds in all.
 * @example perHundredFeetToTotal(quantity(0.5, 'lb/100ft', 'N'), quantity(0.25, '100ft', 'row')).value // 0.125
 */
export function perHundredFeetToTotal<S extends Substance>(
  rate: Quantity<'lb/100ft', S>,
  row: Quantity<'100ft', 'row'>,
): Quantity<'lb', S> {
  return quantity(rate.value * row.value, 'lb', rate.of);
}

/**
 * Pounds of nutrient to pounds of product on rows, by the grade of the same nutrient.
 * @example rowNutrientToProduct(quantity(0.5, 'lb/100ft', 'N'), quantity(0.5, 'ratio', 'N')).value // 1
 */
export function rowNutrientToProduct<S extends 'N' | 'P2O5' | 'K2O'>(
  nutrient: Quantity<'lb/100ft', S>,
  share: Quantity<'ratio', NoInfer<S>>,
): Quantity<'lb/100ft', 'product'> {
  return quantity(nutrient.value / share.value, 'lb/100ft', 'product');
}

/**
 * Pounds to ounces by weight; exact.
 * @example poundsToOunces(quantity(0.375, 'lb', 'product')).value // 6
 */
export function poundsToOunces(pounds: Quantity<'lb', 'product'>): Quantity<'oz', 'product'> {
  return quantity(pounds.value * OUNCES_PER_POUND, 'oz', 'product');
}

/**
 * Pounds of a dry material to level US cups, by its bulk density.
 * @example poundsToCups(quantity(9.5, 'lb', 'product'), quantity(63, 'lb/ft3', 'density')).value.toFixed(1) // '18.0'
 */
export function poundsToCups(
  pounds: Quantity<'lb', 'product'>,
  density: Quantity<'lb/ft3', 'density'>,
): Quantity<'cups', 'product'> {
  return quantity((pounds.value / density.value) * CUPS_PER_CUBIC_FOOT, 'cups', 'product');
}

/**
 * Level cups to pounds by bulk density: the other way round of `poundsToCups`.
 * @example cupsToPounds(quantity(1.6, 'cups', 'product'), quantity(74.8, 'lb/ft3', 'density')).value.toFixed(2) // '1.00'
 */
export function cupsToPounds(
  cups: Quantity<'cups', 'product'>,
  density: Quantity<'lb/ft3', 'density'>,
): Quantity<'lb', 'product'> {
  return quantity((cups.value / CUPS_PER_CUBIC_FOOT) * density.value, 'lb', 'product');
}

/**
 * Cups to tablespoons; exact.
 * @example cupsToTablespoons(quantity(0.25, 'cups', 'product')).value // 4
 */
export function cupsToTablespoons(cups: Quantity<'cups', 'product'>): Quantity<'tbsp', 'product'> {
  return quantity(cups.value * TABLESPOONS_PER_CUP, 'tbsp', 'product');
}

/**
 * Whole bags to money.
 * @example bagsToCost(quantity(3, 'bags', 'product'), quantity(24, 'usd/bag', 'money')).value // 72
 */
export function bagsToCost(
  bags: Quantity<'bags', 'product'>,
  price: Quantity<'usd/bag', 'money'>,
): Quantity<'usd', 'money'> {
  return quantity(bags.value * price.value, 'usd', 'money');
}

/**
 * Square metres to square feet; exact.
 * @example squareMetresToSquareFeet(quantity(0.09290304, 'm2', 'ground')).value // 1
 */
export function squareMetresToSquareFeet(
  area: Quantity<'m2', 'ground'>,
): Quantity<'ft2', 'ground'> {
  return quantity(area.value / SQUARE_METRES_PER_SQUARE_FOOT, 'ft2', 'ground');
}

/**
 * Paces to feet by the length of one pace.
 * @example pacesToFeet(quantity(20, 'paces', 'ground'), quantity(2.5, 'ft', 'pace')).value // 50
 */
export function pacesToFeet<S extends Substance>(
  paces: Quantity<'paces', S>,
  pace: Quantity<'ft', 'pace'>,
): Quantity<'ft', S> {
  return quantity(paces.value * pace.value, 'ft', paces.of);
}

/**
 * Cubic feet to cubic yards; exact.
 * @example cubicFeetToYards(quantity(54, 'ft3', 'ground')).value // 2
 */
export function cubicFeetToYards<S extends Substance>(
  volume: Quantity<'ft3', S>,
): Quantity<'yd3', S> {
  return quantity(volume.value / CUBIC_FEET_PER_CUBIC_YARD, 'yd3', volume.of);
}

/**
 * Cubic feet to US liquid gallons; exact.
 * @example cubicFeetToGallons(quantity(231, 'ft3', 'ground')).value // 1728
 */
export function cubicFeetToGallons(volume: Quantity<'ft3', 'ground'>): Quantity<'gal', 'ground'> {
  return quantity(volume.value * GALLONS_PER_CUBIC_FOOT, 'gal', 'ground');
}

/**
 * kg/ha to lb/acre; exact.
 * @example Math.round(kilogramsPerHectareToPoundsPerAcre(quantity(100, 'kg/ha', 'P')).value * 100) // 8922
 */
export function kilogramsPerHectareToPoundsPerAcre<S extends Substance>(
  amount: Quantity<'kg/ha', S>,
): Quantity<'lb/acre', S> {
  return quantity((amount.value * HECTARES_PER_ACRE) / KILOGRAMS_PER_POUND, 'lb/acre', amount.of);
}

/**
 * meq/100 g (the same as cmol of charge a kilogram) to ppm by the mass that carries a mole of charge.
 * @example milliequivalentsToPpm(quantity(2, 'meq/100g', 'Ca'), quantity(20, 'g/eq', 'Ca')).value // 400
 */
export function milliequivalentsToPpm<S extends Substance>(
  amount: Quantity<'meq/100g', S>,
  mass: Quantity<'g/eq', S>,
): Quantity<'ppm', S> {
  return quantity(amount.value * mass.value * 10, 'ppm', amount.of);
}

/**
 * ppm to meq/100 g, the other way round.
 * @example ppmToMilliequivalents(quantity(400, 'ppm', 'Ca'), quantity(20, 'g/eq', 'Ca')).value // 2
 */
export function ppmToMilliequivalents<S extends Substance>(
  amount: Quantity<'ppm', S>,
  mass: Quantity<'g/eq', S>,
): Quantity<'meq/100g', S> {
  return quantity(amount.value / mass.value / 10, 'meq/100g', amount.of);
}

/**
 * mg in a cubic decimetre of soil to ppm, by the weight of that soil in a given volume.
 * @example volumeToPpm(quantity(60, 'mg/dm3', 'P'), quantity(1.2, 'g/cm3', 'density')).value // 50
 */
export function volumeToPpm<S extends Substance>(
  amount: Quantity<'mg/dm3', S>,
  weight: Quantity<'g/cm3', 'density'>,
): Quantity<'ppm', S> {
  return quantity(amount.value / weight.value, 'ppm', amount.of);
}

/**
 * Metric tons a hectare to short tons an acre; exact.
 * @example Math.round(tonnesPerHectareToTonsPerAcre(quantity(10, 't/ha', 'limestone')).value * 1000) // 4461
 */
export function tonnesPerHectareToTonsPerAcre<S extends Substance>(
  amount: Quantity<'t/ha', S>,
): Quantity<'ton/acre', S> {
  const pounds = (amount.value * 1000 * HECTARES_PER_ACRE) / KILOGRAMS_PER_POUND;
  return quantity(pounds / POUNDS_PER_TON, 'ton/acre', amount.of);
}

/**
 * µS/cm to dS/m; dS/m, mS/cm and mmho/cm are three names of one unit.
 * @example microSiemensToDeciSiemens(quantity(850, 'uS/cm', 'salts')).value // 0.85
 */
export function microSiemensToDeciSiemens(
  amount: Quantity<'uS/cm', 'salts'>,
): Quantity<'dS/m', 'salts'> {
  return quantity(amount.value / 1000, 'dS/m', 'salts');
}

/**
 * meq in a litre of water to mg in a litre, by the mass that carries a mole of charge.
 * @example milliequivalentsToMilligrams(quantity(2, 'meq/L', 'alkalinity'), quantity(50, 'g/eq', 'alkalinity')).value // 100
 */
export function milliequivalentsToMilligrams<S extends Substance>(
  amount: Quantity<'meq/L', S>,
  mass: Quantity<'g/eq', S>,
): Quantity<'mg/L', S> {
  return quantity(amount.value * mass.value, 'mg/L', amount.of);
}

/**
 * A score in pounds a ton of what a ton of pure, fine lime scores.
 * @example perTonToScore(quantity(400, 'lb/ton', 'ECCE'), quantity(800, 'lb/ton', 'ECCE')).value // 50
 */
export function perTonToScore(
  score: Quantity<'lb/ton', 'ECCE'>,
  pure: Quantity<'lb/ton', 'ECCE'>,
): Quantity<'%', 'ECCE'> {
  return quantity((100 * score.value) / pure.value, '%', 'ECCE');
}

/**
 * Tons on an acre from pounds on 1000 ft²: 43.56 thousand square feet, 2000 lb.
 * @example perThousandToTonsPerAcre(quantity(100, 'lb/1000ft2', 'product')).value.toFixed(3) // '2.178'
 */
export function perThousandToTonsPerAcre<S extends Substance>(
  rate: Quantity<'lb/1000ft2', S>,
): Quantity<'ton/acre', S> {
  const thousandsPerAcre = SQUARE_FEET_PER_ACRE / SQUARE_FEET_PER_THOUSAND;
  return quantity((rate.value * thousandsPerAcre) / POUNDS_PER_TON, 'ton/acre', rate.of);
}

/**
 * lb/1000 ft² to lb/acre; exact.
 * @example perThousandToPerAcre(quantity(100, 'lb/1000ft2', 'N')).value // 4356
 */
export function perThousandToPerAcre<S extends Substance>(
  rate: Quantity<'lb/1000ft2', S>,
): Quantity<'lb/acre', S> {
  return quantity(
    (rate.value * SQUARE_FEET_PER_ACRE) / SQUARE_FEET_PER_THOUSAND,
    'lb/acre',
    rate.of,
  );
}

/**
 * Feet to inches; exact.
 * @example feetToInches(quantity(0.25, 'ft', 'depth')).value // 3
 */
export function feetToInches<S extends Substance>(length: Quantity<'ft', S>): Quantity<'in', S> {
  return quantity(length.value * INCHES_PER_FOOT, 'in', length.of);
}
