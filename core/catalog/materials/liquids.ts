import type { Liquid } from './types';

type Row = Omit<Liquid, 'standing' | 'source' | 'also'> & Partial<Pick<Liquid, 'also'>>;

/** Fertilizer solutions as generally sold: % by weight and pounds in a gallon. Fertilizer Manual, UNIDO & IFDC 1998 (recalled). */
const ROWS: readonly Row[] = [
  { id: 'uan-28-0-0', grade: { N: 28, P2O5: 0, K2O: 0 }, lbPerGal: 10.66 },
  { id: 'uan-32-0-0', grade: { N: 32, P2O5: 0, K2O: 0 }, lbPerGal: 11.05 },
  { id: 'ammonium-polyphosphate-10-34-0', grade: { N: 10, P2O5: 34, K2O: 0 }, lbPerGal: 11.65 },
  {
    id: 'ammonium-thiosulfate-12-0-0',
    grade: { N: 12, P2O5: 0, K2O: 0 },
    lbPerGal: 11.1,
    also: { S: 26 },
  },
  {
    id: 'potassium-thiosulfate-0-0-25',
    grade: { N: 0, P2O5: 0, K2O: 25 },
    lbPerGal: 12.2,
    also: { S: 17 },
  },
  { id: 'fish-emulsion-5-1-1', grade: { N: 5, P2O5: 1, K2O: 1 }, lbPerGal: 9.5 },
  { id: 'liquid-12-4-8', grade: { N: 12, P2O5: 4, K2O: 8 }, lbPerGal: 10.2 },
];

export const LIQUIDS: readonly Liquid[] = ROWS.map((row) => ({
  standing: 'recalled',
  source: 'grade',
  also: {},
  ...row,
}));
