/** Standard atomic weights, g/mol, as abridged by IUPAC 2021. */
const ATOMIC_WEIGHT = {
  C: 12.011,
  O: 15.999,
  Mg: 24.305,
  Ca: 40.078,
  H: 1.008,
  N: 14.007,
  S: 32.06,
  K: 39.098,
  Na: 22.99,
} as const;

type Element = keyof typeof ATOMIC_WEIGHT;

/** Liming compounds: atoms in a formula unit, and how many CaCO3 a formula unit replaces. */
const LIMING_COMPOUNDS = {
  calcite: { atoms: { Ca: 1, C: 1, O: 3 }, carbonates: 1 },
  dolomite: { atoms: { Ca: 1, Mg: 1, C: 2, O: 6 }, carbonates: 2 },
  magnesite: { atoms: { Mg: 1, C: 1, O: 3 }, carbonates: 1 },
  burntLime: { atoms: { Ca: 1, O: 1 }, carbonates: 1 },
  hydratedLime: { atoms: { Ca: 1, O: 2, H: 2 }, carbonates: 1 },
} as const satisfies Record<
  string,
  { atoms: Partial<Record<Element, number>>; carbonates: number }
>;

export type LimingCompound = keyof typeof LIMING_COMPOUNDS;

function molarMass(atoms: Partial<Record<Element, number>>): number {
  return Object.entries(atoms).reduce(
    (sum, [element, count]) => sum + ATOMIC_WEIGHT[element as Element] * (count ?? 0),
    0,
  );
}

/**
 * CCE of a pure compound, %: the CaCO3 that it replaces, by weight.
 * @example Math.round(pureCce('calcite')) // 100
 */
export function pureCce(compound: LimingCompound): number {
  const { atoms, carbonates } = LIMING_COMPOUNDS[compound];
  return (100 * carbonates * molarMass(LIMING_COMPOUNDS.calcite.atoms)) / molarMass(atoms);
}

/** Charges of the exchangeable bases. */
const CHARGE = { Ca: 2, Mg: 2, K: 1, Na: 1 } as const;
export type Base = keyof typeof CHARGE;

/**
 * Grams of a base that carry one mole of charge; one meq in 100 g is ten times so many ppm.
 * @example equivalentMass('Ca') // 20.039
 */
export function equivalentMass(base: Base): number {
  return ATOMIC_WEIGHT[base] / CHARGE[base];
}

/** Grams of CaCO3 that carry one mole of charge: alkalinity is printed as CaCO3. */
export const CACO3_EQUIVALENT = molarMass(LIMING_COMPOUNDS.calcite.atoms) / 2;

/** Share of the element in what some laboratories print it as: N in nitrate, S in sulfate. */
export const SHARE_OF_ION = {
  N: ATOMIC_WEIGHT.N / molarMass({ N: 1, O: 3 }),
  S: ATOMIC_WEIGHT.S / molarMass({ S: 1, O: 4 }),
} as const;
