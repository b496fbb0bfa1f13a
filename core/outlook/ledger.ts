import { NUTRIENTS } from '../catalog/nutrients';
import { msg } from '../kernel/messages/msg';
import type { Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import type { Figure } from '../kernel/working/working';
import type { LoadRead } from '../site/loads';
import {
  LEDGER_COLUMNS,
  SUBSTANCE_OF,
  type LedgerColumn,
  type Part,
  type RecordPart,
} from '../site/records';

type Rate = Figure<Quantity<'lb/1000ft2'>>;

/** What went on a piece of ground in a calendar year, lb/1000 ft²; nothing of what no record brings. */
interface LedgerYear {
  readonly year: string;
  readonly sums: { readonly [Column in LedgerColumn]?: Rate };
}

/** What a piece of ground was given, year by year, the oldest first. */
export type Ledger = readonly LedgerYear[];

/** What a load of compost or manure brings that is on the ground; all of its nitrogen comes slowly. */
function partsOfLoad({ on, when, holds }: LoadRead): Part[] {
  if (!on || when === 'to-come') return [];
  const year = on.slice(0, 4);
  return [
    ...NUTRIENTS.map((column): Part => ({ year, column, rate: holds[column] })),
    { year, column: 'slowN', rate: holds.N },
  ];
}

/**
 * What went on a piece of ground in each calendar year, by the diary and what was told of before: each record by its rate and what its
 * product holds, with the loads of compost that are on. What cannot be read is not counted.
 */
export function ledgerOf(
  ctx: PlanContext,
  areaId: string,
  records: readonly RecordPart[],
  loads: readonly LoadRead[],
): Ledger {
  const parts = [...records, ...loads.flatMap(partsOfLoad)].filter(
    ({ rate }) => !('absent' in rate),
  );
  const years = [...new Set(parts.map(({ year }) => year))].sort();
  return years.map((year): LedgerYear => {
    const sums = LEDGER_COLUMNS.flatMap((column) => {
      const rates = parts
        .filter((part) => part.year === year && part.column === column)
        .map(({ rate }) => rate);
      if (rates.length === 0) return [];
      const entry = { id: `${areaId}/ledger/${year}/${column}`, label: msg(`ledger.${column}`) };
      return [[column, ctx.sheet.add(entry, rates, 'lb/1000ft2', SUBSTANCE_OF[column])] as const];
    });
    return { year, sums: Object.fromEntries(sums) };
  });
}
