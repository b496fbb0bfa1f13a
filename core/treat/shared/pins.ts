import { pinKey } from '../../casefile/parts/pin';
import type { AreaSlice } from '../../casefile/slice';
import { own } from '../../kernel/typed/own';
import type { IsoDate } from '../../kernel/typed/date';
import type { PlanContext } from '../../kernel/working/context';

/** The days that the advisor set for the applications of a request, in their order; nothing where a day is free. */
export function pinsOf(
  ctx: PlanContext,
  { pins }: AreaSlice,
  requestId: string,
  count: number,
): (IsoDate | undefined)[] {
  return Array.from({ length: count }, (_none, at) => {
    const key = pinKey(`${requestId}/${at + 1}`);
    const pin = own(pins, key);
    return pin && ctx.date(`pins/${key}/on`, pin.on);
  });
}
