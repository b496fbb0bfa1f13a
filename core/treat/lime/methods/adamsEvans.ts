import { ADAMS_EVANS } from '../../../tables/lime/adamsEvans';
import { FURROW_SLICE_IN } from '../../../tables/ground/measuring';
import { msg, type Msg } from '../../../kernel/messages/msg';
import type { Basis } from '../basis';
import type { RequirementMethod } from '../method';
import { bufferOf } from '../../../site/report/buffers';
import { ADAMS_EVANS_LIME } from '../../../equations/lime/adamsEvans';

const { start, asLimestone, lowestBuffer, lowestPh } = ADAMS_EVANS;
/** The factor stands for limestone of which so much is effective, %. */
const AS_SOLD: Basis = { kind: 'asSold', effective: 100 / asLimestone, source: 'adams-evans' };
/** From here up no site is acid, so that there is no share to work out. */
const HIGHEST_PH = ADAMS_EVANS.curve.intercept;

function whyNot(buffer: number, ph: number): Msg | undefined {
  if (buffer < lowestBuffer) return msg('absent.bufferOutside', { min: lowestBuffer });
  if (buffer >= start) return msg('absent.bufferUnresolvable', { top: start });
  if (ph >= HIGHEST_PH) return msg('absent.phFrom', { max: HIGHEST_PH });
  return ph < lowestPh ? msg('absent.phBelow', { min: lowestPh }) : undefined;
}

/**
 * Lime by the Adams–Evans buffer (also read off the Moore–Sikora buffer, which imitates it), for soils of low CEC.
 * Domain: buffer pH 7.0 to under 8.0, water pH from 4.5. Its factor of 1.5 already stands for limestone as sold.
 */
export const ADAMS_EVANS_BUFFER: RequirementMethod = {
  id: 'adams-evans',
  source: 'adams-evans',
  standing: 'recalled',
  soils: 'mineral',
  basis: AS_SOLD,
  depthIn: FURROW_SLICE_IN,
  reads: 'ph-adams-evans',
  compute: (ctx, prefix, { readings, target }) => {
    const { waterPh } = readings;
    const buffer = bufferOf(readings, 'ph-adams-evans');
    const entry = { id: `${prefix}/limestone`, label: msg('lime.adamsEvansLimestone') };
    if (!buffer || 'absent' in buffer) {
      return ctx.sheet.absent(entry, buffer?.absent ?? msg('absent.noBuffer'));
    }
    if ('absent' in waterPh) return ctx.sheet.absent(entry, waterPh.absent, [waterPh.id]);
    const refused = whyNot(buffer.value.value, waterPh.range?.high ?? waterPh.value.value);
    if (refused) return ctx.sheet.absent(entry, refused, [buffer.id, waterPh.id]);
    const pure = ctx.sheet.equation(
      {
        id: `${prefix}/pure`,
        label: msg('lime.adamsEvans'),
        source: 'adams-evans',
        standing: 'recalled',
      },
      ADAMS_EVANS_LIME,
      [buffer, waterPh, target],
    );
    const factor = ctx.constant(
      { id: `${prefix}/factor`, label: msg('lime.adamsEvansFactor'), source: 'adams-evans' },
      asLimestone,
      'ratio',
      'share',
    );
    return ctx.sheet.multiply(
      { ...entry, source: 'adams-evans' },
      [pure, factor],
      'lb/acre',
      'limestone',
    );
  },
};
