import type { Equation } from '../../kernel/working/equation';
import { quantity, type Quantity } from '../../kernel/units/quantity';

/** Rows of a printed table: a pH, then the amount of each soil; the highest pH first. */
export type Rows = readonly (readonly [number, ...number[]])[];

/** The cell of a column at a pH: the row, or the line between two. */
function cellAt(rows: Rows, column: number, ph: number): number {
  const below = rows.findIndex(([row]) => row <= ph + 1e-9);
  const [lower, upper] = [rows[below], rows[Math.max(0, below - 1)]];
  const [low, high] = [lower?.[column] ?? NaN, upper?.[column] ?? NaN];
  const [at, next] = [lower?.[0] ?? NaN, upper?.[0] ?? NaN];
  const way = next === at ? 0 : (ph - at) / (next - at);
  return low + way * (high - low);
}

/** Sulfur from a pH down to the lowest row of a printed table, on the line between rows. */
export function sulfurByTable<U extends 'lb/100ft2' | 'lb/acre'>(
  id: string,
  { rows, column, unit }: { readonly rows: Rows; readonly column: number; readonly unit: U },
): Equation<readonly [Quantity<'pH', 'water'>], Quantity<U, 'S'>> {
  return { id, compute: ({ value }) => quantity(cellAt(rows, column, value), unit, 'S') };
}
