/**
 * CCE from molar masses (IUPAC 2021 weights) against the printed values: dolomite 108.6, magnesite
 * 118.7, burnt lime 178.5, hydrated lime 135.1 (Barber 1984, Agronomy Monograph 12). Recalled.
 */
import { pureCce, type LimingCompound } from '../core/tables/molarMass';
import { LIMESTONE_CCE_MAX, tableLimestoneBy } from '../core/tables/lime/quality';

test.each<[LimingCompound, number]>([
  ['calcite', 100],
  ['dolomite', 108.6],
  ['magnesite', 118.7],
  ['burntLime', 178.5],
  ['hydratedLime', 135.1],
])('%s has a CCE of %d', (compound, printed) => {
  expect(Math.abs(pureCce(compound) - printed)).toBeLessThan(0.1);
});

test('no limestone is above pure dolomite', () => {
  expect(LIMESTONE_CCE_MAX).toBe(109);
});

test('the tables’ limestone, 95/70/50 % through 8/20/60 mesh and CCE 90, is ECCE 60.3', () => {
  // (70 − 50) % × 0.6 + (95 − 70) % × 0.2 + 50 % × 1 = 67 %; 90 × 0.67 = 60.3
  expect(tableLimestoneBy('')).toBeCloseTo(60.3, 10);
});
