/**
 * Shoemaker, McLean & Pratt 1961 as tabled in NCR-221, against a second recollection and against
 * the Tri-State lines (E-2567) that reproduce it; Knott's texture table against its turf form.
 */
import { LIME_BY_TEXTURE_ROWS } from '../core/tables/lime/byTexture';
import { SMP_ROWS } from '../core/tables/lime/smp';
import { planCase } from '../core/plan/plan';
import { lawnCase } from '../test/cases';
import { readNumbers } from './csv';

type Rows = readonly (readonly number[])[];

/** Tri-State, tons/acre to 6.0, 6.5 and 6.8 at a buffer pH (LTI ÷ 10). */
const LINES = [
  (buffer: number) => 49.3 - 0.71 * 10 * buffer,
  (buffer: number) => 60.4 - 0.87 * 10 * buffer,
  (buffer: number) => 71.4 - 1.03 * 10 * buffer,
];

const SECOND = readNumbers('smp-recollection-b.csv');

/** What is wrong with an SMP table, a line a fault. */
function faults(rows: Rows): string[] {
  const found: string[] = [];
  rows.forEach(([buffer = NaN, ...cells], index) => {
    cells.forEach((cell, column) => {
      const at = `${buffer}, column ${column}`;
      const line = LINES[column]?.(buffer) ?? NaN;
      if (!(Math.abs(cell - line) <= 0.2 + 1e-9)) found.push(`${at}: off the Tri-State line`);
      const second = SECOND[index]?.[column + 1] ?? NaN;
      if (!(Math.abs(cell - second) <= 0.1 + 1e-9)) found.push(`${at}: off the recollection`);
      const above = rows[index - 1]?.[column + 1];
      if (above !== undefined && cell <= above) found.push(`${at}: not more than a row up`);
      const left = cells[column - 1];
      if (left !== undefined && cell <= left) found.push(`${at}: not more than a column left`);
    });
  });
  return found;
}

test('every SMP cell agrees with both recollections and within 0.2 ton with the lines', () => {
  expect(SMP_ROWS).toHaveLength(21);
  expect(faults(SMP_ROWS)).toEqual([]);
});

test('changing any one cell by 0.3 ton is found', () => {
  SMP_ROWS.forEach((row, index) => {
    for (const column of [1, 2, 3]) {
      for (const change of [0.3, -0.3]) {
        const changed = SMP_ROWS.map((each) => [...each]);
        (changed[index] ?? [])[column] = (row[column] ?? NaN) + change;
        expect(faults(changed)).not.toEqual([]);
      }
    }
  });
});

test('the texture table is its turf form, lb/1000 ft², times 43.56', () => {
  for (const [ph = NaN, ...printed] of readNumbers('lime-by-texture-lawn.csv')) {
    const row = LIME_BY_TEXTURE_ROWS.find(([at]) => at === ph) ?? [];
    printed.forEach((lawn, column) => {
      expect(Math.abs((row[column + 1] ?? NaN) / 43.56 - lawn)).toBeLessThanOrEqual(0.7);
    });
  }
});

test('the evaluator’s copy of the texture table is the core’s', () => {
  expect(readNumbers('lime-by-texture.csv')).toEqual(LIME_BY_TEXTURE_ROWS.map((row) => [...row]));
});

/** Tons/acre of the SMP option of a plan, by the buffer and the target of a report. */
function planned(buffer: number, target: string): number {
  const decisions = { 'lime-target': target };
  const [lawn] = planCase(lawnCase({ ph: '4.8', buffer: String(buffer), decisions })).areas;
  const figure = lawn?.treatments.lime.methods.find(({ option }) => option.id === 'smp')?.option
    .asPrinted;
  return figure && !('absent' in figure) ? figure.value.value : NaN;
}

test.each(SECOND)(
  'a plan at buffer %d takes the row of the second recollection',
  (buffer, ...cells) => {
    ['6.0', '6.5', '7.0'].forEach((target, column) => {
      expect(Math.abs(planned(buffer, target) - (cells[column] ?? NaN))).toBeLessThanOrEqual(
        0.1 + 1e-9,
      );
    });
  },
);
