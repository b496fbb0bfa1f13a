import type { Figure } from '../../kernel/working/working';

/** Less than this is nothing that hands could measure, lb/1000 ft². Common practice. */
const LEAST_RATE = 0.01;

/** Whether something is needed; nobody's need is met by guessing. */
export function isNeeded(need: Figure): boolean {
  return !('absent' in need) && need.value.value >= LEAST_RATE;
}
