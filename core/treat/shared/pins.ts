import { pinKey } from '../../casefile/parts/pin';
import type { AreaSlice } from '../../casefile/slice';
import { keptOf } from '../../site/diary';
import { own } from '../../kernel/typed/own';
import type { IsoDate } from '../../kernel/typed/date';
import type { PlanContext } from '../../kernel/working/context';

/**
 * The days that the applications of a request were done on, or that the advisor set for them, in their order; nothing where a day is
 * free.
 */
export function pinsOf(
  ctx: PlanContext,
  file: AreaSlice,
  requestId: string,
  count: number,
): (IsoDate | undefined)[] {
  return Array.from({ length: count }, (_none, at) => {
    const application = `${requestId}/${at + 1}`;
    const done = keptOf(file, application)?.on;
    if (done) return done;
    const key = pinKey(application);
    const pin = own(file.pins, key);
    return pin && ctx.date(`pins/${key}/on`, pin.on);
  });
}
