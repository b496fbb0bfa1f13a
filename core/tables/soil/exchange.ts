/** Below it, meq/100 g, a soil holds little: nitrogen and potash are split in two. Common practice. */
export const SPLIT_BELOW_CEC = 10;
/** Above it, meq/100 g, a soil is clay or full of humus. Common practice. */
export const HEAVY_ABOVE_CEC = 25;
