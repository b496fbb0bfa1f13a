import {
  CUBIC_FEET_PER_CUBIC_YARD,
  HECTARES_PER_ACRE,
  INCHES_PER_FOOT,
  KILOGRAMS_PER_POUND,
  METRES_PER_FOOT,
  OUNCES_PER_POUND,
  POUNDS_PER_TON,
  SQUARE_FEET_PER_ACRE,
  SQUARE_FEET_PER_THOUSAND,
  SQUARE_METRES_PER_SQUARE_FOOT,
} from './factors';
import { quantity, type Quantity, type Substance, type Unit } from './quantity';

const SQUARE_METRES_PER_HECTARE = 10_000;
const THOUSANDS_PER_ACRE = SQUARE_FEET_PER_ACRE / SQUARE_FEET_PER_THOUSAND;
const POUNDS_PER_TONNE = 1000 / KILOGRAMS_PER_POUND;
const ACRES_PER_HECTARE = 1 / HECTARES_PER_ACRE;
const SQUARE_FEET_PER_SQUARE_METRE = 1 / SQUARE_METRES_PER_SQUARE_FOOT;

/** Units that tell one thing, each with how many of the base it is. Exact: NIST Handbook 44, Appendix C. */
const FACTORS = {
  ground: {
    ft2: 1,
    '100ft2': 100,
    '1000ft2': SQUARE_FEET_PER_THOUSAND,
    acre: SQUARE_FEET_PER_ACRE,
    m2: SQUARE_FEET_PER_SQUARE_METRE,
    ha: SQUARE_METRES_PER_HECTARE * SQUARE_FEET_PER_SQUARE_METRE,
  },
  weight: {
    lb: 1,
    oz: 1 / OUNCES_PER_POUND,
    ton: POUNDS_PER_TON,
    kg: 1 / KILOGRAMS_PER_POUND,
    g: 1 / KILOGRAMS_PER_POUND / 1000,
  },
  rate: {
    'lb/1000ft2': 1,
    'lb/100ft2': 10,
    'oz/100ft2': 10 / OUNCES_PER_POUND,
    'lb/acre': 1 / THOUSANDS_PER_ACRE,
    'ton/acre': POUNDS_PER_TON / THOUSANDS_PER_ACRE,
    'kg/ha': 1 / KILOGRAMS_PER_POUND / ACRES_PER_HECTARE / THOUSANDS_PER_ACRE,
    't/ha': POUNDS_PER_TONNE / ACRES_PER_HECTARE / THOUSANDS_PER_ACRE,
    'g/m2': (SQUARE_FEET_PER_THOUSAND * SQUARE_METRES_PER_SQUARE_FOOT) / KILOGRAMS_PER_POUND / 1000,
  },
  deep: { in: 1, ft: INCHES_PER_FOOT, cm: INCHES_PER_FOOT / METRES_PER_FOOT / 100 },
  volume: {
    yd3: 1,
    ft3: 1 / CUBIC_FEET_PER_CUBIC_YARD,
    m3: 1 / METRES_PER_FOOT ** 3 / CUBIC_FEET_PER_CUBIC_YARD,
  },
} as const satisfies Readonly<Record<string, Readonly<Partial<Record<Unit, number>>>>>;

export type UnitFamily = keyof typeof FACTORS;

/** The unit in which sums of a family are worked out: its first. */
export const BASES = {
  ground: 'ft2',
  weight: 'lb',
  rate: 'lb/1000ft2',
  deep: 'in',
  volume: 'yd3',
} as const satisfies Readonly<Record<UnitFamily, Unit>>;
export type BaseOf<F extends UnitFamily> = (typeof BASES)[F];

/** The units of a family, those of every day first. */
export function unitsOf(family: UnitFamily): readonly Unit[] {
  return Object.keys(FACTORS[family]) as Unit[];
}

const BY_UNIT: ReadonlyMap<string, ReadonlyMap<string, number>> = new Map(
  Object.entries(FACTORS).map(([family, units]) => [family, new Map(Object.entries(units))]),
);

function factorOf(family: UnitFamily, unit: Unit): number {
  const factor = BY_UNIT.get(family)?.get(unit);
  if (factor === undefined) throw new Error(`factorOf: '${unit}' is no unit of ${family}`);
  return factor;
}

/**
 * A quantity of a family in the family's base unit.
 * @throws Error where its unit is none of the family
 * @example toBase('ground', quantity(2, 'acre', 'ground')).value // 87120
 */
export function toBase<F extends UnitFamily, S extends Substance>(
  family: F,
  { value, unit, of }: Quantity<Unit, S>,
): Quantity<BaseOf<F>, S> {
  return quantity(value * factorOf(family, unit), BASES[family], of);
}

/**
 * A quantity of a family in another of its units.
 * @throws Error where either unit is none of the family
 * @example inUnit('rate', quantity(1, 'lb/1000ft2', 'N'), 'lb/acre').value // 43.56
 */
export function inUnit<U extends Unit, S extends Substance>(
  family: UnitFamily,
  from: Quantity<Unit, S>,
  unit: U,
): Quantity<U, S> {
  return quantity(
    (from.value * factorOf(family, from.unit)) / factorOf(family, unit),
    unit,
    from.of,
  );
}

/** How people write a unit, without spaces, dots and case. */
const SPELLINGS: ReadonlyMap<string, Unit> = new Map<string, Unit>(
  Object.entries({
    ft2: 'ft2',
    'ft²': 'ft2',
    sqft: 'ft2',
    squarefeet: 'ft2',
    squarefoot: 'ft2',
    sf: 'ft2',
    '100ft2': '100ft2',
    '100sqft': '100ft2',
    '1000ft2': '1000ft2',
    '1000sqft': '1000ft2',
    thousandft2: '1000ft2',
    acre: 'acre',
    acres: 'acre',
    ac: 'acre',
    m2: 'm2',
    'm²': 'm2',
    sqm: 'm2',
    ha: 'ha',
    hectare: 'ha',
    hectares: 'ha',
    lb: 'lb',
    lbs: 'lb',
    pound: 'lb',
    pounds: 'lb',
    oz: 'oz',
    ounce: 'oz',
    ounces: 'oz',
    ton: 'ton',
    tons: 'ton',
    kg: 'kg',
    g: 'g',
    grams: 'g',
    'lb/1000ft2': 'lb/1000ft2',
    'lb/1000ft²': 'lb/1000ft2',
    'lb/1000sqft': 'lb/1000ft2',
    'lb/1000': 'lb/1000ft2',
    'lb/m': 'lb/1000ft2',
    'lb/100ft2': 'lb/100ft2',
    'lb/100ft²': 'lb/100ft2',
    'lb/100sqft': 'lb/100ft2',
    'lb/100': 'lb/100ft2',
    'oz/100ft2': 'oz/100ft2',
    'oz/100': 'oz/100ft2',
    'lb/acre': 'lb/acre',
    'lb/ac': 'lb/acre',
    'lb/a': 'lb/acre',
    'lbs/acre': 'lb/acre',
    'ton/acre': 'ton/acre',
    'tons/acre': 'ton/acre',
    't/a': 'ton/acre',
    't/ac': 'ton/acre',
    'kg/ha': 'kg/ha',
    't/ha': 't/ha',
    'g/m2': 'g/m2',
    'g/m²': 'g/m2',
    in: 'in',
    inch: 'in',
    inches: 'in',
    '"': 'in',
    ft: 'ft',
    feet: 'ft',
    "'": 'ft',
    cm: 'cm',
    yd3: 'yd3',
    'yd³': 'yd3',
    cuyd: 'yd3',
    yards: 'yd3',
    ft3: 'ft3',
    'ft³': 'ft3',
    cuft: 'ft3',
    m3: 'm3',
    'm³': 'm3',
    '%': '%',
    percent: '%',
    ppm: 'ppm',
    gal: 'gal',
    gallons: 'gal',
    bags: 'bags',
    bag: 'bags',
    cups: 'cups',
    cup: 'cups',
  } satisfies Record<string, Unit>),
);

/**
 * The unit that a word means, or nothing.
 * @example unitNamed('sq. ft') // 'ft2'
 */
export function unitNamed(typed: string): Unit | undefined {
  const word = typed.toLowerCase().replace(/[\s.]/g, '');
  return SPELLINGS.get(word.replace(/per/g, '/')) ?? SPELLINGS.get(word);
}

/** Whether a unit is one of a family. */
export function isOfFamily(family: UnitFamily, unit: Unit): boolean {
  return BY_UNIT.get(family)?.has(unit) ?? false;
}
