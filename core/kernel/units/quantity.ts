/** The units a Quantity may carry. A literal each, so that two of them never mix by accident. */
export type Unit =
  | 'in'
  | 'ft'
  | 'm'
  | 'cm'
  | '100ft'
  | 'paces'
  | 'm2'
  | 'ft2'
  | '100ft2'
  | '1000ft2'
  | 'acre'
  | 'ha'
  | 'ft3'
  | 'yd3'
  | 'gal'
  | 'lb'
  | 'oz'
  | 'cups'
  | 'tbsp'
  | 'lb/ft3'
  | 'lb/100ft'
  | 'lb/bag'
  | 'lb/ton'
  | 'lb/yd3'
  | 'lb/gal'
  | 'oz/gal'
  | 'floz/gal'
  | 'tbsp/gal'
  | 'kg/L'
  | 'g/L'
  | 'mL/L'
  | 'ton'
  | 'barrows'
  | 'buckets'
  | 'lb/100ft2'
  | 'oz/100ft2'
  | 'lb/1000ft2'
  | 'lb/acre'
  | 'ton/acre'
  | 'ppm'
  | 'kg/ha'
  | 't/ha'
  | 'mg/dm3'
  | 'g/cm3'
  | 'mg/L'
  | 'meq/L'
  | 'dS/m'
  | 'uS/cm'
  | 'g/eq'
  | 'meq/100g'
  | '%'
  | 'pH'
  | 'ratio'
  | 'bags'
  | 'usd'
  | 'usd/bag'
  | 'doses'
  | 'strips'
  | 'fillings'
  | 'dial'
  | 'months'
  | 'years'
  | 'days'
  | 'day'
  | 'degF'
  | 'kg'
  | 'g'
  | 'mL'
  | 'L'
  | 'm3'
  | 'kg/m3'
  | 'g/m'
  | 'g/m2'
  | 'kg/100m2'
  | 'kg/bag'
  | 'kg/t'
  | 'degC';

/**
 * What a Quantity is of, wherever two things in the same unit can be confused: an element and its
 * oxide, nutrient and product, water pH and buffer pH, a depth of soil and a length of ground.
 */
export type Substance =
  | 'ground'
  | 'radius'
  | 'diameter'
  | 'depth'
  | 'row'
  | 'pace'
  | 'trunk'
  | 'water'
  | 'CaCl2'
  | 'SMP'
  | 'Sikora'
  | 'Mehlich'
  | 'Adams-Evans'
  | 'Woodruff'
  | 'N'
  | 'NO3'
  | 'P'
  | 'P2O5'
  | 'K'
  | 'K2O'
  | 'S'
  | 'SO4'
  | 'Ca'
  | 'Mg'
  | 'Na'
  | 'Zn'
  | 'Fe'
  | 'Mn'
  | 'Cu'
  | 'B'
  | 'Al'
  | 'Pb'
  | 'bases'
  | 'acidity'
  | 'alkalinity'
  | 'salts'
  | 'H'
  | 'CaCO3'
  | 'limestone'
  | 'product'
  | 'CCE'
  | 'ECCE'
  | 'OM'
  | 'CEC'
  | 'share'
  | 'density'
  | 'money'
  | 'filler'
  | 'class'
  | 'time'
  | 'dial'
  | 'catch'
  | 'air'
  | 'count';

/** Elements that a soil test finds, in ppm of the element; never an oxide or an ion. */
export type SoilElement =
  'P' | 'K' | 'Ca' | 'Mg' | 'Na' | 'S' | 'N' | 'Zn' | 'Fe' | 'Mn' | 'Cu' | 'B' | 'Al' | 'Pb';

/** A number with its unit and its substance. An object, not a branded number: brands still add. */
export interface Quantity<U extends Unit = Unit, S extends Substance = Substance> {
  readonly value: number;
  readonly unit: U;
  readonly of: S;
}

/** A value that is no finite number: a division by nothing, a cell that a table does not have. */
export class NotFinite extends RangeError {}

/**
 * Makes a Quantity.
 *
 * @example quantity(6200, 'ft2', 'ground').value // 6200
 * @throws NotFinite when the value is not a finite number; the sheet makes an absent figure of it
 */
export function quantity<U extends Unit, S extends Substance>(
  value: number,
  unit: U,
  of: S,
): Quantity<U, S> {
  if (!Number.isFinite(value)) {
    throw new NotFinite(`quantity(${value}, '${unit}', '${of}'): the value must be finite`);
  }
  return { value, unit, of };
}
