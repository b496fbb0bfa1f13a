/**
 * The named conversions and the arithmetic of rates. The only place where a unit turns into another.
 * Each function is typed to what it accepts, so that a wrong pair does not compile.
 */
import { quantity, type Quantity, type Substance } from './quantity';
import {
  POUNDS_PER_TON,
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
