import type { Quantity } from '../kernel/units/quantity';
import { msg } from '../kernel/messages/msg';
import type { PlanContext } from '../kernel/working/context';
import { valueOf, type Figure } from '../kernel/working/working';
import { LEACHING } from '../tables/soil/leaching';
import type { JudgedArea } from './input';

/**
 * Water that brings the salts of a saturated paste down to what the most sensitive plant of the ground bears, inches; by
 * another method, whose figures stand on no plant's scale, what takes half of them away.
 */
export function leachingWater(
  ctx: PlanContext,
  { area, plant, readings }: JudgedArea,
): Figure<Quantity<'in', 'water'>> | undefined {
  const { ec } = readings.others;
  const salts = ec && valueOf(ec)?.value;
  if (!ec || salts === undefined) return undefined;
  const paste = readings.methods.ec === 'saturated-paste';
  const wanted = paste ? plant.saltAt / salts : 1;
  const step = LEACHING.find(({ stays }) => stays <= wanted) ?? LEACHING[LEACHING.length - 1];
  if (!step) return undefined;
  const entry = { id: `${area.id}/leaching`, label: msg('judge.leaching') };
  return ctx.constant({ ...entry, source: 'practice' }, step.inches, 'in', 'water');
}
