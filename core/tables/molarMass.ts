/** Standard atomic weights, g/mol, as abridged by IUPAC 2021. */
const ATOMIC_WEIGHT = { C: 12.011, O: 15.999, Mg: 24.305, Ca: 40.078, H: 1.008 } as const;

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
