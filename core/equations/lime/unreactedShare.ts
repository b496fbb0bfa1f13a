import type { Equation } from '../../kernel/working/equation';
import { DAYS_PER_MONTH, UNREACTED_LOSS_PER_MONTH } from '../../tables/lime/residual';
import { quantity, type Quantity } from '../../kernel/units/quantity';

/**
 * Share of a lime dressing that had not reacted when the soil was sampled: all of what came after
 * the sample, otherwise 8 points less for each month before it (North Carolina, Circular No. 1).
 */
export const UNREACTED_SHARE: Equation<
  readonly [daysBeforeSample: Quantity<'days', 'time'>],
  Quantity<'ratio', 'share'>
> = {
  id: 'unreacted-share',
  compute: ({ value }) => {
    const lost = (UNREACTED_LOSS_PER_MONTH * value) / DAYS_PER_MONTH;
    return quantity(value <= 0 ? 1 : Math.max(0, 1 - lost), 'ratio', 'share');
  },
};
