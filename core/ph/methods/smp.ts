import { TABLE_LIMESTONE_CCE, TABLE_LIMESTONE_ECCE } from '../../tables/limeQuality';
import { SMP_DEPTH_IN, SMP_ROWS, SMP_TARGETS } from '../../tables/smp';
import { quantity, type Quantity } from '../../units/quantity';
import type { PlanContext } from '../../working/context';
import { msg, type Msg } from '../../working/msg';
import type { Figure } from '../../working/working';
import type { MethodInput, RequirementMethod } from '../method';

type Tons = Quantity<'ton/acre', 'limestone'>;

const [TOP] = SMP_ROWS as [readonly [number, number, number, number]];
const [LAST_BUFFER] = SMP_ROWS[SMP_ROWS.length - 1] ?? TOP;

/** A buffer above the table's first row has not moved enough to be told apart from none. */
export const SMP_RESOLVES_TO = TOP[0];

/**
 * The column for a target: its own or the next higher one, as the table's users do.
 * @example smpColumn(6.2) // 1, the column to 6.5
 */
function smpColumn(target: number): number {
  return SMP_TARGETS.findIndex((column) => column >= target - 1e-9);
}

function whyNot(bufferPh: number, target: number): Msg | undefined {
  if (smpColumn(target) < 0) return msg('absent.targetOutside', { max: SMP_TARGETS[2] });
  if (bufferPh > SMP_RESOLVES_TO) return msg('absent.bufferUnresolvable', { top: SMP_RESOLVES_TO });
  if (bufferPh < LAST_BUFFER) return msg('absent.bufferOutside', { min: LAST_BUFFER });
  return undefined;
}

function cell(
  ctx: PlanContext,
  id: string,
  row: number,
  column: number,
  buffer: Figure<Quantity<'pH', 'SMP'>>,
): Figure<Tons> {
  const values = SMP_ROWS[row] ?? TOP;
  const target = SMP_TARGETS[column] ?? SMP_TARGETS[0];
  return ctx.sheet.derive(
    'lookup',
    {
      id,
      label: msg('lime.smpCell', { row: values[0], column: target }),
      source: 'ncr-221',
      standing: 'recalled',
      detail: { table: 'smp', row: values[0], column: target.toFixed(1) },
    },
    [buffer],
    (_buffer) => quantity(values[column + 1] ?? 0, 'ton/acre', 'limestone'),
  );
}

/**
 * Tons/acre at 8 in. from the SMP table: the cell, or the line between two rows.
 * Domain: buffer pH 4.8 to 6.8, targets up to 7.0.
 */
function smpRequirement(
  ctx: PlanContext,
  prefix: string,
  { readings, target }: MethodInput,
): Figure<Tons> {
  const buffer = readings.bufferPh;
  const entry = { id: `${prefix}/table`, label: msg('lime.smpTable') };
  if ('absent' in buffer) return ctx.sheet.absent(entry, msg('absent.noBuffer'), [buffer.id]);
  if ('absent' in target) return ctx.sheet.absent(entry, target.absent, [target.id]);
  const bufferPh = buffer.value.value;
  const refused = whyNot(bufferPh, target.value.value);
  if (refused) return ctx.sheet.absent(entry, refused, [buffer.id, target.id]);
  const column = smpColumn(target.value.value);
  const below = SMP_ROWS.findIndex(([row]) => row <= bufferPh + 1e-9);
  const lower = SMP_ROWS[below] ?? TOP;
  if (Math.abs(lower[0] - bufferPh) < 1e-9) return cell(ctx, entry.id, below, column, buffer);
  const upper = SMP_ROWS[below - 1] ?? TOP;
  const high = cell(ctx, `${prefix}/row-above`, below - 1, column, buffer);
  const low = cell(ctx, `${prefix}/row-below`, below, column, buffer);
  return ctx.sheet.derive(
    'interpolate',
    { ...entry, label: msg('lime.betweenRows', { upper: upper[0], lower: lower[0] }) },
    [buffer, high, low],
    (b, h, l) => {
      const way = (upper[0] - b.value) / (upper[0] - lower[0]);
      return quantity(h.value + way * (l.value - h.value), 'ton/acre', 'limestone');
    },
  );
}

/** The first row of the table: the most that a fallback may ask for where the buffer is silent. */
export function smpTopRow(ctx: PlanContext, id: string, input: MethodInput): Figure<Tons> {
  const { target, readings } = input;
  const column = 'absent' in target ? -1 : smpColumn(target.value.value);
  if (column < 0) {
    return ctx.sheet.absent({ id, label: msg('lime.smpTable') }, msg('absent.noTarget'));
  }
  return cell(ctx, id, 0, column, readings.bufferPh);
}

export const SMP: RequirementMethod = {
  id: 'smp',
  source: 'ncr-221',
  standing: 'recalled',
  soils: 'mineral',
  basis: {
    kind: 'limestone',
    cce: TABLE_LIMESTONE_CCE,
    ecce: TABLE_LIMESTONE_ECCE,
    source: 'ncr-221',
  },
  depthIn: SMP_DEPTH_IN,
  compute: smpRequirement,
};
