import { TRI_STATE_DEPTH_IN, TRI_STATE_ORGANIC } from '../../../tables/lime/triState';
import { msg } from '../../../kernel/messages/msg';
import { agriculturalLimestone } from '../basis';
import type { RequirementMethod } from '../method';
import { TRI_STATE_ORGANIC_LINE } from '../../../equations/lime/triState';

/** Organic soils by their own pH, to about 5.3 whatever the plant: more would lock up micronutrients. */
export const TRI_STATE_ORGANIC_SOIL: RequirementMethod = {
  id: 'tri-state-organic',
  source: 'e-2567',
  standing: 'recalled',
  soils: 'organic',
  basis: agriculturalLimestone('e-2567'),
  depthIn: TRI_STATE_DEPTH_IN,
  compute: (ctx, prefix, { readings: { waterPh } }) => {
    const { intercept, slope, min, max } = TRI_STATE_ORGANIC;
    const entry = { id: `${prefix}/line`, label: msg('lime.organicLine', { intercept, slope }) };
    if ('absent' in waterPh) return ctx.sheet.absent(entry, waterPh.absent, [waterPh.id]);
    const ph = waterPh.value.value;
    if (ph < min || ph > max) {
      return ctx.sheet.absent(entry, msg('absent.organicOutside', { min, max }), [waterPh.id]);
    }
    return ctx.sheet.equation(
      { ...entry, source: 'e-2567', standing: 'recalled' },
      TRI_STATE_ORGANIC_LINE,
      [waterPh],
    );
  },
};
