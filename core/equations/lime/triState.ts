import type { Equation } from '../../kernel/working/equation';
import { LTI_PER_PH, TRI_STATE_ORGANIC, type TRI_STATE_LINES } from '../../tables/lime/triState';
import { quantity, type Quantity } from '../../kernel/units/quantity';

type Tons = Quantity<'ton/acre', 'limestone'>;

/** `intercept − slope × LTI` for a target, with LTI = 10 × buffer pH (E-2567). */
export function triState({
  target,
  intercept,
  slope,
}: (typeof TRI_STATE_LINES)[number]): Equation<readonly [buffer: Quantity<'pH'>], Tons> {
  return {
    id: `tri-state-${target.toFixed(1)}`,
    compute: ({ value }) =>
      quantity(intercept - slope * LTI_PER_PH * value, 'ton/acre', 'limestone'),
  };
}

/** Organic soils by their own pH (E-2567). */
export const TRI_STATE_ORGANIC_LINE: Equation<readonly [Quantity<'pH', 'water'>], Tons> = {
  id: 'tri-state-organic',
  compute: ({ value }) => {
    const { intercept, slope } = TRI_STATE_ORGANIC;
    return quantity(intercept - slope * value, 'ton/acre', 'limestone');
  },
};
