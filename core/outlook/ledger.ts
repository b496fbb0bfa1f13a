import type { Area } from '../casefile/parts/area';
import { NUTRIENTS } from '../catalog/nutrients';
import type { Plant } from '../catalog/plants/plants';
import { msg, type Msg } from '../kernel/messages/msg';
import type { Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { valueOf, type Figure } from '../kernel/working/working';
import { cropRemoval } from '../reading/cropRemoval';
import type { Allowed } from '../site/localRules';
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

/** What the years of a ledger are held against, lb/1000 ft². */
export interface LedgerAgainst {
  /** What a year carries off; nothing where all of it stays. */
  readonly carriedOff: { readonly P2O5: Rate; readonly K2O: Rate } | undefined;
  /** The most nitrogen of a year by a local rule, and the years that had more. */
  readonly mostN:
    { readonly label: Msg; readonly rate: Rate; readonly passedIn: readonly string[] } | undefined;
}

interface AgainstInput {
  readonly area: Area;
  readonly plant: Plant;
  readonly allowed: Allowed;
  readonly ledger: Ledger;
}

/** What a load of compost or manure brings that is on the ground; all of its nitrogen comes slowly. */
function partsOfLoad({ on, when, holds }: LoadRead): Part[] {
  if (!on || when === 'to-come') return [];
  const year = on.slice(0, 4);
  return [
    ...NUTRIENTS.map((column): Part => ({ year, column, rate: holds[column] })),
    { year, column: 'slowN', rate: holds.N },
    { year, column: 'organicN', rate: holds.N },
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

/** A year passes a limit by more than this, lb/1000 ft²: less is what rounding in hands leaves. */
const PASSED = 0.05;

/** Sets what the crops of a year carry off, and what a local rule allows, beside the years. */
export function ledgerAgainst(
  ctx: PlanContext,
  { area, plant, allowed, ledger }: AgainstInput,
): LedgerAgainst {
  if (ledger.length === 0) return { carriedOff: undefined, mostN: undefined };
  const at = `${area.id}/ledger`;
  const off = <S extends 'P2O5' | 'K2O'>(nutrient: S) =>
    cropRemoval(ctx, { area, plant }, `${at}/carried-off/${nutrient}`, nutrient);
  const carriedOff = { P2O5: off('P2O5'), K2O: off('K2O') };
  const stays = [valueOf(carriedOff.P2O5), valueOf(carriedOff.K2O)].every(
    (each) => each?.value === 0,
  );
  const { yearN } = allowed;
  const most = yearN?.value ?? Infinity;
  const passedIn = ledger.flatMap(({ year, sums }) =>
    ((sums.N && valueOf(sums.N)?.value) ?? 0) > most + PASSED ? [year] : [],
  );
  const label = yearN && msg('ledger.ruled', { rule: yearN.rule.name || msg('rule.n-year') });
  return {
    carriedOff: stays ? undefined : carriedOff,
    mostN: label && {
      label,
      rate: ctx.constant(
        { id: `${at}/most/N`, label, source: 'local-rule' },
        most,
        'lb/1000ft2',
        'N',
      ),
      passedIn,
    },
  };
}
