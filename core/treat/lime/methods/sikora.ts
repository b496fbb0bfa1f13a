import { SMP_DEPTH_IN, SMP_TARGETS } from '../../../tables/lime/smp';
import { msg } from '../../../kernel/messages/msg';
import { agriculturalLimestone } from '../basis';
import type { RequirementMethod } from '../method';
import { bufferOf, isHalfStrength } from '../../../site/report/buffers';
import { smpRequirement } from './smp';

/**
 * The Sikora buffer was made to end where SMP does, and is read by SMP's table. The one of half strength has
 * tables of its own, which nobody here remembers safely. Domain: as SMP.
 */
export const SIKORA: RequirementMethod = {
  id: 'sikora',
  source: 'sikora',
  standing: 'recalled',
  soils: 'mineral',
  basis: agriculturalLimestone('ncr-221'),
  depthIn: SMP_DEPTH_IN,
  reads: 'ph-sikora',
  targets: SMP_TARGETS,
  compute: (ctx, prefix, { readings, target }) => {
    const buffer = bufferOf(readings, 'ph-sikora');
    const entry = { id: `${prefix}/refused`, label: msg('method.sikora') };
    if (!buffer || 'absent' in buffer) {
      return ctx.sheet.absent(entry, buffer?.absent ?? msg('absent.noBuffer'));
    }
    if (isHalfStrength(readings)) {
      return ctx.sheet.absent(entry, msg('absent.noEquation'), [buffer.id]);
    }
    return smpRequirement(ctx, prefix, buffer, target);
  },
};
