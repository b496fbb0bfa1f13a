/**
 * Confusions of the trade that must not compile. Each line below is a mistake that someone made
 * with a pencil; `./check` compiles this file, and a line that compiles after all is an error.
 */
import {
  bagsToCost,
  limestoneToProduct,
  nutrientToProduct,
  perAcreToPerThousand,
  perHundredFeetToTotal,
  perHundredToPerThousand,
  perThousandToTotal,
  phosphateToPhosphorus,
  phosphorusToPhosphate,
  poundForPound,
  poundsPerAcreToPpm,
  poundsToCups,
  rescaleDepth,
  rowNutrientToProduct,
  squareFeetToThousands,
  tonsPerAcreToPerThousand,
  totalToPerThousand,
} from './convert';
import { quantity, type Quantity } from './quantity';

const extent = quantity(6.2, '1000ft2', 'ground');
const nitrogen = quantity(1, 'lb/1000ft2', 'N');
const need = quantity(108, 'lb/1000ft2', 'limestone');
const tons = quantity(4.7, 'ton/acre', 'limestone');
const table = quantity(90, '%', 'CCE');
const bag = quantity(85, '%', 'CCE');
const four = quantity(4, 'in', 'depth');
const eight = quantity(8, 'in', 'depth');

export const confusions = [
  // @ts-expect-error lb/acre taken for lb/1000 ft²
  perThousandToTotal(quantity(40, 'lb/acre', 'product'), extent),
  // @ts-expect-error lb/100 ft² taken for lb/1000 ft²
  perThousandToTotal(quantity(5, 'lb/100ft2', 'product'), extent),
  // @ts-expect-error square feet taken for thousands of square feet
  perThousandToTotal(nitrogen, quantity(6200, 'ft2', 'ground')),
  // @ts-expect-error ppm taken for lb/acre
  perAcreToPerThousand(quantity(25, 'ppm', 'P')),
  // @ts-expect-error pounds per acre taken for tons per acre
  tonsPerAcreToPerThousand(quantity(2000, 'lb/acre', 'limestone')),
  // @ts-expect-error lb/1000 ft² taken for lb/100 ft²
  perHundredToPerThousand(quantity(50, 'lb/1000ft2', 'product')),
  // @ts-expect-error phosphate met by the nitrogen of a grade
  nutrientToProduct(quantity(1, 'lb/1000ft2', 'P2O5'), quantity(0.2, 'ratio', 'N')),
  // @ts-expect-error elemental P where the oxide is meant
  nutrientToProduct(quantity(1, 'lb/1000ft2', 'P'), quantity(0.2, 'ratio', 'P2O5')),
  // @ts-expect-error elemental K where the oxide is meant
  nutrientToProduct(quantity(1, 'lb/1000ft2', 'K'), quantity(0.6, 'ratio', 'K2O')),
  // @ts-expect-error a percentage where its fraction is meant
  nutrientToProduct(nitrogen, quantity(34, '%', 'N')),
  // @ts-expect-error product spread as if it were nutrient
  nutrientToProduct(quantity(3, 'lb/1000ft2', 'product'), quantity(0.34, 'ratio', 'N')),
  // @ts-expect-error CCE of the table against ECCE of the bag: quality by two measures
  limestoneToProduct(need, table, quantity(68, '%', 'ECCE')),
  // @ts-expect-error organic matter taken for the quality of lime
  limestoneToProduct(need, table, quantity(4, '%', 'OM')),
  // @ts-expect-error pure calcium carbonate taken for agricultural limestone
  limestoneToProduct(quantity(108, 'lb/1000ft2', 'CaCO3'), table, bag),
  // @ts-expect-error product corrected for its quality a second time
  limestoneToProduct(quantity(108, 'lb/1000ft2', 'product'), table, bag),
  // @ts-expect-error a sulfur need taken as if it were limestone
  poundForPound(quantity(1, 'lb/1000ft2', 'S')),
  // @ts-expect-error a length of ground taken for a depth of soil
  rescaleDepth(tons, quantity(4, 'in', 'ground'), eight),
  // @ts-expect-error feet taken for inches of depth
  rescaleDepth(tons, four, quantity(8, 'ft', 'depth')),
  // @ts-expect-error a length taken for an area
  squareFeetToThousands(quantity(62, 'ft', 'ground')),
  // @ts-expect-error a rate taken for a total
  totalToPerThousand(quantity(50, 'lb/1000ft2', 'product'), extent),
  // @ts-expect-error elemental P where phosphate is to be turned into it
  phosphateToPhosphorus(quantity(1, 'lb', 'P')),
  // @ts-expect-error phosphate turned into phosphate a second time
  phosphorusToPhosphate(quantity(1, 'lb', 'P2O5')),
  // @ts-expect-error K where P is meant
  phosphorusToPhosphate(quantity(1, 'lb', 'K')),
  // @ts-expect-error ppm taken for lb/acre
  poundsPerAcreToPpm(quantity(23, 'ppm', 'P'), quantity(6.67, 'in', 'depth')),
  // @ts-expect-error phosphate on a soil test, where the element is meant
  poundsPerAcreToPpm(quantity(23, 'lb/acre', 'P2O5'), quantity(6.67, 'in', 'depth')),
  // @ts-expect-error a rate for 100 ft of row spread over square feet
  perThousandToTotal(quantity(0.5, 'lb/100ft', 'product'), extent),
  // @ts-expect-error a rate for 100 ft² given along the row
  perHundredFeetToTotal(quantity(0.5, 'lb/100ft2', 'product'), quantity(2, '100ft', 'row')),
  // @ts-expect-error a rate by area given along the row
  rowNutrientToProduct(quantity(1, 'lb/1000ft2', 'N'), quantity(0.34, 'ratio', 'N')),
  // @ts-expect-error weight ounces by area taken for pounds by area
  perHundredToPerThousand(quantity(3, 'oz/100ft2', 'N')),
  // @ts-expect-error pounds of nutrient measured out as if they were product
  poundsToCups(quantity(1, 'lb', 'N'), quantity(47, 'lb/ft3', 'density')),
  // @ts-expect-error pounds priced as bags
  bagsToCost(quantity(3, 'lb', 'product'), quantity(24, 'usd/bag', 'money')),
  // @ts-expect-error bags taken for pounds
  totalToPerThousand(quantity(4, 'bags', 'product'), extent),
];

// @ts-expect-error water pH taken for SMP buffer pH
export const buffer: Quantity<'pH', 'SMP'> = quantity(5.4, 'pH', 'water');
// @ts-expect-error CaCl2 pH taken for water pH
export const water: Quantity<'pH', 'water'> = quantity(5.4, 'pH', 'CaCl2');
// @ts-expect-error the Sikora buffer taken for the SMP buffer
export const sikora: Quantity<'pH', 'SMP'> = quantity(6.4, 'pH', 'Sikora');
// @ts-expect-error nitrate taken for nitrate nitrogen
export const nitrate: Quantity<'ppm', 'N'> = quantity(44, 'ppm', 'NO3');
// @ts-expect-error sulfate taken for sulfur
export const sulfate: Quantity<'ppm', 'S'> = quantity(30, 'ppm', 'SO4');
// @ts-expect-error radius taken for diameter
export const across: Quantity<'ft', 'diameter'> = quantity(20, 'ft', 'radius');
// @ts-expect-error meq/100 g taken for ppm
export const potassium: Quantity<'ppm', 'K'> = quantity(0.3, 'meq/100g', 'K');
