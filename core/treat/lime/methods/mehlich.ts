import { MEHLICH_1976 } from '../../../tables/lime/mehlich1976';
import { msg, type Msg } from '../../../kernel/messages/msg';
import { UNSTATED } from '../basis';
import type { RequirementMethod } from '../method';
import { bufferOf } from '../../../site/report/buffers';
import { MEHLICH_LIME } from '../../../equations/lime/mehlich1976';

const { start, depthIn } = MEHLICH_1976;

function whyNot(form: string, buffer: number, ph: number, target: number): Msg | undefined {
  if (form === '') return msg('absent.whichMehlich');
  if (form !== '1976') return msg('absent.noEquation');
  if (buffer >= start) return msg('absent.bufferUnresolvable', { top: start });
  if (ph >= start || target > start) return msg('absent.phFrom', { max: start });
  return undefined;
}

/**
 * Lime by the Mehlich buffer of 1976 in North Carolina's form. Of the modified buffer nobody here remembers an
 * equation safely: its laboratories print their own lime. Domain: soil and target below pH 6.6.
 */
export const MEHLICH_BUFFER: RequirementMethod = {
  id: 'mehlich',
  source: 'mehlich-1976',
  standing: 'recalled',
  soils: 'mineral',
  basis: UNSTATED,
  depthIn,
  reads: 'ph-mehlich',
  compute: (ctx, prefix, { readings, target }) => {
    const { waterPh, methods } = readings;
    const buffer = bufferOf(readings, 'ph-mehlich');
    const entry = { id: `${prefix}/limestone`, label: msg('lime.mehlich') };
    if (!buffer || 'absent' in buffer) {
      return ctx.sheet.absent(entry, buffer?.absent ?? msg('absent.noBuffer'));
    }
    if ('absent' in waterPh) return ctx.sheet.absent(entry, waterPh.absent, [waterPh.id]);
    if ('absent' in target) return ctx.sheet.absent(entry, target.absent, [target.id]);
    const form = methods['ph-mehlich'] ?? '';
    const refused = whyNot(form, buffer.value.value, waterPh.value.value, target.value.value);
    if (refused) return ctx.sheet.absent(entry, refused, [buffer.id, waterPh.id, target.id]);
    return ctx.sheet.equation(
      { ...entry, source: 'mehlich-1976', standing: 'recalled' },
      MEHLICH_LIME,
      [buffer, waterPh, target],
    );
  },
};
