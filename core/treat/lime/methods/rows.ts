import type { SourceId } from '../../../kernel/sources';
import { quantity, type Quantity } from '../../../kernel/units/quantity';
import type { PlanContext } from '../../../kernel/working/context';
import { msg, type Msg } from '../../../kernel/messages/msg';
import type { Figure } from '../../../kernel/working/working';

/** One column of a published table whose rows go down by pH. */
export interface Column<U extends 'ton/acre' | 'lb/acre'> {
  /** `[pH, cell, cell, …]`, the highest pH first. */
  readonly rows: readonly (readonly number[])[];
  /** Which cell of a row, from 1. */
  readonly at: number;
  readonly table: string;
  readonly name: string;
  readonly unit: U;
  readonly source: SourceId;
  readonly label: (row: number) => Msg;
}

/** A row counts as hit within this, so that 6.4 typed is the row 6.4. */
const SAME_PH = 1e-9;

function rowPh(row: readonly number[] | undefined): number {
  return row?.[0] ?? NaN;
}

/** A cell of the column as a figure that rests on the pH that chose its row. */
export function cell<U extends 'ton/acre' | 'lb/acre', S extends 'water' | 'SMP' | 'Sikora'>(
  ctx: PlanContext,
  id: string,
  column: Column<U>,
  row: readonly number[] | undefined,
  ph: Figure<Quantity<'pH', S>>,
): Figure<Quantity<U, 'limestone'>> {
  return ctx.sheet.derive(
    'lookup',
    {
      id,
      label: column.label(rowPh(row)),
      source: column.source,
      standing: 'recalled',
      detail: { table: column.table, row: rowPh(row), column: column.name },
    },
    [ph],
    (_ph) => quantity(row?.[column.at] ?? NaN, column.unit, 'limestone'),
  );
}

/**
 * The column at a pH: its cell, or the line between the rows above and below.
 * The pH must lie within the rows; the caller has refused what lies outside.
 */
export function onRows<U extends 'ton/acre' | 'lb/acre', S extends 'water' | 'SMP' | 'Sikora'>(
  ctx: PlanContext,
  prefix: string,
  column: Column<U>,
  ph: Extract<Figure<Quantity<'pH', S>>, { value: unknown }>,
): Figure<Quantity<U, 'limestone'>> {
  const { value } = ph.value;
  const id = `${prefix}/table`;
  const below = column.rows.findIndex((row) => rowPh(row) <= value + SAME_PH);
  const [lower, upper] = [column.rows[below], column.rows[below - 1]];
  if (Math.abs(rowPh(lower) - value) < SAME_PH) return cell(ctx, id, column, lower, ph);
  const high = cell(ctx, `${prefix}/row-above`, column, upper, ph);
  const low = cell(ctx, `${prefix}/row-below`, column, lower, ph);
  const label = msg('lime.betweenRows', { upper: rowPh(upper), lower: rowPh(lower) });
  const figure: Figure<Quantity<'pH', S>> = ph;
  return ctx.sheet.derive('interpolate', { id, label }, [figure, high, low], (at, h, l) => {
    const way = (rowPh(upper) - at.value) / (rowPh(upper) - rowPh(lower));
    return quantity(h.value + way * (l.value - h.value), column.unit, 'limestone');
  });
}
