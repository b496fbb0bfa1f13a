import type { Shape } from '../../core/casefile/parts/shape';
import type { CaseFile } from '../../core/casefile/casefile';
import { lawnCase, ORACLE } from '../../test/cases';

/** A case of so many lawns, each with a sample and a column of its own. */
export function lawns(count: number): CaseFile {
  const shape: Partial<Shape> = { kind: 'rectangle', length: '100', width: '62', squareFeet: '' };
  const file = lawnCase({ ...ORACLE, ph: '5.4', buffer: '6.4', shape });
  const { lawn } = file.areas;
  const { s1 } = file.samples;
  const { r1 } = file.reports;
  if (!lawn || !s1 || !r1) throw new Error('lawns: there is no lawn to copy');
  const numbers = Array.from({ length: count }, (_none, at) => at + 1);
  const column = r1.results['s1'] ?? {};
  return {
    ...file,
    id: `bench-${count}`,
    title: `Bench ${count}`,
    areas: Object.fromEntries(numbers.map((n) => [`a${n}`, { ...lawn, id: `a${n}`, order: n }])),
    samples: Object.fromEntries(
      numbers.map((n) => [`s${n}`, { ...s1, id: `s${n}`, areaIds: [`a${n}`] }]),
    ),
    reports: {
      r1: { ...r1, results: Object.fromEntries(numbers.map((n) => [`s${n}`, column])) },
    },
  };
}
