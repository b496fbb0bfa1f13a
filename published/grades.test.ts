/**
 * Grades of pure salts from molar masses (IUPAC 2021 abridged weights), against what is printed for
 * them (CRC Handbook; Fertilizer Manual, UNIDO & IFDC 1998; recalled), and the labels of the shed
 * against both: a commercial salt is never richer than the pure one.
 */
import { SHIPPED_MATERIALS } from '../core/catalog/materials/materials';
import { SHIPPED_OTHERS } from '../core/catalog/materials/others';
import { phosphorusToPhosphate, potassiumToPotash } from '../core/kernel/units/convert';
import { quantity } from '../core/kernel/units/quantity';

const WEIGHT: Readonly<Record<string, number>> = {
  H: 1.008,
  C: 12.011,
  N: 14.007,
  O: 15.999,
  Mg: 24.305,
  P: 30.974,
  S: 32.06,
  Cl: 35.45,
  K: 39.098,
  Ca: 40.078,
  B: 10.81,
  Na: 22.99,
  Mn: 54.938,
  Cu: 63.546,
  Zn: 65.38,
  Mo: 95.95,
};

type Atoms = Readonly<Record<string, number>>;

function mass(atoms: Atoms): number {
  return Object.entries(atoms).reduce((sum, [element, n]) => sum + (WEIGHT[element] ?? NaN) * n, 0);
}

/** Percent by weight of an element, or of the oxide that its atoms would make. */
function percent(atoms: Atoms, of: string): number {
  const oxides: Readonly<Record<string, readonly [string, Atoms]>> = {
    P2O5: ['P', { P: 1, O: 2.5 }],
    K2O: ['K', { K: 1, O: 0.5 }],
  };
  const [element = of, unit = { [of]: 1 }] = oxides[of] ?? [];
  return (100 * (atoms[element] ?? 0) * mass(unit)) / mass(atoms);
}

const SALTS: readonly (readonly [id: string, atoms: Atoms, of: string, printed: number])[] = [
  ['urea-46-0-0', { C: 1, O: 1, N: 2, H: 4 }, 'N', 46.6],
  ['ammonium-nitrate-34-0-0', { N: 2, H: 4, O: 3 }, 'N', 35.0],
  ['ammonium-sulfate-21-0-0', { N: 2, H: 8, S: 1, O: 4 }, 'N', 21.2],
  ['ammonium-sulfate-21-0-0', { N: 2, H: 8, S: 1, O: 4 }, 'S', 24.3],
  ['potassium-nitrate-13-0-44', { K: 1, N: 1, O: 3 }, 'N', 13.9],
  ['potassium-nitrate-13-0-44', { K: 1, N: 1, O: 3 }, 'K2O', 46.6],
  ['muriate-of-potash-0-0-60', { K: 1, Cl: 1 }, 'K2O', 63.2],
  ['muriate-of-potash-0-0-60', { K: 1, Cl: 1 }, 'Cl', 47.6],
  ['sulfate-of-potash-0-0-50', { K: 2, S: 1, O: 4 }, 'K2O', 54.1],
  ['sulfate-of-potash-0-0-50', { K: 2, S: 1, O: 4 }, 'S', 18.4],
  ['potassium-magnesium-sulfate-0-0-22', { K: 2, Mg: 2, S: 3, O: 12 }, 'K2O', 22.7],
  ['potassium-magnesium-sulfate-0-0-22', { K: 2, Mg: 2, S: 3, O: 12 }, 'Mg', 11.7],
  ['potassium-magnesium-sulfate-0-0-22', { K: 2, Mg: 2, S: 3, O: 12 }, 'S', 23.2],
  ['monoammonium-phosphate-11-52-0', { N: 1, H: 6, P: 1, O: 4 }, 'N', 12.2],
  ['monoammonium-phosphate-11-52-0', { N: 1, H: 6, P: 1, O: 4 }, 'P2O5', 61.7],
  ['diammonium-phosphate-18-46-0', { N: 2, H: 9, P: 1, O: 4 }, 'N', 21.2],
  ['diammonium-phosphate-18-46-0', { N: 2, H: 9, P: 1, O: 4 }, 'P2O5', 53.7],
  ['triple-superphosphate-0-46-0', { Ca: 1, H: 6, P: 2, O: 9 }, 'P2O5', 56.3],
  ['monopotassium-phosphate-0-52-34', { K: 1, H: 2, P: 1, O: 4 }, 'P2O5', 52.2],
  ['monopotassium-phosphate-0-52-34', { K: 1, H: 2, P: 1, O: 4 }, 'K2O', 34.6],
  ['sodium-nitrate-16-0-0', { Na: 1, N: 1, O: 3 }, 'N', 16.5],
  ['sodium-nitrate-16-0-0', { Na: 1, N: 1, O: 3 }, 'Na', 27.0],
  ['gypsum-ground', { Ca: 1, S: 1, O: 6, H: 4 }, 'Ca', 23.3],
  ['gypsum-ground', { Ca: 1, S: 1, O: 6, H: 4 }, 'S', 18.6],
  ['epsom-salt', { Mg: 1, S: 1, O: 11, H: 14 }, 'Mg', 9.9],
  ['epsom-salt', { Mg: 1, S: 1, O: 11, H: 14 }, 'S', 13.0],
  ['kieserite', { Mg: 1, S: 1, O: 5, H: 2 }, 'Mg', 17.6],
  ['kieserite', { Mg: 1, S: 1, O: 5, H: 2 }, 'S', 23.2],
  ['magnesium-oxide', { Mg: 1, O: 1 }, 'Mg', 60.3],
  ['borax', { Na: 2, B: 4, O: 17, H: 20 }, 'B', 11.3],
  ['disodium-octaborate', { Na: 2, B: 8, O: 17, H: 8 }, 'B', 21.0],
  ['zinc-sulfate-monohydrate', { Zn: 1, S: 1, O: 5, H: 2 }, 'Zn', 36.4],
  ['zinc-sulfate-monohydrate', { Zn: 1, S: 1, O: 5, H: 2 }, 'S', 17.9],
  ['manganese-sulfate', { Mn: 1, S: 1, O: 5, H: 2 }, 'Mn', 32.5],
  ['copper-sulfate-pentahydrate', { Cu: 1, S: 1, O: 9, H: 10 }, 'Cu', 25.5],
  ['copper-sulfate-pentahydrate', { Cu: 1, S: 1, O: 9, H: 10 }, 'S', 12.8],
  ['sodium-molybdate', { Na: 2, Mo: 1, O: 6, H: 4 }, 'Mo', 39.7],
];

test.each(SALTS)('%s: pure, %j holds %s %d %%', (id, atoms, of, printed) => {
  const pure = percent(atoms, of);
  expect(Math.abs(pure - printed)).toBeLessThan(0.06);
  const material = SHIPPED_MATERIALS.fertilizers.find((each) => each.id === id);
  const carrier = SHIPPED_OTHERS.supplements.find((each) => each.id === id);
  const labels = {
    ...material?.also,
    ...material?.grade,
    ...carrier?.elements,
  } as Readonly<Record<string, number>>;
  expect(labels[of]).toBeLessThanOrEqual(pure + 0.05);
  expect(labels[of]).toBeGreaterThan(0.8 * pure);
});

test('P2O5 ÷ P and K2O ÷ K are what the molar masses make them', () => {
  const p = phosphorusToPhosphate(quantity(1, 'lb', 'P')).value;
  const k = potassiumToPotash(quantity(1, 'lb', 'K')).value;
  expect(Math.abs(p - mass({ P: 1, O: 2.5 }) / mass({ P: 1 }))).toBeLessThan(1e-4);
  expect(Math.abs(k - mass({ K: 1, O: 0.5 }) / mass({ K: 1 }))).toBeLessThan(1e-4);
});

/**
 * Manures as spread: MWPS-18, Livestock Waste Facilities Handbook (recalled; of the same recollection as the catalogue's rows, so
 * that this holds them against slips of typing):
 * dairy with bedding 9-4-10, horse with bedding 14-4-14, poultry with litter 56-45-34 pounds a ton. UMN M1192: dairy compost 12-12-26,
 * poultry compost 17-39-23.
 */
test.each([
  ['dairy-manure-bedded', 9, 4, 10],
  ['horse-manure-bedded', 14, 4, 14],
  ['poultry-litter', 56, 45, 34],
  ['dairy-compost', 12, 12, 26],
  ['poultry-compost', 17, 39, 23],
])('%s: %d-%d-%d pounds a ton', (id, N, P2O5, K2O) => {
  const found = SHIPPED_OTHERS.bulk.find((each) => each.id === id);
  expect(found?.perTon).toEqual({ N, P2O5, K2O });
});

test('every material that ships is there once, more than seventy of them, each within a hundred parts', () => {
  const { fertilizers, lime, sulfur } = SHIPPED_MATERIALS;
  const { supplements, bulk, liquids } = SHIPPED_OTHERS;
  const ids = [...fertilizers, ...lime, ...sulfur, ...supplements, ...bulk, ...liquids].map(
    ({ id }) => id,
  );
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids.length).toBeGreaterThan(70);
  for (const { grade, also, id } of [...fertilizers, ...liquids]) {
    const oxides = grade.N + grade.P2O5 / 2.2914 + grade.K2O / 1.2046;
    const sum = Object.values(also).reduce((all, each) => all + each, oxides);
    expect([id, sum <= 100]).toEqual([id, true]);
  }
  for (const { perTon, water } of bulk) {
    expect(perTon.N + perTon.P2O5 + perTon.K2O).toBeLessThan(20 * (100 - water));
  }
});
