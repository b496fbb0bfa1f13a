/**
 * Lime spread before the sample was taken goes on working: on mineral soils the share that has not
 * yet reacted falls by 8 points a month. North Carolina, Circular No. 1 (residual credit).
 * Standing: recalled.
 */
export const UNREACTED_LOSS_PER_MONTH = 0.08;

/** Days in a mean month (365.25 ÷ 12), to turn days into months. */
export const DAYS_PER_MONTH = 30.4375;
