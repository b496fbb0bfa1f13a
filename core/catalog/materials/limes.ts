import { LIMESTONE_CCE_MAX, MOST_CCE } from '../../tables/lime/quality';
import type { LimeMaterial } from './types';

const usual = { standing: 'practice', source: 'practice' } as const;
const stone = { mostCce: LIMESTONE_CCE_MAX, ...usual } as const;

/**
 * Liming materials as generally sold, the one of most gardens first. CCE ranges (recalled): calcitic
 * 85 to 100, dolomitic 95 to 108, pelletized 80 to 100, marl 50 to 90, ground shell 80 to 95, wood ash
 * 30 to 70, hydrated 110 to 135, burnt 150 to 175. Calcium and magnesium: of the pure compound by molar
 * mass (calcite 40 % Ca; dolomite 21.7 % Ca, 13.2 % Mg), of what is sold a little less.
 */
export const LIME_MATERIALS: readonly LimeMaterial[] = [
  {
    id: 'calcitic-pelletized',
    isUsual: true,
    typicalCce: 90,
    ca: 35,
    mg: 0.5,
    density: 65,
    bagsLb: [40, 50],
    ...stone,
  },
  {
    id: 'calcitic-ground',
    powder: { loose: 70 },
    isUsual: true,
    typicalCce: 92,
    ca: 36,
    mg: 0.5,
    density: 90,
    bagsLb: [50],
    ...stone,
  },
  {
    id: 'calcitic-pulverized',
    powder: true,
    typicalCce: 96,
    ca: 38,
    mg: 0.5,
    density: 75,
    bagsLb: [50],
    ...stone,
  },
  {
    id: 'dolomitic-ground',
    powder: { loose: 70 },
    isUsual: true,
    typicalCce: 100,
    ca: 21,
    mg: 11,
    density: 90,
    bagsLb: [50],
    forMagnesium: true,
    ...stone,
  },
  {
    id: 'dolomitic-pelletized',
    typicalCce: 95,
    ca: 20,
    mg: 10,
    density: 65,
    bagsLb: [40],
    forMagnesium: true,
    ...stone,
  },
  { id: 'marl', typicalCce: 75, ca: 28, mg: 0.5, density: 70, bagsLb: [50], ...stone },
  { id: 'ground-shell', typicalCce: 88, ca: 35, mg: 0.3, density: 70, bagsLb: [50], ...stone },
  {
    id: 'wood-ash',
    powder: true,
    typicalCce: 45,
    ca: 20,
    mg: 1.5,
    density: 35,
    bagsLb: [20],
    limit: 'ash',
    cap: 20,
    intervalMonths: 12,
    ...stone,
  },
  {
    id: 'hydrated',
    powder: true,
    typicalCce: 130,
    mostCce: MOST_CCE.hydrated,
    ca: 50,
    mg: 0.5,
    density: 35,
    bagsLb: [50],
    limit: 'bare-only',
    cap: 5,
    ...usual,
  },
  {
    id: 'burnt',
    powder: true,
    typicalCce: 165,
    mostCce: MOST_CCE.burnt,
    ca: 65,
    mg: 0.5,
    density: 60,
    bagsLb: [50],
    limit: 'never',
    cap: 5,
    ...usual,
  },
];
