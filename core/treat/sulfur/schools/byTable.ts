import type { SulfurSoil } from '../../../tables/sulfur';
import type { Quantity } from '../../../kernel/units/quantity';
import type { PlanContext } from '../../../kernel/working/context';
import { msg } from '../../../kernel/messages/msg';
import type { Figure } from '../../../kernel/working/working';
import {
  endsOf,
  outside,
  type Ph,
  type SulfurNeed,
  type SulfurOption,
  type SulfurSchool,
} from './school';
import { sulfurByTable, type Rows } from '../../../equations/sulfur/byTable';

export interface SulfurTable<U extends 'lb/100ft2' | 'lb/acre'> {
  readonly id: SulfurSchool;
  readonly rows: Rows;
  readonly column: number;
  readonly equation: string;
  readonly soil: SulfurSoil;
  readonly label: 'sulfur.toLowest' | 'sulfur.toSixFive';
  readonly source: 'sulfur-table' | 'western-handbook';
  readonly unit: U;
  readonly toRate: (need: Quantity<U, 'S'>) => Quantity<'lb/1000ft2', 'S'>;
}

/** From a pH to a target: the difference of two cells of a table. */
export function byTable<U extends 'lb/100ft2' | 'lb/acre'>(
  ctx: PlanContext,
  areaId: string,
  { ph, target }: SulfurNeed,
  table: SulfurTable<U>,
): SulfurOption['gross'] {
  const prefix = `${areaId}/sulfur/${table.id}`;
  const entry = { id: `${prefix}/gross`, label: msg('sulfur.gross') };
  const refused = outside({ ph, target }, endsOf(table.rows));
  if (refused) {
    return ctx.sheet.absent(entry, refused, [ph.id, target.id]);
  }
  const cell = (id: string, at: Ph): Figure<Quantity<U, 'S'>> =>
    ctx.sheet.equation(
      {
        id: `${prefix}/${id}`,
        label: msg(table.label, { soil: msg(`sulfurSoil.${table.soil}`) }),
        source: table.source,
        standing: 'recalled',
      },
      sulfurByTable(table.equation, table),
      [at],
    );
  const need = ctx.sheet.deduct({ id: `${prefix}/need`, label: msg('sulfur.need') }, [
    cell('now', ph),
    cell('then', target),
  ]);
  return ctx.sheet.derive('convert', entry, [need], (q) => table.toRate(q));
}
