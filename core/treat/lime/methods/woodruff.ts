import { FURROW_SLICE_IN } from '../../../tables/ground/measuring';
import { msg } from '../../../kernel/messages/msg';
import { UNSTATED } from '../basis';
import type { RequirementMethod } from '../method';
import { bufferOf } from '../../../site/report/buffers';

/**
 * The Woodruff buffer is read with the pH in salt by coefficients that nobody here remembers safely: the laboratory
 * prints its lime, and that is to be followed.
 */
export const WOODRUFF_BUFFER: RequirementMethod = {
  id: 'woodruff',
  source: 'buffers',
  standing: 'recalled',
  soils: 'mineral',
  basis: UNSTATED,
  depthIn: FURROW_SLICE_IN,
  reads: 'ph-woodruff',
  compute: (ctx, prefix, { readings }) => {
    const buffer = bufferOf(readings, 'ph-woodruff');
    const entry = { id: `${prefix}/limestone`, label: msg('method.woodruff') };
    return ctx.sheet.absent(entry, msg('absent.noEquation'), buffer ? [buffer.id] : []);
  },
};
