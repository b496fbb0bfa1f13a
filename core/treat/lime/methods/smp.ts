import { SMP_DEPTH_IN, SMP_RESOLVES_TO, SMP_ROWS, SMP_TARGETS } from '../../../tables/lime/smp';
import type { Quantity } from '../../../kernel/units/quantity';
import type { PlanContext } from '../../../kernel/working/context';
import { msg, type Msg } from '../../../kernel/messages/msg';
import type { Figure } from '../../../kernel/working/working';
import { agriculturalLimestone } from '../basis';
import type { MethodInput, RequirementMethod } from '../method';
import { smpLike } from '../../../site/report/buffers';
import { cell, onRows, type Column } from './rows';

type Tons = Quantity<'ton/acre', 'limestone'>;

const LOWEST_BUFFER = Math.min(...SMP_ROWS.map(([buffer]) => buffer));

/**
 * The column for a target: its own or the next higher one, as the table's users do. A target under the
 * first column has none: that column would lime well past it.
 */
function columnFor(target: number): Column<'ton/acre'> | undefined {
  if (target < Math.min(...SMP_TARGETS) - 1e-9) return undefined;
  const index = SMP_TARGETS.findIndex((column) => column >= target - 1e-9);
  const heading = SMP_TARGETS[index];
  if (heading === undefined) return undefined;
  return {
    rows: SMP_ROWS,
    at: index + 1,
    table: 'smp',
    name: heading.toFixed(1),
    unit: 'ton/acre',
    source: 'ncr-221',
    label: (row) => msg('lime.smpCell', { row, column: heading }),
  };
}

function whyNot(bufferPh: number): Msg | undefined {
  if (bufferPh > SMP_RESOLVES_TO) return msg('absent.bufferUnresolvable', { top: SMP_RESOLVES_TO });
  if (bufferPh < LOWEST_BUFFER) return msg('absent.bufferOutside', { min: LOWEST_BUFFER });
  return undefined;
}

/**
 * Tons/acre at 8 in. from the SMP table: the cell, or the line between two rows.
 * Domain: buffer pH 4.8 to 6.8, targets 6.0 to 7.0.
 * @param buffer of SMP, or of a buffer that imitates it
 */
export function smpRequirement<S extends 'SMP' | 'Sikora'>(
  ctx: PlanContext,
  prefix: string,
  buffer: Figure<Quantity<'pH', S>>,
  target: MethodInput['target'],
): Figure<Tons> {
  const entry = { id: `${prefix}/table`, label: msg('lime.smpTable') };
  if ('absent' in buffer) return ctx.sheet.absent(entry, msg('absent.noBuffer'), [buffer.id]);
  if ('absent' in target) return ctx.sheet.absent(entry, target.absent, [target.id]);
  const column = columnFor(target.value.value);
  const refused = column
    ? whyNot(buffer.value.value)
    : msg('absent.targetOutside', { min: Math.min(...SMP_TARGETS), max: Math.max(...SMP_TARGETS) });
  if (refused || !column) {
    return ctx.sheet.absent(entry, refused ?? msg('absent.noTarget'), [buffer.id, target.id]);
  }
  return onRows(ctx, prefix, column, buffer);
}

/** The first row of the table: the most that a fallback may ask for where the buffer is silent. */
export function smpTopRow(
  ctx: PlanContext,
  id: string,
  { target, readings }: MethodInput,
): Figure<Tons> {
  const column = 'absent' in target ? undefined : columnFor(target.value.value);
  if (!column) {
    return ctx.sheet.absent({ id, label: msg('lime.smpTable') }, msg('absent.noTarget'));
  }
  return cell(ctx, id, column, SMP_ROWS[0], smpLike(readings));
}

export const SMP: RequirementMethod = {
  id: 'smp',
  source: 'ncr-221',
  standing: 'recalled',
  soils: 'mineral',
  basis: agriculturalLimestone('ncr-221'),
  depthIn: SMP_DEPTH_IN,
  targets: SMP_TARGETS,
  compute: (ctx, prefix, { readings, target }) =>
    smpRequirement(ctx, prefix, readings.bufferPh, target),
};
