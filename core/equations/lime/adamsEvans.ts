import type { Equation } from '../../kernel/working/equation';
import { acidShare, ADAMS_EVANS } from '../../tables/lime/adamsEvans';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type WaterPh = Quantity<'pH', 'water'>;

/** The acid that the buffer finds, times the part of it between the two pH on the curve of Adams & Evans (1962). */
export const ADAMS_EVANS_LIME: Equation<
  readonly [buffer: Quantity<'pH'>, now: WaterPh, target: WaterPh],
  Quantity<'lb/acre', 'limestone'>
> = {
  id: 'adams-evans',
  compute: (buffer, now, target) => {
    const { start, acidityPerPh, poundsPerMeq } = ADAMS_EVANS;
    const acid = acidShare(now.value);
    const acidity = acidityPerPh * (start - buffer.value);
    const share = Math.max(0, acid - acidShare(target.value)) / acid;
    return quantity(poundsPerMeq * acidity * share, 'lb/acre', 'limestone');
  },
};

/** Acid that more of the exchange sites take up from one pH down to another, as limestone. An estimate. */
export const ACID_BY_CEC: Equation<
  readonly [now: WaterPh, target: WaterPh, cec: Quantity<'meq/100g', 'CEC'>],
  Quantity<'lb/acre', 'CaCO3'>
> = {
  id: 'sulfur-cec',
  compute: (now, target, cec) => {
    const more = Math.max(0, acidShare(target.value) - acidShare(now.value));
    return quantity(more * cec.value * ADAMS_EVANS.poundsPerMeq, 'lb/acre', 'CaCO3');
  },
};
